<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Family;

/** Whether what is named is only what somebody does something about, and shown nowhere: "root killer works on fine roots". */
final readonly class Handled
{
    /** "A little bit of the big": so many words may stand between what is done and the name. */
    private const BETWEEN_WORDS = 4;
    /** "The root ball", and not "the pipe is broken": of so few words. */
    private const NAME_WORDS = 2;
    /** "… the break at thirty", "… the roots here": so many words behind the name it is told where. */
    private const WHERE_WORDS = 5;
    /** What ends with a word that is no verb. */
    private const ENDS = ['cut', 'likely', 'intro', 'points', 'presence', 'landmark'];
    /** "Right here": so many words before "at thirty eight". */
    private const HERE_WORDS = 2;
    private const SHOWS = ['here', 'right_here', 'points'];

    public function __construct(private Sentence $sentence, private Measures $measures)
    {
    }

    public function is(Mention $mention): bool
    {
        $family = $mention->kind?->family();
        if (null === $family || Family::Way === $family || Family::Connection === $family) {
            return false;
        }

        return ($this->isTalkedOf($mention) || $this->isObject($mention) || $this->isLed($mention->first)) && !$this->isPlaced($mention);
    }

    /** Whether what stands before a name is done about it, or about what is named with it: "over the cracks and gaps". */
    private function isLed(int $name): bool
    {
        for ($last = $name - 1; $name - $last <= self::BETWEEN_WORDS; --$last) {
            if ($this->sentence->isAfter('handles', $last + 1)) {
                return true;
            }
            // "we need to cut these roots": they are seen.
            if ($this->sentence->is('at_hand', $last)) {
                return false;
            }
            if (!$this->sentence->is('qualifies', $last)) {
                break;
            }
        }
        $first = $this->sentence->is('joins', $last) ? $this->sentence->named->beginsBefore($last) : null;

        return $this->isToBeDone($last) || null !== $first && $this->isLed($first);
    }

    /** "cracks are just going to get worse", "the hole he was talking about" */
    private function isTalkedOf(Mention $mention): bool
    {
        return null !== $this->sentence->begins('handled', $mention->last + 1)
            && !$this->sentence->isAny('at_hand', $mention->first - 1, $mention->first)
            && [] === $this->sentence->introsOf($mention->first, self::BETWEEN_WORDS);
    }

    /** "to fix a belly", and not "to see a belly", "back to the belly", "next to clay roots" */
    private function isToBeDone(int $verb): bool
    {
        return $this->sentence->is('infinitive', $verb - 1) && !$this->sentence->is('seeing', $verb)
            && !$this->sentence->is('qualifies', $verb) && null === $this->sentence->amountEnd($verb)
            && !$this->sentence->named->holds($verb) && !$this->sentence->named->isMaterialBefore($verb + 1)
            && null === $this->sentence->begins('where_it_is', $verb);
    }

    /** "nobody noticed the offset", and not "and the offset", "past the house the offset is" */
    private function isObject(Mention $mention): bool
    {
        $verb = $mention->first - 2;
        $isTold = $this->sentence->is('leads', $verb) || null !== $this->sentence->amountEnd($verb) || $this->sentence->named->holds($verb)
            || $this->sentence->isComma($verb) || $this->sentence->named->isMaterialBefore($verb + 1)
            || [] !== array_filter(self::ENDS, fn (string $role) => $this->sentence->isAfter($role, $verb + 1));

        return '' === $mention->by && $mention->last - $mention->first < self::NAME_WORDS
            && $this->sentence->is('the_one', $mention->first - 1) && !$isTold && $verb >= $this->sentence->first
            && !$this->isSentence($mention);
    }

    /** "the pipe's dropped", "the offset is bad": what is said of it stands behind it, or leans on it. */
    private function isSentence(Mention $mention): bool
    {
        $next = $mention->last + 1;

        return $this->sentence->is('is', $next) || $this->sentence->is('has', $next)
            || $this->sentence->isAny('of_the_line', $mention->first, $mention->last)
            || str_contains($this->sentence->text($mention->first), "'");
    }

    /** Whether it is told where; a place before it is where somebody stands and talks: "twenty feet, that head's for roots". */
    private function isPlaced(Mention $mention): bool
    {
        $next = $mention->last + 1;
        $isIts = fn (Place $place) => $place->first >= $next && $place->first < $next + self::WHERE_WORDS
            // "nobody noticed the offset, thirty feet there's a hole", "that head's for roots, a hole at thirty"
            && !$place->isTold($this->sentence)
            && null === $this->sentence->named->next($next, $place->first)
            // "leaking pipes attract roots, and another one on the left at 24", and not "the collapse, and that's at eleven"
            && (!$this->sentence->isAny('and', $next, $place->first) || $this->sentence->has('puts', $next, $place->first));

        return [] !== array_filter($this->measures->places, $isIts) || $this->sentence->has(self::SHOWS, $next, $this->toldUntil($mention));
    }

    /**
     * The last word that may tell where it is: "half of my calls are wipes, there's a belly here", "it's always a rag, right here at
     * thirty eight we go to clay".
     */
    private function toldUntil(Mention $mention): int
    {
        $last = $mention->last + self::WHERE_WORDS;
        $others = [...array_keys($this->sentence->marks('intro')), $this->sentence->named->next($mention->last + 1, $last) ?? $last + 1];
        foreach ($this->measures->places as $place) {
            $at = $this->sentence->leadingTo('at', $place->first)[0] ?? $place->first;
            array_push($others, ...($place->isTold($this->sentence) ? [$at - self::HERE_WORDS] : []));
        }

        return min([$last + 1, ...array_filter($others, static fn (int $word) => $word > $mention->last)]) - 1;
    }
}
