<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Measure\UnitSystem;

final readonly class Command
{
    /** @param ?float $atM where the last finding was, where that is what was said; in metres */
    private function __construct(public SpokenCommand $what, public ?float $atM = null)
    {
    }

    /** @return ?self none where something else was said */
    public static function in(string $text, Lexicon $lexicon, UnitSystem $units): ?self
    {
        $words = Speech::written($text, $lexicon)->words;
        $words = array_values(array_filter($words, static fn (Word $word) => !$word->isStop() && !$word->isComma()));
        $said = implode(' ', array_map(static fn (Word $word) => $lexicon->apart($word->text), $words)).' ';
        [$meaning, $count] = $lexicon->phrases->at($said, 0)['command'] ?? ['', 0];
        $what = SpokenCommand::tryFrom($meaning);
        if (null === $what || SpokenCommand::Place !== $what && $count < \count($words)) {
            return null;
        }
        if (SpokenCommand::Place !== $what) {
            return new self($what);
        }
        $amount = (new Amounts($words, $lexicon))->at($count);
        $isAll = null !== $amount && $amount->last === \count($words) - 1;
        $isPlace = null !== $amount && \in_array($amount->unit, [Unit::Large, Unit::None], true);
        if (!$isAll || !$isPlace) {
            return null;
        }

        return new self($what, Unit::None === $amount->unit ? $amount->value * $units->one()->metres : $amount->value);
    }
}
