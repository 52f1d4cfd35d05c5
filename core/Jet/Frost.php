<?php

declare(strict_types=1);

namespace Jurvex\Core\Jet;

use Jurvex\Core\Measure\Length;

/** What keeps a jetter from freezing: how much must be filled, and with what share of antifreeze. */
final readonly class Frost
{
    /** Protected down to, in °C, by share of antifreeze: usual values of a glycol mixture; the product's label goes before them. */
    private const MIXTURES = [[0.0, 0.0], [0.2, -8.0], [0.3, -14.0], [0.4, -24.0], [0.5, -36.0]];

    /** @param float $pump what pump and fittings hold, in litres */
    public function __construct(private float $pump)
    {
    }

    /**
     * To fill pump and hoses: π·d²/4·L of each, and the pump; in litres.
     *
     * @param list<array{Length, Length}> $hoses bore and length of each
     */
    public function litres(array $hoses): float
    {
        return $this->pump + array_sum(
            array_map(static fn (array $hose) => \M_PI / 4 * $hose[0]->metres ** 2 * $hose[1]->metres * 1000, $hoses),
        );
    }

    /** @return ?float share of antifreeze; none where it is colder than any mixture stands: drain it */
    public function share(float $celsius): ?float
    {
        foreach (self::MIXTURES as [$share, $downTo]) {
            if ($celsius >= $downTo) {
                return $share;
            }
        }

        return null;
    }
}
