<?php

declare(strict_types=1);

namespace App\Clear;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/** One travel of a clearing tool. Distances along the line from the job's zero. */
#[ORM\Embeddable]
class PassDetails
{
    #[ORM\Column(enumType: Tool::class)]
    public Tool $tool = Tool::Cable;

    #[ORM\Column(length: 120)]
    #[Assert\NotBlank(message: 'error.head_missing', normalizer: 'trim'), Assert\Length(max: 120, maxMessage: 'error.too_long')]
    public string $head = '';

    /** How far it went in. */
    #[ORM\Column]
    #[Assert\NotNull(message: 'error.distance_missing')]
    public ?float $inM = null;

    /** How far it was drawn back to. */
    #[ORM\Column]
    public float $outM = 0.0;

    /** Turns given to the hose, one way and the other; the twist that is left in it is their difference. */
    #[ORM\Column(options: ['default' => 0])]
    #[Assert\Range(notInRangeMessage: 'error.turns_range', min: 0, max: 999)]
    public int $turnsRight = 0;

    #[ORM\Column(options: ['default' => 0])]
    #[Assert\Range(notInRangeMessage: 'error.turns_range', min: 0, max: 999)]
    public int $turnsLeft = 0;

    /** @var list<string> codes of Felt */
    #[ORM\Column(type: 'json')]
    #[Assert\Choice(callback: 'feelings', multiple: true)]
    public array $felt = [];

    #[ORM\Column(enumType: WaterAtOpening::class, nullable: true)]
    public ?WaterAtOpening $water = null;

    #[ORM\Column(type: 'text')]
    #[Assert\Length(max: 4000, maxMessage: 'error.too_long')]
    public string $cameBack = '';

    #[ORM\Column(type: 'text')]
    #[Assert\Length(max: 4000, maxMessage: 'error.too_long')]
    public string $note = '';

    /** Over nought to the right. */
    public function twist(): int
    {
        return $this->turnsRight - $this->turnsLeft;
    }

    /** @return list<string> */
    public static function feelings(): array
    {
        return array_map(static fn (Felt $felt) => $felt->value, Felt::cases());
    }

    #[Assert\Callback]
    public function comesBackNoFartherThanItWent(ExecutionContextInterface $context): void
    {
        if (null !== $this->inM && $this->outM > $this->inM) {
            $context->buildViolation('error.out_beyond_in')->atPath('outM')->addViolation();
        }
    }
}
