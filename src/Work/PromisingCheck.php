<?php

declare(strict_types=1);

namespace App\Work;

use Jurvex\Core\Triage\Check;
use Jurvex\Core\Triage\MadeTest;

/** A check, and how much it is expected to tell. */
final readonly class PromisingCheck
{
    /**
     * @param ?MadeTest $test none where it is only to look
     * @param float $gain in bits
     */
    public function __construct(public Check $check, public ?MadeTest $test, public float $gain)
    {
    }
}
