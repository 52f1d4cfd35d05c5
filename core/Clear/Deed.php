<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

/** What a plan does to the stoppage. */
enum Deed: string
{
    case Opens = 'opens';
    case Cuts = 'cuts';
    case Strikes = 'strikes';
    case BringsBack = 'brings_back';
    case Washes = 'washes';
    case Lifts = 'lifts';
    case Melts = 'melts';
    case GoesPast = 'goes_past';
}
