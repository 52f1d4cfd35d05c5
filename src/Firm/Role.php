<?php

declare(strict_types=1);

namespace App\Firm;

enum Role: string
{
    case Technician = 'technician';
    case Office = 'office';

    public function asSecurityRole(): string
    {
        return 'ROLE_'.strtoupper($this->value);
    }
}
