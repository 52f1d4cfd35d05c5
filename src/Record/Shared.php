<?php

declare(strict_types=1);

namespace App\Record;

/** What a share link lets its holder read. */
enum Shared: string
{
    case Report = 'report';
    /** For the crew, without the customer. */
    case DigSheet = 'dig_sheet';
}
