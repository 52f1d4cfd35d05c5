<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** What was said without what people say for nothing: fillers, words that are said twice, and what they say while they look for a word. */
final readonly class Fluency
{
    /** So many words may begin anew: "there's a, there's a root". */
    private const LONGEST_START = 3;
    private const LONGEST_ASIDE = 4;

    /** @param list<Word> $words */
    private function __construct(private array $words, private Lexicon $lexicon)
    {
    }

    /**
     * @param list<Word> $words
     *
     * @return list<Word>
     */
    public static function of(array $words, Lexicon $lexicon): array
    {
        foreach (['filled', 'hesitating', 'doubled', 'rough', 'pointed'] as $what) {
            $said = new self($words, $lexicon);
            $kept = [];
            for ($i = 0; $i < \count($words); ++$i) {
                $many = match ($what) {
                    'filled' => $said->filled($i),
                    'hesitating' => $said->hesitating($i),
                    'doubled' => $said->doubled($i),
                    'rough' => $said->rough($i),
                    'pointed' => $said->pointed($i),
                };
                if (0 === $many) {
                    $kept[] = $words[$i];
                } else {
                    $i += $many - 1;
                }
            }
            $words = $kept;
        }

        return $words;
    }

    /** @return int how many words from here on are said for nothing */
    private function filled(int $i): int
    {
        // "thirty uh thirty four": begun twice.
        $isBegun = $this->is('fillers', $i + 1) && $this->isNumber($i) && $this->isNumber($i + 3)
            && $this->text($i + 2) === $this->text($i);
        if ($isBegun) {
            return 2;
        }
        $many = $this->lexicon->fillerAt($this->text($i), $this->text($i + 1), $this->text($i + 2));
        if (0 === $many) {
            return $this->is('fillers', $i) ? 1 : 0;
        }
        // "let's see if there's anything" asks; "at 30, I mean 32" corrects.
        $isMeant = $this->is('asked_about', $i + $many) || $this->is('corrects', $i + $many - 1) && $this->isNumber($i + $many);

        return $isMeant ? 0 : $many;
    }

    /** "at, okay, twenty feet", "a, like, six inch crack": in the middle of something. */
    private function hesitating(int $i): int
    {
        $isOpen = $this->is('hesitations', $i)
            && ($this->is('unfinished', $i - 1) || $this->isNumber($i - 1) && $this->lexicon->isUnit($this->text($i + 1)));
        $isLoose = $this->is('loose', $i) && !$this->is('seems_like', $i - 1)
            && ($this->is('articles', $i + 1) || $this->is('loose_before', $i + 1) || $this->isNumber($i + 1));

        return $isOpen || $isLoose ? 1 : 0;
    }

    /** "the the", "there's a there's a": said once. */
    private function doubled(int $i): int
    {
        $first = $this->text($i);
        for ($many = self::LONGEST_START; $many > 0; --$many) {
            $isTwice = $first === ($this->words[$i + $many]->text ?? '');
            for ($word = $i; $isTwice && $word < $i + $many; ++$word) {
                $said = $this->text($word);
                $isTwice = ctype_alpha(substr($said, 0, 1)) && $said === $this->text($word + $many) && !$this->isNumber($word);
            }
            if ($isTwice) {
                return $many;
            }
        }

        return 0;
    }

    /** "right at twenty", "at about twenty": how sure the reel is of it; and not "on the right at twenty", "it turns right at twenty". */
    private function rough(int $i): int
    {
        $isBefore = $this->is('roughly_before', $i) && $this->is('at_words', $i + 1) && $this->isNumber($i + 2)
            && !$this->is('articles', $i - 1) && !$this->is('sided_by', $i - 1);
        $isBehind = $this->is('roughly_behind', $i) && $this->is('at_words', $i - 1) && $this->isNumber($i + 1);

        return $isBefore || $isBehind ? 1 : 0;
    }

    /** "that joint right there is open", "the bottom's also gone", "it's, as you can see, cracked": said of it as well without that. */
    private function pointed(int $i): int
    {
        $isBeside = $this->is('besides', $i);
        $aside = $isBeside ? 1 : $this->aside($i);
        $pointing = $i + ($this->is('strengthens', $i) ? 1 : 0);
        $many = !$isBeside && $this->is('points_at', $pointing) ? max($aside, $pointing - $i + 1) : $aside;
        if (0 === $many) {
            return 0;
        }
        $isSaidOf = $this->is('says_of', $i - 1) || str_contains($this->text($i - 1), "'") && !$this->is('shows', $i - 1);
        $isBehindName = !$isBeside && ($this->isLed($i - 2) || $this->isLed($i - 3));
        $isOfName = $isBehindName && $this->is('says_of', $i + $many) && !$this->is('articles', $i + $many + 1);

        return $isOfName ? $many : ($isSaidOf ? $aside : 0);
    }

    private function isLed(int $i): bool
    {
        return $this->is('known', $i) || $this->is('articles', $i);
    }

    /** @return int how many words there are of "as you can see" */
    private function aside(int $i): int
    {
        $said = '';
        $most = $this->lexicon->begins('asides', $this->text($i)) ? self::LONGEST_ASIDE : 0;
        for ($many = 1; $many <= $most; ++$many) {
            $said .= ($many > 1 ? ' ' : '').$this->text($i + $many - 1);
            if ($this->lexicon->has('asides', $said)) {
                return $many;
            }
        }

        return 0;
    }

    private function isNumber(int $i): bool
    {
        return null !== ($this->words[$i]->number ?? null) || null !== $this->lexicon->number('numbers', $this->text($i));
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
