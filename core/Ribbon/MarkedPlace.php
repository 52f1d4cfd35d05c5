<?php

declare(strict_types=1);

namespace Jurvex\Core\Ribbon;

use Jurvex\Core\Measure\Length;

/** A paint mark as the ribbon needs it. */
final readonly class MarkedPlace
{
    public function __construct(public Length $at, public ?Length $depth, public bool $good)
    {
    }
}
