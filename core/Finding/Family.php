<?php

declare(strict_types=1);

namespace Jurvex\Core\Finding;

enum Family: string
{
    case Roots = 'roots';
    case Water = 'water';
    case Joint = 'joint';
    case Wall = 'wall';
    case Deposit = 'deposit';
    case Object = 'object';
    case Connection = 'connection';
    case Way = 'way';

    /** @return list<Kind> in the order of the trade's table */
    public function kinds(): array
    {
        return array_values(array_filter(Kind::cases(), fn (Kind $kind) => $kind->family() === $this));
    }
}
