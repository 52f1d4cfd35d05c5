<?php

declare(strict_types=1);

namespace App\WayIn;

use App\Screen\MapWords;
use App\Screen\ScreenWidth;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Plan\Plan;
use Jurvex\Core\Sketch\Pipe;
use Jurvex\Core\Sketch\Sketch;
use Symfony\Component\HttpFoundation\Request;

/** Puts line maps on the screen. */
final readonly class MapViews
{
    public const WIDE = 820.0;
    public const NARROW = 344.0;
    /** A name may take this share of the width, at so many units a letter. */
    private const LABEL_SHARE = 0.28;
    private const LETTER = 7.4;

    public function __construct(private MapWords $words)
    {
    }

    public static function widthFor(Request $request): float
    {
        return ScreenWidth::isNarrow($request) ? self::NARROW : self::WIDE;
    }

    /** @return array<string, string> of nodes and pipes */
    public function names(Sketch $sketch): array
    {
        return $this->words->names($sketch);
    }

    public function of(Sketch $sketch, UnitSystem $units, float $width): MapView
    {
        $names = $this->words->names($sketch);
        $labels = array_map(fn (Pipe $pipe) => $this->words->label($pipe, $units), $sketch->pipes);

        $most = min(22, (int) (self::LABEL_SHARE * $width / self::LETTER));
        $short = array_map(static fn (string $name) => MapWords::shortened($name, $most), array_intersect_key($names, $sketch->nodes));

        $outlet = $sketch->outlet->id;
        $short[$outlet] = MapWords::shortened($names[$outlet], Plan::outletLetters($width));

        return new MapView($sketch, new Plan($sketch, $width, $short, $labels), $names);
    }
}
