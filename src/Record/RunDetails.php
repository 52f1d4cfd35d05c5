<?php

declare(strict_types=1);

namespace App\Record;

use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Run\Travel;
use Symfony\Component\Validator\Constraints as Assert;

/** How a run is set up. */
#[ORM\Embeddable]
class RunDetails
{
    #[ORM\Column(enumType: Zero::class)]
    public Zero $zero = Zero::Foot;

    #[ORM\Column(length: 200)]
    #[Assert\Length(max: 200, maxMessage: 'error.too_long')]
    public string $zeroNote = '';

    #[ORM\Column(enumType: Travel::class)]
    public Travel $travel = Travel::Downstream;

    /** True distance per counted distance. */
    #[ORM\Column]
    #[Assert\NotNull(message: 'error.number_missing'), Assert\Range(notInRangeMessage: 'error.factor_range', min: 0.5, max: 2)]
    public ?float $counterFactor = 1.0;

    #[ORM\Column]
    #[Assert\NotNull(message: 'error.distance_missing'), Assert\Range(notInRangeMessage: 'error.cable_range', min: 0, max: 1000)]
    public ?float $cableOutAtZeroM = 0.0;

    #[ORM\Column]
    #[Assert\NotNull(message: 'error.distance_missing'), Assert\Range(notInRangeMessage: 'error.cable_range', min: 1, max: 1000)]
    public ?float $cableLengthM = 60.0;

    /** Tool of the kit and its head, as `tool-number`; none when nobody has said. */
    #[ORM\Column(length: 44, nullable: true)]
    #[Assert\Length(max: 44, maxMessage: 'error.too_long')]
    public ?string $rig = null;

    #[ORM\Column(enumType: Material::class)]
    public Material $material = Material::Unknown;

    #[ORM\Column(nullable: true)]
    #[Assert\Range(notInRangeMessage: 'error.bore_range', min: 20, max: 3000)]
    public ?float $boreMm = null;

    /** Length of the line to the main, as far as anybody knows. */
    #[ORM\Column(nullable: true)]
    #[Assert\Range(notInRangeMessage: 'error.length_range', min: 0.1, max: 10000)]
    public ?float $expectedM = null;

    /** Whether water was running; none where nobody said. */
    #[ORM\Column(nullable: true)]
    public ?bool $waterOn = false;

    /** @return string on or off; empty where nobody said */
    public function water(): string
    {
        return match ($this->waterOn) {
            true => 'on',
            false => 'off',
            null => '',
        };
    }
}
