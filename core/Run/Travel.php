<?php

declare(strict_types=1);

namespace Jurvex\Core\Run;

/** Which way the tool goes in the line. */
enum Travel: string
{
    case Downstream = 'downstream';
    case Upstream = 'upstream';
}
