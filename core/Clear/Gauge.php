<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

/** What the pressure gauge shows; a cable has none. */
enum Gauge: string
{
    case Normal = 'normal';
    case High = 'high';
    case Low = 'low';
    case None = 'none';
}
