<?php

declare(strict_types=1);

namespace App\Firm;

use Doctrine\ORM\Mapping as ORM;

/** One line of what was done with a firm's data, as App\Support\Logging\Audit wrote it. It is only ever read. */
#[ORM\Entity(readOnly: true, repositoryClass: AuditEntryRepository::class)]
#[ORM\Index(name: 'IDX_audit_of_firm', fields: ['firmId', 'at'])]
class AuditEntry
{
    /** @param array<string, ?string> $about */
    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\Column(length: 36)]
        public readonly string $firmId,
        #[ORM\Column]
        public readonly \DateTimeImmutable $at,
        #[ORM\Column(length: 60)]
        public readonly string $what,
        /** The address somebody signs in with. */
        #[ORM\Column(length: 180)]
        public readonly string $who,
        /** The network address that it came from. */
        #[ORM\Column(length: 60)]
        public readonly string $origin,
        #[ORM\Column(type: 'json')]
        public readonly array $about,
    ) {
    }
}
