<?php

declare(strict_types=1);

namespace App\Record;

enum LongState: string
{
    case Waiting = 'waiting';
    case Running = 'running';
    case Done = 'done';
    /** What was given in is not what it should be. */
    case Refused = 'refused';
    case Failed = 'failed';

    public function isOver(): bool
    {
        return !\in_array($this, [self::Waiting, self::Running], true);
    }
}
