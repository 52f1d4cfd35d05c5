<?php

declare(strict_types=1);

namespace Jurvex\Core\Ribbon;

use Jurvex\Core\Measure\Length;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Run\Travel;

/** Metres along the line to the drawing's x. The main is always on the right, so a run upstream has its zero there. */
final readonly class Scale
{
    private const MARGIN = 30.0;
    private const LEAST_TICK = 52.0;
    private const TICKS = [
        UnitSystem::Metric->value => [1, 2, 5, 10, 20, 50, 100, 200, 500, 1000],
        UnitSystem::FeetAndInches->value => [2, 5, 10, 20, 50, 100, 200, 500, 1000, 5000],
    ];

    public function __construct(public float $width, private float $length, private Travel $travel)
    {
    }

    public function x(Length $place): float
    {
        $along = ($this->width - 2 * self::MARGIN) * $place->metres / $this->length;

        return Travel::Downstream === $this->travel ? self::MARGIN + $along : $this->width - self::MARGIN - $along;
    }

    public function left(): float
    {
        return self::MARGIN;
    }

    public function right(): float
    {
        return $this->width - self::MARGIN;
    }

    /** @return list<Tick> at round numbers of the person's units */
    public function ticks(UnitSystem $units): array
    {
        $unit = $units->one();
        $perUnit = ($this->width - 2 * self::MARGIN) * $unit->metres / $this->length;
        $step = 5000;
        foreach (self::TICKS[$units->value] as $candidate) {
            if ($candidate * $perUnit >= self::LEAST_TICK) {
                $step = $candidate;
                break;
            }
        }
        $ticks = [];
        for ($label = 0; $label * $unit->metres <= $this->length + 1e-9; $label += $step) {
            $ticks[] = new Tick(round($this->x(Length::metres($label * $unit->metres)), 1), $label);
        }

        return $ticks;
    }
}
