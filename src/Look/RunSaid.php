<?php

declare(strict_types=1);

namespace App\Look;

use App\Record\Run;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Measure\DistanceReader;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Measure\UnreadableMeasure;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Say\OfRun;

/** What the words of a recording say of the run itself, put into the run where somebody accepts it. */
final class RunSaid
{
    /** What a run that has not ended said before its end. */
    private const OPEN = 'open';

    /** Whether the run does not say so anyway. */
    public static function isNews(OfRun $said, Run $run): bool
    {
        $before = self::before($said, $run);

        return OfRun::END === $said->what ? self::OPEN === $before : $said->value !== $before;
    }

    /**
     * @param string $typed where it ended, if that was not said
     *
     * @return string what the run said before
     *
     * @throws RefusedEntry
     */
    public static function accept(OfRun $said, Run $run, string $typed, UnitSystem $units): string
    {
        $before = self::before($said, $run);
        $at = $run->startedAt->modify(\sprintf('+%d seconds', $said->atS ?? 0));
        match ($said->what) {
            OfRun::MATERIAL => self::describe($run, material: Material::from($said->value)),
            OfRun::WATER => $run->turnWater('on' === $said->value, $at),
            default => $run->end(EndReason::from($said->value), $said->fromM ?? self::place($typed, $units), '', $at),
        };

        return $before;
    }

    /** The run says again what it said before. */
    public static function takeBack(OfRun $said, Run $run, string $before): void
    {
        match ($said->what) {
            OfRun::MATERIAL => self::describe($run, material: Material::from($before)),
            OfRun::WATER => self::describe($run, isWaterOn: 'on' === $before),
            default => $run->goOn(),
        };
    }

    private static function before(OfRun $said, Run $run): string
    {
        return match ($said->what) {
            OfRun::MATERIAL => $run->details()->material->value,
            OfRun::WATER => $run->details()->waterOn ? 'on' : 'off',
            default => $run->endReason()->value ?? self::OPEN,
        };
    }

    private static function describe(Run $run, ?Material $material = null, ?bool $isWaterOn = null): void
    {
        $details = clone $run->details();
        $details->material = $material ?? $details->material;
        $details->waterOn = $isWaterOn ?? $details->waterOn;
        $run->describe($details);
    }

    /** @throws RefusedEntry */
    private static function place(string $typed, UnitSystem $units): float
    {
        try {
            return DistanceReader::read($typed, $units)->metres;
        } catch (UnreadableMeasure $unreadable) {
            $code = UnreadableMeasure::EMPTY === $unreadable->reason ? 'distance_missing' : 'measure.'.$unreadable->reason;
            throw new RefusedEntry(['from' => ['code' => $code, 'allowed' => ['typed' => $typed]]]);
        }
    }
}
