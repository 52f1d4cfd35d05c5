<?php

declare(strict_types=1);

namespace App\Firm;

/** Each may all that the ones before it may, and more: see Right. */
enum Role: string
{
    case Technician = 'technician';
    case Office = 'office';
    case Owner = 'owner';

    public function may(Right $right): bool
    {
        return $this->height() >= $right->least()->height();
    }

    /** Whether somebody of this role may change what somebody of the other one is. */
    public function isOver(self $other): bool
    {
        return self::Owner === $this || $this->height() > $other->height();
    }

    public function asSecurityRole(): string
    {
        return 'ROLE_'.strtoupper($this->value);
    }

    private function height(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
