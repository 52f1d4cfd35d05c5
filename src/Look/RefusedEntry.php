<?php

declare(strict_types=1);

namespace App\Look;

/** An entry that cannot be stored as it is, with what is wrong for each field. */
final class RefusedEntry extends \DomainException
{
    /** @param non-empty-array<string, array{code: string, allowed: array<string, scalar>}> $errors by field */
    public function __construct(public readonly array $errors)
    {
        parent::__construct(
            implode(', ', array_map(static fn (string $field, array $error) => $field.': '.$error['code'], array_keys($errors), $errors)),
        );
    }
}
