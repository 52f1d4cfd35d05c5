<?php

declare(strict_types=1);

namespace App\Record;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Validator\Constraints as Assert;

#[ORM\Embeddable]
class MarkDetails
{
    /** Distance along the run. */
    #[ORM\Column]
    #[Assert\NotNull(message: 'error.distance_missing')]
    public ?float $atM = null;

    /** @var list<float> the locator's depth readings, in the order taken */
    #[ORM\Column(type: 'json')]
    #[Assert\Count(min: 1, minMessage: 'error.depth_missing', max: 12, maxMessage: 'error.depth_many')]
    public array $depthsM = [];

    #[ORM\Column(enumType: OverHead::class)]
    public OverHead $overHead = OverHead::Nothing;

    #[ORM\Column(enumType: Paint::class)]
    public Paint $paint = Paint::Cross;

    #[ORM\Column(enumType: Ground::class)]
    public Ground $ground = Ground::Lawn;

    #[ORM\Column(nullable: true)]
    public ?float $tieOneM = null;

    #[ORM\Column(length: 120)]
    #[Assert\Length(max: 120, maxMessage: 'error.too_long')]
    public string $tieOneTo = '';

    #[ORM\Column(nullable: true)]
    public ?float $tieTwoM = null;

    #[ORM\Column(length: 120)]
    #[Assert\Length(max: 120, maxMessage: 'error.too_long')]
    public string $tieTwoTo = '';

    /** Height of the ground over any zero, the same for all marks of the site; none while nobody measured it. */
    #[ORM\Column(nullable: true)]
    #[Assert\Range(notInRangeMessage: 'error.ground_height_range', min: -100, max: 100)]
    public ?float $groundM = null;

    /** The locator raised by so much, and what it read then. */
    #[ORM\Column(nullable: true)]
    #[Assert\Range(notInRangeMessage: 'error.lift_range', min: 0.05, max: 3)]
    public ?float $liftM = null;

    #[ORM\Column(nullable: true)]
    #[Assert\Range(notInRangeMessage: 'error.lift_range', min: 0, max: 30)]
    public ?float $liftReadingM = null;

    #[ORM\Column(type: 'text')]
    #[Assert\Length(max: 4000, maxMessage: 'error.too_long')]
    public string $note = '';
}
