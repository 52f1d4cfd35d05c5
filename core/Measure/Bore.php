<?php

declare(strict_types=1);

namespace Jurvex\Core\Measure;

/** Bores of drains. */
final class Bore
{
    private const USUAL_MM = 100.0;

    /** House value for a drain whose bore nobody has told. */
    public static function usual(): Length
    {
        return self::orUsual(null);
    }

    public static function orUsual(?float $millimetres): Length
    {
        return Length::millimetres($millimetres ?? self::USUAL_MM);
    }
}
