<?php

declare(strict_types=1);

namespace App\Look;

use Jurvex\Core\Camera\FallRange;
use Jurvex\Core\Measure\Grade;

/** The fall where the head lies, and whether it is enough for the bore. */
final readonly class FallHere
{
    /** meets, short, cannot_tell */
    public string $verdict;

    /** @param float $step in which the tilt was read, in degrees */
    public function __construct(public FallRange $read, public float $step, public Grade $minimum)
    {
        $this->verdict = $read->verdict($minimum);
    }

    public function isShort(): bool
    {
        return 'short' === $this->verdict;
    }

    public function isAgainst(): bool
    {
        return $this->read->fall->inPercent() < 0;
    }
}
