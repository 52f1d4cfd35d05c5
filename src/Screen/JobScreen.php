<?php

declare(strict_types=1);

namespace App\Screen;

use App\Record\Job;
use App\Record\Mark;
use App\Record\Run;
use App\Work\Expectation;
use App\Work\JudgedRun;
use App\Work\LineRecord;
use Jurvex\Core\Judge\Need;
use Jurvex\Core\Ribbon\Ribbon;

/** What every screen of a job shows beside its own bench: the ribbon of one run, and where the job stands. */
final readonly class JobScreen
{
    /**
     * @param LineRecord $record what all looks at the property say together
     * @param ?JudgedRun $line the run on the ribbon, if there is one
     * @param list<Run> $runs
     * @param list<Mark> $marks of the whole job
     * @param ?Expectation $expected what the ribbon shows in place of a run, if it does
     */
    public function __construct(
        public Job $job,
        public Stage $stage,
        public LineRecord $record,
        public ?JudgedRun $line,
        public array $runs,
        public array $marks,
        public Ribbon $ribbon,
        public ?Expectation $expected = null,
    ) {
    }

    /** @return list<Stage> */
    public function stages(): array
    {
        return Stage::cases();
    }

    /** Whether anything was entered at a stage. */
    public function hasBegun(Stage $stage): bool
    {
        return match ($stage) {
            Stage::Call => true,
            Stage::WayIn => [] !== $this->job->openings(),
            Stage::Clear => null !== $this->job->outcome()->cleared() || [] !== $this->job->passes(),
            Stage::Look, Stage::Judge => null !== $this->line,
            Stage::Mark => [] !== $this->marks,
            Stage::HandOver => null !== $this->job->outcome()->handedOverAt(),
        };
    }

    /** Whether the bench lists what the ribbon shows. */
    public function listsFindings(): bool
    {
        return Stage::Judge === $this->stage;
    }

    /** How many findings of the line cannot wait. */
    public function pressing(): int
    {
        return $this->record->count(Need::Now);
    }
}
