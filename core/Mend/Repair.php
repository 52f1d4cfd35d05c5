<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

/** Something to be mended; in metres along the line. */
final readonly class Repair
{
    /** @param float $to the same as from for a point */
    public function __construct(public string $id, public float $from, public float $to, public bool $canLine)
    {
    }
}
