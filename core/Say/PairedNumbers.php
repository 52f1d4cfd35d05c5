<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Measure\UnitSystem;

/** Two numbers beside each other: one place, read off with its inches or hundredths or not known for sure, or two places. */
final readonly class PairedNumbers
{
    /** No farther apart they are one uncertain place, in their own unit. */
    private const UNCERTAIN = 2;
    /** Told by the counter as it goes by, in its unit. */
    private const COUNTED = 5;
    private const INCHES = 12;
    private const TENTH = 10;
    private const HUNDRED = 100;
    private const THOUSAND = 1000;
    private const HOURS = 12;
    /** "Starts at eleven and goes to one o'clock": so many words between. */
    private const HOURS_WORDS = 4;

    public function __construct(private Sentence $sentence, private UnitSystem $units, private Depth $depth)
    {
    }

    /**
     * Two numbers next to each other that are one place.
     *
     * @param ?Amount $third what follows the two
     */
    public function joined(Amount $one, Amount $other, ?Amount $third): ?Amount
    {
        // "seventeen, one at twenty": that one is no number.
        if (1.0 === $other->value && null !== $this->sentence->begins('another', $other->first)) {
            return null;
        }
        // "good at ten, twelve five we go into clay": 10 and 12.5; "seven nine eleven": as the counter goes by.
        if (null !== $third && ($this->isMetresAndTenths($other, $third) || self::isCounted($one, $other, $third))) {
            return null;
        }
        if ($this->isFeetAndInches($one, $other)) {
            return new Amount($one->value + $other->value / self::INCHES, Unit::None, $one->first, $other->last);
        }
        if ($this->isMetresAndHundredths($one, $other)) {
            return new Amount($one->value + $other->value / self::HUNDRED, Unit::None, $one->first, $other->last);
        }
        if ($this->isMetresAndTenths($one, $other)) {
            return new Amount($one->value + $other->value / self::TENTH, Unit::None, $one->first, $other->last, isDecimal: true);
        }
        if (!$this->isUncertain($one, $other)) {
            return null;
        }
        $middle = ($one->in($other)->value + self::withTens($one, $other) * $other->each) / 2;

        return new Amount($middle, $other->unit, $one->first, $other->last, $other->each);
    }

    /**
     * "seven two to seven nine" and "seven two and seven nine", where places are in metres, and "eleven eight to twelve two", where they
     * are in feet: two numbers are one on either side.
     *
     * @param list<Amount> $amounts
     *
     * @return list<Amount>
     */
    public function onBothSides(array $amounts): array
    {
        for ($i = 0; $i < \count($amounts) - 3; ++$i) {
            [$one, $other, $third, $fourth] = \array_slice($amounts, $i, 4);
            $isAnd = $this->sentence->is('and', $other->last + 1);
            $isBetween = ($isAnd ? $other->last + 1 : $this->sentence->begins('to', $other->last + 1)) === $third->first - 1;
            $first = $isBetween ? $this->asOne($one, $other) : null;
            $second = $isBetween ? $this->asOne($third, $fourth) : null;
            if (null !== $first && null !== $second && $first->value < $second->value) {
                array_splice($amounts, $i, 4, [$first, $second]);
            }
        }

        return $amounts;
    }

    /**
     * "three metres two hundred", where places are in metres: the rest in millimetres.
     *
     * @param list<Amount> $amounts
     *
     * @return list<Amount>
     */
    public function withMillimetres(array $amounts): array
    {
        for ($i = 0; UnitSystem::Metric === $this->units && $i < \count($amounts) - 1; ++$i) {
            [$one, $other] = [$amounts[$i], $amounts[$i + 1]];
            $isRest = Unit::Large === $one->unit && 1.0 === $one->each && 0.0 === fmod($one->value, 1.0)
                && Unit::None === $other->unit && $other->first === $one->last + 1
                && $other->value >= self::HUNDRED && $other->value < self::THOUSAND && 0.0 === fmod($other->value, 10.0);
            if ($isRest) {
                $whole = new Amount($one->value + $other->value / self::THOUSAND, Unit::Large, $one->first, $other->last, $one->each);
                array_splice($amounts, $i, 2, [$whole]);
            }
        }

        return $amounts;
    }

    /** "fourteen feet to eighteen" */
    public function isJoined(Amount $one, Amount $other): bool
    {
        $mark = $this->behindMark($one);
        $to = $this->sentence->begins('to', $one->last + 1) ?? $this->sentence->begins('to', $mark + 1);
        if (null === $to) {
            return false;
        }
        // "from a three inch to a four inch"
        $isNamed = Unit::Small === $one->unit || $mark > $one->last;
        $next = $to + ($isNamed && $this->sentence->is('articles', $to + 1) ? 2 : 1);
        // "from the joint at eighteen to the joint at 21"
        $at = $to + 1 + ($this->sentence->is('articles', $to + 1) && $this->sentence->is('foot_mark', $to + 2) ? 2 : 0);

        return \in_array($other->first, [$to + 1, $next], true) || $this->sentence->begins('at', $at) === $other->first - 1;
    }

    /** @return int the last word of "the twenty foot mark", "the eighteen foot joint" */
    private function behindMark(Amount $one): int
    {
        return $this->sentence->begins('out', $one->last + 1) ?? $one->last + ($this->sentence->is('foot_mark', $one->last + 1) ? 1 : 0);
    }

    /** "from A to B", "between A and B" */
    public function isRange(Amount $one, Amount $other): bool
    {
        $isJoined = $this->isJoined($one, $other);
        $and = $this->behindMark($one) + 1;
        $isBetween = $this->sentence->isAfter('between', $one->first, 2) && $this->sentence->is('and', $and)
            && (\in_array($other->first - 1, [$and, $this->sentence->begins('at', $and + 1)], true)
                || $this->sentence->is('articles', $and + 1) && $other->first === $and + 2);

        // "it starts at eleven and goes to one o'clock"
        $isHours = Unit::Clock === $other->unit && Unit::None === $one->unit && $one->value <= self::HOURS
            && $other->first - $one->last <= self::HOURS_WORDS && $this->sentence->isAfter('to', $other->first)
            && ($this->sentence->isAfter('from', $one->first) || $this->sentence->isAfter('at', $one->first));

        return ($isJoined || $isBetween || $isHours) && ($one->unit === $other->unit || Unit::None === $one->unit);
    }

    private function asOne(Amount $one, Amount $other): ?Amount
    {
        $isBare = $other->first === $one->last + 1 && Unit::None === $one->unit && Unit::None === $other->unit
            && 0.0 === fmod($one->value, 1.0) && 0.0 === fmod($other->value, 1.0);
        $isFeet = UnitSystem::FeetAndInches === $this->units;
        $parts = $isFeet ? self::INCHES : ($other->value < self::TENTH ? self::TENTH : self::HUNDRED);

        return $isBare && $other->value >= 1 && $other->value < $parts && $one->value < self::HUNDRED
            ? new Amount($one->value + $other->value / $parts, Unit::None, $one->first, $other->last, isDecimal: !$isFeet) : null;
    }

    /** "eighteen nineteen foot", "18 or 19 feet" */
    private function isUncertain(Amount $one, Amount $other): bool
    {
        $between = $other->first - $one->last - 1;
        $apart = self::withTens($one, $other) - $one->in($other)->value / $other->each;

        // "at zero five feet there's": the counter begins, and goes by.
        $isWhole = Unit::None === $one->unit && $one->value > 0 && 0.0 === fmod($one->value, 1.0) && !$other->isTenths()
            // "a hundred and sixty nought point seven metres": the pipe, and where.
            && $other->value >= $other->each;
        $next = $one->last + 1;
        $isJoined = 0 === $between || 1 === $between && ($this->sentence->is('or', $next) || $this->sentence->isComma($next));

        return $isJoined && $isWhole && \in_array($other->unit, [Unit::Large, Unit::None], true)
            && $apart > 0 && $apart <= self::UNCERTAIN
            && !(($this->sentence->isAfter('to', $one->first) || $this->sentence->isAfter('ends', $one->first, 2))
                && $this->isOfTwo($one, $other))
            && !($apart > 1 && $this->isCountedOff($one, $other));
    }

    /** "fifteen … seventeen … nineteen twenty two", as the counter goes by. */
    private function isCountedOff(Amount $one, Amount $other): bool
    {
        return null !== $this->sentence->begins('counted_off', $one->first)
            && null !== $this->sentence->begins('counted_off', $other->first);
    }

    /** "out of the water at nineteen, twenty there's something stuck": each is of its own. */
    private function isOfTwo(Amount $one, Amount $other): bool
    {
        // "two feet a belly to four, five feet a hole"
        $isTo = $this->isBehindNameAnd('to', $one->first);
        $next = $other->last + ($this->sentence->is('articles', $other->last + 1) ? 2 : 1);

        // "wiped it off, back at fifty two, fifty five feet is the main"
        $isPlaced = $this->sentence->isAfter('at', $one->first) && $this->sentence->is('is', $other->last + 1);

        return $isPlaced || ($isTo || $this->isBehindNameAnd('at', $one->first))
            && ($this->sentence->beginsAny(['here', 'intro', 'another'], $other->last + 1)
                || (Unit::Large === $other->unit || $isTo) && (Atom::KIND === $this->sentence->atomAt($next)?->role
                    || $this->sentence->is('subjects', $other->last + 1) || $this->sentence->is('known', $other->last + 1)));
    }

    /** Whether a phrase of a role stands between a name, or the end of something ("out of the water at"), and a word. */
    private function isBehindNameAnd(string $role, int $word): bool
    {
        foreach ($this->sentence->marks($role) as $first => $last) {
            if ($last === $word - 1 && ($this->sentence->named->endsBefore($first) || $this->sentence->isAfter('ends', $first))) {
                return true;
            }
        }

        return false;
    }

    /** "seven nine eleven": by even steps. */
    private static function isCounted(Amount $one, Amount $other, Amount $third): bool
    {
        $step = $other->value - $one->value;

        return 2 === $third->first - $one->last && $step >= 1 && $step <= self::COUNTED && $step === $third->value - $other->value;
    }

    /** "thirty thirty five", as the counter goes by: it is at the later. */
    private static function isCountedAloud(Amount $one, Amount $other): bool
    {
        $number = $other->value / $other->each;

        return $number - $one->value === (float) self::COUNTED && 0.0 === fmod($number, self::COUNTED);
    }

    /** "eleven eight there's a joint", where places are in feet: eleven feet and eight inches, and no two places. */
    private function isFeetAndInches(Amount $one, Amount $other): bool
    {
        return UnitSystem::FeetAndInches === $this->units && $this->isRead($one, $other) && !$this->isCountedOff($one, $other)
            // "at twenty half closed" is no twenty feet and half an inch.
            && $other->value >= 1 && $other->value < self::INCHES && $one->value > 0 && !$this->isUncertain($one, $other);
    }

    /** "seven ninety there's a root", where places are in metres: 7.90. */
    private function isMetresAndHundredths(Amount $one, Amount $other): bool
    {
        return UnitSystem::Metric === $this->units && $this->isRead($one, $other)
            && $other->value >= self::TENTH && $other->value < self::HUNDRED && $one->value < self::HUNDRED
            && !$this->isCountedOff($one, $other)
            && !$this->isUncertain($one, $other) && !self::isCountedAloud($one, $other);
    }

    /** "fourteen nine there's a root", where places are in metres: 14.9. */
    private function isMetresAndTenths(Amount $one, Amount $other): bool
    {
        return UnitSystem::Metric === $this->units && $this->isRead($one, $other)
            && $other->value >= 1 && $other->value < self::TENTH
            && ($one->value >= $other->value || $other->value - $one->value > self::UNCERTAIN)
            && !$this->isCountedOff($one, $other);
    }

    /** Two bare numbers beside each other that are read off as one, by what stands around them. */
    private function isRead(Amount $one, Amount $other): bool
    {
        $next = $other->last + 1;
        // "seven twenty small root", "ten eighty it's gone"
        $isNamed = $this->sentence->is('before_names', $next) && Atom::KIND === $this->sentence->atomAt($next + 1)?->role
            || $this->sentence->endsThere($next)
            || $this->sentence->is('subjects', $next) && null !== $this->sentence->begins('gone', $next + 1);
        $isNext = $isNamed || $this->sentence->beginsAny(['here', 'intro', 'another', 'again', 'ends', 'still'], $next)
            || $this->sentence->is('is', $next)
            || null !== $this->sentence->begins('ends', $next + 1) || Atom::KIND === $this->sentence->atomAt($next)?->role
            || $this->sentence->is('known', $next) && Atom::KIND === $this->sentence->atomAt($next + 1)?->role
            || $this->sentence->isAfter('at', $one->first) || $this->sentence->isAfter('to', $one->first)
            || $this->depth->isSaid($one, $next)
            // "twelve five we go into clay"
            || $this->sentence->is('subjects', $next);

        return $isNext && $other->first === $one->last + 1 && Unit::None === $one->unit && Unit::None === $other->unit
            && !$one->isTenths() && !$other->isTenths();
    }

    /** "thirty eight nine feet" is eight or nine and thirty. */
    private static function withTens(Amount $one, Amount $other): float
    {
        $number = $other->value / $other->each;

        return $number < 10 && $one->value > 20 ? 10 * floor($one->value / 10) + $number : $number;
    }
}
