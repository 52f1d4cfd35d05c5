<?php

declare(strict_types=1);

namespace Jurvex\Core\Looks;

use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Finding;

/** A finding where it lies on the property's map: its distances are metres from the pipe's upper end. */
final readonly class PlacedFinding
{
    public function __construct(public string $pipe, public Finding $finding)
    {
    }

    /** Metres between the two extents; nothing where they meet. */
    public function gapTo(self $other): float
    {
        return max(
            0.0,
            $other->finding->from->metres - $this->finding->end()->metres,
            $this->finding->from->metres - $other->finding->end()->metres,
        );
    }

    /** The same for all that speak of one kind of trouble on one pipe. */
    public function trouble(): string
    {
        return $this->finding->kind->trouble().' '.$this->pipe;
    }

    /** Whether its depth was taken while water was running. */
    public function isProvisional(): bool
    {
        return $this->finding->says(Fact::Water, 'on');
    }
}
