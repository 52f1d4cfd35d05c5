<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Kind;

/** Whether an amount of a sentence says how deep something lies, and not where along the line. */
final readonly class Depth
{
    /** Deeper no line lies that somebody reads without saying so, in metres. */
    private const DEEPEST_M = 4.0;
    /** Deeper no line lies, whoever tells it, in metres. */
    private const DEEPEST_TOLD_M = 12.0;
    /** What is less deep is water in the pipe and not ground over it, in metres; told in inches or millimetres it may be more. */
    private const DEEPEST_WATER_M = 0.3;
    private const WIDEST_M = 0.4;
    /** Nobody reads less in inches without saying that it is a depth, in metres. */
    private const LEAST_IN_INCHES_M = 0.6;
    /** "let me locate that, it's four foot": so many words behind it. */
    private const LOCATED_WORDS = 3;

    /** "The depth at the first bend is": so many words before how deep it is. */
    private const DEPTH_WORDS = 8;
    /** "A void under it that I measured with the camera": so many words before how deep it is. */
    private const HOLLOW_WORDS = 16;
    /** What the locator read is said again within so many words. */
    private const READ_AGAIN_WORDS = 6;

    /**
     * @param list<Amount> $amounts of the sentence
     * @param float $bareM in metres: one where no unit is said
     * @param ?float $carriedM the place that was said last, in metres, while it holds
     * @param bool $isLocating whether somebody said that it is being located
     */
    public function __construct(
        private Sentence $sentence, private array $amounts, private float $bareM, private ?float $carriedM,
        private bool $isLocating = false,
    ) {
    }

    public static function isOfWater(float $metres, Unit $unit): bool
    {
        return $metres < (Unit::Small === $unit ? self::WIDEST_M : self::DEEPEST_WATER_M);
    }

    public static function isOfGround(float $metres): bool
    {
        return $metres >= self::DEEPEST_WATER_M && $metres < self::DEEPEST_M;
    }

    /**
     * "it says six foot two, so we've got six foot two to the centre of the pipe": what the locator read is no place.
     *
     * @param list<Place> $places
     * @param list<Place> $depths
     *
     * @return list<Place> the places without what is said again as a depth
     */
    public static function without(array $places, array $depths): array
    {
        $isDepth = static fn (Place $place) => [] !== array_filter($depths, static fn (Place $depth) => null === $place->to
            && $depth->from === $place->from && $depth->first > $place->last && $depth->first - $place->last <= self::READ_AGAIN_WORDS);

        return array_values(array_filter($places, static fn (Place $place) => !$isDepth($place)));
    }

    /** @param int $next the word behind it */
    public function isSaid(Amount $one, int $next): bool
    {
        // "this cleanout's about three foot deep" tells nothing of the line.
        // … and "it's two feet of broken pipe" is that long.
        $of = $this->sentence->is('of', $next) ? $this->sentence->atomAt($next + 1)?->role : null;
        if ($this->sentence->isAfter('length_of', $one->first) || \in_array($of, [Atom::KIND, Atom::MATERIAL], true)
            || $this->isOfHollow($one)
            // "he's telling me forty six feet, and there's roots"
            || Unit::Large === $one->unit && $one->value > self::DEEPEST_TOLD_M && $this->sentence->isAfter('depth', $one->first)) {
            return false;
        }
        // "I'm getting a good signal right here, it says nought point six"
        $isBare = $this->isLocating && Unit::None === $one->unit && $one->value * $this->bareM < self::DEEPEST_M
            && $this->sentence->isAfter('maybe_depth', $one->first);
        if ($isBare || null !== $this->sentence->begins('deep', $next) || $this->isReading($one, $next)) {
            return true;
        }
        // "the depth at 22 feet is 3 feet 9"
        $there = $this->sentence->is('is', $next) ? $this->sentence->atomAt($next + 1)?->amount : null;
        $before = $this->sentence->is('is', $one->first - 1) ? $this->sentence->amountBefore($one->first - 1) : null;

        // "the depth at the first bend is nought point eight"
        $isDepth = $this->sentence->is('is', $one->first - 1) && null === $this->sentence->begins('at', $next)
            && $this->sentence->has('depth', $one->first - self::DEPTH_WORDS, $one->first)
            && null !== $this->sentence->named->next($one->first - self::DEPTH_WORDS, $one->first);
        // "let me locate that … at nine metres it's one point one"
        $isNext = $this->isLocating && $one->isTenths() && $this->sentence->is('subjects', $one->first - 1)
            && $one->value * $this->bareM < $this->sentence->amountBefore($one->first - 1)?->value;

        return $isDepth || $isNext
            || $this->sentence->isAfter('depth', $one->first, 2) && !\in_array($there?->unit, [Unit::Large, Unit::None], true)
            || null !== $before && $this->sentence->isAfter('depth', $before->first, 2);
    }

    /** "there's a void under it, and it's at least a foot deep": that is no depth of the line. */
    private function isOfHollow(Amount $one): bool
    {
        $isHollow = static fn (Atom $atom) => $atom->last < $one->first && $one->first - $atom->last <= self::HOLLOW_WORDS
            && (Kind::Hole->value === $atom->meaning || 'void_seen=yes' === $atom->meaning);

        return !$this->isLocating && $one->value < self::LEAST_IN_INCHES_M && [] !== array_filter($this->sentence->atoms, $isHollow);
    }

    /** "thirty feet out and four foot two down", "I'm reading four foot two at thirty feet": it is deep, beside a place that is farther. */
    private function isReading(Amount $one, int $next): bool
    {
        $isBehind = $this->isLocating || [] !== array_filter($this->amounts, static fn (Amount $each) => $each->last < $one->first);
        // "it's showing thirty eight inches"
        $isFar = Unit::Small === $one->unit && ($one->value >= self::LEAST_IN_INCHES_M
            // "the break's at thirty one, and it's only eighteen inches down"
            || $isBehind && $one->value >= self::DEEPEST_WATER_M && null !== $this->sentence->begins('maybe_deep', $next));
        // "we're sixteen feet down, and there it goes level": down the stack.
        if (Unit::Large === $one->unit ? $one->value >= self::DEEPEST_M : !$isFar) {
            return false;
        }
        $down = $this->sentence->begins('maybe_deep', $next);
        $isDown = null !== $down && $this->isDown($next, $down);
        // "we get about eight feet in and there's hair" is a place.
        $isIn = null === $down && null !== $this->sentence->begins('out', $next)
            // "I'm showing eight feet and there's a bend"
            || $this->sentence->is('and', $next) && null !== $this->sentence->begins('intro', $next + 1);
        // "let me locate that real quick, it's four foot"
        $isLocated = $this->sentence->isAfter('locates', $one->first, self::LOCATED_WORDS) && !$isIn;
        $isTold = $isDown || $isLocated || $this->sentence->isAfter('maybe_depth', $one->first) && !$isIn
            // "forty two feet out, that's where I marked it, it's three foot ten"
            || $this->sentence->has('marked') && $this->sentence->is('subjects', $one->first - 1) && $one->value < self::DEEPEST_M;
        // "it says fifty three inches, so that's four foot five"
        $isTold = $isTold || $this->isLocating && $this->sentence->is('subjects', $one->first - 1) && !$isIn
            && null === $this->sentence->begins('from_what', $next);
        // "an offset at thirty, I've located that at six feet"
        $isTold = $isTold || $this->sentence->isAfter('located_at', $one->first);
        if (!$isTold) {
            return !$this->sentence->beginsAny(['from_what', 'length'], $next) && $this->isBesideFarther($one);
        }
        // "the tap's at fifty five and I'm reading six foot two"
        $isBareFarther = fn (Amount $each) => Unit::None === $each->unit && $each->value * $this->bareM > $one->value
            && $this->sentence->isAfter('at', $each->first);
        $farther = array_filter($this->amounts, fn (Amount $each) => Unit::Large === $each->unit && $each->value > $one->value
            || $isBareFarther($each) || $isFar && $each->mayBePlace() && $this->sentence->isAfter('at', $each->first));

        // "I'll mark that. Okay, it's four foot two down"
        return [] !== $farther || $isLocated || $this->isLocating || $this->sentence->has('marked') || $this->isBesideFarther($one)
            || $isDown && $one->value < $this->carriedM;
    }

    /** "four foot two down", and not "from four feet down to nine", "eight feet down we have a tee" */
    private function isDown(int $next, int $down): bool
    {
        return !$this->sentence->is('articles', $down + 1) && !$this->sentence->is('known', $down + 1)
            && null === $this->sentence->begins('to', $next)
            && null === $this->sentence->begins('intro', $down + 1) && !$this->sentence->is('subjects', $down + 1);
    }

    /** "28 feet it's six foot three", "at 42 and that's four foot eight", "31 feet four foot even" */
    private function isBesideFarther(Amount $one): bool
    {
        $i = $one->first - ($this->sentence->is('subjects', $one->first - 1) ? 1 : 0);
        // "at ten feet I'm at two foot six"
        foreach ($this->sentence->marks('reads_deep') as $begin => $end) {
            $i = $end === $one->first - 1 ? $begin : $i;
        }
        $i -= $i < $one->first && $this->sentence->is('and', $i - 1) ? 1 : 0;
        // "twelve feet out, three foot two"
        foreach ($this->sentence->marks('out') as $begin => $end) {
            $i = $end === $i - 1 ? $begin : $i;
        }
        $before = $this->sentence->amountBefore($i);
        $isPlace = Unit::Large === $before?->unit || Unit::None === $before?->unit && $this->sentence->isAfter('at', $before->first);
        $metres = $isPlace ? $before->value * (Unit::None === $before->unit ? $this->bareM : 1) : 0.0;

        return $one->value < min($metres, self::DEEPEST_M) || $this->isNextDepth($one);
    }

    /** "at 22 it's three foot deep, at 35 there's a hole, that's at four foot one": told like the depth before it. */
    private function isNextDepth(Amount $one): bool
    {
        $isDeep = fn (Amount $each) => $each->last < $one->first && null !== $this->sentence->begins('deep', $each->last + 1);
        $metres = fn (Amount $each) => $each->value * (Unit::None === $each->unit ? $this->bareM : 1);
        $isFarther = static fn (Amount $each) => $each->last < $one->first && $metres($each) > $one->value;
        $isTold = \in_array($one->first - 1, $this->sentence->marks('reads_deep'), true);

        return $isTold && Unit::Large === $one->unit && $one->value < self::DEEPEST_M
            && [] !== array_filter($this->amounts, $isDeep) && [] !== array_filter($this->amounts, $isFarther);
    }
}
