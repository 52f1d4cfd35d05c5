<?php

declare(strict_types=1);

namespace Jurvex\Core\Reach;

/** Something that goes into a line. */
interface Tool
{
    public function head(): ?Head;

    /** The same tool with another head. */
    public function withHead(Head $head): self;

    /** At the opening, with nothing in the line yet. */
    public function setOut(): Advance;

    public function reach(Path $path): Reached;
}
