<?php

declare(strict_types=1);

namespace Jurvex\Core\Finding;

enum Sureness: string
{
    case Clear = 'clear';
    case Likely = 'likely';
    case CannotSay = 'cannot_say';
}
