<?php

declare(strict_types=1);

namespace App\Clear;

/** One way in or back. */
final readonly class StrokeText
{
    /** @param string $by where its speed is from */
    public function __construct(
        public string $way, public string $span, public string $speed, public string $takes, public string $by, public string $why,
        public bool $works,
    ) {
    }
}
