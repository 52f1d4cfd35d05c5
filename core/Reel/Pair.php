<?php

declare(strict_types=1);

namespace Jurvex\Core\Reel;

use Jurvex\Core\Finding\Finding;

/** One thing, logged on the way in and on the way back. */
final readonly class Pair
{
    /**
     * @param float $slack in metres, over nought where the way in read more
     */
    public function __construct(public Finding $in, public Finding $back, public float $slack)
    {
    }
}
