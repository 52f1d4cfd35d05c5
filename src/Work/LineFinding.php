<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\Run;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Judge\Judgement;
use Jurvex\Core\Looks\PlacedFinding;

/** One thing in the line of a property, united from all looks. */
final readonly class LineFinding
{
    public Finding $finding;

    public JudgedRun $line;

    /** On which it lies. */
    public string $pipe;

    /** Metres from the pipe's upper end. */
    public float $at;

    /**
     * @param Sighting $newest the reading that counts
     * @param non-empty-list<Sighting> $sightings in the order of the looks
     * @param Judgement $judgement of the newest reading, with the technician's own class from any sighting
     * @param ?Run $goneSince the look that saw its place well and found it no more
     * @param list<self> $beside other troubles of the same joint, none worse than this one
     */
    public function __construct(
        private PlacedFinding $placed, public Sighting $newest, public array $sightings, public Judgement $judgement,
        public ?Run $goneSince = null, public array $beside = [],
    ) {
        $this->finding = $newest->finding;
        $this->line = $newest->line;
        $this->pipe = $placed->pipe;
        $this->at = $placed->finding->from->metres;
    }

    /** @param list<string> $runs */
    public function isSeenBy(array $runs): bool
    {
        return [] !== array_filter($this->sightings, static fn (Sighting $seen) => \in_array($seen->line->run->id, $runs, true));
    }

    /** Whether it is trouble of a joint, which is told once. Another utility is never told beside something else. */
    public function isOfJoint(): bool
    {
        return Kind::Transition === $this->finding->kind
            || ($this->finding->atJoint && !\in_array($this->finding->kind, [Kind::SoundJoint, Kind::CrossBore], true));
    }

    public function isBeside(self $other, float $metres): bool
    {
        return $this->placed->startsApart($other->placed) <= $metres + 1e-9;
    }

    /** @return list<string> its pipe, and those that meet it near by */
    public function pipes(): array
    {
        return $this->placed->pipes();
    }

    /** Whether one kind of trouble on one pipe, and no look saw both of them. */
    public function isSeenFromElsewhereThan(self $other): bool
    {
        return $this->pipe === $other->pipe && $this->finding->kind->trouble() === $other->finding->kind->trouble()
            && [] === array_intersect($this->ways(), $other->ways());
    }

    /** Metres between the two extents on one pipe; nothing where they meet. */
    public function gapTo(self $other): float
    {
        return max(0.0, $other->at - $this->at - $this->finding->lengthMetres(), $this->at - $other->at - $other->finding->lengthMetres());
    }

    /** @return list<string> openings and ways from which it was seen */
    private function ways(): array
    {
        return array_map(
            static fn (Sighting $seen) => $seen->line->run->portion(), $this->sightings,
        );
    }

    public function with(self ...$beside): self
    {
        return new self(
            $this->placed, $this->newest, $this->sightings, $this->judgement, $this->goneSince,
            [...$this->beside, ...array_values($beside)],
        );
    }
}
