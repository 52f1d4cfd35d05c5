<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

/** What somebody located of the line at one place. */
final readonly class KnownGround
{
    /**
     * @param float $at metres along the line
     * @param ?string $surface none where nobody said
     * @param ?float $depth in metres; none where nobody located it
     */
    public function __construct(public float $at, public ?string $surface, public ?float $depth)
    {
    }
}
