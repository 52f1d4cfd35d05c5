<?php

declare(strict_types=1);

namespace App\Upkeep;

/** Something that was done at a property. */
final readonly class EventText
{
    /** @param string $kind look, clearing or job */
    public function __construct(public \DateTimeImmutable $at, public string $kind, public string $said, public string $job)
    {
    }
}
