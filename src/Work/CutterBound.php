<?php

declare(strict_types=1);

namespace App\Work;

use Jurvex\Core\Measure\Length;

/** The widest cutter that was used, narrower than the bore where roots or a deposit were left. */
final readonly class CutterBound
{
    /** @param ?Length $opening its size, where no wider cutter of the kit comes through it; none where one does or it is not known */
    public function __construct(public RingLeft $ring, public ?Length $opening)
    {
    }
}
