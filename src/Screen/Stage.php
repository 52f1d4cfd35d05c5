<?php

declare(strict_types=1);

namespace App\Screen;

/** The stages of a job in the order of the work; the value is the name of its route and its wording. */
enum Stage: string
{
    case Call = 'call';
    case WayIn = 'way_in';
    case Clear = 'clear';
    case Look = 'look';
    case Mark = 'mark';
    case Judge = 'judge';
    case HandOver = 'hand_over';
}
