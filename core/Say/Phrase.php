<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** A phrase of a table: words one behind the other, each one of several, some of which may be left out. */
final readonly class Phrase
{
    /** Of what is said as often as it is. */
    private const MOST = 5;

    /**
     * @param list<array{list<string>, bool, bool}> $elements words that stand for each other, whether they may be left out, and whether any
     *                                                        number of them may follow each other
     * @param bool $isName of a name more may be said behind it in one word: "the crack's open"
     */
    public function __construct(private array $elements, private bool $isName)
    {
    }

    /** @return string as a regular expression of words with a space behind each */
    public function pattern(): string
    {
        $pattern = '';
        foreach ($this->elements as [$words, $isOptional, $isMany]) {
            $any = '(?:(?:'.implode('|', array_map(static fn (string $word) => preg_quote($word, '~'), $words)).') )';
            $pattern .= $any.($isMany ? '{0,'.self::MOST.'}' : ($isOptional ? '?' : ''));
        }

        return '~\G'.$pattern.($this->isName ? '' : "(?!')").'~';
    }

    /** @return array<string, true> the words that may come next where it begins with these; an empty one where it may end there */
    public function behind(string ...$said): array
    {
        $states = [[0, '']];
        foreach ($said as $word) {
            $next = [];
            foreach ($states as [$i, $rest]) {
                foreach ($this->next($i, $rest) as [$behind, $spoken]) {
                    [$first, $left] = [...explode(' ', $spoken, 2), ''];
                    $next += $first === $word ? [$behind.' '.$left => [$behind, $left]] : [];
                }
            }
            $states = $next;
        }
        $words = [];
        foreach ($states as [$i, $rest]) {
            $words += $this->first($i, $rest);
        }

        return $words;
    }

    /**
     * @param int $i an element
     * @param string $rest what is left of a word that is several, as "is" of "it is"
     *
     * @return list<array{int, string}> each word that may stand there, and the element behind it; an empty one where none need
     */
    private function next(int $i, string $rest): array
    {
        if ('' !== $rest) {
            return [[$i, $rest]];
        }
        $next = [];
        for (; isset($this->elements[$i]); ++$i) {
            [$words, $isOptional, $isMany] = $this->elements[$i];
            foreach ($words as $word) {
                $next[] = [$isMany ? $i : $i + 1, $word];
            }
            if (!$isOptional) {
                return $next;
            }
        }

        return [...$next, [$i, '']];
    }

    /** @return array<string, array<string, true>> the words that may come second, by the first; an empty one where any may */
    public function beginnings(): array
    {
        $beginnings = $behind = [];
        foreach ($this->next(0, '') as [$i, $spoken]) {
            [$first, $rest] = [...explode(' ', $spoken, 2), ''];
            $seconds = '' === $rest ? $behind[$i] ??= $this->first($i, '') : $this->first($i, $rest);
            $beginnings[$first] = ($beginnings[$first] ?? []) + $seconds;
        }
        unset($beginnings['']);

        return array_map(static fn (array $words) => isset($words['']) ? ['' => true] : $words, $beginnings);
    }

    /** @return array<string, true> the words that may stand next; an empty one where none need */
    private function first(int $i, string $rest): array
    {
        $first = [];
        foreach ($this->next($i, $rest) as [, $spoken]) {
            $first[explode(' ', $spoken, 2)[0]] = true;
        }

        return $first;
    }
}
