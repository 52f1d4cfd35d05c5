<?php

declare(strict_types=1);

namespace Jurvex\Core\Ribbon;

/** What is drawn for findings: an outline, and how it is to be painted (a code). */
final readonly class Shape
{
    public function __construct(public string $paint, public string $outline)
    {
    }
}
