<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

use Jurvex\Core\Finding\Material;
use Jurvex\Core\Measure\Length;

/** What a year of building and a trade size make likely: house values, always marked as guessed. */
final class HouseTables
{
    private const HAIR_IN = 0.001;

    /** From which year on: material under the ground, inside the house, and the usual ways in. */
    private const YEARS = [
        [1975, Material::PvcGasketed, Material::PvcWelded, ['cleanout', 'chamber']],
        [1960, Material::Clay, Material::CastIron, ['cleanout', 'roof_vent', 'chamber']],
        [1946, Material::BituminisedFibre, Material::CastIron, ['cleanout', 'roof_vent', 'pulled_toilet']],
        [0, Material::Clay, Material::CastIron, ['yard_trap', 'roof_vent', 'pulled_toilet']],
    ];

    /** True bore in mm by trade size in inches. */
    private const BORES = [
        'plastic' => ['1.25' => 35.0, '1.5' => 41.0, '2' => 52.0, '2.5' => 63.0, '3' => 78.0, '4' => 102.0, '6' => 154.0, '8' => 202.0],
        'cast_iron' => ['1.5' => 38.0, '2' => 51.0, '3' => 76.0, '4' => 102.0, '5' => 127.0, '6' => 152.0, '8' => 203.0],
        'clay' => ['3' => 75.0, '4' => 100.0, '5' => 125.0, '6' => 150.0, '8' => 200.0, '9' => 225.0, '12' => 300.0],
        'concrete' => ['4' => 100.0, '6' => 150.0, '8' => 200.0, '9' => 225.0, '12' => 300.0],
        'fibre' => ['3' => 76.0, '4' => 101.0, '5' => 127.0, '6' => 152.0],
        'copper' => ['1.25' => 33.0, '1.5' => 39.0, '2' => 51.0, '3' => 76.0, '4' => 100.0],
    ];

    /** Likely material of a pipe by the year of building; unknown where nobody has said the year. */
    public static function material(?int $year, bool $underground): Material
    {
        foreach (null === $year ? [] : self::YEARS as [$from, $outside, $inside]) {
            if ($year >= $from) {
                return $underground ? $outside : $inside;
            }
        }

        return Material::Unknown;
    }

    /** @return list<string> kinds of openings that are likely there, likeliest first */
    public static function openings(?int $year): array
    {
        foreach (null === $year ? [] : self::YEARS as [$from, , , $openings]) {
            if ($year >= $from) {
                return $openings;
            }
        }

        return [];
    }

    /** @return array<string, array<int|string, float>> bores in mm by group of material and trade size */
    public static function bores(): array
    {
        return self::BORES;
    }

    /** What somebody typed for a bore: a trade size that the table has for the material is its true bore, anything else itself. */
    public static function typedBore(Material $material, Length $typed): Length
    {
        $inches = round($typed->inInches(), 2);
        $bore = self::BORES[$material->group()][(string) $inches] ?? null;

        return null === $bore || abs($inches - $typed->inInches()) > self::HAIR_IN ? $typed : Length::millimetres($bore);
    }

    /** @return ?string the trade size in inches whose true bore it is; none for what is no such bore */
    public static function tradeSize(Material $material, Length $bore): ?string
    {
        $size = array_search(round($bore->inMillimetres(), 3), self::BORES[$material->group()] ?? [], true);

        return false === $size ? null : (string) $size;
    }

    /**
     * The true bore of a trade size; between two sizes of the table, and for an unknown material, the size itself.
     *
     * @param float $inches trade size
     */
    public static function bore(Material $material, float $inches): Length
    {
        $size = rtrim(rtrim(number_format($inches, 2, '.', ''), '0'), '.');

        return Length::millimetres(self::BORES[$material->group()][$size] ?? round(Length::inches($inches)->inMillimetres()));
    }
}
