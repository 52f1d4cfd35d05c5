<?php

declare(strict_types=1);

namespace App\Support\Wording;

use Jurvex\Core\Finding\Fact;

/** Where the words for a fact's answers are found. */
final class FactWords
{
    public static function key(Fact $fact, string $choice): string
    {
        return match (true) {
            Fact::MaterialAfter === $fact => 'material.'.$choice,
            \in_array($choice, [Fact::YES, Fact::NO], true) => 'answer.'.$choice,
            default => 'fact_'.$fact->value.'.'.$choice,
        };
    }
}
