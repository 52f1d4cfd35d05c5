<?php

declare(strict_types=1);

namespace App\Record;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Validator\Constraints as Assert;

#[ORM\Embeddable]
class FlowTestDetails
{
    #[ORM\Column]
    #[Assert\NotNull(message: 'error.minutes_missing'), Assert\Range(notInRangeMessage: 'error.minutes_range', min: 0.1, max: 240)]
    public ?float $minutes = null;

    #[ORM\Column(enumType: FlowResult::class)]
    #[Assert\NotNull(message: 'error.choose')]
    public ?FlowResult $result = null;

    /** Of the water at the opening, below its rim. */
    #[ORM\Column(nullable: true)]
    #[Assert\Range(notInRangeMessage: 'error.below_range', min: 0, max: 100)]
    public ?float $levelBeforeM = null;

    #[ORM\Column(nullable: true)]
    #[Assert\Range(notInRangeMessage: 'error.below_range', min: 0, max: 100)]
    public ?float $levelAfterM = null;

    #[ORM\Column(type: 'text')]
    #[Assert\Length(max: 4000, maxMessage: 'error.too_long')]
    public string $note = '';
}
