<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Measure\UnitSystem;

/** What the amounts of a sentence are: places along the line, depths under the ground, bores, sizes, or nothing of these. */
final class Measures
{
    /** Two numbers beside each other that are no farther apart are one uncertain place, in their own unit. */
    private const UNCERTAIN = 5;
    /** Between a name and "there's" no farther. */
    private const LIKELY_APART = 2;
    /** A correction comes within so many words. */
    private const CORRECTED_WITHIN = 4;
    /** Of a pipe, in millimetres without their name. */
    private const LEAST_BORE = 75;
    /** "A six foot belly" is that long; "thirty foot belly" is where it is. */
    private const LONGEST_THING_M = 4.0;
    private const HOURS = 12;
    private const INCHES = 12;

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
    private readonly float $bareM;
    private readonly Depth $depth;

    /** @param UnitSystem $units in which a place without a unit is */
    public function __construct(private readonly Sentence $sentence, private readonly UnitSystem $units)
    {
        $this->bareM = $units->one()->metres;
        $this->amounts = array_values(array_filter(array_map(static fn (Atom $atom) => $atom->amount, $sentence->atoms)));
        $this->depth = new Depth($sentence, $this->amounts, $this->bareM);
        for ($i = 0; $i < \count($this->amounts); ++$i) {
            $i += $this->take($i);
        }
    }

    /** Whether a place is said between two words. */
    public function hasPlace(int $after, int $before): bool
    {
        return [] !== array_filter($this->places, static fn (Place $place) => $place->first > $after && $place->last < $before);
    }

    /** @return int how many of the amounts behind it belong to it */
    private function take(int $i): int
    {
        $one = $this->amounts[$i];
        $listed = \count(Listed::at($this->sentence, $one->first));
        if ($listed > 0) {
            $this->list(\array_slice($this->amounts, $i, $listed), $this->amounts[$i + $listed - 1]);

            return $listed - 1;
        }
        $other = $this->amounts[$i + 1] ?? null;
        // "from ten o'clock to two": the hour is said once.
        if (Unit::Clock === $one->unit && Unit::None === $other?->unit && $other->value <= self::HOURS) {
            $hour = new Amount($other->value, Unit::Clock, $other->first, $other->last);
            $other = $this->isRange($one, $hour) ? $hour : $other;
        }
        // "from two metres forty to two ninety": hundredths, as before.
        $isHundreds = Unit::Large === $one->unit && 1.0 === $one->each && Unit::None === $other?->unit && $other->value >= 100;
        if ($isHundreds && null !== $this->sentence->begins('to', $one->last + 1)) {
            $other = new Amount($other->value / 100, Unit::Large, $other->first, $other->last, 1.0);
        }
        if (null !== $other && $this->isCorrected($one, $other)) {
            return 0;
        }
        if (null !== $other && $this->isRange($one, $other)) {
            $ends = [$one->in($other)->value, $other->value];
            Unit::Clock === $other->unit || sort($ends);
            $this->settle($one->in($other), $other, ...$ends);

            return 1;
        }
        $joined = null === $other ? null : $this->joined($one, $other);
        $this->settle($joined ?? $one, $joined ?? $one, $joined->value ?? $one->value, null);

        return null === $joined ? 0 : 1;
    }

    /** Two numbers next to each other that are one place. */
    private function joined(Amount $one, Amount $other): ?Amount
    {
        if ($this->isFeetAndInches($one, $other)) {
            return new Amount($one->value + $other->value / self::INCHES, Unit::None, $one->first, $other->last);
        }
        if (!$this->isUncertain($one, $other)) {
            return null;
        }
        $middle = ($one->in($other)->value + self::withTens($one, $other) * $other->each) / 2;

        return new Amount($middle, $other->unit, $one->first, $other->last, $other->each);
    }

