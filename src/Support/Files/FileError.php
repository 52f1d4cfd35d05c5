<?php

declare(strict_types=1);

namespace App\Support\Files;

use App\Support\Wording\Placeholders;

/** One thing wrong with a file: where it stands and a code for what it is. */
final readonly class FileError
{
    /** @param array<string, scalar> $allowed */
    public function __construct(public string $at, public string $code, public array $allowed = [])
    {
    }

    /** @return array<string, scalar> for the translator */
    public function parameters(): array
    {
        return Placeholders::of(['at' => $this->at] + $this->allowed);
    }
}
