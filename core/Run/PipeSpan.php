<?php

declare(strict_types=1);

namespace Jurvex\Core\Run;

use Jurvex\Core\Finding\Material;
use Jurvex\Core\Measure\Length;

/** A stretch of one material and bore; no bore when nobody has said it. */
final readonly class PipeSpan
{
    public function __construct(public Length $from, public Length $to, public Material $material, public ?Length $bore)
    {
    }
}
