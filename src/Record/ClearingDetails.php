<?php

declare(strict_types=1);

namespace App\Record;

use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Clear\Blockage;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Run\Travel;
use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/** What is to be cleared, as far as it is known before. Distances along the line from the foot of the drop. */
#[ORM\Embeddable]
class ClearingDetails
{
    #[ORM\Column(enumType: Blockage::class, options: ['default' => 'unknown'])]
    public Blockage $blockage = Blockage::Unknown;

    /** Near and far estimate; none takes them from triage. */
    #[ORM\Column(nullable: true)]
    #[Assert\Range(notInRangeMessage: 'error.pipe_length_range', min: 0, max: 10000)]
    public ?float $nearM = null;

    #[ORM\Column(nullable: true)]
    #[Assert\Range(notInRangeMessage: 'error.pipe_length_range', min: 0, max: 10000)]
    public ?float $farM = null;

    /** Of the pipe at the stoppage; none takes the line map's. */
    #[ORM\Column(enumType: Material::class, nullable: true)]
    public ?Material $material = null;

    #[ORM\Column(nullable: true)]
    #[Assert\Range(notInRangeMessage: 'error.bore_range', min: 20, max: 3000)]
    public ?float $boreMm = null;

    /** Which way the tool works; none takes the way that the opening faces. */
    #[ORM\Column(enumType: Travel::class, nullable: true)]
    public ?Travel $direction = null;

    #[ORM\Column(options: ['default' => false])]
    public bool $noWater = false;

    #[ORM\Column(options: ['default' => false])]
    public bool $fragile = false;

    #[ORM\Column(options: ['default' => false])]
    public bool $weakFar = false;

    #[ORM\Column(options: ['default' => false])]
    public bool $frost = false;

    /** Today's cable is the drum and one loose length; none where it is the house's sections. */
    #[ORM\Column(nullable: true)]
    #[Assert\Range(notInRangeMessage: 'error.pipe_length_range', min: 0.5, max: 200)]
    public ?float $looseM = null;

    #[Assert\Callback]
    public function nearIsNoFartherThanFar(ExecutionContextInterface $context): void
    {
        if (null !== $this->nearM && null !== $this->farM && $this->nearM > $this->farM) {
            $context->buildViolation('error.near_beyond_far')->atPath('nearM')->addViolation();
        }
    }
}
