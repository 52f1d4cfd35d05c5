<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/**
 * A phrase of a table: words one behind the other, each one of several, some of which may be left out.
 *
 * What it is written in is read when somebody asks: of the phrases of a language hardly any is said in a sentence.
 */
final class Phrase
{
    /** Of no more words the beginning is all. */
    private const SHORT = 2;
    /** Of what is said as often as it is. */
    private const MOST = 5;
    /** How what leans on a word begins where it stands by itself. */
    private const APART = " '";

    /** Whether it is one word or two and nothing more: who knows what it begins with needs no pattern. */
    private ?bool $isShort = null;
    private ?string $pattern = null;

    /**
     * @param list<string> $written its elements as they are written
     * @param bool $isName of a name more may be said behind it in one word: "the crack's open"
     */
    public function __construct(private readonly array $written, private readonly bool $isName, private readonly PhraseWriting $writing)
    {
    }

    /**
     * @param string $text all words as they stand apart, one space between, with one behind the last
     * @param int $offset where in it a word stands with which it begins
     * @param string $next the word behind that, with which it goes on if it has more than one
     * @param int $behind where the word behind both stands
     *
     * @return int how many words of it stand there; what leans on a word is none
     */
    public function at(string $text, int $offset, string $next, int $behind): int
    {
        if ($this->isShort ??= $this->isShort()) {
            return $this->shortBefore($next, "'" === ($text[$behind] ?? ''));
        }
        $this->pattern ??= $this->pattern();

        return 1 === preg_match($this->pattern, $text, $found, 0, $offset)
            ? substr_count($found[0], ' ') - substr_count($found[0], self::APART) : 0;
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
            foreach ($this->next($i, $rest) as [, $spoken]) {
                $words[explode(' ', $spoken, 2)[0]] = true;
            }
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
        for (; isset($this->written[$i]); ++$i) {
            [$words, $isOptional, $isMany] = $this->writing->element($this->written[$i]);
            foreach ($words as $word) {
                $next[] = [$isMany ? $i : $i + 1, $word];
            }
            if (!$isOptional) {
                return $next;
            }
        }

        return [...$next, [$i, '']];
    }

    private function isShort(): bool
    {
        return \count($this->written) <= self::SHORT && [] === array_filter($this->written, $this->varies(...));
    }

    /** Whether what stands there is not one word for certain. */
    private function varies(string $written): bool
    {
        [$words, $isOptional] = $this->writing->element($written);

        return $isOptional || str_contains(implode('', $words), ' ');
    }

    private function shortBefore(string $next, bool $isLeaningBehind): int
    {
        $isNextLeaning = str_starts_with($next, "'");
        $isOne = 1 === \count($this->written);

        return !$this->isName && ($isOne ? $isNextLeaning : $isLeaningBehind) ? 0 : ($isOne || $isNextLeaning ? 1 : 2);
    }

    /** @return string as a regular expression of words with a space behind each */
    private function pattern(): string
    {
        $pattern = '';
        foreach ($this->written as $written) {
            [$words, $isOptional, $isMany] = $this->writing->element($written);
            $any = '(?:(?:'.implode('|', array_map(static fn (string $word) => preg_quote($word, '~'), $words)).') )';
            $pattern .= $any.($isMany ? '{0,'.self::MOST.'}' : ($isOptional ? '?' : ''));
        }

        return '~\G'.$pattern.($this->isName ? '' : "(?!')").'~';
    }
}
