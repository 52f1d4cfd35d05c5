<?php

declare(strict_types=1);

namespace Jurvex\Core\Reach;

/** Something that goes into a line. */
interface Tool
{
    public function head(): ?Head;

    public function reach(Path $path): Reached;
}
