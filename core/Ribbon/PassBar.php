<?php

declare(strict_types=1);

namespace Jurvex\Core\Ribbon;

/** A clearing pass as a bar below the line, from where the tool went in to where it came to. */
final readonly class PassBar
{
    /** @param list<FeltMark> $felt where something was felt on the way */
    public function __construct(public float $left, public float $right, public float $y, public float $head, public array $felt = [])
    {
    }
}
