<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

/** What goes wrong with a tool in the line. */
enum Trouble: string
{
    case WillNotGo = 'will_not_go';
    case WillNotComeBack = 'will_not_come_back';
}
