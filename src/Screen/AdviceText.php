<?php

declare(strict_types=1);

namespace App\Screen;

/** What the house rules say of an opening, in the reader's words. */
final readonly class AdviceText
{
    /**
     * @param string $at the opening; empty where it is of the whole line
     * @param string $why what is wrong with that, with the numbers
     * @param string $new where a new opening belongs; empty where none does
     */
    public function __construct(public string $at, public string $what, public string $why, public string $new)
    {
    }
}
