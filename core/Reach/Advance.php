<?php

declare(strict_types=1);

namespace Jurvex\Core\Reach;

/** How far a tool's head has come, piece by piece; immutable, so that a way can fork. */
interface Advance
{
    /** How far the head has come, in metres from the opening. */
    public function metres(): float;

    /** What stopped it; none while it can go on. */
    public function stop(): ?Stop;

    /** On through the next piece; where it is stopped already, it stays. */
    public function through(Straight|Bend $piece): self;
}
