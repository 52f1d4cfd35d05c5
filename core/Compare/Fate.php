<?php

declare(strict_types=1);

namespace Jurvex\Core\Compare;

/** What became of a finding between two looks. */
enum Fate: string
{
    case Gone = 'gone';
    case Less = 'less';
    case Same = 'same';
    case More = 'more';
    /** Its place was hidden before. */
    case Uncovered = 'uncovered';
    case New = 'new';
    /** The later look did not see its place. */
    case NotSeen = 'not_seen';
}
