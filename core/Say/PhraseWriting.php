<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/**
 * How the tables write phrases: "a|b" for either word, "some|a_few" for one word or two, "(a)" for what may be left out, "(a|b)*" for any
 * number of them, "bend(s)" with and without its ending, "<name>" for the words of that name.
 */
final class PhraseWriting
{
    /** @var array<string, array{list<string>, bool, bool}> elements as they were read, by how they are written: many stand in several */
    private array $read = [];

    /**
     * @param array<mixed> $same words that stand for each other, by the name of all of them
     * @param array<mixed> $drawnTogether as they are spoken out, by the word
     * @param array<mixed> $leaning what leans on the word before: what it stands for, by its ending
     * @param array<mixed> $alike words that may stand for a word in any phrase, by it
     */
    public function __construct(
        private readonly array $same, private readonly array $drawnTogether, private readonly array $leaning, private readonly array $alike,
    ) {
    }

    /** @param bool $isName of a name more may be said behind it in one word */
    public function phrase(string $written, bool $isName): Phrase
    {
        $written = str_contains($written, '<') ? (string) preg_replace_callback('/<(\w+)>/', $this->same(...), $written) : $written;
        preg_match_all('/\([^()]*(?:\(\w+\)[^()]*)*\)\*?(?= |$)|\S+/', $written, $found);

        return new Phrase($found[0], $isName, $this);
    }

    /**
     * @return array{list<string>, bool, bool} words that stand for each other, whether they may be left out, and whether any number of them
     *                                         may follow each other
     */
    public function element(string $written): array
    {
        return $this->read[$written] ??= $this->readElement($written);
    }

    /** @return array{list<string>, bool, bool} */
    private function readElement(string $written): array
    {
        $isMany = str_ends_with($written, '*');
        $isOptional = $isMany || 1 === preg_match('/^\(.*\)$/', $written);
        $words = self::words($isOptional ? substr($written, 1, $isMany ? -2 : -1) : $written);

        return [$this->leaningToo($this->spokenOut($this->withAlike($words))), $isOptional, $isMany];
    }

    /** What leans on a word stands by itself: "bottom's" as "bottom 's", which is "bottom is" and "bottom has". */
    public function apart(string $word): string
    {
        foreach ($this->leaning as $ending => $words) {
            $ending = (string) $ending;
            if (str_ends_with($word, $ending) && $word !== $ending) {
                return substr($word, 0, -\strlen($ending)).' '.$ending;
            }
        }

        return $word;
    }

    /**
     * @param array<string> $named
     *
     * @throws \OutOfRangeException where no table has words of that name
     */
    private function same(array $named): string
    {
        $words = $this->same[$named[1] ?? ''] ?? null;

        return \is_string($words) ? $words : throw new \OutOfRangeException(\sprintf('No words are named "%s".', $named[1] ?? ''));
    }

    /**
     * @param list<string> $words
     *
     * @return list<string>
     */
    private function withAlike(array $words): array
    {
        foreach ($words as $word) {
            $alike = $this->alike[$word] ?? null;
            if (\is_array($alike)) {
                array_push($words, ...array_filter($alike, is_string(...)));
            }
        }

        return array_values(array_unique($words));
    }

    /**
     * What is drawn together may be spoken out: "we're" as "we are".
     *
     * @param list<string> $words
     *
     * @return list<string>
     */
    private function spokenOut(array $words): array
    {
        foreach ($words as $word) {
            $out = $this->drawnTogether[$word] ?? null;
            if (\is_string($out)) {
                $words[] = $out;
            }
        }

        return $words;
    }

    /**
     * What may lean on the word before stands for itself as well: "'s" for "is".
     *
     * @param list<string> $words
     *
     * @return list<string>
     */
    private function leaningToo(array $words): array
    {
        $words = array_map($this->apart(...), $words);
        foreach ($this->leaning as $ending => $spoken) {
            if (\is_array($spoken) && [] !== array_filter($words, static fn (string $word) => \in_array($word, $spoken, true))) {
                $words[] = (string) $ending;
            }
        }

        return $words;
    }

    /** @return list<string> alternatives, with and without the ending in brackets */
    private static function words(string $element): array
    {
        $words = [];
        foreach (explode('|', $element) as $word) {
            $hasEnding = 1 === preg_match('/^(.+)\((\w+)\)$/', $word, $parts);
            array_push($words, ...($hasEnding ? [$parts[1], $parts[1].$parts[2]] : [$word]));
        }

        return str_replace('_', ' ', $words);
    }
}
