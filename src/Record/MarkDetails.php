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

    #[ORM\Column(type: 'text')]
    #[Assert\Length(max: 4000, maxMessage: 'error.too_long')]
    public string $note = '';
}
