<?php

declare(strict_types=1);

namespace App\HandOver\JobFile;

use App\Record\Decided;
use App\Record\Job;
use App\Record\PairSaid;
use App\Record\RepairDetails;
use App\Record\RepairSaid;
use App\Record\SecondOpinion;
use Jurvex\Core\Judge\Need;
use Jurvex\Core\Mend\Way;

/** What is said of repairs, which way is recommended, second opinions, and pairs of findings of two looks. */
final readonly class MendSection
{
    public function __construct(private Intake $intake)
    {
    }

    public function read(Row $document, Row $given, Job $job): void
    {
        $job->outcome()->recommend($given->optionalChoice('recommended', Way::class), $given->text('recommended_because'));
        foreach ($document->rows('repairs') as $row) {
            $details = $this->intake->details($row, RepairDetails::class);
            $this->intake->add(new RepairSaid($this->intake->id($row), $job, $row->text('finding_id'), $details));
        }
        foreach ($document->rows('pairs') as $row) {
            $this->intake->add(new PairSaid(
                $this->intake->id($row), $job, $row->text('before_id'), $row->text('after_id'), true === $row->flag('is_same'),
            ));
        }
        array_map(fn (Row $row) => $this->second($row, $job), $document->rows('second_opinions'));
    }

    private function second(Row $row, Job $job): void
    {
        $second = new SecondOpinion(
            $this->intake->id($row), $job, $row->text('finding_id'), $row->text('question'), $row->optionalChoice('asked', Need::class),
            $row->text('asked_by'), $row->time('asked_at'),
        );
        $need = $row->optionalChoice('need', Need::class);
        $decided = $row->optionalChoice('decided', Decided::class);
        if (null !== $need) {
            $second->answer($need, $row->text('reason'), $row->text('answered_by'), $row->time('answered_at'));
        }
        if (null !== $need && null !== $decided) {
            $second->decide($decided, $row->text('decided_because'), $row->text('decided_by'), $row->time('decided_at'));
        }
        $this->intake->add($second);
    }
}
