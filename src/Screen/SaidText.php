<?php

declare(strict_types=1);

namespace App\Screen;

/** What was said, in the screen's words. */
final readonly class SaidText
{
    /**
     * @param list<array{string, bool}> $pieces what was said, in pieces that were understood and pieces that were not
     * @param string $command what it asks for; empty where it names something
     * @param list<SaidEntryText> $entries
     * @param bool $isAgain whether all that it names was said just before
     */
    public function __construct(public array $pieces, public string $command, public array $entries, public bool $isAgain = false)
    {
    }

    public function isWhole(): bool
    {
        return '' !== $this->command || [] !== array_filter($this->entries, static fn (SaidEntryText $each) => '' === $each->wants);
    }
}
