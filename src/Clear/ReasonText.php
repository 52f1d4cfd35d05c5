<?php

declare(strict_types=1);

namespace App\Clear;

use Jurvex\Core\Clear\Bears;

/** Why a plan is good or not, in words. */
final readonly class ReasonText
{
    public function __construct(
        public Bears $bears, public string $text, public string $facts,
    ) {
    }
}