    /**
     * @param list<Amount> $amounts places
     * @param Amount $last which has the unit of all
     */
    private function list(array $amounts, Amount $last): void
    {
        foreach ($amounts as $each) {
            $metres = Unit::None === $last->unit ? $each->value * $this->bareM : $each->in($last)->value;
            $this->places[] = new Place($metres, null, $each->first, $each->last);
        }
    }

    /** "at 30, sorry, 32": the later counts. */
    private function isCorrected(Amount $one, Amount $other): bool
    {
        return $other->first - $one->last <= self::CORRECTED_WITHIN + 1 && $this->sentence->has('sorry', $one->last + 1, $other->first - 1)
            && ($one->unit === $other->unit || Unit::None === $one->unit);
    }

    private function isRange(Amount $one, Amount $other): bool
    {
        $to = $this->sentence->begins('to', $one->last + 1);
        $isJoined = null !== $to && ($to + 1 === $other->first || $this->sentence->begins('at', $to + 1) === $other->first - 1);
        $isBetween = $this->sentence->isAfter('between', $one->first, 2) && $this->sentence->is('and', $one->last + 1)
            && $one->last + 2 === $other->first;

        return ($isJoined || $isBetween) && ($one->unit === $other->unit || Unit::None === $one->unit);
    }

    /** "eighteen nineteen foot", "18 or 19 feet" */
    private function isUncertain(Amount $one, Amount $other): bool
    {
        $between = $other->first - $one->last - 1;
        $apart = self::withTens($one, $other) - $one->in($other)->value / $other->each;

        $isWhole = Unit::None === $one->unit && 0.0 === fmod($one->value, 1.0) && !$other->isTenths();
        $next = $one->last + 1;
        $isJoined = 0 === $between || 1 === $between && ($this->sentence->is('or', $next) || $this->sentence->isComma($next));

        return $isJoined && $isWhole && \in_array($other->unit, [Unit::Large, Unit::None], true)
            && $apart > 0 && $apart <= self::UNCERTAIN && !self::isCountedAloud($one, $other)
            && !($apart > self::LIKELY_APART && $this->isOfTwo($one, $other));
    }

    /** "a break at nineteen twenty three there's something stuck": each is of its own. */
    private function isOfTwo(Amount $one, Amount $other): bool
    {
        $at = null;
        foreach ($this->sentence->marks('at') as $begin => $end) {
            $at = $end === $one->first - 1 ? $begin : $at;
        }

        return null !== $at && $this->sentence->isBehindName($at) && $this->sentence->beginsAny(['here', 'intro'], $other->last + 1);
    }

    /** "thirty thirty five", as the counter goes by: it is at the later. */
    private static function isCountedAloud(Amount $one, Amount $other): bool
    {
        $number = $other->value / $other->each;

        return $number - $one->value === (float) self::UNCERTAIN && 0.0 === fmod($number, self::UNCERTAIN);
    }

    /** "eleven eight there's a joint", where places are in feet: eleven feet and eight inches, and no two places. */
    private function isFeetAndInches(Amount $one, Amount $other): bool
    {
        $next = $other->last + 1;
        $isNext = $this->sentence->beginsAny(['here', 'intro', 'another', 'ends'], $next)
            || null !== $this->sentence->begins('ends', $next + 1)
            || Atom::KIND === $this->sentence->atomAt($next)?->role || $this->sentence->isAfter('at', $one->first)
            || $this->depth->isSaid($one, $next);

        return UnitSystem::FeetAndInches === $this->units && $isNext && $other->first === $one->last + 1
            && Unit::None === $one->unit && Unit::None === $other->unit && !$one->isTenths() && !$other->isTenths()
            && $other->value > 0 && $other->value < self::INCHES && $one->value > 0 && !$this->isUncertain($one, $other);
    }

    /** "thirty eight nine feet" is eight or nine and thirty. */
    private static function withTens(Amount $one, Amount $other): float
    {
        $number = $other->value / $other->each;

        return $number < 10 && $one->value > 20 ? 10 * floor($one->value / 10) + $number : $number;
    }

