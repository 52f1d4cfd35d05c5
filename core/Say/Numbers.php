<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** Reads numbers: in digits, in words, with halves and quarters. */
final readonly class Numbers
{
    private const HALF = 0.5;
    private const TEN = 10;
    private const HUNDRED = 100;
    private const THOUSAND = 1000;

    /** @param list<Word> $words */
    public function __construct(private array $words, private Lexicon $lexicon)
    {
    }

    /** @return ?array{float, int} its value and how many words it has */
    public function at(int $i): ?array
    {
        // "a lateral at twelve, one on the right at fifteen"
        $isPronoun = $this->is('pronouns', $i) && $this->is('behind_pronouns', $i + 1);
        $whole = $isPronoun ? null : $this->whole($i);
        $fraction = $this->fraction($i);
        if (null === $whole || ($fraction[1] ?? 0) > $whole[1]) {
            return $fraction;
        }
        [$value, $length] = $whole;
        // A half on its own is of what comes next: "half an inch" is no part of the number before it.
        $joined = $this->is('and', $i + $length) ? 1 : 0;
        $part = $this->fraction($i + $length + $joined);
        if (null !== $part && $part[0] < 1 && (1 === $joined || $this->isWritten($i + $length))) {
            return [$value + $part[0], $length + $joined + $part[1]];
        }

        return $whole;
    }

    /** @return ?array{float, int} a half, three quarters, 1/4; of nothing but itself */
    public function fraction(int $i): ?array
    {
        if ('/' === $this->text($i + 1) && null !== ($this->words[$i]->number ?? null) && ($this->words[$i + 2]->number ?? 0.0) > 0) {
            return [$this->words[$i]->number / $this->words[$i + 2]->number, 3];
        }
        if (str_contains($this->text($i), '/') && 1 === preg_match('~^(\d)/(\d)$~', $this->text($i), $sign)) {
            return [(int) $sign[1] / max(1, (int) $sign[2]), 1];
        }
        $many = 1.0;
        $length = 0;
        if ($this->lexicon->has('articles', $this->text($i))) {
            $length = 1;
        } elseif (null !== ($some = $this->simple($i) ?? $this->words[$i]->number ?? null) && $some < self::TEN) {
            [$many, $length] = [$some, 1];
        }
        $part = $this->lexicon->number('fractions', $this->text($i + $length));
        // "a gap at nine, half an inch": nobody says "nine halves" so.
        if (self::HALF === $part && $many > 1.0) {
            return null;
        }

        // "the third one's on the right"
        $isOrder = null !== $part && $this->lexicon->has('pronouns', $this->lexicon->bare($this->text($i + $length + 1)));

        return null === $part || $isOrder ? null : [$many * $part, $length + 1];
    }

    private function isWritten(int $i): bool
    {
        return str_contains($this->text($i), '/') || '/' === $this->text($i + 1);
    }

    /** @return ?array{float, int} */
    private function whole(int $i): ?array
    {
        $digits = $this->words[$i]->number ?? null;
        if (null !== $digits) {
            return [$digits, 1];
        }
        // "doscientos diez" has its hundreds in one word.
        $hundreds = $this->simple($i) ?? 0.0;
        if ($hundreds > self::HUNDRED && 0.0 === fmod($hundreds, self::HUNDRED) && $hundreds < self::TEN * self::HUNDRED) {
            return $this->withRest($i, $hundreds, 1);
        }
        // "depth's point nine"
        $behind = null === $this->simple($i - 1) ? $this->behindPoint($i) : null;
        if (null !== $behind) {
            return $behind;
        }
        $hundred = $this->lexicon->has('articles', $this->text($i)) && self::HUNDRED === (int) $this->simple($i + 1);
        $read = $hundred ? null : $this->underHundred($i);
        if (!$hundred && null === $read) {
            return null;
        }
        [$value, $length] = $read ?? [1.0, 1];
        if (null !== $hundreds = $this->hundreds($i, $value, $length)) {
            return $hundreds;
        }
        $next = $this->countsHundreds($i) ? $this->underHundred($i + $length) : null;
        if (null !== $next && $next[0] >= self::TEN) {
            return [$value * self::HUNDRED + $next[0], $length + $next[1]];
        }
        // "one oh five"
        $ones = 0.0 === ($next[0] ?? null) ? $this->simple($i + $length + 1) : null;
        if (null !== $ones && $ones > 0 && $ones < self::TEN) {
            return [$value * self::HUNDRED + $ones, $length + 2];
        }
        $behind = $this->behindPoint($i + $length);

        return [$value + ($behind[0] ?? 0.0), $length + ($behind[1] ?? 0)];
    }

    /** "one eleven" is 111, but not in "the next one, eleven feet", "bath two, eleven feet", "it's four foot two, twenty six feet …" */
    private function countsHundreds(int $i): bool
    {
        return $this->is('hundreds_of', $i) && !$this->is('numbered', $i - 1) && !$this->is('numbered_rooms', $i - 1)
            && !$this->is('bare_inches_after', $i - 1);
    }

    /** @return ?array{float, int} "two hundred and four", "thirty five hundred dollars", "in two thousand and ten" */
    private function hundreds(int $i, float $many, int $length): ?array
    {
        // A year; what counts thousands is a price or a pressure.
        if (2.0 === $many && self::THOUSAND === (int) $this->simple($i + $length)) {
            $rest = $this->withRest($i, $many * self::THOUSAND, $length + 1);

            return $rest[0] > $many * self::THOUSAND ? $rest : null;
        }
        if (self::HUNDRED !== (int) $this->simple($i + $length)) {
            return null;
        }
        // "at fifteen, hundred mil clay", "twenty, a hundred mil": of two numbers.
        $isOne = 0.0 !== fmod($many, self::TEN) && !$this->is('small', $i + $length + 1);

        return match (true) {
            $many < self::TEN => $this->withRest($i, $many * self::HUNDRED, $length + 1),
            $isOne => [$many * self::HUNDRED, $length + 1],
            default => null,
        };
    }

    /** @return ?array{float, int} "point five", "point oh five", "point two five", "point fifteen" */
    private function behindPoint(int $i): ?array
    {
        // "two point oh"
        $isRound = $this->is('within_numbers', $i + 1);
        $first = $this->is('point', $i) && !$this->is('before_points', $i - 1) ? $this->simple($i + 1) ?? ($isRound ? 0.0 : null) : null;
        if (null === $first) {
            return null;
        }
        if ($first >= self::TEN) {
            [$whole, $length] = $this->underHundred($i + 1) ?? [0.0, 0];

            return [$whole / self::HUNDRED, 1 + $length];
        }
        $second = $this->simple($i + 2);
        // "ten point five, two inches of water", "seven point eight, eight point three": the second is of what comes next.
        $isNext = $this->is('inches', $i + 3) || $this->is('percent', $i + 3) || $this->is('point', $i + 3);

        return null === $second || $second >= self::TEN || $isNext
            ? [$first / self::TEN, 2] : [$first / self::TEN + $second / self::HUNDRED, 3];
    }

    /** @return array{float, int} what follows the hundreds: "and four", "twenty six" */
    private function withRest(int $i, float $hundreds, int $length): array
    {
        $joined = $this->is('and', $i + $length) ? 1 : 0;
        $rest = $this->underHundred($i + $length + $joined);

        return null === $rest ? [$hundreds, $length] : [$hundreds + $rest[0], $length + $joined + $rest[1]];
    }

    /** @return ?array{float, int} */
    private function underHundred(int $i): ?array
    {
        $tens = $this->simple($i);
        if (null === $tens || $tens > self::HUNDRED - 1) {
            return self::HUNDRED === (int) $tens ? [1.0, 0] : null;
        }
        // "thirty two", "treinta y dos"
        $joined = $this->is('tens_and', $i + 1) ? 1 : 0;
        $ones = $tens >= 2 * self::TEN && 0 === (int) $tens % self::TEN ? $this->simple($i + 1 + $joined) : null;

        // "five feet a ninety seven feet the bottom": a turn, and then the next place.
        $isTurn = $this->is('turns', $i) && ($this->is('one', $i - 1)
            // "it bends to ninety, one metre …": ninety one would be metres.
            || 1.0 === $ones && $this->is('singular', $i + 2) && null !== $this->lexicon->number('large', $this->text($i + 2)));

        return !$isTurn && null !== $ones && $ones >= 1 && $ones < self::TEN ? [$tens + $ones, 2 + $joined] : [$tens, 1];
    }

    private function simple(int $i): ?float
    {
        // "another one twenty three feet": that one is no number.
        // "that one", and not "push through that, one point eight"
        if ($this->is('pronouns', $i) && $this->is('before_pronouns', $i - 1) && !$this->is('point', $i + 1)) {
            return null;
        }

        $number = $this->lexicon->number('numbers', $this->text($i)) ?? $this->leaning($i);
        // "one oh five", but not "fourteen, oh, there's a root"
        if ($this->is('within_numbers', $i) && null === $this->simple($i + 1)) {
            return null;
        }

        // "un veinte por ciento": that one is an article.
        return 1.0 === $number && $this->is('articles', $i) && $this->lexicon->number('numbers', $this->text($i + 1)) >= self::TEN
            ? null : $number;
    }

    /** "twenty one's the same", and not "the next one's good" */
    private function leaning(int $i): ?float
    {
        $before = (int) $this->lexicon->number('numbers', $this->text($i - 1));
        if ($before < 2 * self::TEN || 0 !== $before % self::TEN) {
            return null;
        }
        $word = $this->lexicon->bare($this->text($i));

        return $this->lexicon->has('pronouns', $word) ? $this->lexicon->number('numbers', $word) : null;
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
