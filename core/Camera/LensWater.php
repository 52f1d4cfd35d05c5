<?php

declare(strict_types=1);

namespace Jurvex\Core\Camera;

use Jurvex\Core\Flow\Circle;
use Jurvex\Core\Measure\Length;

/** Depth of the water from where it stands on the lens, with the camera lying still on the invert. */
final readonly class LensWater
{
    public Length $depth;

    /** Whether the lens is wholly under, so that the depth may be more. */
    public bool $atLeast;

    /**
     * @param Length $skid diameter over the skid; nothing without one
     * @param float $onLens −1 at the window's bottom edge, 0 in its middle, 1 at its top edge
     */
    public function __construct(Length $head, Length $skid, Length $window, float $onLens, private Length $bore)
    {
        $middle = max($head->metres, $skid->metres) / 2;
        $this->depth = Length::metres(max(0.0, min($bore->metres, $middle + $onLens * $window->metres / 2)));
        $this->atLeast = $onLens >= 1;
    }

    public function shareOfBore(): float
    {
        return $this->depth->metres / $this->bore->metres;
    }

    public function shareOfArea(): float
    {
        $circle = new Circle($this->bore);

        return $circle->area($this->depth->metres) / $circle->area($this->bore->metres);
    }
}
