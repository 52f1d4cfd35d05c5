<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

/** What a work takes beyond its repairs, and how short it may be; in metres. */
final readonly class Margin
{
    public function __construct(private float $extra, private float $least)
    {
    }

    /**
     * More at each end, kept within the line; where it is too short it grows evenly about its middle, shifted to stay within.
     *
     * @return array{float, float}
     */
    public function around(float $from, float $to, float $line): array
    {
        $from = max(0.0, $from - $this->extra);
        $to = min($line, $to + $this->extra);
        if ($to - $from >= $this->least) {
            return [$from, $to];
        }
        $least = min($this->least, $line);
        $from = max(0.0, min($line - $least, ($from + $to - $least) / 2));

        return [$from, $from + $least];
    }
}
