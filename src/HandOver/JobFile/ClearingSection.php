<?php

declare(strict_types=1);

namespace App\HandOver\JobFile;

use App\Record\FlowTest;
use App\Record\FlowTestDetails;
use App\Record\Job;
use App\Record\Opening;
use App\Record\OpeningDetails;
use App\Record\Pass;
use App\Record\PassDetails;
use App\Record\StuckTool;
use Jurvex\Core\Clear\EntryKind;
use Jurvex\Core\Clear\Gauge;
use Jurvex\Core\Clear\LogEntry;
use Jurvex\Core\Clear\Progress;
use Jurvex\Core\Clear\Trouble;

/** Openings, and what was done to clear the line: passes with their presses, flow tests, tools that were stuck. */
final readonly class ClearingSection
{
    public function __construct(private Intake $intake)
    {
    }

    public function read(Row $document, Job $job): void
    {
        array_map(fn (Row $row) => $this->pass($row, $job), $document->rows('passes'));
        foreach ($document->rows('flow_tests') as $row) {
            $details = $this->intake->details($row, FlowTestDetails::class);
            $this->intake->addWithdrawable(new FlowTest($this->intake->id($row), $job, $row->time('logged_at'), $details), $row);
        }
        array_map(fn (Row $row) => $this->stuckTool($row, $job), $document->rows('stuck_tools'));
    }

    public function openings(Row $document, Job $job): void
    {
        foreach ($document->rows('openings') as $row) {
            $opening = new Opening($this->intake->id($row), $job, $this->intake->details($row, OpeningDetails::class));
            $opening->placeAt($row->optionalText('node'));
            $this->intake->addWithdrawable($opening, $row);
        }
    }

    private function pass(Row $row, Job $job): void
    {
        $opening = $this->intake->opening($row, 'opening');
        $details = $this->intake->details($row, PassDetails::class);
        $id = $this->intake->id($row);
        $pass = true === $row->flag('open')
            ? Pass::begin($id, $job, $opening, $row->time('logged_at'), $details)
            : new Pass($id, $job, $opening, $row->time('logged_at'), $details);
        foreach ($row->rows('entries') as $entry) {
            $kind = $entry->choice('kind', EntryKind::class);
            $pass->enter($entry->text('id'), new LogEntry(
                $kind, $entry->number('seconds') ?? 0.0, $entry->number('metres'), $entry->text('said'),
            ));
        }
        $this->intake->addWithdrawable($pass, $row);
    }

    private function stuckTool(Row $row, Job $job): void
    {
        $trouble = $row->choice('trouble', Trouble::class);
        $stuck = new StuckTool($this->intake->id($row), $job, $trouble, $row->number('at_m') ?? 0.0, $row->time('began_at'));
        $stuck->see(
            $row->choice('gauge', Gauge::class),
            $row->optionalChoice('progress', Progress::class),
            true === $row->flag('soil_comes_back'),
        );
        foreach ($row->rows('tried') as $try) {
            $stuck->triedInVain($try->text('code'), $try->text('by'), $try->time('at'));
        }
        $ended = $row->optionalTime('ended_at');
        if (null !== $ended) {
            $stuck->end($row->text('freed_by'), $ended);
        }
        $this->intake->add($stuck);
    }
}
