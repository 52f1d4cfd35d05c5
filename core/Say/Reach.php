<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** How far the tool has come by the place that was said last and waits for a name. */
final class Reach
{
    /** A place with no more words beside it is one where the tool is. */
    private const WORDS_BESIDE = 2;

    /** "We made it to the main at sixty feet": so many words before a place. */
    private const GOT_WORDS = 6;

    private ?Entry $entry = null;
    /** Whether that was told in so many words. */
    private bool $isTold = false;

    /** @param bool $isRecording where "we're at 40 feet" is on the way to something */
    public function __construct(private readonly bool $isRecording)
    {
    }

    /** Something is there. */
    public function forget(): void
    {
        $this->entry = null;
    }

    /**
     * @param bool $isAll whether nothing else was said
     *
     * @return ?Entry where nothing was named there and it was told in so many words
     */
    public function end(bool $isAll): ?Entry
    {
        $entry = $this->isTold || $isAll ? $this->entry : null;
        $this->entry = null;

        return $entry;
    }

    /** @param Place $place at which nothing is, the last of its sentence */
    public function say(Sentence $sentence, Place $place, int $run): void
    {
        // "twenty feet looks good, we made it to the main": it is told of the main.
        $isTold = $sentence->has('got_to', $place->first - self::GOT_WORDS, $place->last);
        $isAll = $sentence->last - $sentence->first - ($place->last - $place->first) <= self::WORDS_BESIDE;
        $isDenied = $sentence->has('general') || $sentence->has('deny') || $sentence->has('gone');
        // Whoever is at the opening has come nowhere.
        if ($place->from > 0 && ($isTold || !$isDenied && ($isAll || $sentence->has('reached')))) {
            $this->isTold = $isTold || !$this->isRecording && $sentence->has('reached');
            $this->entry = new Entry(Entry::REACHED, $run, $sentence->atS($place->first), $sentence->said());
            $this->entry->placeAt($place->from, null, PlaceBy::Said);
        }
    }
}
