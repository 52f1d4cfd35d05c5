<?php

declare(strict_types=1);

namespace App\Firm;

/** What takes a tool out of use until somebody repairs it. */
enum Wear: string
{
    case Kink = 'kink';
    case Cut = 'cut';
    case Stretched = 'stretched';
    case BrokenBlade = 'broken_blade';
    case BlockedOrifice = 'blocked_orifice';
    case ScrapedRod = 'scraped_rod';
    case CrackedLens = 'cracked_lens';
}
