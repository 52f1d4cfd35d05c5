<?php

declare(strict_types=1);

namespace App\Record;

use Doctrine\ORM\Mapping as ORM;

/**
 * Lets anybody who holds its address read one job's report or dig sheet, until it is revoked. The address itself is not stored:
 * see ShareLinks.
 */
#[ORM\Entity]
class ShareLink
{
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $revokedAt = null;

    /** How often it was opened by somebody who was not signed in, and when last. */
    #[ORM\Column(options: ['default' => 0])]
    private int $opened = 0;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $openedAt = null;

    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        public readonly Job $job,
        #[ORM\Column]
        public readonly \DateTimeImmutable $madeAt,
        #[ORM\Column(enumType: Shared::class, options: ['default' => 'report'])]
        public readonly Shared $what = Shared::Report,
        /** The last day on which it can be opened; none for no end. */
        #[ORM\Column(type: 'date_immutable', nullable: true)]
        public readonly ?\DateTimeImmutable $endsOn = null,
    ) {
    }

    public function open(\DateTimeImmutable $at): void
    {
        ++$this->opened;
        $this->openedAt = $at;
    }

    public function opened(): int
    {
        return $this->opened;
    }

    public function openedAt(): ?\DateTimeImmutable
    {
        return $this->openedAt;
    }

    public function hasEnded(\DateTimeImmutable $today): bool
    {
        return null !== $this->endsOn && $this->endsOn->format('Y-m-d') < $today->format('Y-m-d');
    }

    public function revoke(\DateTimeImmutable $at): void
    {
        $this->revokedAt ??= $at;
    }

    public function revokedAt(): ?\DateTimeImmutable
    {
        return $this->revokedAt;
    }
}
