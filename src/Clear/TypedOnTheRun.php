<?php

declare(strict_types=1);

namespace App\Clear;

use App\Support\Units\Quantity;
use Jurvex\Core\Clear\EntryKind;
use Jurvex\Core\Clear\RunLog;
use Jurvex\Core\Measure\DistanceReader;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Measure\UnreadableMeasure;

/** Reads the number of an entry as somebody says it. */
final class TypedOnTheRun
{
    private const SHORTEST_M = 0.5;
    private const LONGEST_M = 200.0;

    /**
     * @return ?float metres, or degrees; none for what has no number, and for a coupling where none is left
     *
     * @throws UnreadableMeasure
     */
    public static function read(EntryKind $kind, string $typed, RunLog $log, UnitSystem $units): ?float
    {
        return match ($kind) {
            EntryKind::At, EntryKind::Moved => DistanceReader::read($typed, $units)->metres,
            EntryKind::Level => DistanceReader::read(self::inSmallUnits($typed, $units), $units)->metres,
            EntryKind::Heat => self::degrees($typed, $units),
            // A coupling is where it was, whatever the plan asks for later.
            EntryKind::MarkIn => $log->marks->next($log->distance()->metres),
            EntryKind::MarkOut => $log->marks->previous($log->distance()->metres),
            default => null,
        };
    }

    /**
     * @return float metres of a loose length of cable
     *
     * @throws UnreadableMeasure for what is no such length
     */
    public static function loose(string $typed, UnitSystem $units): float
    {
        $metres = DistanceReader::read($typed, $units)->metres;
        if ($metres < self::SHORTEST_M || $metres > self::LONGEST_M) {
            throw new UnreadableMeasure(UnreadableMeasure::TOO_LONG, $typed);
        }

        return $metres;
    }

    /** A level is said in inches or centimetres. */
    private static function inSmallUnits(string $typed, UnitSystem $units): string
    {
        return preg_match('/[a-z\'"″′]\s*$/iu', $typed) ? $typed : trim($typed).(UnitSystem::Metric === $units ? ' cm' : '"');
    }

    /** @throws UnreadableMeasure for what is no temperature of water */
    private static function degrees(string $typed, UnitSystem $units): float
    {
        $number = filter_var(str_replace(',', '.', trim($typed)), \FILTER_VALIDATE_FLOAT);
        $celsius = false === $number ? null : Quantity::Temperature->read($number, $units);
        if (null === $celsius || $celsius < 0 || $celsius > 120) {
            throw new UnreadableMeasure('' === trim($typed) ? UnreadableMeasure::EMPTY : UnreadableMeasure::UNCLEAR, $typed);
        }

        return $celsius;
    }
}
