<?php

declare(strict_types=1);

namespace App\Screen;

use App\Work\PlaceHistory;

/** How much of the bore something took at one place over the years, in words. */
final readonly class HistoryText
{
    /**
     * @param list<string> $seen day and share, oldest first
     * @param string $growth how fast, and when it reaches the limit
     */
    public function __construct(public PlaceHistory $history, public string $what, public array $seen, public string $growth)
    {
    }
}
