<?php

declare(strict_types=1);

namespace App\HandOver;

use App\Record\Job;
use App\Record\JobPictureRepository;
use App\Record\Mark;
use App\Record\MarkRepository;
use App\Record\Photo;
use App\Screen\CauseTexts;
use App\Screen\JobScreens;
use App\Work\Causes;
use App\Work\ClearingPlans;
use App\Work\Comparisons;
use App\Work\JudgedRun;
use App\Work\LineRecords;
use App\Work\MarkedGrounds;
use App\Work\MendPlans;
use App\Work\PlaceHistories;
use App\Work\RingsLeft;
use Doctrine\ORM\EntityManagerInterface;

/** Makes a job's report from its record. */
final readonly class Reports
{
    public function __construct(
        private LineRecords $records, private MarkRepository $marks, private JobScreens $screens,
        private EntityManagerInterface $manager, private ClearingPlans $plans, private RingsLeft $rings,
        private Causes $causes, private CauseTexts $causeTexts, private MarkedGrounds $grounds,
        private MendPlans $mends, private Comparisons $comparisons, private PlaceHistories $histories,
        private JobPictureRepository $pictures,
    ) {
    }

    public function of(Job $job): Report
    {
        $units = $job->call()->reportUnits;
        $record = $this->records->of($job);
        $all = $this->marks->ofRuns(array_map('strval', array_keys($record->runs)));
        $marks = array_values(array_filter($all, static fn (Mark $mark) => $mark->run->job === $job));
        $runs = $ribbons = [];
        foreach ($record->runsOf($job) as $line) {
            $runs[] = $line;
            $ribbons[$line->run->id] = $this->screens->ribbon($job, $line, $marks, $units);
        }
        // How far a tool should have come is worked out of the whole map: only where one was in the line.
        $cleared = [] === $job->passes() ? null : $this->plans->proof($job, $record);

        $causes = $this->causes->of($job, $record);

        $marked = [] === $marks ? null : $this->grounds->of($job, $record, $marks);

        $pairs = $this->comparisons->of($job, $record);
        foreach ($pairs as $pair) {
            $pairRibbons[$pair->after->run->id] = [
                $this->screens->ribbon($pair->before->run->job, $pair->before, [], $units),
                $this->screens->ribbon($job, $pair->after, [], $units),
            ];
        }

        return new Report(
            $job, $record, $runs, $ribbons, $marked, $this->mends->of($job, $record, $all), $units,
            $cleared, $this->rings->of($job, $record),
            $this->causeTexts->why($causes), $this->causeTexts->advice($job, $causes),
            $this->histories->of($job->property(), $record), $pairs, $pairRibbons ?? [], $this->pictures->ofJob($job),
        );
    }

    /** @return array<string, string> the pictures as data addresses, by finding */
    public function embeddedPhotos(Report $report): array
    {
        $ids = array_merge(...array_map(static fn (JudgedRun $line) => $line->photographed, $report->looks()), ...[[]]);
        $embedded = [];
        $ids = [...$ids, ...array_column($report->pictures, 'id')];
        foreach ($this->manager->getRepository(Photo::class)->findBy(['findingId' => $ids]) as $photo) {
            $embedded[$photo->findingId] = 'data:image/jpeg;base64,'.$photo->jpeg;
        }

        return $embedded;
    }
}
