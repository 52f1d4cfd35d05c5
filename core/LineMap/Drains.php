<?php

declare(strict_types=1);

namespace Jurvex\Core\LineMap;

/** A drain system: the tree, how its side branches enter, and where a trap stands in the way. */
final readonly class Drains
{
    /**
     * @param array<string, Branch> $branches by segment; what is not among them runs straight through
     * @param array<string, true> $traps by node
     */
    public function __construct(public Tree $tree, public array $branches, public array $traps = [])
    {
    }
}
