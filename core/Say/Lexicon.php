<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** The words of one language: a table of plain data, see languages/en.php. */
final class Lexicon
{
    /** @var array<string, self> */
    private static array $read = [];

    /** @var array<string, array<string, list<array{string, string}>>> patterns and what they mean, by role and first word */
    private array $patterns = [];

    /** @param array<string, mixed> $tables */
    public function __construct(private readonly array $tables)
    {
        foreach ($this->map('phrases') as $role => $meanings) {
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

    public static function of(string $language): self
    {
        return self::$read[$language] ??= new self(require __DIR__.'/languages/'.$language.'.php');
    }

    /** As tables have a word that is written otherwise. */
    public function spelled(string $word): string
    {
        $other = $this->map('spellings')[$word] ?? $word;

        return \is_string($other) ? $other : $word;
    }

    public function isFiller(string $word): bool
    {
        return $this->has('fillers', $word);
    }

    public function has(string $table, string $word): bool
    {
        return \in_array($word, $this->map($table), true);
    }

    public function number(string $table, string $word): ?float
    {
        $number = $this->map($table)[$word] ?? null;

        return \is_int($number) || \is_float($number) ? (float) $number : null;
    }

    /** @return list<string> */
    public function roles(): array
    {
        return array_keys($this->patterns);
    }

    /**
     * The longest phrase of a role that begins at a word.
     *
     * @param string $text the words from there on, one space apart
     *
     * @return ?array{string, int} what it means and how many words it has
     */
    public function longest(string $role, string $word, string $text, int $offset): ?array
    {
        $best = null;
        foreach ($this->patterns[$role][$word] ?? [] as [$pattern, $meaning]) {
            if (1 === preg_match($pattern, $text, $found, 0, $offset)) {
                $words = substr_count($found[0], ' ');
                if ($words > ($best[1] ?? 0)) {
                    $best = [$meaning, $words];
                }
            }
        }

        return $best;
    }

    /** @return array<mixed> */
    private function map(string $table): array
    {
        $map = $this->tables[$table] ?? [];

        return \is_array($map) ? $map : [];
    }

    private function take(string $role, string $meaning, string $phrase): void
    {
        preg_match_all('/\([^()]*(?:\(\w+\)[^()]*)*\)\*?(?= |$)|\S+/', $phrase, $found);
        $pattern = '';
        $first = [];
        $isOpen = true;
        foreach ($found[0] as $element) {
            $isMany = str_ends_with($element, '*');
            $isOptional = $isMany || 1 === preg_match('/^\(.*\)$/', $element);
            $words = self::words($isOptional ? substr($element, 1, $isMany ? -2 : -1) : $element);
            if ($isOpen) {
                array_push($first, ...$words);
                $isOpen = $isOptional;
            }
            $any = '(?:'.implode('|', array_map(static fn (string $word) => preg_quote($word, '~'), $words)).')';
            $pattern .= $isMany ? '(?:'.$any.' ){0,5}' : ($isOptional ? '(?:'.$any.' )?' : $any.' ');
        }
        foreach (array_unique($first) as $word) {
            $this->patterns[$role][$word][] = ['~\G'.$pattern.'~', $meaning];
        }
    }

    /** @return list<string> alternatives, with and without the ending in brackets */
    private static function words(string $element): array
    {
        $words = [];
        foreach (explode('|', $element) as $word) {
            $hasEnding = 1 === preg_match('/^(.+)\((\w+)\)$/', $word, $parts);
            array_push($words, ...($hasEnding ? [$parts[1], $parts[1].$parts[2]] : [$word]));
        }

        return $words;
    }
}
