<?php

declare(strict_types=1);

namespace App\Look;

use App\Record\Narrated;
use App\Record\Run;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Measure\DistanceReader;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Measure\UnreadableMeasure;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Say\Entry;
use Jurvex\Core\Say\Lexicon;
use Jurvex\Core\Say\OfRun;
use Jurvex\Core\Say\Reel;
use Jurvex\Core\Say\Speech;

/** What the words of a recording say of the run itself, put into the run where somebody accepts it. */
final class RunProposals
{
    /** What a run that has not ended said before its end. */
    private const OPEN = 'open';

    /**
     * @param list<Entry> $entries what was read from the same words
     *
     * @return list<RunProposal> in the order of time; none of what the run says anyway
     */
    public static function of(Narrated $narrated, array $entries, UnitSystem $units, Reel $reel): array
    {
        $lexicon = Lexicon::of(SaidLines::LANGUAGE);
        $settled = $narrated->settled();
        $proposals = [];
        foreach (OfRun::read(Speech::timed($narrated->asCues(), $lexicon), $lexicon, $units, $entries, $reel) as $said) {
            $became = $settled[$said->key()] ?? null;
            $before = self::before($said, $narrated->run);
            $isNews = OfRun::END === $said->what ? self::OPEN === $before : $said->value !== $before;
            if (null !== $became || $isNews) {
                $proposals[] = new RunProposal($said, $said->key(), $became);
            }
        }

        return $proposals;
    }

    /**
     * @param string $typed where it ended, if that was not said
     *
     * @return string what the run said before
     *
     * @throws RefusedEntry
     */
    public static function accept(RunProposal $proposal, Run $run, string $typed, UnitSystem $units): string
    {
        $said = $proposal->said;
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
    public static function takeBack(RunProposal $proposal, Run $run): void
    {
        match ($proposal->said->what) {
            OfRun::MATERIAL => self::describe($run, material: Material::from((string) $proposal->became)),
            OfRun::WATER => self::describe($run, isWaterOn: 'on' === $proposal->became),
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
