<?php

declare(strict_types=1);

namespace Jurvex\Core\Reel;

/** What the reel said last of a tenth of a metre. */
final readonly class Cell
{
    /**
     * @param ?float $tilt in degrees, nose up positive; none where nothing was measured
     * @param ?float $lens where water stood on the window, −1 at its bottom edge, 1 at its top; none where it was dry
     * @param bool $back whether it was passed drawing back
     */
    public function __construct(public ?float $tilt, public ?float $lens, public bool $back)
    {
    }
}
