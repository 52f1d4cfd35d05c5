<?php

declare(strict_types=1);

namespace App\Record;

/** Whether somebody has to be asked before an opening is used. */
enum Leave: string
{
    case NotNeeded = 'not_needed';
    case ToAsk = 'to_ask';
    case Asked = 'asked';
    case Given = 'given';
    case Refused = 'refused';

    public function isMissing(): bool
    {
        return self::NotNeeded !== $this && self::Given !== $this;
    }
}
