<?php

declare(strict_types=1);

namespace App\WayIn;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Validator\Constraints as Assert;

#[ORM\Embeddable]
class OpeningDetails
{
    #[ORM\Column(enumType: OpeningKind::class)]
    public OpeningKind $kind = OpeningKind::Cleanout;

    #[ORM\Column(length: 200)]
    #[Assert\NotBlank(message: 'error.where_missing', normalizer: 'trim'), Assert\Length(max: 200, maxMessage: 'error.too_long')]
    public string $place = '';

    #[ORM\Column(nullable: true)]
    #[Assert\Range(notInRangeMessage: 'error.bore_range', min: 20, max: 3000)]
    public ?float $sizeMm = null;

    /** From the opening down to the line. */
    #[ORM\Column]
    #[Assert\Range(notInRangeMessage: 'error.drop_range', min: 0, max: 100)]
    public float $dropM = 0.0;

    #[ORM\Column(enumType: Faces::class)]
    public Faces $faces = Faces::Downstream;

    #[ORM\Column(enumType: OpeningState::class)]
    public OpeningState $state = OpeningState::Usable;

    #[ORM\Column(type: 'text')]
    #[Assert\Length(max: 4000, maxMessage: 'error.too_long')]
    public string $permission = '';
}
