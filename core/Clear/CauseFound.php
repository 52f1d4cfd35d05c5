<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

/** A cause, and what shows it. */
final readonly class CauseFound
{
    public function __construct(public Cause $cause, public CauseShownBy $by)
    {
    }
}
