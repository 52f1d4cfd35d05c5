<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** What was said, word for word: written in one piece, or in cues that are read joined. */
final readonly class Speech
{
    /** A longer silence between two cues ends a sentence, in seconds. */
    private const PAUSE_S = 0.7;
    /** Cut by chance, three cues in ten end within a phrase. */
    private const OPEN_SHARE = 0.05;
    private const FEWEST_CUES = 8;
    /** Of the pauses: more of them are none. */
    private const CHANCE_SHARE = 0.2;
    private const WORD = '~(\d+(?:[.,]\d+)?)(?:[\'’]?s\b)?|\p{L}+(?:[\'’]\p{L}+)*'
        .'|(?:\'\'|[\'’](?!\p{L})|["”″′%/°$.,;:!?¼½¾⅛⅜⅝⅞#]|(?<=\d)\s?[-–—]\s?(?=\d))~u';
    private const SIGNS = [
        '–' => '-', '—' => '-', "''" => '"', '”' => '"', '″' => '"', '′' => "'", '’' => "'",
    ];
    private const SHARES = ['¼' => '1/4', '½' => '1/2', '¾' => '3/4', '⅛' => '1/8', '⅜' => '3/8', '⅝' => '5/8', '⅞' => '7/8'];

    /**
     * @param list<Word> $words
     * @param bool $isRecording whether somebody talks on, and not only says what is to be written down
     */
    private function __construct(public string $text, public array $words, public bool $hasTimes, public bool $isRecording = false)
    {
    }

    public static function written(string $text, Lexicon $lexicon): self
    {
        return new self($text, self::heard(self::words($text, 0, $lexicon), $text, $lexicon), false);
    }

    /**
     * @param list<Cue> $cues in the order of time
     * @param bool $areSentences whether each stands for itself, however soon the next follows
     */
    public static function timed(array $cues, Lexicon $lexicon, bool $areSentences = false): self
    {
        $isRecording = !$areSentences;
        $open = self::open($cues, $lexicon);
        $areSentences = $areSentences || self::arePhrases($cues, $open);
        $stops = $areSentences ? array_fill_keys(array_keys($cues), true) : self::pauses($cues, $open);
        $text = '';
        $words = [];
        $end = null;
        foreach ($cues as $i => $cue) {
            if (null !== $end && isset($stops[$i - 1])) {
                // A pause is a full stop that nobody wrote.
                $words[] = $lexicon->word('.', \strlen($text), \strlen($text), $end);
            }
            $text .= '' === $text ? '' : ' ';
            array_push($words, ...self::words($cue->text, \strlen($text), $lexicon, $cue));
            $text .= $cue->text;
            $end = $cue->toS;
        }

        return new self($text, self::heard($words, $text, $lexicon), true, $isRecording);
    }

    /**
     * @param list<Cue> $cues
     *
     * @return array<int, true> the cues that end in the middle of a phrase, as "at the", or of a number, as "twenty" before "five"
     */
    private static function open(array $cues, Lexicon $lexicon): array
    {
        $open = [];
        foreach (\array_slice($cues, 0, -1) as $i => $cue) {
            $last = 1 === preg_match('/([\p{L}\']+)\W*$/u', $cue->text, $found) ? mb_strtolower($found[1]) : '';
            $next = 1 === preg_match('/^\W*([\p{L}\']+)/u', $cues[$i + 1]->text, $found) ? mb_strtolower($found[1]) : '';
            if ($lexicon->has('phrase_goes_on', $last) || $lexicon->has('phrase_goes_back', $next)
                || self::isOneAmount($last, $next, $lexicon)) {
                $open[$i] = true;
            }
        }

        return $open;
    }

    /**
     * Whether whoever wrote the cues has cut them where somebody paused: hardly one of them ends in the middle of anything.
     *
     * @param list<Cue> $cues
     * @param array<int, true> $open
     */
    private static function arePhrases(array $cues, array $open): bool
    {
        return \count($cues) >= self::FEWEST_CUES && \count($open) <= self::OPEN_SHARE * \count($cues);
    }

    /**
     * @param list<Cue> $cues
     * @param array<int, true> $open
     *
     * @return array<int, true> the cues behind which somebody pauses for so long that a sentence ends; none where the program has only
     *                          left time between cues that it cut by chance
     */
    private static function pauses(array $cues, array $open): array
    {
        $pauses = [];
        foreach (\array_slice($cues, 0, -1) as $i => $cue) {
            if ($cues[$i + 1]->fromS - $cue->toS >= self::PAUSE_S) {
                $pauses[$i] = true;
            }
        }
        // "We're at about … 26 feet": whoever hesitates goes on.
        $ends = array_diff_key($pauses, $open);

        return \count($pauses) - \count($ends) > self::CHANCE_SHARE * \count($pauses) ? [] : $ends;
    }

    /** "twenty" and "five", "three" and "hundred", "five" and "feet", "five" and "point": parts of one. */
    private static function isOneAmount(string $last, string $next, Lexicon $lexicon): bool
    {
        $number = (int) $lexicon->number('numbers', $last);
        $behind = (int) $lexicon->number('numbers', $next);
        $isUnit = $lexicon->isUnit($next) || $lexicon->has('point', $next);
        $isOne = $number >= 20 && 0 === $number % 10 && $behind > 0 && $behind < 10 || $number < 100 && $behind >= 100;

        return $number > 0 && ($isUnit || $isOne)
            || ($behind > 0 || $lexicon->has('within_numbers', $next)) && $lexicon->has('point', $last);
    }

    /** What stands between two words. */
    public function said(int $first, int $last): string
    {
        return trim(substr($this->text, $this->words[$first]->from, $this->words[$last]->to - $this->words[$first]->from));
    }

    /**
     * @param list<int> $words
     *
     * @return list<string> what stands around each of them, in order; what touches is one
     */
    public function around(array $words, int $beside): array
    {
        sort($words);
        $parts = [];
        foreach ($words as $word) {
            $begin = max(0, $word - $beside);
            $last = end($parts);
            if (false !== $last && $begin <= $last[1]) {
                $begin = $last[0];
                array_pop($parts);
            }
            $parts[] = [$begin, min(\count($this->words) - 1, $word + $beside)];
        }

        return array_map(fn (array $part) => $this->said(...$part), $parts);
    }

    /**
     * @param list<Word> $words
     *
     * @return list<Word>
     */
    private static function heard(array $words, string $text, Lexicon $lexicon): array
    {
        return Fluency::of(InShort::spelledOut($words, $text, $lexicon), $lexicon);
    }

    /** @return list<Word> */
    private static function words(string $text, int $offset, Lexicon $lexicon, ?Cue $cue = null): array
    {
        preg_match_all(self::WORD, $text, $found, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE | \PREG_UNMATCHED_AS_NULL);
        $words = [];
        foreach ($found as $match) {
            [$raw, $at] = $match[0];
            $raw = (string) $raw;
            // A sentence is as old as its share of the words.
            $atS = null === $cue ? null : $cue->fromS + ($cue->toS - $cue->fromS) * $at / max(1, \strlen($text));
            $number = null === $match[1][0] ? null : self::number($match[1][0]);
            $plain = $lexicon->spelled(ctype_lower($raw) ? $raw : self::plain($raw));
            $words[] = $lexicon->word($plain, $offset + $at, $offset + $at + \strlen($raw), $atS, $number);
        }

        return $words;
    }

    /** In lower case, with signs as tables have them. */
    private static function plain(string $raw): string
    {
        $sign = trim($raw);

        return self::SHARES[$sign] ?? self::SIGNS[$sign] ?? str_replace('’', "'", mb_strtolower($sign));
    }

    /** A comma with three digits behind it parts thousands. */
    private static function number(string $digits): float
    {
        return (float) (1 === preg_match('/,\d{3}$/', $digits) ? str_replace(',', '', $digits) : str_replace(',', '.', $digits));
    }
}
