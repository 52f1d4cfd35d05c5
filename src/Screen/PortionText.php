<?php

declare(strict_types=1);

namespace App\Screen;

use Jurvex\Core\Judge\Verdict;

/** What can be said of the line from one opening one way, in words. */
final readonly class PortionText
{
    /**
     * @param string $name from which opening, which way
     * @param string $reached how far anybody has been
     * @param list<string> $unseen what nobody has seen, and what it would take
     * @param list<StretchText> $stretches in their order
     */
    public function __construct(
        public string $name, public string $reached, public Verdict $verdict, public array $unseen, public array $stretches,
    ) {
    }

    /** Whether it has several stretches. */
    public function isDivided(): bool
    {
        return \count($this->stretches) > 1;
    }
}
