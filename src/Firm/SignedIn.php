<?php

declare(strict_types=1);

namespace App\Firm;

use Doctrine\ORM\Mapping as ORM;

/** One session of one person on one device; what SignedIns keeps. */
#[ORM\Entity]
class SignedIn
{
    private const BROWSERS = ['Edg' => 'Edge', 'OPR' => 'Opera', 'Firefox' => 'Firefox', 'Chrome' => 'Chrome', 'Safari' => 'Safari'];
    private const SYSTEMS = ['Android', 'iPhone', 'iPad', 'Windows', 'Macintosh', 'Linux'];

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $endedAt = null;

    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        public readonly Account $account,
        #[ORM\Column]
        public readonly \DateTimeImmutable $since,
        #[ORM\Column]
        public readonly \DateTimeImmutable $seenAt,
        /** What the browser says of itself. */
        #[ORM\Column(length: 300)]
        public readonly string $device,
        #[ORM\Column(length: 60)]
        public readonly string $origin,
    ) {
    }

    public function end(\DateTimeImmutable $at): void
    {
        $this->endedAt ??= $at;
    }

    public function endedAt(): ?\DateTimeImmutable
    {
        return $this->endedAt;
    }

    /** Browser and system by their names, as far as the device says them. */
    public function deviceName(): string
    {
        $browsers = array_filter(self::BROWSERS, fn (string $sign) => str_contains($this->device, $sign.'/'), \ARRAY_FILTER_USE_KEY);
        $systems = array_filter(self::SYSTEMS, fn (string $sign) => str_contains($this->device, $sign));

        return implode(' · ', array_filter([reset($browsers), reset($systems)]));
    }
}
