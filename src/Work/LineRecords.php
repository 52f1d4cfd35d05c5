<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\Job;
use App\Record\Run;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Compare\Fit;
use Jurvex\Core\Compare\OtherCounter;
use Jurvex\Core\Compare\Seen;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Judge\Judgement;
use Jurvex\Core\Looks\LaidRun;
use Jurvex\Core\Looks\Portion;
use Jurvex\Core\Looks\UnitedFinding;
use Jurvex\Core\Looks\UnitedLine;
use Psr\Clock\ClockInterface;

/** Unites all looks at a property. */
final readonly class LineRecords
{
    public function __construct(
        private EntityManagerInterface $manager, private JudgedRuns $judged, private ClockInterface $clock, private Fits $fits,
    ) {
    }

    /** As it was known at the end of a job: with every earlier look at the property, and none that came after the job's last. */
    public function of(Job $job): LineRecord
    {
        $runs = $this->runs($job);
        $last = self::lastOf($job, $runs);

        return null === $last ? new LineRecord([], [], [], []) : $this->united($job, $runs, $last);
    }

    /** What is known before a job looks for itself: every look at the property until it was handed over. */
    public function known(Job $job): LineRecord
    {
        $runs = $this->runs($job);

        return $this->united($job, $runs, self::lastOf($job, $runs) ?? $job->outcome()->handedOverAt() ?? $this->clock->now());
    }

    /** @param list<Run> $runs at the property, oldest first */
    private static function lastOf(Job $job, array $runs): ?\DateTimeImmutable
    {
        // What began just now has parts of a second that what is stored has not: the order of the rows does not tell the last.
        $own = array_filter($runs, static fn (Run $run) => $run->job === $job);

        return [] === $own ? null : max(array_map(static fn (Run $run) => $run->startedAt, $own));
    }

    /** @param list<Run> $runs at the property, oldest first */
    private function united(Job $job, array $runs, \DateTimeImmutable $until): LineRecord
    {
        $runs = array_values(array_filter($runs, static fn (Run $run) => $run->startedAt <= $until));
        $laid = $portions = $told = [];
        $lines = $this->judged->all($runs, $job->rules());
        foreach ($lines as $line) {
            $portion = $line->run->portion();
            $laid[] = self::laid($line, $this->counter($told[$portion] ?? null, $line));
            $told[$portion] ??= [] === $line->record->findings ? null : self::fromTheFoot($line);
        }
        $line = new UnitedLine(array_map(static fn (LaidRun $run) => $run->look(), $laid));
        foreach ($laid as $run) {
            $portions[$run->portion()][] = $run;
        }
        $sightings = [];
        foreach ($lines as $judged) {
            foreach ($judged->record->findings as $finding) {
                $sightings[$finding->id] = new Sighting($judged, $finding);
            }
        }
        $there = $gone = [];
        foreach ($line->findings as $thing) {
            $finding = self::finding($thing, $sightings, $lines);
            // What does not move is not gone where somebody did not log it again.
            if (null === $finding->goneSince) {
                $there[] = $finding;
            } elseif (!$finding->finding->kind->isPlain() && Kind::TieIn !== $finding->finding->kind) {
                $gone[] = $finding;
            }
        }

        return new LineRecord(
            $lines, self::joined($there, $job->rules()->limit('same_place_m')), $gone,
            array_map(static fn (array $runs) => Portion::of($runs, $line), array_values($portions)),
        );
    }

    /** @return list<Run> at the job's property, oldest first */
    private function runs(Job $job): array
    {
        /** @var list<Run> $runs */
        $runs = $this->manager->createQuery(
            'SELECT run, opening FROM App\Record\Run run JOIN run.opening opening JOIN run.job job'
                .' WHERE job.property = :property ORDER BY run.startedAt ASC, run.id ASC')
            ->setParameter('property', $job->property()->id)->getResult();

        return $runs;
    }

    /** What stays, counted from the foot of the drop whatever the counter's zero was. */
    private static function fromTheFoot(JudgedRun $line): Seen
    {
        return Seen::featuresFrom($line->record, MappedRuns::leadOf($line->run));
    }

    /** How a look counts otherwise than the first one from the same opening the same way; none where nothing proves that. */
    private function counter(?Seen $before, JudgedRun $line): ?Fit
    {
        if (null === $before) {
            return null;
        }
        $after = self::fromTheFoot($line);
        if (OtherCounter::isRuledOut($before, $after)) {
            return null;
        }
        $fit = $this->fits->of($before, $after);
        $reach = $line->record->reached->metres - MappedRuns::leadOf($line->run);

        return OtherCounter::isProved($before, $after, $fit, $reach) ? $fit : null;
    }

    /**
     * A fit from the foot of the drop as one of readings. The spans of a way count from the run's own zero already; where there is no way
     * distances count from the foot.
     */
    private static function byReading(Fit $fit, float $lead, bool $isFromTheFoot): Fit
    {
        return Fit::by($fit->shift + ($isFromTheFoot ? $lead : $lead * (1 - $fit->stretch)), $fit->stretch);
    }

    private static function laid(JudgedRun $line, ?Fit $counter): LaidRun
    {
        $run = $line->run;
        $way = MappedRuns::wayOf($run);
        $counter = self::byReading($counter ?? Fit::none(), MappedRuns::leadOf($run), null === $way);

        return LaidRun::along(
            $run->id, (float) $run->startedAt->format('U.u'), (null === $way ? null : $run->opening->node()) ?? $run->opening->name(),
            $line->record, $way, $counter,
        );
    }

    /**
     * @param array<string, Sighting> $known by finding
     * @param array<string, JudgedRun> $lines by run
     */
    private static function finding(UnitedFinding $thing, array $known, array $lines): LineFinding
    {
        $newest = $known[$thing->newest->finding->id];
        $sightings = [];
        foreach ($thing->sightings as $id) {
            $sightings[] = $known[$id];
        }

        return new LineFinding(
            $thing->newest, $newest, $sightings, self::judgement($newest, $sightings),
            null === $thing->goneSince ? null : $lines[$thing->goneSince]->run,
        );
    }

    /**
     * A joint's several troubles are one entry, told by the worst.
     *
     * @param list<LineFinding> $findings by pipe and place
     *
     * @return list<LineFinding>
     */
    private static function joined(array $findings, float $samePlace): array
    {
        /** @var array<int, LineFinding> $joined */
        $joined = [];
        $heads = [];
        foreach ($findings as $i => $each) {
            $joint = $each->isOfJoint() ? self::jointOf($each, $joined, $heads, $samePlace) : null;
            if (null === $joint) {
                $joined[$i] = $each;
            } elseif ($each->judgement->rank() > $joined[$joint]->judgement->rank()) {
                $joined[$joint] = $each->with(...$joined[$joint]->beside, ...[$joined[$joint]]);
            } else {
                $joined[$joint] = $joined[$joint]->with($each);
            }
            if (null === $joint && $each->isOfJoint()) {
                $heads[$each->pipe][] = $i;
            }
        }

        return array_values($joined);
    }

    /**
     * @param array<int, LineFinding> $joined
     * @param array<string, list<int>> $heads joints known so far, by pipe
     */
    private static function jointOf(LineFinding $each, array $joined, array $heads, float $samePlace): ?int
    {
        foreach ($each->pipes() as $pipe) {
            $known = $heads[$pipe] ?? [];
            // On its own pipe they come in order: only the last one can be near enough.
            foreach ($pipe === $each->pipe ? \array_slice($known, -1) : $known as $i) {
                if ($each->isBeside($joined[$i], $samePlace)) {
                    return $i;
                }
            }
        }

        return null;
    }

    /**
     * The technician's own class belongs to the thing, whichever sighting it was said at; the newest counts.
     *
     * @param list<Sighting> $sightings
     */
    private static function judgement(Sighting $newest, array $sightings): Judgement
    {
        $judgement = $newest->line->judgements[$newest->finding->id];
        foreach ($sightings as $sighting) {
            $own = $sighting->line->judgements->own($sighting->finding->id);
            $judgement = null === $own ? $judgement : $judgement->overriddenBy($own);
        }

        return $judgement;
    }
}
