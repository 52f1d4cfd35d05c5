<?php

declare(strict_types=1);

namespace Jurvex\Core\Practice;

/** A mark that a trainee made. */
final readonly class TriedMark
{
    /**
     * @param float $at metres along the line
     * @param float $depth median of its readings, in metres
     * @param bool $isEnough whether there were readings enough
     * @param bool $saidWater whether it was said that water stands over the head
     * @param bool $saidMetal whether it was said that metal is over it
     */
    public function __construct(
        public float $at, public float $depth, public bool $isEnough, public bool $saidWater, public bool $saidMetal,
    ) {
    }
}
