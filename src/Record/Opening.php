<?php

declare(strict_types=1);

namespace App\Record;

use App\Support\Database\Withdrawable;
use Doctrine\ORM\Mapping as ORM;

/** A way into the line. */
#[ORM\Entity]
class Opening implements JobEntry
{
    use OfJob;
    use Withdrawable;

    #[ORM\Embedded(columnPrefix: false)]
    private OpeningDetails $details;

    /** Where it stands on the property's line map; none while nobody has placed it. */
    #[ORM\Column(length: 40, nullable: true)]
    private ?string $node = null;

    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\ManyToOne(inversedBy: 'openings'), ORM\JoinColumn(nullable: false)]
        public readonly Job $job,
        OpeningDetails $details,
    ) {
        $this->details = $details;
    }

    public function describe(OpeningDetails $details): void
    {
        $this->details = clone $details;
    }

    public function placeAt(?string $node): void
    {
        $this->node = $node;
    }

    public function node(): ?string
    {
        return $this->node;
    }

    /** By which it is known again on another visit: where it is; its own identifier where two of the job are called alike. */
    public function name(): string
    {
        $key = Property::key($this->details->place);
        $alike = array_filter($this->job->openings(), static fn (self $each) => Property::key($each->details->place) === $key);

        return \count($alike) > 1 ? $this->id : $key;
    }

    /** The same on every visit: by the map, else by its name. */
    public function onEveryVisit(): string
    {
        return $this->node ?? $this->name();
    }

    public function details(): OpeningDetails
    {
        return $this->details;
    }
}
