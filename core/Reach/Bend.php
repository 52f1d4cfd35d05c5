<?php

declare(strict_types=1);

namespace Jurvex\Core\Reach;

use Jurvex\Core\Measure\Length;

/** A bend of a path; it has no length of its own. */
final readonly class Bend
{
    /**
     * @param Length $radius of the centre line
     *
     * @throws \DomainException when the radius is under half the bore
     */
    public function __construct(public float $degrees, public Length $radius, public Length $bore)
    {
        if ($radius->metres < $bore->metres / 2) {
            throw new \DomainException('A bend radius is at least half the bore.');
        }
    }

    /** What a bend multiplies the force on a rod or hose by: e^(friction × angle). */
    public function amplifies(float $friction): float
    {
        return exp($friction * deg2rad($this->degrees));
    }

    /**
     * The longest stiff head of a width that passes: with both ends on the outer wall its middle clears the inner one,
     * l = 2·√((R + D/2)² − (R − D/2 + d)²); nothing when the head is as wide as the bore.
     */
    public function longestStiffHead(Length $width): Length
    {
        if ($width->metres >= $this->bore->metres) {
            return Length::metres(0);
        }
        $outer = $this->radius->metres + $this->bore->metres / 2;
        $inner = $this->radius->metres - $this->bore->metres / 2 + $width->metres;

        return Length::metres(2 * sqrt(max(0.0, $outer ** 2 - $inner ** 2)));
    }
}
