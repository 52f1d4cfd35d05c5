<?php

declare(strict_types=1);

namespace Jurvex\Core\LineMap;

/** Which way a tool goes that enters here. */
enum Faces: string
{
    case Downstream = 'downstream';
    case Upstream = 'upstream';
    case Both = 'both';
}
