<?php

declare(strict_types=1);

namespace Jurvex\Core\Site;

/** Where taped distances put something on the plan, or why they do not. */
final readonly class Placing
{
    /**
     * @param ?Side $side on which it was taken to be
     * @param string $missing what is not drawn; empty for nothing
     */
    private function __construct(
        public ?TiedPlace $tied, public ?Unplaced $why = null, public ?Side $side = null, public string $missing = '',
    ) {
    }

    public static function at(TiedPlace $tied, Side $side): self
    {
        return new self($tied, null, $side);
    }

    public static function nowhere(Unplaced $why, string $missing = ''): self
    {
        return new self(null, $why, null, $missing);
    }
}
