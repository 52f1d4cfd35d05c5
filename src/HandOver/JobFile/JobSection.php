<?php

declare(strict_types=1);

namespace App\HandOver\JobFile;

use App\Record\CallSheet;
use App\Record\Cleared;
use App\Record\ClearingDetails;
use App\Record\DangerState;
use App\Record\Job;
use App\Record\Practice;
use App\Record\Property;
use App\Record\Zero;
use Jurvex\Core\Clear\Cause;
use Jurvex\Core\Clear\Machine;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Judge\School;
use Jurvex\Core\Practice\Difficulty;
use Jurvex\Core\Site\SitePlan;
use Jurvex\Core\Sketch\Sketch;
use Jurvex\Core\Triage\Answer;
use Jurvex\Core\Triage\DangerSign;

/** The job itself: call sheet, evidence on site, outcome; and the property's line map. */
final readonly class JobSection
{
    public function __construct(private Intake $intake)
    {
    }

    public function read(Row $given, Property $property, CallSheet $call): Job
    {
        $job = new Job($this->intake->id($given), $property, $call, $given->time('opened_at'), $given->text('done_by'));
        $this->intake->add($job);
        $job->chooseOpening(null, $given->choice('zero', Zero::class), $given->text('zero_note'));
        $this->outcome($given, $job);
        $this->evidence($given, $job);
        $clearing = $given->object('clearing');
        if (null !== $clearing) {
            $job->planClearing($this->intake->details($clearing, ClearingDetails::class));
        }
        $practice = $given->object('practice');
        if (null !== $practice) {
            $job->practise($this->practice($practice));
        }

        return $job;
    }

    /** Takes the map for a property that has none yet; one that is here already is newer. */
    public function map(?Row $map, Property $property): void
    {
        if (null === $map) {
            return;
        }
        $sketch = $this->intake->attempt('line_map', static fn () => Sketch::read(new Input($map->values)));
        if (null !== $sketch && !$property->hasMap()) {
            $property->draw($sketch);
        }
    }

    /** Takes the plan of the site for a property that has none yet. */
    public function site(?Row $plan, Property $property): void
    {
        if (null === $plan) {
            return;
        }
        $site = $this->intake->attempt('site_plan', static fn () => SitePlan::read(new Input($plan->values)));
        if (null !== $site && !$property->hasSitePlan()) {
            $property->drawSite($site);
        }
    }

    private function outcome(Row $given, Job $job): void
    {
        $outcome = $job->outcome();
        $outcome->sayCleared($given->optionalChoice('cleared', Cleared::class), $given->text('cleared_note'));
        $outcome->sayWhy($given->optionalChoice('cause', Cause::class), $given->text('use_advice'));
        $outcome->noteSeenAround($given->text('seen_around'));
        $this->intake->attempt('job', static fn () => $job->judgeBy(
            $given->optionalChoice('water_school', School::class),
            $given->optionalChoice('roots_school', School::class),
        ));
        $due = $given->optionalText('upkeep_due_on');
        $outcome->advise($given->text('advice'), $given->text('upkeep'), null === $due ? null : new \DateTimeImmutable($due));
        $outcome->handOver($given->optionalTime('handed_over_at'));
        $outcome->closeLook($given->text('look_closed_because'));
    }

    private function evidence(Row $given, Job $job): void
    {
        $site = $job->site();
        foreach ($given->rows('seen') as $seen) {
            $site->see($seen->text('node'), $this->answer($seen), $job->openedAt);
        }
        foreach ($given->rows('made_tests') as $test) {
            $site->makeTest($test->text('run'), $test->text('watched'), $this->answer($test), $test->text('by'), $test->time('at'));
        }
        foreach ($given->rows('gates') as $said) {
            $machine = $said->choice('machine', Machine::class);
            $site->confirmGate($machine, $said->text('line'), true, $said->text('by'), $said->time('at'));
        }
        foreach ($given->rows('checks') as $said) {
            $site->check(
                $said->choice('machine', Machine::class), $said->text('line'), true === $said->flag('good'), $said->text('reason'),
                $said->text('by'), $said->time('at'),
            );
        }
        foreach ($given->rows('dangers') as $said) {
            $state = $said->choice('state', DangerState::class);
            $site->sayDanger($said->choice('sign', DangerSign::class), $state, $said->text('by'), $said->time('at'));
        }
    }

    private function answer(Row $row): ?Answer
    {
        $answer = $row->optionalChoice('seen', Answer::class);
        if (null === $answer) {
            $this->intake->refuse($row->below('seen'), 'job_file.value');
        }

        return $answer;
    }

    private function practice(Row $row): Practice
    {
        $given = $row->object('points') ?? new Row([], 'points');
        $points = [];
        foreach (array_keys($given->values) as $part) {
            $points[(string) $part] = $given->number((string) $part) ?? 0.0;
        }

        return new Practice(
            (int) $row->number('seed'), $row->choice('difficulty', Difficulty::class), $row->text('by'),
            null === $row->number('score') ? null : (int) $row->number('score'), $points, $row->number('minutes'),
        );
    }
}
