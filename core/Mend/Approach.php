<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

/** How somebody gets to a repair under a floor. */
final readonly class Approach
{
    /**
     * @param ?float $underFloor metres in from the outside wall; none where nobody measured it
     * @param bool $fromOutside whether it is reached from there, and not through the floor
     * @param bool $fixture whether a fixture must be taken off and set again to get to it through the floor
     */
    public function __construct(public ?float $underFloor, public bool $fromOutside, public bool $fixture)
    {
    }

    public static function straightDown(): self
    {
        return new self(null, false, false);
    }

    /** @return ?float metres in from the outside wall; none where it is reached through the floor, or nobody measured it */
    public function fromOutside(): ?float
    {
        return $this->fromOutside ? $this->underFloor : null;
    }
}
