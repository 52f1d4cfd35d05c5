<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

/** How a reason bears on a plan. */
enum Bears: string
{
    case For = 'for';
    case Against = 'against';
    /** It changed the plan. */
    case Rule = 'rule';
}
