<?php

declare(strict_types=1);

namespace App\Record;

use Doctrine\ORM\Mapping as ORM;

/** A letter that went to the customer, as it was sent. */
#[ORM\Entity]
class SentLetter implements JobEntry
{
    use OfJob;

    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        public readonly Job $job,
        #[ORM\Column(name: '`to`', length: 200)]
        public readonly string $to,
        #[ORM\Column(length: 200)]
        public readonly string $subject,
        #[ORM\Column(type: 'text')]
        public readonly string $text,
        #[ORM\Column]
        public readonly bool $withPdf,
        #[ORM\Column(name: '`by`', length: 200)]
        public readonly string $by,
        #[ORM\Column]
        public readonly \DateTimeImmutable $sentAt,
    ) {
    }
}
