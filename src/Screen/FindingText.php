<?php

declare(strict_types=1);

namespace App\Screen;

use Jurvex\Core\Judge\Need;

/** A finding in the reader's words and units: worked out once, however often it is shown. */
final readonly class FindingText
{
    /**
     * @param ?Need $need none: to be looked at again
     * @param string $place from, or from and to, without a unit
     * @param string $kind what it is
     * @param string $name what it is, with how sure that is
     * @param string $facts size, clock and what else was said
     * @param string $rule the rule that gave the class
     * @param string $remedy what the rule would have done; empty where it says nothing
     */
    public function __construct(
        public string $id, public ?Need $need, public string $place, public string $kind, public string $name, public string $facts,
        public string $rule, public string $remedy,
    ) {
    }
}
