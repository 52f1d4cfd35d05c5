<?php

declare(strict_types=1);

namespace App\HandOver;

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
        $parameters = ['%at%' => $this->at];
        foreach ($this->allowed as $name => $value) {
            $parameters['%'.$name.'%'] = $value;
        }

        return $parameters;
    }
}
