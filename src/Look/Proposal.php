<?php

declare(strict_types=1);

namespace App\Look;

use App\Record\Run;
use Jurvex\Core\Say\Entry;
use Jurvex\Core\Say\OfRun;

/** What was read from a recording's words, and what became of it. */
final readonly class Proposal
{
    /**
     * @param ?string $became the finding, mark or run that it is, or what the run said before; empty where it was turned down, none
     *                        where nobody has said
     * @param ?Run $run of which it is said; none where nobody has said yet whether another look begins
     */
    public function __construct(public Entry|OfRun $said, public ?string $became, public ?Run $run)
    {
    }

    public function key(): string
    {
        return $this->said->key();
    }

    public function isOpen(): bool
    {
        return null === $this->became;
    }

    public function isAccepted(): bool
    {
        return null !== $this->became && '' !== $this->became;
    }

    /** What it became can be corrected on a form of its own. */
    public function hasForm(): bool
    {
        return $this->isAccepted() && $this->said instanceof Entry && Entry::MARK !== $this->said->kind;
    }

    /** Whether it begins another look than the one that the words were given to. */
    public function beginsAnother(): bool
    {
        return $this->said instanceof OfRun && OfRun::BEGIN === $this->said->what && null === $this->run;
    }

    public function atS(): float
    {
        return $this->said->atS ?? 0.0;
    }

    /** Whether it can be accepted as it is; else its place is asked for, or what the camera went in through. */
    public function isWhole(): bool
    {
        $said = $this->said;
        if (null !== $said->fromM || !$said instanceof OfRun) {
            return null !== $said->fromM;
        }

        return OfRun::END !== $said->what && !$this->wantsOpening();
    }

    public function wantsOpening(): bool
    {
        return $this->said instanceof OfRun && $this->beginsAnother() && $this->said->isOther && '' === $this->said->value;
    }
}
