<?php

declare(strict_types=1);

namespace App\Screen;

use Jurvex\Core\Judge\Need;

/** A pipe that was seen from outside, in words. */
final readonly class OutsideText
{
    /**
     * @param ?Need $need none: to be looked at again
     * @param string $measured what it is, what it needs and what was found
     * @param string $rule what that means
     * @param string $supports how it is held, and the note
     */
    public function __construct(
        public string $place, public ?Need $need, public string $measured, public string $rule, public string $supports,
    ) {
    }
}
