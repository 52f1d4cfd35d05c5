<?php

declare(strict_types=1);

namespace App\HandOver\JobFile;

use App\Record\LoggedFinding;
use App\Record\OwnOpinion;
use App\Record\Run;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Judge\Need;

/** The findings of a run, with the technician's own opinions and the pictures. */
final readonly class FindingsSection
{
    public function __construct(private Intake $intake, private Pictures $pictures)
    {
    }

    public function read(Row $runRow, Run $run): void
    {
        $here = [];
        foreach ($runRow->rows('findings') as $row) {
            $finding = $this->intake->attempt($row->at, static fn () => Finding::read(new Input($row->values)));
            if (null === $finding) {
                continue;
            }
            $replaces = $row->optionalText('replaces');
            if (null !== $replaces && !isset($here[$replaces])) {
                $this->intake->refuse($row->below('replaces'), 'job_file.not_in_file');
            }
            $logged = new LoggedFinding(
                $this->intake->id($row), $run, $finding, $row->time('logged_at'), $row->number('reading_m'),
                $row->number('invert_on_screen'), $replaces, $row->flag('drawn_back'), $row->number('recorded_s'),
            );
            $this->intake->addWithdrawable($logged, $row);
            $here[$logged->id] = true;
            $this->opinions($row, $logged);
            $this->pictures->take($row, $logged->id);
        }
    }

    private function opinions(Row $row, LoggedFinding $logged): void
    {
        foreach ($row->rows('opinions') as $each) {
            $opinion = new OwnOpinion(
                $this->intake->id($each), $logged->id, $each->choice('need', Need::class), $each->text('reason'),
                $each->text('by'), $each->time('at'),
            );
            $this->intake->addWithdrawable($opinion, $each);
        }
    }
}
