<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

use Jurvex\Core\Reach\Rig;
use Jurvex\Core\Reach\Stopped;

/** One opening with one tool, tried for a target. */
final readonly class ReachOption
{
    /**
     * @param float $metres from the opening as far as it gets towards the target
     * @param float $missing metres of the target's way that are left; nothing when it gets there
     * @param ?Stopped $by what stops it; none when it gets there
     * @param ?float $pull force that draws it back from there, in N; none when it never gets in
     */
    public function __construct(
        public Node $opening, public Rig $rig, public float $metres, public float $missing, public ?Stopped $by,
        public ?float $pull,
    ) {
    }

    public function arrives(): bool
    {
        return null === $this->by;
    }

    public function comesOut(): bool
    {
        return null !== $this->pull && $this->pull <= $this->rig->pullLimit;
    }

    public function isBlocked(): bool
    {
        return false === $this->opening->mouth?->ready || false === $this->opening->mouth?->leave;
    }

    public function headMetres(): float
    {
        return $this->rig->tool->head()->width->metres ?? 0.0;
    }

    /** Whether only leave or the state of the opening is missing. */
    public function wouldWork(): bool
    {
        return $this->arrives() && $this->comesOut() && $this->isBlocked();
    }

    public function works(): bool
    {
        return $this->arrives() && $this->comesOut() && !$this->isBlocked();
    }
}
