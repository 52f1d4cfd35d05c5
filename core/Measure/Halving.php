<?php

declare(strict_types=1);

namespace Jurvex\Core\Measure;

/** Finds by halving where something that holds up to a border holds no more. */
final class Halving
{
    /** More bring nothing: the two numbers lie beside each other. */
    private const MOST = 200;

    /**
     * The first of some for which something holds, where it holds for all behind it.
     *
     * @param \Closure(int): bool $holds of a number from 0
     *
     * @return int how many there are where it holds for none
     */
    public static function first(int $count, \Closure $holds): int
    {
        [$low, $high] = [0, $count];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $holds($middle) ? $high = $middle : $low = $middle + 1;
        }

        return $low;
    }

    /**
     * The first of numbers in rising order that is not under a number.
     *
     * @param list<float> $rising
     *
     * @return int how many there are where all are
     */
    public static function firstFrom(array $rising, float $least): int
    {
        [$low, $high] = [0, \count($rising)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $rising[$middle] >= $least ? $high = $middle : $low = $middle + 1;
        }

        return $low;
    }

    /**
     * @param float $inside where something holds
     * @param float $outside where it does not
     * @param \Closure(float): bool $holds
     * @param int $times more are more exact
     *
     * @return array{float, float} the last place where it holds, and the first where it does not
     */
    public static function border(float $inside, float $outside, \Closure $holds, int $times = self::MOST): array
    {
        $middle = ($inside + $outside) / 2;
        for ($left = $times; $left > 0 && $middle !== $inside && $middle !== $outside; --$left) {
            $holds($middle) ? $inside = $middle : $outside = $middle;
            $middle = ($inside + $outside) / 2;
        }

        return [$inside, $outside];
    }
}
