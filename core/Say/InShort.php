<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** Spells out what speech-to-text programs write in short: "26 ft" is 26 feet, "a 4 in line" four inches, "3:00" three o'clock. */
final readonly class InShort
{
    /** Nothing in a pipe is so many inches: "at 45 in" is a place. */
    private const MOST_INCHES = 36.0;
    private const HOURS = 12.0;
    /** Before a unit a number has no more parts: "26 and a half ft". */
    private const NUMBER_WORDS = 4;

    /** Whether units are written in short: feet are, or none is written out. */
    private bool $isShort;

    /**
     * @param list<Word> $words
     * @param string $text in which they stand
     */
    private function __construct(private array $words, private string $text, private Lexicon $lexicon)
    {
        $hasShort = $hasWhole = false;
        foreach ($words as $i => $word) {
            if (!$this->is('feet', $i) && !$this->is('inches', $i)) {
                continue;
            }
            $isShort = $this->is('short_feet', $i);
            $hasShort = $hasShort || $isShort && $this->isNumber($i - 1);
            $hasWhole = $hasWhole || !$isShort && !$this->is('short_inches', $i) && ctype_alpha($word->text);
        }
        $this->isShort = $hasShort || !$hasWhole;
    }

    /**
     * @param list<Word> $words
     * @param string $text in which they stand
     *
     * @return list<Word> each with its place in what was said
     */
    public static function spelledOut(array $words, string $text, Lexicon $lexicon): array
    {
        $said = new self($words, $text, $lexicon);
        $spelled = [];
        for ($i = 0; $i < \count($words); ++$i) {
            // Most words are no number and stand behind none.
            if (!$said->isNumber($i) && !$said->isNumber($i - 1)) {
                $spelled[] = $words[$i];

                continue;
            }
            [$all, $many] = $said->hour($i) ?? $said->part($i) ?? $said->turns($i) ?? [[$said->unit($i) ?? $words[$i]], 1];
            array_push($spelled, ...$all);
            $i += $many - 1;
        }

        return $spelled;
    }

    /** A unit behind a number, as it is spoken; none where there is none. */
    private function unit(int $i): ?Word
    {
        if (!$this->isNumber($i - 1) || $this->is('short_inches', $i) && !$this->isInches($i)) {
            return null;
        }
        $text = $this->text($i);
        $spoken = $this->lexicon->spelled($text, 'spoken');
        // "a 6 ft belly", "6 ft 3", "a 2x4"
        $spoken = $this->isOfAThing($i) || $this->isNumber($i + 1) ? $this->lexicon->spelled($text, 'spoken_of_a_thing') : $spoken;
        $word = $this->words[$i];

        return $spoken === $text ? null : $this->lexicon->word($spoken, $word->from, $word->to, $word->atS);
    }

    /** "a 6 ft belly" is a six foot one. */
    private function isOfAThing(int $unit): bool
    {
        for ($i = $unit - 1; $i > 0 && $i >= $unit - self::NUMBER_WORDS && $this->isPart($i); --$i) {
        }

        return $this->is('articles', $i) || $this->is('definite', $i);
    }

    /** "a 4 in line", "4-in clay", and not "we're about 12 in, and there's a tee". */
    private function isInches(int $i): bool
    {
        $number = $this->words[$i - 1];
        $isJoined = $this->words[$i]->from === $number->to || '-' === $this->between($number->to, $this->words[$i]->from);
        // Of a half nobody goes in.
        $value = $number->number ?? Amount::LEAST_PLACE;
        $isPlace = $value > self::MOST_INCHES || $value >= Amount::LEAST_PLACE && $this->is('goes_in', $i + 1)
            // "at 25 in the cast iron"
            || $this->is('articles', $i + 1) || $this->is('known', $i + 1);
        // "a 4 in line", "9 in brick"
        $isWide = $this->isOfAThing($i) || $this->is('has_a_bore', $i + 1);

        return $isJoined || ($this->isShort || $isWide) && ($this->is('bare_inches_before', $i + 1) || !$isPlace);
    }

    /** @return ?array{list<Word>, int} "1/2" as "half", "12 3/4" as "12 and three quarters", and how many words it has */
    private function part(int $i): ?array
    {
        $isOne = '/' === $this->text($i + 1) && null !== ($this->words[$i]->number ?? null)
            && null !== ($this->words[$i + 2]->number ?? null);
        [$first, $last] = [$this->words[$i], $this->words[$i + ($isOne ? 2 : 0)]];
        $written = $isOne ? $this->text($i).'/'.$this->text($i + 2) : $this->text($i);
        $spoken = $this->lexicon->spelled($written, 'spoken_parts');
        if ($spoken === $written) {
            return null;
        }
        $isMore = null !== ($this->words[$i - 1]->number ?? null);
        $more = $isMore ? [$this->lexicon->word($this->lexicon->spelled('&', 'spoken'), $first->from, $first->from, $first->atS)] : [];

        return [[...$more, ...$this->several($spoken, $first, $last)], $isOne ? 3 : 1];
    }

    /** @return ?array{list<Word>, int} "two 45s" */
    private function turns(int $i): ?array
    {
        $word = $this->words[$i];
        $spoken = null === $word->number ? $word->text : $this->lexicon->spelled($word->text, 'spoken');

        return $spoken === $word->text ? null : [$this->several($spoken, $word, $word), 1];
    }

    /** @return list<Word> that are said instead of those from one to another */
    private function several(string $spoken, Word $first, Word $last): array
    {
        return array_map(fn (string $text) => $this->lexicon->word($text, $first->from, $last->to, $first->atS), explode(' ', $spoken));
    }

    /** @return ?array{list<Word>, int} "3:00", "4:30": an hour of the clock that tells a side; none where it is a time of day */
    private function hour(int $i): ?array
    {
        $hour = $this->words[$i]->number ?? null;
        $minutes = $this->words[$i + 2]->text ?? '';
        $isHour = null !== $hour && $hour >= 1 && $hour <= self::HOURS && 0.0 === fmod($hour, 1.0)
            && ':' === ($this->words[$i + 1]->text ?? '') && \in_array($minutes, ['00', '30'], true)
            && $this->words[$i]->to === $this->words[$i + 1]->from && $this->words[$i + 1]->to === $this->words[$i + 2]->from;
        if (!$isHour || $this->is('times_of_day', $i + 3)) {
            return null;
        }
        $value = $hour + ('30' === $minutes ? 0.5 : 0.0);
        [$first, $last] = [$this->words[$i], $this->words[$i + 2]];

        return [[
            $this->lexicon->word((string) $value, $first->from, $first->to, $first->atS, $value),
            $this->lexicon->word($this->lexicon->spelled(':', 'spoken'), $this->words[$i + 1]->from, $last->to, $last->atS),
        ], 3];
    }

    private function isNumber(int $i): bool
    {
        $word = $this->words[$i] ?? null;

        return null !== $word && (null !== $word->number || $this->lexicon->isAmount($word->text)
            && (null !== $this->lexicon->number('fractions', $word->text) || 1 === preg_match('~^\d+/\d+$~', $word->text)));
    }

    /** Whether it may stand in a number: "26", "and a half", "1/2". */
    private function isPart(int $i): bool
    {
        return $this->isNumber($i) || '/' === $this->text($i) || $this->is('and', $i)
            || $this->is('articles', $i) && null !== $this->lexicon->number('fractions', $this->text($i + 1));
    }

    private function between(int $from, int $to): string
    {
        return substr($this->text, $from, $to - $from);
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
