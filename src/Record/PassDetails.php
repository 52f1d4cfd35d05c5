<?php

declare(strict_types=1);

namespace App\Record;

use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Clear\Blockage;
use Jurvex\Core\Clear\Head;
use Jurvex\Core\Clear\RunLog;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Ribbon\FeltAt;
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

    /** What the plan calls the head, and what it worked on; for the shop's own record of how fast that goes. */
    #[ORM\Column(enumType: Head::class, nullable: true)]
    public ?Head $headClass = null;

    #[ORM\Column(enumType: Blockage::class, nullable: true)]
    public ?Blockage $blockage = null;

    /** From the farthest place back to where it was drawn. */
    #[ORM\Column(nullable: true)]
    #[Assert\Range(notInRangeMessage: 'error.minutes_range', min: 0.1, max: 240)]
    public ?float $minutesBack = null;

    #[ORM\Column(nullable: true)]
    #[Assert\Range(notInRangeMessage: 'error.flow_range', min: 0.1, max: 2000)]
    public ?float $flowLMin = null;

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

    /** @var list<array{at_m: float, felt: string}> where it was felt */
    #[ORM\Column(type: 'json', options: ['default' => '[]'])]
    public array $feltAt = [];

    /**
     * What the log of a tool in the line says of it by now.
     *
     * @param \Closure(Length): Length $fromZero how much of the tool is in, as a distance from the job's zero
     */
    public function follow(RunLog $log, \Closure $fromZero): void
    {
        $this->inM = $fromZero($log->deepest())->metres;
        $this->outM = $fromZero($log->distance())->metres;
        $this->turnsRight = $log->turnsRight();
        $this->turnsLeft = $log->turnsLeft();
        $this->feltAt = array_map(
            static fn (FeltAt $felt) => ['at_m' => $fromZero($felt->at)->metres, 'felt' => $felt->felt], $log->felt(),
        );
        $this->felt = array_values(array_unique(array_column($this->feltAt, 'felt')));
        $this->water = WaterAtOpening::tryFrom($log->water());
        $this->cameBack = implode('; ', $log->cameBack());
        $minutes = $log->minutesBack();
        $this->minutesBack = null === $minutes || $minutes < 0.1 ? null : round($minutes, 2);
    }

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
