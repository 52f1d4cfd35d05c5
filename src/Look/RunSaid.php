<?php

declare(strict_types=1);

namespace App\Look;

use App\Record\OpeningKind;
use App\Record\Run;
use App\Record\RunDetails;
use App\Record\Zero;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Measure\DistanceReader;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Measure\UnreadableMeasure;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Run\Travel;
use Jurvex\Core\Say\OfRun;
use Jurvex\Core\Sketch\HouseTables;

/** What the words of a recording say of the run itself, put into the run where somebody accepts it. */
final class RunSaid
{
    /** What a run that has not ended said before its end. */
    private const OPEN = 'open';
    /** What nobody had said before. */
    private const NOT_SAID = 'not_said';
    /** A trade size and its true bore are one. */
    private const SAME_BORE_MM = 6.0;

    /** Whether the run does not say so anyway. */
    public static function isNews(OfRun $said, Run $run): bool
    {
        $before = self::before($said, $run);
        $through = '' === $said->value ? $run->opening->details()->kind->value : $said->value;

        return match ($said->what) {
            OfRun::END => self::OPEN === $before,
            OfRun::BORE => self::NOT_SAID === $before || abs((float) $before - self::trueBore($said, $run)) > self::SAME_BORE_MM,
            OfRun::BEGIN => $before !== self::begun($through, $said->travel ?? $run->details()->travel),
            default => $said->value !== $before,
        };
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
            OfRun::BEGIN => self::begin($run, $said->value, $said->travel),
            OfRun::ZERO => self::describe($run, static fn (RunDetails $details) => $details->zero = Zero::from($said->value)),
            OfRun::MATERIAL => self::describe($run, static fn (RunDetails $details) => $details->material = Material::from($said->value)),
            OfRun::BORE => self::setBore($run, self::trueBore($said, $run)),
            OfRun::WATER => self::water($run, 'on' === $said->value, $at),
            default => $run->end(EndReason::from($said->value), $said->fromM ?? self::place($typed, $units), '', $at),
        };

        return $before;
    }

    /** The run says again what it said before. */
    public static function takeBack(OfRun $said, Run $run, string $before): void
    {
        [$through, $travel] = [...explode('/', $before), ''];
        match ($said->what) {
            OfRun::BEGIN => self::begin($run, $through, Travel::tryFrom($travel)),
            OfRun::ZERO => self::describe($run, static fn (RunDetails $details) => $details->zero = Zero::from($before)),
            OfRun::MATERIAL => self::describe($run, static fn (RunDetails $details) => $details->material = Material::from($before)),
            OfRun::BORE => self::setBore($run, self::NOT_SAID === $before ? null : (float) $before),
            OfRun::WATER => self::setWater($run, self::NOT_SAID === $before ? null : 'on' === $before),
            default => $run->goOn(),
        };
    }

    private static function before(OfRun $said, Run $run): string
    {
        return match ($said->what) {
            OfRun::BEGIN => self::begun($run->opening->details()->kind->value, $run->details()->travel),
            OfRun::ZERO => $run->details()->zero->value,
            OfRun::MATERIAL => $run->details()->material->value,
            OfRun::BORE => (string) ($run->details()->boreMm ?? self::NOT_SAID),
            OfRun::WATER => $run->details()->water() ?: self::NOT_SAID,
            default => $run->endReason()->value ?? self::OPEN,
        };
    }

    private static function begun(string $through, Travel $travel): string
    {
        return $through.'/'.$travel->value;
    }

    private static function begin(Run $run, string $through, ?Travel $travel): void
    {
        $opening = clone $run->opening->details();
        $opening->kind = OpeningKind::tryFrom($through) ?? $opening->kind;
        $run->opening->describe($opening);
        self::describe($run, static fn (RunDetails $details) => $details->travel = $travel ?? $details->travel);
    }

    /** @return float in mm: nobody says true bores, and a trade size is taken by the house table */
    private static function trueBore(OfRun $said, Run $run): float
    {
        return HouseTables::typedBore($run->details()->material, Length::millimetres((float) $said->value))->inMillimetres();
    }

    private static function setBore(Run $run, ?float $boreMm): void
    {
        self::describe($run, static fn (RunDetails $details) => $details->boreMm = $boreMm);
    }

    private static function water(Run $run, bool $on, \DateTimeImmutable $at): void
    {
        // That it was off is not yet that it was turned off.
        null === $run->details()->waterOn ? self::setWater($run, $on) : $run->turnWater($on, $at);
    }

    private static function setWater(Run $run, ?bool $on): void
    {
        self::describe($run, static fn (RunDetails $details) => $details->waterOn = $on);
    }

    /** @param \Closure(RunDetails): mixed $change */
    private static function describe(Run $run, \Closure $change): void
    {
        $details = clone $run->details();
        $change($details);
        $run->describe($details);
    }

    /** @throws RefusedEntry */
    private static function place(string $typed, UnitSystem $units): float
    {
        try {
            return DistanceReader::read($typed, $units)->metres;
        } catch (UnreadableMeasure $unreadable) {
            $code = UnreadableMeasure::EMPTY === $unreadable->reason ? 'place_missing' : 'measure.'.$unreadable->reason;
            throw new RefusedEntry(['from' => ['code' => $code, 'allowed' => ['typed' => $typed]]]);
        }
    }
}
