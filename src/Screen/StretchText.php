<?php

declare(strict_types=1);

namespace App\Screen;

use Jurvex\Core\Judge\Verdict;

/** A stretch of the line in words. */
final readonly class StretchText
{
    /**
     * @param string $name what it begins and ends at
     * @param string $place from where to where
     * @param string $unseen how much of it nobody saw well; empty for nothing
     */
    public function __construct(public string $name, public string $place, public Verdict $verdict, public string $unseen)
    {
    }
}
