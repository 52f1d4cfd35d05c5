<?php

declare(strict_types=1);

namespace App\Record;

use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Site\Side;
use Jurvex\Core\Site\TapedTo;
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

    /** None where nobody said. */
    #[ORM\Column(enumType: OverHead::class, nullable: true)]
    public ?OverHead $overHead = null;

    /** None where nobody said. */
    #[ORM\Column(enumType: Signal::class, nullable: true)]
    public ?Signal $signal = null;

    #[ORM\Column(enumType: Paint::class)]
    public Paint $paint = Paint::Cross;

    #[ORM\Column(length: 4, options: ['default' => ''])]
    #[Assert\Length(max: 4, maxMessage: 'error.too_long')]
    public string $letter = '';

    #[ORM\Column(enumType: PaintColour::class, nullable: true)]
    public ?PaintColour $colour = null;

    /** None where nobody said. */
    #[ORM\Column(enumType: Ground::class, nullable: true)]
    public ?Ground $ground = null;

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

    #[ORM\Column(nullable: true)]
    public ?float $tieThreeM = null;

    #[ORM\Column(length: 120, options: ['default' => ''])]
    #[Assert\Length(max: 120, maxMessage: 'error.too_long')]
    public string $tieThreeTo = '';

    /** Looking from the first fixed thing to the second; none where nobody said. */
    #[ORM\Column(enumType: Side::class, nullable: true)]
    public ?Side $tieSide = null;

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

    /** @return list<TapedTo> what was taped, in the order of the ties */
    public function taped(): array
    {
        $ties = [[$this->tieOneTo, $this->tieOneM], [$this->tieTwoTo, $this->tieTwoM], [$this->tieThreeTo, $this->tieThreeM]];
        $taped = [];
        foreach ($ties as [$name, $metres]) {
            null === $metres || '' === trim($name) || $taped[] = new TapedTo(trim($name), Length::metres($metres));
        }

        return $taped;
    }
}
