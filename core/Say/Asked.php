<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** Whether what is named is only asked for: "is there a crack", and not "is that a crack, yes it is". */
final readonly class Asked
{
    /** A question is about what comes within so many words. */
    private const WORDS = 8;
    /** "Is that, there's": so many words of a question are no answer. */
    private const ASKED_WORDS = 1;
    /** What is shown stands so many words before a name. */
    private const SHOWN_WORDS = 4;

    public function __construct(private Sentence $sentence, private Measures $measures)
    {
    }

    public function is(Mention $mention): bool
    {
        if ($this->sentence->has('points', $this->sentence->first, $mention->last)) {
            return false;
        }
        foreach ($this->sentence->marks('question') as $begin => $end) {
            // "the crack at forty is there, and …" asks for nothing.
            $isNear = !$this->sentence->is('and', $end + 1)
                && $mention->first - $end <= self::WORDS && !$this->measures->hasPlace($end, $mention->first);
            if ($begin < $mention->first && $isNear && !$this->isAnswered($mention, $end) && !$this->isOfOther($end, $mention)
                && !(new OwnPlace($this->sentence, $this->measures))->isToldSince($end, $mention)) {
                return true;
            }
        }

        return $this->sentence->isAsked() && $this->sentence->is('ask_first', $this->sentence->first);
    }

    /** "how deep is the break, a hole at thirty": that is asked of what is named first. */
    private function isOfOther(int $asked, Mention $mention): bool
    {
        $first = $this->sentence->named->next($asked + 1, $mention->first - 1);
        $at = $this->sentence->begins('at', $mention->last + 1);
        $isPlaced = static fn (Place $place) => $place->first - 1 === $at;

        return null !== $first && [] !== array_filter($this->measures->places, $isPlaced)
            && !$this->sentence->isAny('or', $first, $mention->first) && !$this->sentence->isAny('joins', $first, $mention->first);
    }

    /** Whether who asks knows, or somebody answers. */
    private function isAnswered(Mention $mention, int $asked): bool
    {
        $sentence = $this->sentence;

        // "is that a wye, yeah, that's a wye at 24": that is the one.
        $again = $sentence->named->next($mention->last + 1, $mention->last + self::WORDS);
        if (null !== $again && null !== $sentence->begins('affirms', $mention->last + 1)
            && $sentence->atomAt($again)?->meaning === $mention->kind?->value) {
            return false;
        }

        // "what is that, looks like a rebar", "is that a wipe, yeah, it's a wipe"
        return $sentence->has(['likely', 'taken_back'], $asked + 1, $mention->first - 1)
            || $sentence->has('describes', $asked + 1, $mention->first)
            // "is that a crack, yeah, that's a crack"
            || $sentence->isAfter('they_are', $mention->first) && null !== $sentence->named->next($asked, $mention->first - 1)
            // "is that a crack, yes it is"
            || null !== $sentence->begins('affirms', $mention->last + 1)
            // "is there something there, yeah, there's a crack"
            || $sentence->isShownSince($asked + self::ASKED_WORDS, $mention->first, self::SHOWN_WORDS);
    }
}
