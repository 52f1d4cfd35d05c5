<?php

declare(strict_types=1);

namespace App\Work;

use Jurvex\Core\Finding\Finding;

/** A low spot that was logged, with what it holds and what has gathered in it. */
final readonly class FilledLowSpot
{
    /**
     * @param ?float $volume in litres; none where no tilt was read there
     * @param list<Finding> $deposits
     */
    public function __construct(public Finding $finding, public ?float $volume, public array $deposits)
    {
    }
}
