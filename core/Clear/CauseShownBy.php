<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

/** What shows why a line stopped. */
enum CauseShownBy: string
{
    case CameBack = 'came_back';
    case Looks = 'looks';
    /** Somebody said what it is, and nothing else shows it. */
    case Told = 'told';
}
