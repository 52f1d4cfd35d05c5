<?php

declare(strict_types=1);

namespace Jurvex\Core\Reel;

use Jurvex\Core\Measure\Length;

/** Where water stood on the lens, with the place where it stood highest. */
final readonly class WetStretch
{
    /** @param float $lens −1 at the window's bottom edge, 1 at its top */
    public function __construct(public Length $from, public Length $to, public Length $deepest, public float $lens)
    {
    }

    /** The same with water farther on. */
    public function grown(Length $at, float $lens): self
    {
        return $lens > $this->lens ? new self($this->from, $at, $at, $lens) : new self($this->from, $at, $this->deepest, $this->lens);
    }
}
