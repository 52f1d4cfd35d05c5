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

    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        public readonly Job $job,
        #[ORM\Column]
        public readonly \DateTimeImmutable $madeAt,
        #[ORM\Column(enumType: Shared::class, options: ['default' => 'report'])]
        public readonly Shared $what = Shared::Report,
    ) {
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
