<?php

declare(strict_types=1);

namespace App\Support\Files;

/** A file that is not taken, with all that is wrong and where. Nothing of it was stored. */
final class RefusedFile extends \DomainException
{
    /** @param non-empty-list<FileError> $errors */
    public function __construct(public readonly array $errors)
    {
        parent::__construct(implode('; ', array_map(static fn (FileError $error) => $error->at.': '.$error->code, $errors)));
    }
}
