<?php

declare(strict_types=1);

namespace App\HandOver\JobFile;

use App\Record\HeightDetails;
use App\Record\HeightMeasured;
use App\Record\Job;
use App\Record\Mark;
use App\Record\MarkDetails;
use App\Record\Narrated;
use App\Record\NarratedFrom;
use App\Record\OutsidePipe;
use App\Record\OutsidePipeDetails;
use App\Record\Run;
use App\Record\RunDetails;
use App\Record\RunTrack;
use Doctrine\DBAL\Connection;
use Jurvex\Core\Reel\ReadingFormat;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Say\Lexicon;

/**
 * The camera's runs, with their readings and marks, pipes seen from outside and heights of the ground; the findings are a section of
 * their own.
 */
final readonly class RunsSection
{
    public function __construct(
        private Intake $intake, private FindingsSection $findings, private Pictures $pictures, private Connection $connection,
    ) {
    }

    public function outside(Row $document, Job $job): void
    {
        foreach ($document->rows('outside_pipes') as $row) {
            $details = $this->intake->details($row, OutsidePipeDetails::class);
            $this->intake->addWithdrawable(new OutsidePipe($this->intake->id($row), $job, $row->time('logged_at'), $details), $row);
        }
    }

    public function heights(Row $document, Job $job): void
    {
        foreach ($document->rows('heights') as $row) {
            $details = $this->intake->details($row, HeightDetails::class);
            $height = new HeightMeasured($this->intake->id($row), $job, $row->time('logged_at'), $details);
            $this->intake->addWithdrawable($height, $row);
        }
    }

    public function read(Row $row, Job $job): void
    {
        $opening = $this->intake->opening($row, 'opening');
        if (null === $opening) {
            $this->intake->refuse($row->below('opening'), 'missing');

            return;
        }
        $details = $this->intake->details($row, RunDetails::class);
        $details->waterOn = $row->flag('water_on');
        $run = new Run($this->intake->id($row), $job, $opening, $row->time('started_at'), $details);
        $this->intake->add($run);
        $waterOff = $row->optionalTime('water_off_at');
        if (null !== $waterOff) {
            $run->turnWater(false, $waterOff);
        }
        $this->end($row, $run);
        if (null !== $row->optionalText('video_name')) {
            $run->attachVideo($row->text('video_name'), null);
        }
        if (true === $row->flag('simulated')) {
            $run->simulate();
        }
        $this->readings($row, $run);
        $this->findings->read($row, $run);
        array_map(fn (Row $each) => $this->narrated($each, $run), $row->rows('narrations'));
        foreach ($row->rows('marks') as $each) {
            $mark = new Mark(
                $this->intake->id($each), $run, $each->time('logged_at'), $this->intake->details($each, MarkDetails::class),
            );
            $this->intake->addWithdrawable($mark, $each);
            $this->pictures->take($each, $mark->id);
        }
    }

    private function narrated(Row $row, Run $run): void
    {
        $cues = array_map(
            static fn (Row $cue) => [$cue->number('from_s') ?? 0.0, $cue->number('to_s') ?? 0.0, $cue->text('text')], $row->rows('cues'),
        );
        $narrated = new Narrated(
            $this->intake->id($row), $run, $row->choice('source', NarratedFrom::class), $row->text('name'), $cues, $row->time('said_at'),
            $row->number('at_m'), $row->optionalText('language') ?? Lexicon::USUAL,
        );
        foreach ($row->rows('settled') as $each) {
            $narrated->settle($each->text('key'), $each->text('became'));
        }
        $this->intake->add($narrated);
    }

    private function end(Row $row, Run $run): void
    {
        $reached = $row->number('reached_m');
        if (null === $reached) {
            return;
        }
        $reason = $row->optionalChoice('end_reason', EndReason::class);
        $at = $row->optionalTime('ended_at') ?? $run->startedAt;
        $run->end($reason ?? EndReason::Other, $reached, $row->text('end_note'), $at);
        if (null === $reason) {
            $run->goOn();
        }
    }

    private function readings(Row $row, Run $run): void
    {
        $track = null;
        foreach ($row->rows('readings') as $batch) {
            $track ??= new RunTrack($run->id);
            $readings = $this->intake->attempt($batch->at, static fn () => ReadingFormat::read($batch->longText('lines')));
            if (null !== $readings && [] !== $readings) {
                $run->wentTo($track->take($readings, $run)->deepest);
                $this->batch($batch, $run, \count($readings));
            }
        }
        if (null !== $track) {
            $this->intake->add($track);
        }
    }

    private function batch(Row $batch, Run $run, int $count): void
    {
        $id = $this->intake->id($batch);
        $this->intake->later(function () use ($id, $batch, $run, $count): void {
            $this->connection->insert('reading_batch', [
                'id' => $id, 'run_id' => $run->id, 'count' => $count, 'lines' => $batch->longText('lines'),
            ]);
        });
    }
}
