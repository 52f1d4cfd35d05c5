<?php

declare(strict_types=1);

namespace Jurvex\Core\Reach;

/** How far a tool gets, why no farther, and the force on it there: at the hand for a pushed one, at the head for a self-pulling hose. */
final readonly class Reached
{
    public function __construct(public float $metres, public Stopped $by, public float $newtons)
    {
    }
}
