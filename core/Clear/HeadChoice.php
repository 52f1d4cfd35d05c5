<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

/** The head that a step is made with, and the one that the table asks for where the kit or the pipe does not allow that. */
final readonly class HeadChoice
{
    public function __construct(public Head $head, public ?Head $insteadOf = null)
    {
    }
}
