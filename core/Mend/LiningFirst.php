<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

/** What must be done before a liner can go in. */
enum LiningFirst: string
{
    case CutRoots = 'cut_roots';
    case Clean = 'clean';
    case NewOpening = 'new_opening';
}
