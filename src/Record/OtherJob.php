<?php

declare(strict_types=1);

namespace App\Record;

/** Another job at the same property. */
final readonly class OtherJob
{
    public function __construct(public string $id, public string $number, public \DateTimeImmutable $openedAt, public Why $why)
    {
    }
}
