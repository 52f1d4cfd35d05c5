<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

/** A head of a plan that does not get to the far end of the stoppage, or not out again. */
final readonly class Hindrance
{
    public function __construct(public Head $head, public HeadReach $reach)
    {
    }
}