    private function settle(Amount $one, Amount $last, float $from, ?float $to): void
    {
        $place = new Place($from, $to, $one->first, $last->last);
        $next = $last->last + 1;
        if ($this->sentence->isAfter('advised', $one->first)) {
            // "I would replace from twenty to thirty five"
        } elseif (Unit::Clock === $last->unit) {
            $this->hours[] = $place;
        } elseif (Unit::Percent === $last->unit || Unit::Degrees === $last->unit || Unit::Share === $last->unit) {
            $this->sizes[] = $one;
        } elseif (Unit::None === $last->unit) {
            $this->bare($one, $place);
        } elseif ($this->depth->isSaid($one, $next)) {
            Depth::isOfWater($from, $last->unit) ? $this->sizes[] = $one : $this->depths[] = $place;
        } elseif ($this->isLength($one, $next)) {
            // How long something is says nothing of where.
        } elseif (Unit::Small === $last->unit) {
            $this->isBore($next) ? $this->bores[] = $one : $this->sizes[] = $one;
        } elseif (null === $this->sentence->begins('from_what', $next)) {
            $this->places[] = $place;
        }
    }

    private function isLength(Amount $one, int $next): bool
    {
        $isOfAThing = $this->sentence->is('singular', $one->last)
            && !$this->sentence->isAfter('at', $one->first)
            && ($one->value < self::LONGEST_THING_M || $this->sentence->is('articles', $one->first - 1))
            && Atom::KIND === $this->sentence->atomAt($next)?->role;
        // "eight feet of cast iron", "four feet of crack"
        $isOfAThing = $isOfAThing || $this->sentence->is('of', $next)
            && \in_array($this->sentence->atomAt($next + 1)?->role, [Atom::MATERIAL, Atom::KIND], true);

        // "twenty feet thick grease": the grease is thick.
        $length = $this->sentence->begins('length', $next);
        $isOfNext = null !== $length && $one->value >= self::LONGEST_THING_M && Atom::KIND === $this->sentence->atomAt($length + 1)?->role;

        // "at twenty feet piece of the pipe broken out"
        $isOfNext = $isOfNext || $this->sentence->isAfter('at', $one->first) && Atom::KIND === $this->sentence->atomAt($next)?->role;

        return Unit::Large === $one->unit && (null !== $length && !$isOfNext || $isOfAThing
            || $this->sentence->isAfter('length_of', $one->first));
    }

    private function isBore(int $next): bool
    {
        $atom = $this->sentence->atomAt($next);

        return null !== $this->sentence->begins('bored', $next) || Atom::MATERIAL === $atom?->role;
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
        // "a hundred and fifty clay"
        $isOfMaterial = Atom::MATERIAL === $sentence->atomAt($next)?->role && !$sentence->isAfter('at', $one->first);
        if ($isOfMaterial && $one->value >= self::LEAST_BORE) {
            $this->bores[] = new Amount($one->value / 1000, Unit::Small, $one->first, $one->last);

            return;
        }
        $isTurn = \in_array($one->value, [11.25, 22.0, 22.5, 45.0, 60.0, 90.0], true);
        $isBend = str_starts_with($sentence->atomAt($next)->meaning ?? '', Kind::Bend->value);
        $isToASide = null !== $sentence->begins('to_a_side', $next);
        if ($isTurn && ($isBend || $isToASide || $sentence->is('articles', $one->first - 1))) {
            $this->sizes[] = new Amount($one->value, Unit::Degrees, $one->first, $one->last);

            return;
        }
        if ((new BareNumber($sentence, $one, $place))->isPlace()) {
            $this->places[] = new Place(
                $place->from * $this->bareM, null === $place->to ? null : $place->to * $this->bareM, $place->first, $place->last,
            );
        }
    }
}
