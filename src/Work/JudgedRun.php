<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\Run;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Judge\Judgement;
use Jurvex\Core\Judge\LineVerdict;
use Jurvex\Core\Judge\Need;
use Jurvex\Core\Reel\Pairs;
use Jurvex\Core\Reel\Track;
use Jurvex\Core\Run\RunRecord;

/** A run with what its findings mean. */
final readonly class JudgedRun
{
    public LineVerdict $verdict;

    /**
     * @param array<string, Judgement> $judgements by finding
     * @param list<string> $photographed findings that have a picture
     * @param Track $track what the reel has read
     * @param Pairs $pairs what was logged on the way in and on the way back
     */
    public function __construct(
        public Run $run, public RunRecord $record, public array $judgements, public array $photographed,
        public Track $track, public Pairs $pairs,
    ) {
        $this->verdict = LineVerdict::of($record, $judgements);
    }

    /** How many findings have a class. */
    public function count(Need $need): int
    {
        return \count(array_filter($this->judgements, static fn (Judgement $judgement) => $judgement->counts() === $need));
    }

    /** @return list<Finding> the worst, worst first, of those that need anything done */
    public function worst(int $most): array
    {
        $byLevel = [];
        foreach ($this->record->findings as $finding) {
            $level = $this->judgements[$finding->id]->counts()?->level() ?? 0;
            if ($level >= Need::KeepClean->level()) {
                $byLevel[$level][] = $finding;
            }
        }
        krsort($byLevel);

        return \array_slice(array_merge(...array_values($byLevel)), 0, $most);
    }

    /** @return list<Finding> all but the plain joints, worst first */
    public function ranked(): array
    {
        $findings = array_values(array_filter(
            $this->record->findings,
            static fn (Finding $finding) => Kind::SoundJoint !== $finding->kind,
        ));
        usort($findings, fn (Finding $a, Finding $b) => $this->judgements[$b->id]->rank() <=> $this->judgements[$a->id]->rank());

        return $findings;
    }

    /** @return list<Finding> the last entered first: identifiers grow with time */
    public function newest(int $most): array
    {
        $findings = $this->record->findings;
        usort($findings, static fn (Finding $a, Finding $b) => $b->id <=> $a->id);

        return \array_slice($findings, 0, $most);
    }

    public function measured(): Measured
    {
        return new Measured($this, $this->track);
    }

    /** How many findings wait for another look. */
    public function waiting(): int
    {
        return \count(array_filter($this->judgements, static fn (Judgement $judgement) => $judgement->asksForAnotherLook()));
    }
}
