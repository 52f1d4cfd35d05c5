<?php

declare(strict_types=1);

namespace App\Record;

use Doctrine\ORM\Mapping as ORM;

/** Readings of a reel as they came, in their own lines; the screen has made the identifier, so that a batch sent twice is there once. */
#[ORM\Entity]
class ReadingBatch
{
    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        public readonly Run $run,
        #[ORM\Column]
        public readonly int $count,
        /** In the open format, a line each. */
        #[ORM\Column(type: 'text')]
        public readonly string $lines,
    ) {
    }
}
