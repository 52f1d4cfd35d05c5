<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** The words of one language: a table of plain data, see languages/en.php. */
final class Lexicon
{
    /** What is read where nobody says another. */
    public const USUAL = 'en';
    /** How what leans on a word begins where it stands by itself. */
    private const APART = " '";
    /** Phrases have numbers of so many digits in digits. */
    private const LONG_NUMBER = 2;
    /** So many phrases that begin with the same two words are looked through by their third. */
    private const MANY = 12;
    /** What is named. */
    private const NAMES = [Atom::KIND, Atom::MATERIAL];

    /** @var array<string, self> */
    private static array $read = [];

    /**
     * Patterns with their role and what they mean, by their first word and by their second, which is empty where it may be any.
     *
     * @var array<string, array<string, list<array{string, string, string, Phrase}>>>
     */
    private array $phrases = [];
    /** @var array<string, array<string, list<array<string, true>>>> what may come third, by the first two words, of each phrase */
    private array $behind = [];
    /** @var array<string, array<string, array<string, list<array{string, string, string, Phrase}>>>> phrases by their first three words */
    private array $thirds = [];
    private readonly PhraseWriting $writing;
    /** @var array<string, array<string, true>> the words of a table, for those that were asked for */
    private array $sets = [];
    /** @var array<string, array<string, float|false>> what words were found to count, by table */
    private array $numbers = [];
    /** @var array<string, bool> words that were asked whether an amount begins with them */
    private array $begins = [];
    /** @var ?array<int, int|string> the first word of each number */
    private ?array $words = null;

    /**
     * @param array<string, mixed> $tables
     * @param string $phrases which of their phrases: those of a look, or those that are said with a clearing tool in the line
     */
    public function __construct(private readonly array $tables, string $phrases = 'phrases')
    {
        $this->writing = new PhraseWriting($this->map('same'), $this->map('drawn_together'), $this->map('leaning'), $this->map('alike'));
        foreach ($this->map($phrases) as $role => $meanings) {
            \assert(\is_array($meanings));
            foreach ($meanings as $meaning => $phrases) {
                \assert(\is_array($phrases));
                foreach ($phrases as $phrase) {
                    \assert(\is_string($phrase));
                    $this->take($role, (string) $meaning, $phrase);
                }
            }
        }
    }

    /** @return list<string> the languages that have a table, by their codes */
    public static function languages(): array
    {
        return array_map(static fn (string $file) => basename($file, '.php'), glob(__DIR__.'/languages/*.php') ?: []);
    }

    /** @param string $language its code; one without a table is read as the usual one */
    public static function of(string $language): self
    {
        return self::$read[$language] ??= new self(self::tables($language));
    }

    /** What is said with a clearing tool in the line. */
    public static function withATool(string $language): self
    {
        return self::$read[$language.' tool'] ??= new self(self::tables($language), 'phrases_with_a_tool');
    }

    /** @return array<string, mixed> */
    private static function tables(string $language): array
    {
        $language = \in_array($language, self::languages(), true) ? $language : self::USUAL;
        /** @var array<string, mixed> $tables */
        $tables = require __DIR__.'/languages/'.$language.'.php';

        return $tables;
    }

    /** As tables have a word that is written otherwise. */
    public function spelled(string $word, string $table = 'spellings'): string
    {
        $other = $this->map($table)[$word] ?? $word;

        return \is_string($other) ? $other : $word;
    }

    public function isFiller(string $word): bool
    {
        return $this->has('fillers', $word);
    }

    /** @return int how many of these words are said for nothing together: "you know", "let me see" */
    public function fillerAt(string ...$words): int
    {
        for ($many = \count($words); $many > 1; --$many) {
            if ($this->has('filler_phrases', implode(' ', \array_slice($words, 0, $many)))) {
                return $many;
            }
        }

        return 0;
    }

    public function isUnit(string $word): bool
    {
        return null !== $this->number('large', $word) || null !== $this->number('small', $word) || [] !== array_filter(
            ['feet', 'inches', 'percent', 'degrees', 'clock'], fn (string $table) => $this->has($table, $word),
        );
    }

    /** Whether an amount may begin with it: nearly no word is a number, and all are asked. */
    public function beginsAmount(string $word): bool
    {
        return $this->begins[$word] ??= 1 === preg_match('/\d/', $word)
            || [] !== array_filter(['numbers', 'misheard', 'fractions'], fn (string $table) => null !== $this->number($table, $word))
            || [] !== array_filter(['one', 'bare_units', 'singular', 'articles', 'point'], fn (string $table) => $this->has($table, $word));
    }

    /** Whether it says nothing by itself, as an article does. */
    public function isSmall(string $word): bool
    {
        foreach (['small_words', 'articles', 'and', 'of', 'or', 'water', 'full', 'known', 'before_names', 'after_places'] as $table) {
            if ($this->has($table, $word)) {
                return true;
            }
        }

        return false;
    }

