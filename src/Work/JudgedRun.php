<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\Run;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Judge\LineVerdict;
use Jurvex\Core\Reel\Pairs;
use Jurvex\Core\Reel\Track;
use Jurvex\Core\Run\Coverage;
use Jurvex\Core\Run\RunRecord;

/** A run with what its findings mean. */
final readonly class JudgedRun
{
    /**
     * @param list<string> $photographed findings that have a picture
     * @param Track $track what the reel has read
     * @param Pairs $pairs what was logged on the way in and on the way back
     */
    public function __construct(
        public Run $run, public RunRecord $record, public Judgements $judgements, public array $photographed,
        public Track $track, public Pairs $pairs,
    ) {
    }

    /** Of this run alone, whatever others saw. */
    public function verdict(): LineVerdict
    {
        return LineVerdict::of($this->record, $this->judgements->all());
    }

    /** What of the line it saw. */
    public function coverage(): Coverage
    {
        return Coverage::of($this->record);
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
}
