<?php

declare(strict_types=1);

namespace Jurvex\Core\Finding;

/** Whether a finding stands at a place or reaches from one place to another. */
enum Extent: string
{
    case Point = 'point';
    case Stretch = 'stretch';
    case Either = 'either';
}
