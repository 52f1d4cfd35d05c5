<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Kind;

/** Whether what is said of water is of the low spot that has begun. */
final readonly class OfLow
{
    /** What has begun is not longer, in metres. */
    public const LONGEST_M = 15.0;
    /** "The water starts here": so many words before its name. */
    private const START_WORDS = 3;
    /** "Here's a real long belly": so many words before it. */
    private const SHOWN_WORDS = 3;

    public function __construct(private Entry $low, private Sentence $sentence)
    {
    }

    public function is(Mention $mention): bool
    {
        if (Kind::LowSpot !== $mention->kind) {
            // "I'm in water at sixty … I can't see": because of the water.
            $into = ($mention->place->from ?? $this->low->fromM) - $this->low->fromM;

            return Kind::SightLimited === $mention->kind && null !== $this->low->fromM && $into >= 0 && $into < self::LONGEST_M;
        }
        // "a belly, and it goes down into another one", "a belly, and we keep going, and there's a belly"
        $isOther = $mention->isOther || $this->sentence->has('move', $this->sentence->first, $mention->first)
            && [] !== $this->sentence->introsOf($mention->first, self::SHOWN_WORDS);
        if ($isOther && null === $this->low->fromM && null === $mention->place) {
            return false;
        }
        // "there's a belly under the drive … it holds water from 16 to 22"
        if (!$this->low->isPlacedItself() && null !== $mention->place) {
            return true;
        }
        $part = $this->sentence->part($mention->first);
        // "this is where we lose the grade, so the water starts right here and by 23 it's half full"
        // … and not "at 22 it starts to hold water, and it stays that way till 29"
        $isPlaced = null !== $mention->place && $mention->place->first >= $part[0] && $mention->place->first <= $part[1];
        $isStart = $this->sentence->has('starts', max($part[0], $mention->first - self::START_WORDS), $part[1]);
        if ($isPlaced && $isStart) {
            return false;
        }
        // "here's a belly, the camera's going under": that is another one, too.
        $isShown = [] !== $this->sentence->introsOf($mention->first, self::SHOWN_WORDS);
        $isWater = $mention->isWater() || isset($mention->facts['lens_under']) && !$isShown;
        $into = null === $mention->place ? 0.0 : $mention->place->from - ($this->low->fromM ?? 0.0);
        // "from 40 to 45 there's water": another one.
        $isWhole = null !== $mention->place?->to && $this->sentence->isAfter('from', $mention->place->first);

        return null === $mention->place || $isWater && !$isWhole && $into > 0 && $into < self::LONGEST_M;
    }

    /**
     * "thirty feet is a belly, it comes out of it at 38".
     *
     * @param list<Mention> $mentions
     */
    public function isAnotherBefore(int $word, array $mentions): bool
    {
        foreach ($mentions as $mention) {
            // "57 feet, it's out of the dip" names no other one.
            $isLow = Kind::LowSpot === $mention->kind && null !== $mention->place && $mention->place->first < $word
                && !$this->sentence->isInside('ends', $mention->first);
            if ($isLow && $mention->place->from > $this->low->fromM && !$this->is($mention)) {
                return true;
            }
        }

        return false;
    }
}
