<?php

declare(strict_types=1);

namespace App\HandOver\JobFile;

use App\Record\ClosingStep;
use App\Record\Job;
use App\Record\SentLetter;
use App\Record\UpkeepPlan;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Upkeep\UpkeepWork;

/** The closing list, letters that were sent, and the upkeep of the property. */
final readonly class UpkeepSection
{
    public function __construct(private Intake $intake, private EntityManagerInterface $manager)
    {
    }

    public function read(Row $document, Row $given, Job $job): void
    {
        $closing = $given->values['closing'] ?? [];
        $steps = array_map(
            static fn (mixed $code) => ClosingStep::tryFrom(\is_string($code) ? $code : ''), \is_array($closing) ? $closing : [],
        );
        $job->outcome()->close(array_values(array_filter($steps)));
        foreach ($document->rows('sent') as $row) {
            $this->intake->add(new SentLetter(
                $this->intake->id($row), $job, $row->text('to'), $row->text('subject'), $row->text('text'), true === $row->flag('with_pdf'),
                $row->text('by'), $row->time('sent_at'),
            ));
        }
        foreach ($document->rows('upkeep_plans') as $row) {
            // The plans are the property's: every job of it brings them.
            if (null === $this->manager->find(UpkeepPlan::class, $row->text('id'))) {
                $plan = new UpkeepPlan(
                    $row->text('id'), $job->property(), $row->choice('work', UpkeepWork::class), (int) $row->number('every_months'),
                    new \DateTimeImmutable($row->text('due_on')), $row->text('note'),
                );
                $plan->end($row->optionalTime('ended_at'));
                $this->intake->add($plan);
            }
        }
    }
}
