<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Measure\UnitSystem;

/** What the amounts of a sentence are: places along the line, depths under the ground, bores, sizes, or nothing of these. */
final class Measures
{
    /** A correction comes within so many words. */
    private const CORRECTED_WITHIN = 4;
    /** Of a pipe, in millimetres without their name. */
    private const LEAST_BORE = 75;
    /** A waste pipe is named by a round number, too: "the forty". */
    private const LEAST_WASTE = 40;
    /** No pipe of a house is so wide, in metres. */
    private const SHORT_WAY_M = 0.25;
    private const HOURS = 12;
    private const HUNDRED = 100;

    /** @var list<Place> */
    public array $places = [];
    /** @var list<Place> how deep a marked point is */
    public array $depths = [];
    /** @var list<Amount> */
    public array $bores = [];
    /** @var list<Amount> */
    public array $sizes = [];
    /** @var list<Place> hours of the clock */
    public array $hours = [];

    /** @var list<Amount> */
    private array $amounts;
    /** In metres: one where no unit is said. */
    public readonly float $bareM;
    private readonly Depth $depth;
    private readonly PairedNumbers $paired;

    /**
     * @param UnitSystem $units in which a place without a unit is
     * @param ?float $carriedM the place that was said last, in metres, while it holds
     * @param bool $isLocating whether somebody said that what was named is being located
     */
    public function __construct(
        private readonly Sentence $sentence, private readonly UnitSystem $units, private readonly ?float $carriedM = null,
        bool $isLocating = false,
    ) {
        $this->bareM = $units->one()->metres;
        $amounts = array_filter(array_map(static fn (Atom $atom) => $atom->amount, $sentence->atoms));
        $amounts = array_map((new Hour($sentence))->read(...), array_map((new Resized($sentence, $units))->read(...), $amounts));
        $amounts = array_values(array_map($this->readOff(...), $amounts));
        $this->depth = new Depth($sentence, $amounts, $this->bareM, $carriedM, $isLocating);
        $this->paired = new PairedNumbers($sentence, $units, $this->depth);
        $this->amounts = $this->paired->onBothSides($this->paired->withMillimetres($amounts));
        for ($i = 0; $i < \count($this->amounts); ++$i) {
            $i += $this->take($i);
        }
        $this->places = Depth::without($this->places, $this->depths);
    }

    /** Whether a place is said between two words. */
    public function hasPlace(int $after, int $before): bool
    {
        return [] !== array_filter($this->places, static fn (Place $place) => $place->first > $after && $place->last < $before);
    }

    /** The place in which a word stands. */
    public function placeAt(int $word): ?Place
    {
        $isIn = static fn (Place $place) => $place->first <= $word && $place->last >= $word;

        return array_values(array_filter($this->places, $isIn))[0] ?? null;
    }

    /** @return int how many of the amounts behind it belong to it */
    private function take(int $i): int
    {
        $one = $this->amounts[$i];
        $listed = \count(Listed::at($this->sentence, $one->first));
        if ($listed > 0) {
            array_push($this->places, ...Listed::places($this->sentence, \array_slice($this->amounts, $i, $listed), $this->bareM));

            return $listed - 1;
        }
        $other = $this->amounts[$i + 1] ?? null;
        $other = null === $other ? null : $this->inUnitOf($one, $other);
        if (null !== $other && $this->isCorrected($one, $other)) {
            $whole = new Amount($other->value, $other->unit, $one->first, $other->last, $other->each, $other->isDecimal);
            array_splice($this->amounts, $i + 1, 1, [$whole]);

            return 0;
        }
        // "at forty four, not forty six"
        if (null !== $other && $this->isWrong($one, $other)) {
            $this->settle($one, $one, $one->value, null);

            return 1;
        }
        if (null !== $other && $this->paired->isRange($one, $other)) {
            $ends = [$one->in($other)->value, $other->value];
            Unit::Clock === $other->unit || sort($ends);
            $this->settle($one->in($other), $other, ...$ends);

            return 1;
        }
        $joined = null === $other ? null : $this->paired->joined($one, $other, $this->amounts[$i + 2] ?? null);
        $this->settle($joined ?? $one, $joined ?? $one, $joined->value ?? $one->value, null);

        return null === $joined ? 0 : 1;
    }

