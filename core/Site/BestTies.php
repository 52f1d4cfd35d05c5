<?php

declare(strict_types=1);

namespace Jurvex\Core\Site;

use Jurvex\Core\Measure\Length;

/** From which two fixed things somebody finds a place best: the tapes short, and meeting near a right angle. */
final readonly class BestTies
{
    /** So many metres of tape are as bad as an angle that doubles the error. */
    private const WORTH_M = 8.0;
    /** A sine under this makes a small error of the tape a large one. */
    private const FLAT = 0.2;

    /** @return list<TapedTo> two; fewer where less is drawn */
    public static function to(Place $place, FixedThing ...$things): array
    {
        $things = array_values($things);
        $best = [];
        $least = \INF;
        foreach ($things as $i => $one) {
            foreach (\array_slice($things, $i + 1) as $other) {
                $error = self::error($place, $one->place, $other->place);
                if ($error < $least) {
                    [$best, $least] = [[$one, $other], $error];
                }
            }
        }

        return array_map(
            static fn (FixedThing $thing) => new TapedTo($thing->name, Length::metres($place->to($thing->place))),
            [] === $best ? \array_slice($things, 0, 1) : $best,
        );
    }

    /** How far a place so found may be off, as a multiple of the tape's error; more where a tape is long. */
    private static function error(Place $place, Place $one, Place $other): float
    {
        [$a, $b] = [$place->to($one), $place->to($other)];
        if (0.0 === $a || 0.0 === $b) {
            return 1.0;
        }
        $cross = ($one->x - $place->x) * ($other->y - $place->y) - ($one->y - $place->y) * ($other->x - $place->x);
        $sine = max(1e-6, abs($cross) / ($a * $b));

        return ($sine < self::FLAT ? 10.0 : 1.0) / $sine + ($a + $b) / self::WORTH_M;
    }
}
