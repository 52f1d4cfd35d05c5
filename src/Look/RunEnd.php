<?php

declare(strict_types=1);

namespace App\Look;

use Jurvex\Core\Run\EndReason;
use Symfony\Component\Validator\Constraints as Assert;

/** Why a run ended, and where. */
final class RunEnd
{
    #[Assert\NotNull(message: 'error.choose')]
    public ?EndReason $reason = null;

    #[Assert\NotNull(message: 'error.distance_missing')]
    public ?float $reachedM = null;

    #[Assert\Length(max: 4000, maxMessage: 'error.too_long')]
    public string $note = '';
}