    /** The unit is said once: "from ten o'clock to two", "from two metres forty to two ninety", "from four inch to six". */
    private function inUnitOf(Amount $one, Amount $other): Amount
    {
        // "from ten o'clock to two": the hour is said once.
        if (Unit::Clock === $one->unit && Unit::None === $other->unit && $other->value <= self::HOURS) {
            $hour = new Amount($other->value, Unit::Clock, $other->first, $other->last);
            $other = $this->paired->isRange($one, $hour) ? $hour : $other;
        }
        // "from two metres forty to two ninety": of the same unit.
        $isMetres = Unit::Large === $one->unit && 1.0 === $one->each && $other->isTenths();
        if ($isMetres && null !== $this->sentence->begins('to', $one->last + 1)) {
            $other = new Amount($other->value, Unit::Large, $other->first, $other->last, 1.0);
        }
        // "so fourteen feet to about eighteen", and not "for about five feet to twenty one"
        $isFarther = Unit::Large === $one->unit && Unit::None === $other->unit && $other->mayBePlace()
            && $other->value * $one->each > $one->value && !$this->sentence->isAfter('length_of', $one->first)
            && !$this->sentence->isAfter('from', $one->first);
        if ($isFarther && $this->paired->isJoined($one, $other)) {
            $other = new Amount($other->value * $one->each, Unit::Large, $other->first, $other->last, $one->each);
        }
        // "from four inch to six": in the unit of the first.
        $isBore = Unit::Small === $one->unit && Unit::None === $other->unit && Bores::isChangeFrom($this->sentence, $one->first);
        if ($isBore && $this->paired->isJoined($one, $other)) {
            $other = new Amount($other->value * $one->each, Unit::Small, $other->first, $other->last, $one->each);
        }

        return $other;
    }

    /** "at 30, sorry, 32": the later counts. */
    private function isCorrected(Amount $one, Amount $other): bool
    {
        return $other->first - $one->last <= self::CORRECTED_WITHIN + 1 && $this->sentence->has('sorry', $one->last + 1, $other->first - 1)
            // "at eight feet grease, wait a minute, sixteen feet a rag", "an offset at five, wait a minute, at thirteen I have a hole"
            && null === $this->sentence->named->next($one->last + 1, $other->first - 1)
            && !($this->sentence->isAtOfName($one->first) && $this->sentence->has('hold_on', $one->last + 1, $other->first - 1)
                && $this->sentence->beginsAny(['intro', 'presence'], $other->last + 1))
            && ($one->unit === $other->unit || Unit::None === $one->unit || Unit::None === $other->unit && $other->mayBePlace());
    }

    private function isWrong(Amount $one, Amount $other): bool
    {
        $not = $one->last + ($this->sentence->isComma($one->last + 1) ? 2 : 1);

        return $one->mayBeAlong() && $other->mayBeAlong() && $this->sentence->is('not', $not) && $other->first === $not + 1;
    }

    /** "Two eighty" is 2.80, where places are in metres, if it is not how wide the pipe is. */
    private function readOff(Amount $one): Amount
    {
        $next = $one->last + 1;
        // "it's six hundred deep"
        if (UnitSystem::Metric === $this->units && Unit::None === $one->unit && $one->value >= self::HUNDRED
            && null !== $this->sentence->begins('deep', $next)) {
            return $one->inMillimetres();
        }
        $isOfPipe = Atom::MATERIAL === $this->sentence->atomAt($next)?->role || $this->sentence->is('described', $next)
            // "all clay one fifty"
            || $this->sentence->named->isMaterialBefore($one->first);
        $isRead = UnitSystem::Metric === $this->units && Unit::None === $one->unit && $one->value >= self::HUNDRED
            && $one->last - $one->first <= 2 && $this->sentence->is('hundreds_of', $one->first)
            && !$this->sentence->is('hundreds', $one->first + 1) && !$isOfPipe;

        return $isRead ? new Amount($one->value / self::HUNDRED, Unit::None, $one->first, $one->last, isDecimal: true) : $one;
    }

