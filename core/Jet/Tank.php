<?php

declare(strict_types=1);

namespace Jurvex\Core\Jet;

/** A water tank that is drawn from, filled meanwhile, and never drawn under its reserve. Litres and litres per minute. */
final readonly class Tank
{
    public function __construct(private float $litres, private float $reserve, private float $draw, private float $refill)
    {
    }

    /** @return ?float minutes until it must be filled; none when it never runs out */
    public function minutes(): ?float
    {
        return $this->refill >= $this->draw ? null : ($this->litres - $this->reserve) / ($this->draw - $this->refill);
    }

    public function refills(float $jobMinutes): int
    {
        $run = $this->minutes();

        return null === $run ? 0 : max(0, (int) ceil($jobMinutes / $run) - 1);
    }
}
