<?php

declare(strict_types=1);

namespace Jurvex\Core\Reach;

use Jurvex\Core\Measure\Halving;

/** Works back from where a tool stopped to the friction that explains it. */
final class FrictionFit
{
    private const MOST = 2.0;
    private const STEPS = 60;
    private const NEAR_M = 0.05;

    /**
     * By halving: with more friction no tool reaches farther.
     *
     * @param \Closure(float): Tool $withFriction
     *
     * @return ?float none when no friction explains it: the tool would stop there anyhow, or would not even get so far without any
     */
    public static function explain(\Closure $withFriction, Path $path, float $reached): ?float
    {
        $reach = static fn (float $friction) => $withFriction($friction)->reach($path)->metres;
        if ($reach(0.0) < $reached - self::NEAR_M || $reach(self::MOST) > $reached + self::NEAR_M) {
            return null;
        }
        [$less] = Halving::border(0.0, self::MOST, static fn (float $friction) => $reach($friction) >= $reached, self::STEPS);

        return abs($reach($less) - $reached) <= self::NEAR_M ? $less : null;
    }
}
