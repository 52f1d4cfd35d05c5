<?php

declare(strict_types=1);

namespace App\Record;

use App\Support\Database\Withdrawable;
use Doctrine\ORM\Mapping as ORM;

/** A picture of the place or of one of its openings; what it shows is a Photo under the same identifier. */
#[ORM\Entity(repositoryClass: JobPictureRepository::class)]
class JobPicture implements JobEntry
{
    use OfJob;
    use Withdrawable;

    public const LONGEST_NOTE = 200;

    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        public readonly Job $job,
        /** None where it shows the place. */
        #[ORM\ManyToOne]
        public readonly ?Opening $opening,
        #[ORM\Column]
        public readonly \DateTimeImmutable $takenAt,
        #[ORM\Column(length: self::LONGEST_NOTE)]
        public readonly string $note,
    ) {
    }
}
