<?php

declare(strict_types=1);

namespace App\Record;

enum Ground: string
{
    case Lawn = 'lawn';
    case Bed = 'bed';
    case Slab = 'slab';
    case Drive = 'drive';
    case Road = 'road';
    case Indoors = 'indoors';

    public function isIndoors(): bool
    {
        return self::Indoors === $this;
    }
}
