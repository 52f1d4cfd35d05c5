<?php

declare(strict_types=1);

namespace App\Look;

use Jurvex\Core\Say\OfRun;

/** What was read of the run as a whole, and what became of it. */
final readonly class RunProposal
{
    /** @param ?string $became what the run said before; empty where it was turned down, none where nobody has said */
    public function __construct(public OfRun $said, public string $key, public ?string $became)
    {
    }

    public function isOpen(): bool
    {
        return null === $this->became;
    }

    public function isAccepted(): bool
    {
        return null !== $this->became && '' !== $this->became;
    }

    public function hasForm(): bool
    {
        return false;
    }

    public function atS(): float
    {
        return $this->said->atS ?? 0.0;
    }

    /** Whether it can be accepted as it is; else its place is asked for. */
    public function isWhole(): bool
    {
        return OfRun::END !== $this->said->what || null !== $this->said->fromM;
    }
}
