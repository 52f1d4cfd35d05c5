<?php

declare(strict_types=1);

namespace App\Firm;

/** A tool with one of its heads on. */
final readonly class FittedHead
{
    public function __construct(public KitTool $tool, public ToolHead $head)
    {
    }
}
