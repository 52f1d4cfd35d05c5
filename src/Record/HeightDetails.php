<?php

declare(strict_types=1);

namespace App\Record;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

#[ORM\Embeddable]
class HeightDetails
{
    /** A mark's letter, or whatever else a point of the ground is called. */
    #[ORM\Column(length: 40)]
    #[Assert\NotBlank(message: 'error.height_point', normalizer: 'trim'), Assert\Length(max: 40, maxMessage: 'error.too_long')]
    public string $fromPoint = '';

    #[ORM\Column(length: 40)]
    #[Assert\NotBlank(message: 'error.height_point', normalizer: 'trim'), Assert\Length(max: 40, maxMessage: 'error.too_long')]
    public string $toPoint = '';

    /** How much higher the second point is; negative where it is lower. */
    #[ORM\Column]
    #[Assert\NotNull(message: 'error.distance_missing'), Assert\Range(notInRangeMessage: 'error.ground_height_range', min: -100, max: 100)]
    public ?float $upM = null;

    #[ORM\Column(enumType: HeightBy::class)]
    public HeightBy $how = HeightBy::StringLevel;

    #[Assert\Callback]
    public function hasTwoPoints(ExecutionContextInterface $context): void
    {
        if ('' !== trim($this->toPoint) && HeightMeasured::key($this->fromPoint) === HeightMeasured::key($this->toPoint)) {
            $context->buildViolation('error.height_same')->atPath('toPoint')->addViolation();
        }
    }
}
