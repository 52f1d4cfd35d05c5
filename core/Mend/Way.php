<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

/** A family of remedies that a customer can choose. */
enum Way: string
{
    case Digs = 'digs';
    case Lining = 'lining';
    case Renewing = 'renewing';
    /** The cheapest mix. */
    case Any = 'any';
    /** Nothing for now. */
    case Leave = 'leave';
}
