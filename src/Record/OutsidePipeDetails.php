<?php

declare(strict_types=1);

namespace App\Record;

use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Finding\Material;
use Symfony\Component\Validator\Constraints as Assert;

#[ORM\Embeddable]
class OutsidePipeDetails
{
    /** Where it hangs. */
    #[ORM\Column(length: 200)]
    #[Assert\NotBlank(message: 'error.outside_place_missing'), Assert\Length(max: 200, maxMessage: 'error.too_long')]
    public string $place = '';

    #[ORM\Column]
    #[Assert\NotNull(message: 'error.distance_missing'), Assert\Range(notInRangeMessage: 'error.outside_length_range', min: 0.1, max: 500)]
    public ?float $lengthM = null;

    #[ORM\Column(enumType: Material::class)]
    public Material $material = Material::Unknown;

    #[ORM\Column(nullable: true)]
    #[Assert\Range(notInRangeMessage: 'error.bore_range', min: 20, max: 3000)]
    public ?float $boreMm = null;

    /** By how much its end lies lower than its beginning, in the direction of flow; under nought where it rises. */
    #[ORM\Column(nullable: true)]
    #[Assert\Range(notInRangeMessage: 'error.outside_drop_range', min: -20000, max: 20000)]
    public ?float $fallMm = null;

    /** What a level laid on it reads, downward in the direction of flow. */
    #[ORM\Column(nullable: true)]
    #[Assert\Range(notInRangeMessage: 'error.outside_level_range', min: -45, max: 45)]
    public ?float $levelDeg = null;

    /** The steps in which the level reads. */
    #[ORM\Column]
    #[Assert\NotNull(message: 'error.number_missing'), Assert\Range(notInRangeMessage: 'error.tilt_step_range', min: 0.01, max: 10)]
    public ?float $levelStepDeg = 0.1;

    #[ORM\Column(enumType: Supports::class)]
    public Supports $supports = Supports::NotSaid;

    #[ORM\Column(type: 'text')]
    #[Assert\Length(max: 4000, maxMessage: 'error.too_long')]
    public string $note = '';
}
