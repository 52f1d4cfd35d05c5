<?php

declare(strict_types=1);

namespace App\Look;

/** Which way the rod was going when an entry was made. */
enum Going: string
{
    case In = 'in';
    case Back = 'back';

    public function isBack(): bool
    {
        return self::Back === $this;
    }
}
