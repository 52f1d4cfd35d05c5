<?php

declare(strict_types=1);

namespace App\Work;

use Jurvex\Core\Camera\LensWater;
use Jurvex\Core\Measure\Length;

/** Water that was seen on the lens and that nobody has logged. */
final readonly class UnloggedWater
{
    public function __construct(public Length $from, public Length $to, public Length $deepest, public LensWater $depth)
    {
    }
}
