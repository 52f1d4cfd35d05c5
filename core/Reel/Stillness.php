<?php

declare(strict_types=1);

namespace Jurvex\Core\Reel;

/** Whether the camera has been still for as long as a reading of the water wants it. */
final class Stillness
{
    /** The house's time, in seconds. */
    public const SECONDS = 10.0;
    /** A counter that stands still may tremble by so much, in metres. */
    private const TREMBLE_M = 0.002;

    /** @param list<Reading> $readings in the order in which they came, up to now */
    public static function holds(array $readings, float $seconds = self::SECONDS): bool
    {
        $last = $readings[\count($readings) - 1] ?? null;
        if (null === $last) {
            return false;
        }
        $since = $last->seconds;
        foreach (array_reverse($readings) as $reading) {
            if (abs($reading->metres - $last->metres) > self::TREMBLE_M) {
                break;
            }
            $since = $reading->seconds;
        }

        return $last->seconds - $since >= $seconds;
    }
}
