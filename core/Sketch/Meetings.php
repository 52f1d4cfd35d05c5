<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Finding;

/** Runs from two openings that saw the same tie-in: two cameras in one system, which proves where it joins. */
final readonly class Meetings
{
    /** @param list<MappedRun> $runs */
    public function __construct(private Sketch $sketch, private array $runs)
    {
    }

    /** @return list<Proposal> a tie-in each that is not proved yet */
    public function all(): array
    {
        $seen = [];
        foreach ($this->runs as $run) {
            foreach ((new Proposals($this->sketch, $run))->tieIns() as $junction => $finding) {
                $seen[$junction][$run->node] = $finding;
            }
        }
        $proposals = [];
        foreach ($seen as $junction => $byOpening) {
            $side = array_values(array_filter($this->sketch->above($junction), static fn (Pipe $pipe) => Joins::Straight !== $pipe->joins));
            if (\count($byOpening) > 1 && 1 === \count($side) && $side[0]->tied->isWeakerThan(Source::Proved)) {
                $proposals[] = $this->met($side[0], $byOpening);
            }
        }

        return $proposals;
    }

    /** @param non-empty-array<string, Finding> $byOpening */
    private function met(Pipe $pipe, array $byOpening): Proposal
    {
        $openings = implode(' + ', array_map(fn (string $node) => $this->sketch->nodes[$node]->name ?: $node, array_keys($byOpening)));
        $named = array_values(array_filter(array_map(static fn (Finding $finding) => $finding->fact(Fact::Whose), $byOpening)));
        $proof = $named[0] ?? $openings;

        return new Proposal(
            'met:'.$pipe->id, 'tied_met', $pipe->id,
            ['at_m' => array_values($byOpening)[0]->from->metres, 'whose' => $openings],
            static fn (Sketch $sketch) => isset($sketch->pipes[$pipe->id])
                ? $sketch->withPipe($sketch->pipes[$pipe->id]->with(tied: Source::Proved, proof: $proof))
                : $sketch,
        );
    }
}