    private function settle(Amount $one, Amount $last, float $from, ?float $to): void
    {
        $place = new Place($from, $to, $one->first, $last->last);
        $next = $last->last + 1;
        $length = new Length($this->sentence, $this->amounts);
        $isOfPit = $this->sentence->isAfter('of_a_pit', $one->first) && null !== $this->sentence->begins('deep', $next);
        if ($isOfPit || $this->sentence->isAfter('advised', $one->first)) {
            // "the chamber's a metre deep", "I would replace from twenty to thirty five"
        } elseif (Unit::Clock === $last->unit) {
            $this->hours[] = $place;
        } elseif (Unit::Percent === $last->unit || Unit::Degrees === $last->unit || Unit::Share === $last->unit) {
            $this->sizes[] = $one;
        } elseif (Unit::None === $last->unit) {
            $this->bare($one, $place);
        } elseif ($this->depth->isSaid($one, $next)) {
            Depth::isOfWater($from, $last->unit) ? $this->sizes[] = $one : $this->depths[] = $place;
        } elseif (null !== $shift = $length->fromThere($one, $next)) {
            $base = [] === $this->places ? $this->carriedM : $this->places[\count($this->places) - 1]->from;
            if (null !== $base) {
                $this->places[] = new Place(max(0.0, $base + $shift), null, $one->first, $one->last);
            }
        } elseif ($length->isOfFirst($one, $next, null === $this->carriedM && [] === $this->places)) {
            $this->places[] = new Place(0.0, $from, $one->first, $one->last);
        } elseif (null === $this->carriedM && [] === $this->places && $length->isWay($one, $next)) {
            $this->places[] = $place;
        } elseif (!$length->isFromTo($one, $last) && $length->isSaid($one, $next)) {
            // How long something is says nothing of where.
        } elseif (Unit::Small === $last->unit && null !== $to && Bores::isChange($this->sentence, $one, $last)) {
            $this->bores[] = $last;
        } elseif ($this->isShortWay($one, $last)) {
            $this->places[] = $place;
        } elseif (Unit::Small === $last->unit) {
            Bores::isSaid($this->sentence, $one) ? $this->bores[] = $one : $this->sizes[] = $one;
        } elseif (null === $this->sentence->begins('from_what', $next)
            // "it's twelve feet to the wall, and then it's clay"
            || null === $this->carriedM && null !== $this->sentence->begins('to', $next)
            && $this->sentence->isAfter('they_are', $one->first, 2)) {
            $this->places[] = $place;
        }
    }

    /** "the liner starts at three hundred mil": so little that nobody tells it in metres. */
    private function isShortWay(Amount $one, Amount $last): bool
    {
        return UnitSystem::Metric === $this->units && Unit::Small === $last->unit && $one->value >= self::SHORT_WAY_M
            && $this->sentence->isAfter('at', $one->first) && !Bores::isSaid($this->sentence, $one)
            && (Atom::KIND !== $this->sentence->atomAt($last->last + 1)?->role
                || null !== $this->sentence->begins('intro', $last->last + 1));
    }

    /** A number without a unit: a turn, a share of the pipe, a place; else it counts something. */
    private function bare(Amount $one, Place $place): void
    {
        $next = $place->last + 1;
        $sentence = $this->sentence;
        if (null !== $sentence->begins('share', $next) && $one->value < 1) {
            $this->sizes[] = new Amount(100 * $one->value, Unit::Percent, $one->first, (int) $sentence->begins('share', $next));

            return;
        }
        // "it's four two deep"
        $metres = $place->from * $this->bareM;
        if (Depth::isOfGround($metres) && $this->depth->isSaid($one, $next)) {
            $this->depths[] = new Place($metres, null, $place->first, $place->last);

            return;
        }
        if ($this->isBore($one, $next)) {
            $this->bores[] = new Amount($one->value / 1000, Unit::Small, $one->first, $one->last);

            return;
        }
        if (null === $place->to && (new Turn($sentence))->isSaid($one, $next)) {
            $this->sizes[] = new Amount($one->value, Unit::Degrees, $one->first, $one->last);

            return;
        }
        if (null === $place->to && $sentence->isAfter('from_opening', $one->first)) {
            $this->places[] = new Place(0.0, $metres, $place->first, $place->last);
        } elseif ((new BareNumber($sentence, $one, $place))->isPlace()) {
            $this->places[] = new Place(
                $place->from * $this->bareM, null === $place->to ? null : $place->to * $this->bareM, $place->first, $place->last,
            );
        }
    }

    /** "a hundred and fifty clay", "now I'm in the hundred", "where the fifty goes in" */
    private function isBore(Amount $one, int $next): bool
    {
        $isMetric = UnitSystem::Metric === $this->units;
        $isOfPipe = Atom::MATERIAL === $this->sentence->atomAt($next)?->role
            // "there's a hundred and ten elbow"
            || $isMetric && Atom::KIND === $this->sentence->atomAt($next)?->role && !\in_array($one->value, Turn::DEGREES, true);
        $isPipe = $isMetric && ($this->sentence->is('definite', $one->first - 1) || $this->sentence->is('definite', $one->first))
            && ($one->value >= self::LEAST_BORE || self::LEAST_WASTE <= $one->value && 0.0 === fmod($one->value, 10.0));

        // "run two is down to the main, and that's a hundred and fifty"
        $isPipe = $isPipe || $isMetric && $one->value >= self::LEAST_BORE && 0.0 === fmod($one->value, 5.0)
            && $this->sentence->isAfter('puts', $one->first);

        return $isPipe || $one->value >= self::LEAST_BORE && $isOfPipe && !$this->sentence->isAfter('at', $one->first);
    }
}
