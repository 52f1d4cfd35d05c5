<?php

declare(strict_types=1);

namespace Jurvex\Core\Ribbon;

use Jurvex\Core\Measure\Length;

/** A paint mark above the line. */
final readonly class Flag
{
    public const WIDTH = 44;

    /**
     * @param float $x of its pole
     * @param float $left of its cloth, which hangs back where the drawing ends
     */
    public function __construct(
        public float $x, public float $left, public float $top, public float $foot, public ?Length $depth, public bool $good,
    ) {
    }
}
