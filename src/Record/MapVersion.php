<?php

declare(strict_types=1);

namespace App\Record;

use App\Support\Database\Id;
use Doctrine\ORM\Mapping as ORM;

/** What a property's line map was before a change: for undoing it, and for the record. */
#[ORM\Entity]
#[ORM\Index(columns: ['property_id', 'id'])]
class MapVersion
{
    #[ORM\Id, ORM\Column(length: 36)]
    public readonly string $id;

    #[ORM\Column]
    private bool $undone = false;

    /** @param array<mixed> $map */
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        public readonly Property $property,
        #[ORM\Column(type: 'json')]
        public readonly array $map,
        #[ORM\Column(length: 120)]
        public readonly string $by,
        #[ORM\Column]
        public readonly \DateTimeImmutable $at,
    ) {
        $this->id = Id::fresh();
    }

    public function undo(): void
    {
        $this->undone = true;
    }

    public function isUndone(): bool
    {
        return $this->undone;
    }
}
