<?php

declare(strict_types=1);

namespace App\Firm;

/** The one that holds the phone: what is pressed most lies under its thumb. */
enum Hand: string
{
    case Right = 'right';
    case Left = 'left';
}
