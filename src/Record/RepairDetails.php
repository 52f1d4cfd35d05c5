<?php

declare(strict_types=1);

namespace App\Record;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Validator\Constraints as Assert;

#[ORM\Embeddable]
class RepairDetails
{
    /** Not part of what is offered. */
    #[ORM\Column]
    public bool $leftOut = false;

    /** What lies over it, where no mark says so or it is another. */
    #[ORM\Column(enumType: Ground::class, nullable: true)]
    public ?Ground $surface = null;

    /** Of the pipe there, where no mark says so. */
    #[ORM\Column(nullable: true)]
    #[Assert\Range(notInRangeMessage: 'error.depth_range', min: 0.1, max: 20)]
    public ?float $depthM = null;

    /** In from the outside wall; none where nobody measured it. */
    #[ORM\Column(nullable: true)]
    #[Assert\Range(notInRangeMessage: 'error.under_floor_range', min: 0.1, max: 30)]
    public ?float $underFloorM = null;

    /** Reached under the wall and not through the floor. */
    #[ORM\Column]
    public bool $fromOutside = false;

    /** A fixture must come off to get at it through the floor. */
    #[ORM\Column]
    public bool $fixture = false;

    /** On somebody else's ground. */
    #[ORM\Column]
    public bool $neighbour = false;

    #[ORM\Column(type: 'text')]
    #[Assert\Length(max: 4000, maxMessage: 'error.too_long')]
    public string $note = '';
}
