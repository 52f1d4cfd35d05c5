<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** Reads amounts: numbers with their units, however they are joined. */
final readonly class Amounts
{
    private const FOOT_M = 0.3048;
    public const INCH_M = 0.0254;
    private const INCHES = 12;
    private const HOURS = 12;
    private const CENTIMETRE_M = 0.01;
    /** Fewer are the size of a thing, not the rest of a place. */
    private const FEWEST_CENTIMETRES = 10;
    /** Up to here metres are read off a tape or a locator, and centimetres may follow without their name, whatever their number. */
    private const TAPED_M = 4.0;
    /** "At six metres ninety" may be a turn. */
    private const TURNS = [22.0, 45.0, 90.0];

    private Numbers $numbers;

    /** @param list<Word> $words */
    public function __construct(private array $words, private Lexicon $lexicon)
    {
        $this->numbers = new Numbers($words, $lexicon);
    }

    public function at(int $i): ?Amount
    {
        if (!$this->lexicon->beginsAmount($this->text($i), $this->text($i + 1))) {
            return null;
        }

        return $this->fractionOfAUnit($i) ?? $this->misheard($i) ?? $this->counted($i);
    }

    /** "half an inch", "a quarter of an inch", "three quarters inch" */
    private function fractionOfAUnit(int $i): ?Amount
    {
        $part = $this->numbers->fraction($i);
        if (null === $part) {
            return null;
        }
        $next = $i + $part[1];
        $next += $this->is('of', $next) ? 1 : 0;
        $next += $this->is('articles', $next) ? 1 : 0;
        [$metres, $unit] = $this->length($next);

        return null === $unit ? null : new Amount($part[0] * $metres, $unit, $i, $next, $metres);
    }

    /** "to inch", "thirty for foot": what sounds like a number before a unit */
    private function misheard(int $i): ?Amount
    {
        $tens = $this->numbers->at($i);
        $at = null !== $tens && $tens[0] >= 20 && 0.0 === fmod($tens[0], 10) ? $i + $tens[1] : $i;
        $ones = $this->lexicon->number('misheard', $this->text($at));
        [$metres, $unit] = $this->length($at + 1);
        // "one to two feet" and "in to the line" are no numbers.
        if (null === $ones || null === $unit || \in_array($this->text($at + 1), ['in', 'm'], true)) {
            return null;
        }

        return new Amount((($at > $i ? $tens[0] ?? 0.0 : 0.0) + $ones) * $metres, $unit, $i, $at + 1, $metres);
    }

    private function counted(int $i): ?Amount
    {
        $number = $this->numbers->at($i);
        // "an inch", "a foot": the article counts as one.
        // … and "the first metre and a half"
        $isBare = $this->is('bare_units', $i) || $this->is('first', $i - 1) && $this->is('singular', $i);
        if (null === $number && ($isBare || $this->is('one', $i))) {
            $at = $isBare ? $i : $i + 1;
            $at += $this->is('full', $at) ? 1 : 0;
            [$metres, $unit] = $this->length($at);

            return match (true) {
                null === $unit => null,
                // "a metre forty"
                1.0 === $metres => $this->withCentimetres(1.0, $i, $at),
                default => $this->withPart(new Amount($metres, $unit, $i, $at, $metres), $metres),
            };
        }
        if (null === $number) {
            return null;
        }
        [$value, $length] = $number;
        $next = $i + $length;
        // "a couple of inches", "point five of a metre"
        $of = $this->is('of', $next) ? ($this->is('articles', $next + 1) ? 2 : 1) : 0;
        $next += null !== $this->length($next + $of)[1] ? $of : 0;
        [$metres, $unit] = $this->length($next);
        if (null !== $unit) {
            return match (true) {
                $this->is('feet', $next) => $this->withInches($value * self::FOOT_M, $i, $next),
                1.0 === $metres => $this->withCentimetres($value, $i, $next),
                default => $this->withPart(new Amount($value * $metres, $unit, $i, $next, $metres), $metres),
            };
        }

        return $this->otherwise($value, $i, $next);
    }

    /** @return ?array{Unit, int} what is no length and is named by one word or two, and the last of them */
    private function named(int $i): ?array
    {
        foreach (['percent' => Unit::Percent, 'degrees' => Unit::Degrees, 'clock' => Unit::Clock] as $table => $unit) {
            if ($this->is($table, $i)) {
                return [$unit, $i];
            }
            if ($this->lexicon->has($table, $this->text($i).' '.$this->text($i + 1))) {
                return [$unit, $i + 1];
            }
        }

        return null;
    }

    /** Whether the number before a word is of something else than a length that goes on. */
    private function isOfOther(int $i): bool
    {
        return null !== $this->length($i)[1] || null !== $this->named($i) || $this->is('counted', $i);
    }

    private function otherwise(float $value, int $i, int $next): Amount
    {
        $named = $this->named($next);
        if (null !== $named) {
            return new Amount($value, $named[0], $i, $named[1]);
        }

        // "a las tres": an hour by what stands before it
        if ($value <= self::HOURS && $this->is('hours_after', $i - 1)) {
            return new Amount($value, Unit::Clock, $i, $next - 1);
        }

        // "at three and nine o'clock": the hour is said once.
        $second = $this->is('and', $next) || $this->is('or', $next) ? $this->numbers->at($next + 1) : null;
        $behind = null === $second ? 0 : $next + 1 + $second[1];
        if (null !== $second && $value <= self::HOURS && Unit::Clock === ($this->named($behind)[0] ?? null)) {
            return new Amount($value, Unit::Clock, $i, $next - 1);
        }
        // "trece con dos", "siete con cuarenta": tenths or hundredths of a place
        $parts = $this->is('parts_after', $next) ? $this->numbers->at($next + 1) : null;
        if (null !== $parts && $parts[0] < 100 && !$this->isOfOther($next + 1 + $parts[1])) {
            $behind = $parts[0] / ($parts[0] < 10 ? 10 : 100);

            return new Amount($value + $behind, Unit::None, $i, $next + $parts[1], isDecimal: true);
        }
        // Nobody counts halves, either: "two and a half, bit of scale".
        $isDecimal = $value > 1 && 0.0 !== fmod($value, 1.0) || str_contains($this->text($i), '.') || [] !== array_filter(
            range($i, $next - 1), fn (int $word) => $this->is('point', $word),
        );

        return new Amount($value, Unit::None, $i, $next - 1, isDecimal: $isDecimal);
    }

    /** Feet may have inches behind them: "5 foot 9", "3' 8\"", "eight feet six inches". */
    private function withInches(float $metres, int $i, int $unitAt): Amount
    {
        $amount = new Amount($metres, Unit::Large, $i, $unitAt, self::FOOT_M);
        $at = $unitAt + 1;
        $at += $this->is('and', $at) && null !== $this->numbers->at($at + 1) && $this->isInches($at + 1) ? 1 : 0;
        $inches = $this->numbers->at($at);
        // "19 feet a half inch step", "84 feet two inches of water": the inches are of the step, and of the water.
        $isOfAThing = null !== $inches && $this->is('inches', $at + $inches[1]) && $this->is('of', $at + $inches[1] + 1)
            && !$this->is('deepness', $at + $inches[1] + 2);
        if (null === $inches || $inches[0] >= self::INCHES || $isOfAThing || $this->is('articles', $at)) {
            return $this->withPart($amount, self::FOOT_M);
        }
        $end = $at + $inches[1];
        if ($this->is('inches', $end) && 'in' !== $this->text($end)) {
            return new Amount($metres + $inches[0] * self::INCH_M, Unit::Large, $i, $end, self::FOOT_M);
        }
        // Without their name they follow "foot", or stand before "deep", and nothing that they count.
        $isBare = ($this->is('bare_inches_after', $unitAt) || $this->is('bare_inches_before', $end))
            && $inches[0] >= 1 && !$this->isOfOther($end);

        return $isBare
            ? new Amount($metres + $inches[0] * self::INCH_M, Unit::Large, $i, $end - 1, self::FOOT_M)
            : $this->withPart($amount, self::FOOT_M);
    }

    /** "two metres nine, there's a tee", and not "two metres, nine wipes": whether somebody goes on with something else. */
    private function isSaidNext(int $next): bool
    {
        return '' === $this->text($next) || $this->is('shows', $next) || $this->is('articles', $next) || $this->is('speakers', $next)
            || $this->is('and', $next) || $this->is('subjects', $next);
    }

    /** "four metres twenty centimetres"; "one metre twenty five" of what is taped. "At twelve metres twenty percent" has none. */
    private function withCentimetres(float $metres, int $i, int $unitAt): Amount
    {
        $amount = new Amount($metres, Unit::Large, $i, $unitAt, 1.0);
        // "seis metros con veinte"
        $with = $this->is('parts_after', $unitAt + 1) ? 1 : 0;
        $more = $this->numbers->at($unitAt + 1 + $with);
        // "to four metres seventy, five metres sixty"
        if (2 === ($more[1] ?? 0) && null !== $this->length($unitAt + 3 + $with)[1] && '' !== $this->text($unitAt + 4 + $with)
            && self::CENTIMETRE_M !== $this->length($unitAt + 3 + $with)[0]
        ) {
            $more = [10 * floor($more[0] / 10), 1];
        }
        $end = $unitAt + 1 + $with + ($more[1] ?? 0);
        $isDigit = 1 === ($more[1] ?? 0) && $more[0] >= 2 && $more[0] < self::FEWEST_CENTIMETRES;
        if ($isDigit && !$this->is('one', $i) && 0.0 === fmod($metres, 1.0) && $this->isSaidNext($end)) {
            return new Amount($metres + $more[0] * self::CENTIMETRE_M, Unit::Large, $i, $end - 1, 1.0);
        }
        $isNamed = self::CENTIMETRE_M === $this->length($end)[0] && !$this->is('of', $end + 1);
        $isTurn = $metres > self::TAPED_M && 0 === $with && \in_array($more[0] ?? null, self::TURNS, true) && $this->is('turn_words', $end);
        if (null === $more || $more[0] < self::FEWEST_CENTIMETRES || $more[0] >= 100 || 0.0 !== fmod($more[0], 1.0)
            || !$isNamed && ($isTurn || $this->isOfOther($end))
        ) {
            return $this->withPart($amount, 1.0);
        }

        return new Amount($metres + $more[0] * self::CENTIMETRE_M, Unit::Large, $i, $isNamed ? $end : $end - 1, 1.0);
    }

    private function isInches(int $i): bool
    {
        $number = $this->numbers->at($i);

        $unitAt = $i + ($number[1] ?? 0);

        return null !== $number && $number[0] < self::INCHES && $this->is('inches', $unitAt) && 'in' !== $this->text($unitAt);
    }

    /** "an inch and a quarter", "three feet and a half" */
    private function withPart(Amount $amount, float $metres): Amount
    {
        // "forty two feet and the third flag" is no third of a foot.
        $isMore = $this->is('and', $amount->last + 1) && !$this->is('known', $amount->last + 2);
        $part = $isMore ? $this->numbers->fraction($amount->last + 2) : null;
        $end = null === $part ? 0 : $amount->last + 2 + $part[1];
        $isOfAThing = $this->is('of', $end) && $this->is('articles', $end + 1);
        if (null === $part || $part[0] >= 1 || null !== $this->length($end)[1] || $isOfAThing || $this->is('articles', $end)) {
            return $amount;
        }

        return new Amount($amount->value + $part[0] * $metres, $amount->unit, $amount->first, $end - 1, $amount->each);
    }

    /** @return array{float, ?Unit} metres of one of the unit that stands there; none where none does */
    private function length(int $i): array
    {
        $text = $this->text($i);
        if ($this->is('feet', $i)) {
            return [self::FOOT_M, Unit::Large];
        }
        if ($this->is('inches', $i) && ('in' !== $text || null !== ($this->words[$i - 1]->number ?? null) && '' === $this->between($i))) {
            return [self::INCH_M, Unit::Small];
        }
        $large = $this->lexicon->number('large', $text);
        $small = $this->lexicon->number('small', $text);

        return null !== $large ? [$large, Unit::Large] : [$small ?? 0.0, null === $small ? null : Unit::Small];
    }

    /** "4in" is inches; in "4 in" somebody goes on. */
    private function between(int $i): string
    {
        return $this->words[$i]->from === $this->words[$i - 1]->to ? '' : ' ';
    }

    private function is(string $table, int $i): bool
    {
        return isset($this->words[$i]->tables[$table]);
    }

    private function text(int $i): string
    {
        return $this->words[$i]->text ?? '';
    }
}
