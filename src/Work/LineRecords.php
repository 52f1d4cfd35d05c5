<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\Job;
use App\Record\Run;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Judge\Judgement;
use Jurvex\Core\Looks\LaidRun;
use Jurvex\Core\Looks\Portion;
use Jurvex\Core\Looks\UnitedFinding;
use Jurvex\Core\Looks\UnitedLine;
use Jurvex\Core\Sketch\RunWay;

/** Unites all looks at a property. */
final readonly class LineRecords
{
    public function __construct(private EntityManagerInterface $manager, private JudgedRuns $judged)
    {
    }

    /** As it was known at the end of a job: with every earlier look at the property, and none that came after the job's last. */
    public function of(Job $job): LineRecord
    {
        $lines = $laid = $portions = [];
        foreach ($this->runs($job) as $run) {
            $lines[$run->id] = $this->judged->judge($run, $job->rules());
            $laid[] = self::laid($lines[$run->id]);
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
            null === $finding->goneSince ? $there[] = $finding : $gone[] = $finding;
        }

        return new LineRecord(
            $lines, self::joined($there, $job->rules()->limit('same_place_m')), $gone,
            array_map(static fn (array $runs) => Portion::of($runs, $line), array_values($portions)),
        );
    }

    /** @return list<Run> oldest first */
    private function runs(Job $job): array
    {
        $own = $job->runs();
        $last = end($own);
        if (false === $last) {
            return [];
        }
        /** @var list<Run> $runs */
        $runs = $this->manager->createQuery(
            'SELECT run, opening FROM App\Record\Run run JOIN run.opening opening JOIN run.job job'
                .' WHERE job.property = :property AND run.startedAt <= :last ORDER BY run.startedAt ASC, run.id ASC')
            ->setParameter('property', $job->property()->id)->setParameter('last', $last->startedAt)->getResult();

        return $runs;
    }

    private static function laid(JudgedRun $line): LaidRun
    {
        $run = $line->run;
        $node = $run->opening->node() ?? '';
        $sketch = $run->job->property()->sketch();
        $isMapped = isset($sketch->nodes[$node]);

        return LaidRun::along(
            $run->id, (float) $run->startedAt->format('U.u'), $isMapped ? $node : $run->opening->id, $line->record,
            $isMapped ? RunWay::along($sketch, $node, $line->record->travel, MappedRuns::leadOf($run)) : null,
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
            $thing->newest->pipe, $thing->newest->finding->from->metres, $newest, $sightings, self::judgement($newest, $sightings),
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
        $joined = [];
        $joint = null;
        foreach ($findings as $i => $each) {
            $head = null !== $joint && $each->isOfJoint() && $each->isBeside($joined[$joint], $samePlace) ? $joined[$joint] : null;
            if (null === $head) {
                $joint = $each->isOfJoint() ? $i : $joint;
                $joined[$i] = $each;
            } elseif ($each->judgement->rank() > $head->judgement->rank()) {
                $joined[$joint] = $each->with(...$head->beside, ...[$head]);
            } else {
                $joined[$joint] = $head->with($each);
            }
        }

        return array_values($joined);
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
            $own = $sighting->line->judgements[$sighting->finding->id]->override;
            $judgement = null === $own ? $judgement : $judgement->overriddenBy($own);
        }

        return $judgement;
    }
}
