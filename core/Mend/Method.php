<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

/** How a stretch of pipe is mended. */
enum Method: string
{
    case Dig = 'dig';
    case Liner = 'liner';
    /** From cut to cut. */
    case Renew = 'renew';
}
