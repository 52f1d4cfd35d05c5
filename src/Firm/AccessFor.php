<?php

declare(strict_types=1);

namespace App\Firm;

/** What a link that was sent to somebody lets them do. */
enum AccessFor: string
{
    case Join = 'join';
    case NewPassword = 'new_password';

    /** How long it lives. */
    public function lifetime(): \DateInterval
    {
        return new \DateInterval(match ($this) {
            self::Join => 'P7D',
            self::NewPassword => 'PT1H',
        });
    }
}
