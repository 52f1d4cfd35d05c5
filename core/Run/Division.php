<?php

declare(strict_types=1);

namespace Jurvex\Core\Run;

use Jurvex\Core\Measure\Length;

/** A place where one stretch of the line ends and the next begins. */
final readonly class Division
{
    public function __construct(public Length $at, public Boundary $boundary)
    {
    }
}
