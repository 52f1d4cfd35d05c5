<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** What the reel read while somebody talked. */
final readonly class Reel
{
    /** @param list<array{float, float}> $readings seconds and metres, in the order of time */
    public function __construct(private array $readings, private ?float $nowM = null)
    {
    }

    /** @return ?float metres in; none before the first and after the last reading */
    public function at(?float $seconds): ?float
    {
        $before = null;
        foreach (null === $seconds ? [] : $this->readings as $reading) {
            if ($reading[0] >= $seconds) {
                if (null === $before) {
                    return $reading[0] > $seconds ? null : $reading[1];
                }
                $share = $reading[0] > $before[0] ? ($seconds - $before[0]) / ($reading[0] - $before[0]) : 1.0;

                return round($before[1] + $share * ($reading[1] - $before[1]), 3);
            }
            $before = $reading;
        }

        return [] === $this->readings ? $this->nowM : null;
    }
}
