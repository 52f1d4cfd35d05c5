<?php

declare(strict_types=1);

namespace Jurvex\Core\Reel;

use Jurvex\Core\Measure\Length;

/** Joints of a laid pipe come regularly: how far apart, where one was missed, and whether the counter is off by a steady few percent. */
final readonly class JointSpacing
{
    /** Usual laying lengths, in metres. */
    public const STANDARD_M = [0.6, 0.9, 1.0, 1.5, 2.0, 2.5, 3.0, 4.0, 5.0, 6.0];
    private const LEAST_JOINTS = 4;
    /** A gap is one spacing, or a whole number of them, within this share. */
    private const REGULAR = 0.15;
    /** Under this the counter is right; over that it is another laying length. */
    private const OFF_FROM = 0.01;
    private const OFF_TO = 0.08;

    /**
     * @param list<Length> $missing where a joint should be and none was logged
     * @param ?Length $laid laying length that the counter would have to be put right to; none where it is right, or nothing tells
     * @param int $gaps single gaps that the spacing is the median of
     */
    private function __construct(public Length $spacing, public array $missing, public ?Length $laid, public int $gaps)
    {
    }

    /**
     * @param list<Length> $joints of one material, in any order
     *
     * @return ?self none where they are too few or not regular
     */
    public static function of(array $joints): ?self
    {
        $at = array_values(array_unique(array_map(static fn (Length $joint) => $joint->metres, $joints)));
        sort($at);
        if (\count($at) < self::LEAST_JOINTS) {
            return null;
        }
        $gaps = [];
        for ($i = 1, $count = \count($at); $i < $count; ++$i) {
            $gaps[] = $at[$i] - $at[$i - 1];
        }
        sort($gaps);
        $guess = $gaps[intdiv(\count($gaps) - 1, 2)];
        $singles = array_values(array_filter($gaps, static fn (float $gap) => abs($gap / $guess - 1) <= self::REGULAR));
        if (\count($singles) < self::LEAST_JOINTS - 1 || \count($singles) < \count($gaps) / 2) {
            return null;
        }
        $spacing = array_sum($singles) / \count($singles);
        $missing = [];
        for ($i = 1; $i < $count; ++$i) {
            $times = (int) round(($at[$i] - $at[$i - 1]) / $spacing);
            for ($k = 1; $k < $times; ++$k) {
                $missing[] = Length::metres($at[$i - 1] + ($at[$i] - $at[$i - 1]) * $k / $times);
            }
        }

        return new self(Length::metres($spacing), $missing, self::laid($spacing, $singles), \count($singles));
    }

    /** What the counter's factor should be multiplied by; 1 where it is right. */
    public function correction(): float
    {
        return null === $this->laid ? 1.0 : $this->laid->metres / $this->spacing->metres;
    }

    /** @param list<float> $gaps */
    private static function laid(float $spacing, array $gaps): ?Length
    {
        $standards = self::STANDARD_M;
        usort($standards, static fn (float $a, float $b) => abs($spacing / $a - 1) <=> abs($spacing / $b - 1));
        $off = abs($spacing / $standards[0] - 1);
        // Steady: no gap strays from the mean by more than what is to be put right.
        $strays = array_filter($gaps, static fn (float $gap) => abs($gap - $spacing) > max(0.02, $spacing * $off));

        return $off < self::OFF_FROM || $off > self::OFF_TO || [] !== $strays ? null : Length::metres($standards[0]);
    }
}
