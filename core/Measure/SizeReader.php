<?php

declare(strict_types=1);

namespace Jurvex\Core\Measure;

/** Reads a size the way people type it: a bare number is in the finding's usual unit, a bare fraction in inches; `%`, `°`, `mm`, `cm`, `in`
 * and `"` may follow. */
final class SizeReader
{
    private const UNITS = ['%' => SizeUnit::Percent, '°' => SizeUnit::Degrees, 'deg' => SizeUnit::Degrees, 'degrees' => SizeUnit::Degrees];

    /**
     * @param non-empty-list<SizeUnit> $allowed the first is the usual one
     *
     * @throws UnreadableMeasure when it is empty, unclear, out of the unit's range or in a unit that does not belong here
     */
    public static function read(string $typed, array $allowed, UnitSystem $system): Size
    {
        $text = trim(mb_strtolower($typed));
        if ('' === $text) {
            throw new UnreadableMeasure(UnreadableMeasure::EMPTY, $typed);
        }
        if (!preg_match('/^(\d+(?:[.,]\d+)?|[.,]\d+) ?(%|°|deg|degrees)?$/u', $text, $found)) {
            // A bare fraction is one of an inch: `7 1/2`, `7½`, `5/8`, `1-1/2`.
            $text .= preg_match('/[½¼¾⅛⅜⅝⅞]$|\d\/\d+$/u', $text) ? ' in' : '';

            return self::within(DistanceReader::read($text, $system)->inMillimetres(), SizeUnit::Millimetres, $allowed, $typed);
        }
        $number = (float) str_replace(',', '.', $found[1]);
        $unit = self::UNITS[$found[2] ?? ''] ?? $allowed[0];
        if (SizeUnit::Millimetres === $unit && UnitSystem::FeetAndInches === $system) {
            $number = Length::inches($number)->inMillimetres();
        }

        return self::within($number, $unit, $allowed, $typed);
    }

    /** @param list<SizeUnit> $allowed */
    private static function within(float $value, SizeUnit $unit, array $allowed, string $typed): Size
    {
        if (!\in_array($unit, $allowed, true)) {
            throw new UnreadableMeasure(UnreadableMeasure::WRONG_UNIT, $typed);
        }
        if ($value > $unit->most()) {
            throw new UnreadableMeasure(UnreadableMeasure::TOO_LONG, $typed);
        }

        return new Size($value, $unit);
    }
}
