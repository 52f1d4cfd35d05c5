<?php

declare(strict_types=1);

namespace App\Support\Web;

use Doctrine\ORM\Mapping as ORM;

/** An entry of a browser's queue that was taken in. */
#[ORM\Entity]
#[ORM\Index(columns: ['taken_at'])]
class TakenEntry
{
    public function __construct(
        /** Of whoever sent it and of the identifier that their browser made. */
        #[ORM\Id, ORM\Column(length: 64)]
        public readonly string $hash,
        #[ORM\Column]
        public readonly \DateTimeImmutable $takenAt,
    ) {
    }
}
