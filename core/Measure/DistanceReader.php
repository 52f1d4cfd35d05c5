<?php

declare(strict_types=1);

namespace Jurvex\Core\Measure;

/**
 * Reads distances the way people type them: `14.5`, `14,5`, `14' 6"`, `14 6`, `14ft6in`, `6"`, `4.4 m`, `440 cm`, `4400 mm`.
 * A number without a unit is metres or feet as the person has chosen; two bare numbers are feet and inches.
 */
final class DistanceReader
{
    private const LONGEST_M = 10_000.0;
    private const NUMBER = '\d+(?:[.,]\d+)?|[.,]\d+';
    private const INCHES = '(?:\d+[ -])?\d+\/\d+|\d+(?:[.,]\d+)?|[.,]\d+';
    private const METRIC_UNITS = [
        'm' => 1.0, 'metre' => 1.0, 'metres' => 1.0, 'meter' => 1.0, 'meters' => 1.0, 'cm' => 0.01, 'mm' => 0.001,
    ];

    /** @throws UnreadableMeasure when it is empty, unclear, negative, longer than 10 km, or has 12 inches and more beside feet */
    public static function read(string $typed, UnitSystem $system): Length
    {
        $text = self::plain($typed);
        if ('' === $text) {
            throw new UnreadableMeasure(UnreadableMeasure::EMPTY, $typed);
        }
        if (str_starts_with($text, '-')) {
            throw new UnreadableMeasure(UnreadableMeasure::NEGATIVE, $typed);
        }
        $length = self::metric($text, $system) ?? self::feetAndInches($text, $system, $typed);
        if (null === $length) {
            throw new UnreadableMeasure(UnreadableMeasure::UNCLEAR, $typed);
        }
        if ($length->metres > self::LONGEST_M) {
            throw new UnreadableMeasure(UnreadableMeasure::TOO_LONG, $typed);
        }

        return $length;
    }

    private static function plain(string $typed): string
    {
        $marks = [
            '″' => '"', '”' => '"', '“' => '"', "''" => '"', '′' => "'", '’' => "'", '‘' => "'", "\u{a0}" => ' ',
            "\u{202f}" => ' ', '−' => '-', '–' => '-',
            '½' => ' 1/2', '¼' => ' 1/4', '¾' => ' 3/4', '⅛' => ' 1/8', '⅜' => ' 3/8', '⅝' => ' 5/8', '⅞' => ' 7/8',
        ];
        $text = strtr(mb_strtolower($typed), $marks);

        return trim(preg_replace('/\s+/u', ' ', $text) ?? '');
    }

    private static function metric(string $text, UnitSystem $system): ?Length
    {
        $units = implode('|', array_keys(self::METRIC_UNITS));
        if (!preg_match('/^('.self::NUMBER.') ?('.$units.')?$/', $text, $found)) {
            return null;
        }
        $unit = $found[2] ?? '';
        if ('' === $unit && UnitSystem::Metric !== $system) {
            return null;
        }

        return Length::metres(self::number($found[1]) * ('' === $unit ? 1.0 : self::METRIC_UNITS[$unit]));
    }

    private static function feetAndInches(string $text, UnitSystem $system, string $typed): ?Length
    {
        $foot = "(?:'|ft\\.?|feet|foot)";
        $inch = '(?:"|in\.?|inch|inches)';
        if (preg_match('/^('.self::INCHES.') ?'.$inch.'$/', $text, $found)) {
            return Length::inches(self::inches($found[1]));
        }
        if (preg_match('/^('.self::NUMBER.') ?'.$foot.'$/', $text, $found)) {
            return Length::feet(self::number($found[1]));
        }
        if (preg_match('/^(\d+) ?'.$foot.' ?('.self::INCHES.') ?'.$inch.'?$/', $text, $found)) {
            return self::feetWithInches($found[1], $found[2], $typed);
        }
        if (UnitSystem::FeetAndInches !== $system) {
            return null;
        }
        if (preg_match('/^('.self::NUMBER.')$/', $text, $found)) {
            return Length::feet(self::number($found[1]));
        }
        // A bare fraction ("14 1/2") could be half a foot or half an inch: not guessed.
        if (preg_match('/^(\d+) (\d+(?:[.,]\d+)?(?:[ -]\d+\/\d+)?) ?'.$inch.'?$/', $text, $found)) {
            return self::feetWithInches($found[1], $found[2], $typed);
        }

        return null;
    }

    private static function feetWithInches(string $feet, string $inches, string $typed): Length
    {
        $count = self::inches($inches);
        if ($count >= 12) {
            throw new UnreadableMeasure(UnreadableMeasure::TOO_MANY_INCHES, $typed);
        }

        return Length::feet(self::number($feet) + $count / 12);
    }

    private static function number(string $digits): float
    {
        // A hundred nines are too long, not infinite.
        return min((float) str_replace(',', '.', $digits), 1e12);
    }

    private static function inches(string $text): float
    {
        if (!preg_match('/^(?:(\d+)[ -])?(\d+)\/(\d+)$/', $text, $found)) {
            return self::number($text);
        }
        $parts = (float) $found[3];
        if (0.0 === $parts) {
            throw new UnreadableMeasure(UnreadableMeasure::UNCLEAR, $text);
        }

        return (float) $found[1] + (float) $found[2] / $parts;
    }
}
