<?php

declare(strict_types=1);

namespace App\Screen;

use Jurvex\Core\Judge\Need;

/** Something to be mended, in words. */
final readonly class RepairText
{
    /**
     * @param string $id of the finding that it is known by
     * @param string $place from where to where it is mended
     * @param list<string> $lining whether a liner can do it, and each reason why not or what comes first
     * @param list<RouteText> $routes the two ways to it, where it lies under a floor
     */
    public function __construct(
        public string $id, public string $name, public string $place, public Need $need, public array $lining, public array $routes,
    ) {
    }
}
