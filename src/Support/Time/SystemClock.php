<?php

declare(strict_types=1);

namespace App\Support\Time;

use Psr\Clock\ClockInterface;

/** The clock of the machine. */
final class SystemClock implements ClockInterface
{
    public function now(): \DateTimeImmutable
    {
        return new \DateTimeImmutable();
    }
}
