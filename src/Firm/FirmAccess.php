<?php

declare(strict_types=1);

namespace App\Firm;

use Doctrine\ORM\Mapping as ORM;

/** Whether a firm's people can sign in, and how long that lasts. */
#[ORM\Embeddable]
class FirmAccess
{
    public const MOST_IDLE_HOURS = 12;
    public const MOST_DAYS = 90;

    /** Since when nobody of it signs in and no link of it opens; none where it works. */
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $closedAt = null;

    /** Hours after which a session that nobody uses is over. */
    #[ORM\Column(options: ['default' => 12])]
    private int $sessionIdleHours = 12;

    /** Days after which a session is over, however much it is used. */
    #[ORM\Column(options: ['default' => 30])]
    private int $sessionDays = 30;

    public function close(\DateTimeImmutable $at): void
    {
        $this->closedAt ??= $at;
    }

    public function reopen(): void
    {
        $this->closedAt = null;
    }

    public function closedAt(): ?\DateTimeImmutable
    {
        return $this->closedAt;
    }

    /** @throws \DomainException outside of 1 to 12 hours, 1 to 90 days */
    public function endSessions(int $idleHours, int $days): void
    {
        if ($idleHours < 1 || $idleHours > self::MOST_IDLE_HOURS || $days < 1 || $days > self::MOST_DAYS) {
            throw new \DomainException(\sprintf('Sessions cannot last %d hours unused and %d days in all.', $idleHours, $days));
        }
        $this->sessionIdleHours = $idleHours;
        $this->sessionDays = $days;
    }

    public function sessionIdleHours(): int
    {
        return $this->sessionIdleHours;
    }

    public function sessionDays(): int
    {
        return $this->sessionDays;
    }
}
