<?php

declare(strict_types=1);

namespace App\WayIn;

use Jurvex\Core\Finding\Material;
use Jurvex\Core\Sketch\HouseTables;

/** What the year of building lets expect. */
final readonly class YearSays
{
    private function __construct(public int $year, public Material $outside, public Material $inside, public mixed $openings)
    {
    }

    /** None while nobody knows the year. */
    public static function of(?int $year): ?self
    {
        return null === $year
            ? null
            : new self($year, HouseTables::material($year, true), HouseTables::material($year, false), HouseTables::openings($year));
    }
}
