<?php

declare(strict_types=1);

namespace App\Screen;

use App\Record\Job;
use App\Record\Mark;
use App\Record\Run;
use App\Work\Expectation;
use App\Work\JudgedRun;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Ribbon\Ribbon;

/** What every screen of a job shows beside its own bench: the ribbon of one run, and where the job stands. */
final readonly class JobScreen
{
    /**
     * @param ?JudgedRun $line the run on the ribbon, if there is one
     * @param list<Run> $runs
     * @param list<Mark> $marks of the whole job
     * @param ?Expectation $expected what the ribbon shows in place of a run, if it does
     */
    public function __construct(
        public Job $job,
        public Stage $stage,
        public ?JudgedRun $line,
        public array $runs,
        public array $marks,
        public Ribbon $ribbon,
        public ?Expectation $expected = null,
    ) {
    }

    /** Another utility runs through the pipe: nobody cuts or jets here. */
    public function hasCrossBore(): bool
    {
        foreach ($this->line->record->findings ?? [] as $finding) {
            if (Kind::CrossBore === $finding->kind) {
                return true;
            }
        }

        return false;
    }
}