    /** Whether it ends as the name of many does. */
    public function isMany(string $word): bool
    {
        return $this->endsIn('many', $word) && !$this->endsIn('not_many', $word);
    }

    private function endsIn(string $table, string $word): bool
    {
        foreach ($this->map($table) as $ending) {
            if (\is_string($ending) && str_ends_with($word, $ending)) {
                return true;
            }
        }

        return false;
    }

    public function has(string $table, string $word): bool
    {
        $this->sets[$table] ??= array_fill_keys(array_filter($this->map($table), is_string(...)), true);

        return isset($this->sets[$table][$word]);
    }

    public function number(string $table, string $word): ?float
    {
        // False is none: nearly every word is no number, and is asked for again and again.
        $number = $this->numbers[$table][$word] ??= $this->numberOf($table, $word) ?? false;

        return false === $number ? null : $number;
    }

    /** "4" as phrases have it: "four". What they have in digits, such as a hundred percent, is longer. */
    public function inWords(string $digits): string
    {
        $this->words ??= array_flip(array_unique(array_filter($this->map('numbers'), is_int(...))));
        $word = \strlen($digits) < self::LONG_NUMBER ? $this->words[$digits] ?? $digits : $digits;

        return (string) $word;
    }

    private function numberOf(string $table, string $word): ?float
    {
        $numbers = $this->map($table);
        $number = $numbers[$word] ?? null;
        // "seventeen's got roots in it"; "that one's on the left" is no number.
        $bare = null === $number ? explode(' ', $this->apart($word))[0] : $word;
        $number ??= $bare === $word || $this->has('pronouns', $bare) ? null : $numbers[$bare] ?? null;

        return \is_int($number) || \is_float($number) ? (float) $number : null;
    }

    /**
     * The phrases that begin at a word, of each role the longest.
     *
     * @param string $text all words as they stand apart, one space between, with one behind the last
     * @param int $offset where the word stands in it
     *
     * @return array<string, array{string, int}> what it means and how many words it has, by role
     */
    public function phrasesAt(string $text, int $offset): array
    {
        $longest = [];
        $first = substr($text, $offset, strcspn($text, ' ', $offset));
        $at = $offset + \strlen($first) + 1;
        $second = substr($text, $at, strcspn($text, ' ', $at));
        $phrases = $this->phrases[$first] ?? [];
        foreach ([$this->withThird($text, $at + \strlen($second) + 1, $first, $second), '' === $second ? [] : $phrases[''] ?? []] as $may) {
            foreach ($may as [$pattern, $role, $meaning]) {
                if (1 === preg_match($pattern, $text, $found, 0, $offset)) {
                    $words = substr_count($found[0], ' ') - substr_count($found[0], self::APART);
                    if ($words > ($longest[$role][1] ?? 0)) {
                        $longest[$role] = [$meaning, $words];
                    }
                }
            }
        }

        return $longest;
    }

    /**
     * Those that begin with two words and may go on as the text does: "it is" begins very many.
     *
     * @param int $offset where the third word stands
     *
     * @return list<array{string, string, string, Phrase}>
     */
    private function withThird(string $text, int $offset, string $first, string $second): array
    {
        $all = $this->phrases[$first][$second] ?? [];
        if (\count($all) < self::MANY) {
            return $all;
        }
        $third = $offset < \strlen($text) ? substr($text, $offset, strcspn($text, ' ', $offset)) : '';
        $known = $this->thirds[$first][$second][$third] ?? null;
        if (null === $known) {
            $sets = $this->behind[$first][$second] ??= array_map(static fn (array $each) => $each[3]->behind($first, $second), $all);
            $isNext = static fn (int $i) => isset($sets[$i]['']) || isset($sets[$i][$third]);
            $known = array_values(array_filter($all, $isNext, \ARRAY_FILTER_USE_KEY));
            $this->thirds[$first][$second][$third] = $known;
        }

        return $known;
    }

    /** What leans on a word stands by itself: "bottom's" as "bottom 's". */
    public function apart(string $word): string
    {
        return $this->writing->apart($word);
    }

    /** @return array<mixed> */
    private function map(string $table): array
    {
        $map = $this->tables[$table] ?? [];

        return \is_array($map) ? $map : [];
    }

    private function take(string $role, string $meaning, string $written): void
    {
        $phrase = $this->writing->phrase($written, \in_array($role, self::NAMES, true));
        $known = [$phrase->pattern(), $role, $meaning, $phrase];
        foreach ($phrase->beginnings() as $word => $seconds) {
            foreach (array_keys($seconds) as $second) {
                $this->phrases[$word][$second][] = $known;
            }
        }
    }
}
