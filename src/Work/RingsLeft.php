<?php

declare(strict_types=1);

namespace App\Work;

use App\Firm\Kit;
use App\Firm\ToolHead;
use App\Record\Job;
use App\Record\Pass;
use App\Record\Tool;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Run\Travel;

/** What the cutters that were used cannot have taken off the wall: worked out of their width and the bore that was seen. */
final readonly class RingsLeft
{
    public function __construct(private Kit $kit)
    {
    }

    /** @return array<string, RingLeft> by pass, where width and bore are known and the one is under the other */
    public function of(Job $job, LineRecord $line): array
    {
        $record = self::lookFromTheSameOpening($job, $line);
        if (null === $record) {
            return [];
        }
        $rings = [];
        foreach ($job->passes() as $pass) {
            $rings[$pass->id] = $this->ofPass($pass, $record);
        }

        return array_filter($rings, static fn (?RingLeft $ring) => null !== $ring);
    }

    /** None where width or bore is not known, or the one is not under the other. */
    public function ofPass(Pass $pass, RunRecord $record): ?RingLeft
    {
        $head = Tool::Cable === $pass->details()->tool ? $this->head($pass->job, $pass->details()->head) : null;
        $bore = self::widest($record, $pass);

        return null !== $head?->diameterMm && null !== $bore && $head->diameterMm < $bore->inMillimetres()
            ? new RingLeft(Length::millimetres($head->diameterMm), $bore) : null;
    }

    private function head(Job $job, string $name): ?ToolHead
    {
        foreach ($this->kit->all($job->firm) as $tool) {
            foreach ($tool->details()->getHeads() as $head) {
                if ($head->name === $name) {
                    return $head;
                }
            }
        }

        return null;
    }

    /** Passes count from the job's own zero: only a look from there has the same places. */
    private static function lookFromTheSameOpening(Job $job, LineRecord $line): ?RunRecord
    {
        $looks = array_filter(
            $line->runsOf($job),
            static fn (JudgedRun $each) => $each->run->opening === $job->chosenOpening() && Travel::Downstream === $each->record->travel,
        );
        $last = end($looks);

        return false === $last ? null : $last->record;
    }

    /** The widest bore on the way that was worked; none where a part of it is not known. */
    private static function widest(RunRecord $record, Pass $pass): ?Length
    {
        $details = $pass->details();
        $widest = null;
        foreach ($record->pipes as $pipe) {
            if ($pipe->from->metres < ($details->inM ?? 0.0) && $pipe->to->metres > $details->outM) {
                if (null === $pipe->bore) {
                    return null;
                }
                $widest = null === $widest || $pipe->bore->metres > $widest->metres ? $pipe->bore : $widest;
            }
        }

        return $widest;
    }
}
