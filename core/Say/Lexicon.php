<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** The words of one language: a table of plain data, see languages/en.php. */
final class Lexicon
{
    /** What is read where nobody says another. */
    public const USUAL = 'en';
    /** Phrases have numbers of so many digits in digits. */
    private const LONG_NUMBER = 2;
    /** What is named. */
    private const NAMES = [Atom::KIND, Atom::MATERIAL];

    /** @var array<string, self> */
    private static array $read = [];

    /** What is said in them. */
    public readonly Phrasebook $phrases;
    private readonly PhraseWriting $writing;
    /** @var array<string, array<string, true>> the tables in which a word stands */
    private readonly array $standing;
    /** @var array<string, array<string, true>> the tables in which something begins with it */
    private readonly array $beginning;
    /** @var array<string, array<string, float|false>> what words were found to count, by table */
    private array $numbers = [];
    /** @var array<string, string> words that were asked for what leans on them */
    private array $apart = [];
    /** @var array<string, bool> words that were asked whether they are amounts */
    private array $amounts = [];
    /** @var array<string, bool> words that were asked whether they lead one */
    private array $leading = [];
    /** @var array<string, bool> words that were asked whether an article before them makes them one */
    private array $behindArticles = [];
    /** @var ?array<int, int|string> the first word of each number */
    private ?array $words = null;

    /**
     * @param array<string, mixed> $tables
     * @param string $phrases which of their phrases: those of a look, or those that are said with a clearing tool in the line
     */
    public function __construct(private readonly array $tables, string $phrases = 'phrases')
    {
        $standing = $beginning = [];
        foreach ($tables as $table => $words) {
            foreach (\is_array($words) ? array_filter($words, is_string(...)) : [] as $word) {
                $standing[$word][$table] = true;
                $beginning[explode(' ', $word)[0]][$table] = true;
            }
        }
        [$this->standing, $this->beginning] = [$standing, $beginning];
        $this->writing = new PhraseWriting($this->map('same'), $this->map('drawn_together'), $this->map('leaning'), $this->map('alike'));
        $this->phrases = new Phrasebook();
        foreach ($this->map($phrases) as $role => $meanings) {
            \assert(\is_array($meanings));
            foreach ($meanings as $meaning => $phrases) {
                \assert(\is_array($phrases));
                foreach ($phrases as $phrase) {
                    \assert(\is_string($phrase));
                    $isName = \in_array($role, self::NAMES, true);
                    $this->phrases->take($role, (string) $meaning, $this->writing->phrase($phrase, $isName));
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

    /** @return int how many of these words are said for nothing together: "you know", "let me see" */
    public function fillerAt(string ...$words): int
    {
        for ($many = $this->begins('filler_phrases', $words[0]) ? \count($words) : 0; $many > 1; --$many) {
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

    /** Whether an amount may begin with it, before the word behind: nearly no word is a number, and all are asked. */
    public function beginsAmount(string $word, string $next): bool
    {
        return $this->isAmount($word) || $this->leadsAmount($word) && ($this->isAmount($next) || $this->isBehindArticle($next));
    }

    /** "twelve", "half", "inch", "point" */
    public function isAmount(string $word): bool
    {
        return $this->amounts[$word] ??= 1 === preg_match('/\d/', $word)
            || [] !== array_filter(['numbers', 'fractions'], fn (string $table) => null !== $this->number($table, $word))
            || [] !== array_filter(['bare_units', 'singular', 'point'], fn (string $table) => $this->has($table, $word));
    }

    /** "an" of "an inch", "to" of "to inch" */
    private function leadsAmount(string $word): bool
    {
        return $this->leading[$word] ??= $this->has('one', $word) || $this->has('articles', $word)
            || null !== $this->number('misheard', $word);
    }

    /** "feet" of "for feet", "good" of "a good inch" */
    private function isBehindArticle(string $word): bool
    {
        return $this->behindArticles[$word] ??= $this->has('full', $word) || $this->isUnit($word);
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

    /** Whether what stands in a table may begin with a word: "as you can see" with "as". */
    public function begins(string $table, string $word): bool
    {
        return isset($this->beginning[$word][$table]);
    }

    public function has(string $table, string $word): bool
    {
        return isset($this->standing[$word][$table]);
    }

    /**
     * A word that knows its tables.
     *
     * @param string $text in lower case, as tables have it
     * @param int $from where it stands in what was said, in bytes
     * @param ?float $atS when it was said, in seconds; none where nobody knows
     * @param ?float $number what it is where it is written in digits
     */
    public function word(string $text, int $from, int $to, ?float $atS = null, ?float $number = null): Word
    {
        return new Word($text, $from, $to, $atS, $number, $this->standing[$text] ?? []);
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
        $bare = null === $number ? $this->bare($word) : $word;
        $number ??= $bare === $word || $this->has('pronouns', $bare) ? null : $numbers[$bare] ?? null;

        return \is_int($number) || \is_float($number) ? (float) $number : null;
    }

    /** What leans on a word stands by itself: "bottom's" as "bottom 's". */
    public function apart(string $word): string
    {
        return $this->apart[$word] ??= $this->writing->apart($word);
    }

    /** A word without what leans on it: "one's" as "one". */
    public function bare(string $word): string
    {
        return explode(' ', $this->apart($word))[0];
    }

    /** @return array<mixed> */
    private function map(string $table): array
    {
        $map = $this->tables[$table] ?? [];

        return \is_array($map) ? $map : [];
    }
}
