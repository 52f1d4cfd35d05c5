<?php

declare(strict_types=1);

namespace App\Work;

use App\Firm\Kit;
use App\Record\FindingRepository;
use App\Record\Job;
use App\Record\Run;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Practice\Difficulty;
use Jurvex\Core\Practice\Line;
use Jurvex\Core\Practice\LineMaker;
use Jurvex\Core\Practice\SimulatedReel;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Sketch\ExpectedRun;

/** The line that stands in for a real one, and the reel on it. */
final readonly class SimulatedLines
{
    private const SLACK = 0.01;
    private const NOISE_M = 0.004;
    private const STEP_M = 0.1;

    public function __construct(private FindingRepository $findings, private Kit $kit)
    {
    }

    /** The line of a practice job by its seed; else as the job's own record has it, or the line map, or made up for this job. */
    public function lineOf(Run $run): Line
    {
        $job = $run->job;
        $practice = $job->practice();
        if (null !== $practice) {
            return LineMaker::fromSeed($practice->seed, $practice->difficulty);
        }
        $known = $this->longestRecord($job, $run);
        if (null !== $known) {
            return Line::of($known);
        }
        $way = MappedRuns::wayFrom($run->opening);
        $expected = null === $way ? null : ExpectedRun::on($job->property()->sketch(), $way);

        return null === $expected ? LineMaker::fromSeed(crc32($job->id), Difficulty::Usual) : new Line($expected, $expected->length());
    }

    public function reelOf(Run $run): SimulatedReel
    {
        $line = $this->lineOf($run);
        $cable = $run->counter()->cableLeftMetres(Length::metres(0));
        $reach = min($line->length->metres, $cable > 0 ? $cable : $line->length->metres);
        foreach ($this->kit->of($run->job->firm) as $tool) {
            foreach ($tool->rigs(true) as $rig) {
                if ($rig->id === $run->details()->rig) {
                    $reach = min($reach, $rig->tool->reach($line->path())->metres);
                }
            }
        }

        return new SimulatedReel($line, Length::metres($reach), 1.0, self::SLACK, self::NOISE_M, 0.1);
    }

    /** @return array<string, mixed> line and reel as the browser's adapter and picture need them */
    public function view(Run $run): array
    {
        $reel = $this->reelOf($run);
        $line = $reel->line;

        return [
            'length' => $line->length->metres, 'reach' => $reel->reach->metres, 'step' => self::STEP_M,
            'table' => $reel->table(self::STEP_M), 'joints' => $line->joints(),
            'factor' => $reel->factor / ($run->details()->counterFactor ?? 1.0), 'slack' => $reel->slack, 'noise' => $reel->noise,
            'pipes' => array_map(
                static fn ($pipe) => [
                    'from' => $pipe->from->metres,
                    'to' => $pipe->to->metres,
                    'material' => $pipe->material->value,
                    'bore' => $line->boreAt($pipe->from->metres + 0.01)->inMillimetres(),
                ],
                $line->record->pipes,
            ),
            'things' => array_map(static fn (Finding $finding) => [
                'kind' => $finding->kind->value, 'family' => $finding->kind->family()->value,
                'from' => $finding->from->metres, 'to' => $finding->end()->metres,
                'share' => $finding->percentOf($line->boreAt($finding->from->metres)), 'size' => $finding->size?->value,
                'clock' => $finding->clockFrom?->hours,
            ], $line->record->findings),
        ];
    }

    /** The record of the way that came farthest from the same opening, other than the run's own unless that is ended. */
    private function longestRecord(Job $job, Run $run): ?RunRecord
    {
        $longest = null;
        foreach ($job->runs() as $other) {
            if ($other->opening === $run->opening && $other->details()->travel === $run->details()->travel && null !== $other->endedAt()) {
                $record = $this->findings->record($other);
                if ($record->reached->metres > 1 && (null === $longest || $record->reached->metres > $longest->reached->metres)) {
                    $longest = $record;
                }
            }
        }

        return $longest;
    }
}
