<?php

declare(strict_types=1);

namespace App\Record;

/** When an entry was made that may have had to wait for a signal. */
final class DeviceTime
{
    /**
     * Never before what it belongs to began, never in the future.
     *
     * @param string $milliseconds since 1970, by the clock of the screen; what is no such number counts from now
     */
    public static function read(string $milliseconds, \DateTimeImmutable $since, \DateTimeImmutable $now): \DateTimeImmutable
    {
        // To the millisecond: of two entries in one second the later one is the last.
        $isTime = 1 === preg_match('/^\d{13}$/', $milliseconds);
        $said = $isTime ? new \DateTimeImmutable('@'.substr_replace($milliseconds, '.', -3, 0)) : $now;

        return max($since, min($now, $said));
    }
}
