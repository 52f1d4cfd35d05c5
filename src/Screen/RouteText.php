<?php

declare(strict_types=1);

namespace App\Screen;

/** A way to a repair under a floor, with its price alone and what it does beside. */
final readonly class RouteText
{
    public function __construct(public string $code, public string $name, public string $price, public string $beside)
    {
    }
}
