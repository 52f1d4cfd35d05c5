<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** The phrases of a language, found by what they begin with. */
final class Phrasebook
{
    /** So many phrases that begin with the same two words are looked through by their third. */
    private const MANY = 3;

    /** @var array<string, list<array{string, string, Phrase}>> with their role and what they mean, by their first word */
    private array $phrases = [];
    /** @var array<string, array<string, list<array{string, string, Phrase}>>> by two words; the second is empty where any may */
    private array $seconds = [];
    /** @var array<string, array<string, list<array<string, true>>>> what may come third, by the first two words, of each phrase */
    private array $behind = [];
    /** @var array<string, array<string, array<string, list<array{string, string, Phrase}>>>> by their first three words */
    private array $thirds = [];

    public function take(string $role, string $meaning, Phrase $phrase): void
    {
        foreach (array_keys($phrase->behind()) as $first) {
            $this->phrases[$first][] = [$role, $meaning, $phrase];
        }
    }

    /**
     * The phrases that begin at a word, of each role the longest.
     *
     * @param string $text all words as they stand apart, one space between, with one behind the last
     * @param int $offset where the word stands in it
     *
     * @return array<string, array{string, int}> what it means and how many words it has, by role
     */
    public function at(string $text, int $offset): array
    {
        $longest = [];
        $first = substr($text, $offset, strcspn($text, ' ', $offset));
        $at = $offset + \strlen($first) + 1;
        $second = substr($text, $at, strcspn($text, ' ', $at));
        $behind = $at + \strlen($second) + 1;
        $all = $this->seconds[$first] ??= $this->bySecond($first);
        foreach ([$this->withThird($text, $behind, $first, $second), '' === $second ? [] : $all[''] ?? []] as $may) {
            foreach ($may as [$role, $meaning, $phrase]) {
                $words = $phrase->at($text, $offset, $second, $behind);
                if ($words > ($longest[$role][1] ?? 0)) {
                    $longest[$role] = [$meaning, $words];
                }
            }
        }

        return $longest;
    }

    /** @return array<string, list<array{string, string, Phrase}>> those that begin with a word, by the next */
    private function bySecond(string $first): array
    {
        $bySecond = [];
        foreach ($this->phrases[$first] ?? [] as $known) {
            $seconds = $known[2]->behind($first);
            foreach (array_keys(isset($seconds['']) ? ['' => true] : $seconds) as $second) {
                $bySecond[$second][] = $known;
            }
        }

        return $bySecond;
    }

    /**
     * Those that begin with two words and may go on as the text does: "it is" begins very many.
     *
     * @param int $offset where the third word stands
     *
     * @return list<array{string, string, Phrase}>
     */
    private function withThird(string $text, int $offset, string $first, string $second): array
    {
        $all = $this->seconds[$first][$second] ?? [];
        if (\count($all) < self::MANY) {
            return $all;
        }
        $third = $offset < \strlen($text) ? substr($text, $offset, strcspn($text, ' ', $offset)) : '';
        $known = $this->thirds[$first][$second][$third] ?? null;
        if (null === $known) {
            $sets = $this->behind[$first][$second] ??= array_map(static fn (array $each) => $each[2]->behind($first, $second), $all);
            $isNext = static fn (int $i) => isset($sets[$i]['']) || isset($sets[$i][$third]);
            $known = array_values(array_filter($all, $isNext, \ARRAY_FILTER_USE_KEY));
            $this->thirds[$first][$second][$third] = $known;
        }

        return $known;
    }
}
