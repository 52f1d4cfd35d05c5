<?php

declare(strict_types=1);

namespace App\Firm;

use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Clear\Head;
use Symfony\Component\Validator\Constraints as Assert;

/** What the calculations need to know of a tool. */
#[ORM\Embeddable]
class ToolDetails
{
    #[ORM\Column(length: 80)]
    #[Assert\NotBlank(message: 'error.tool_name_missing', normalizer: 'trim'), Assert\Length(max: 80, maxMessage: 'error.too_long')]
    public string $name = '';

    #[ORM\Column(enumType: ToolKind::class)]
    public ToolKind $kind = ToolKind::Rod;

    #[ORM\Column]
    #[Assert\NotNull(message: 'error.distance_missing'), Assert\Range(notInRangeMessage: 'error.cable_range', min: 1, max: 1000)]
    public ?float $lengthM = 30.0;

    #[ORM\Column]
    #[Assert\NotNull(message: 'error.number_missing'), Assert\Range(notInRangeMessage: 'error.head_range', min: 1, max: 1000)]
    public ?float $diameterMm = 10.0;

    /** Bending stiffness EI, in N·m²; a hose's does not count. */
    #[ORM\Column]
    #[Assert\NotNull(message: 'error.number_missing'), Assert\Range(notInRangeMessage: 'error.force_range', min: 0, max: 5000)]
    public ?float $stiffnessNm2 = 10.0;

    #[ORM\Column]
    #[Assert\NotNull(message: 'error.number_missing'), Assert\Range(notInRangeMessage: 'error.force_range', min: 0, max: 5000)]
    public ?float $weightNPerM = 1.5;

    #[ORM\Column]
    #[Assert\NotNull(message: 'error.number_missing'), Assert\Range(notInRangeMessage: 'error.friction_range', min: 0, max: 2)]
    public ?float $frictionDry = 0.45;

    #[ORM\Column]
    #[Assert\NotNull(message: 'error.number_missing'), Assert\Range(notInRangeMessage: 'error.friction_range', min: 0, max: 2)]
    public ?float $frictionWet = 0.3;

    /** What hand or drive can push with; of a hose, the drag of its reel. In N. */
    #[ORM\Column]
    #[Assert\NotNull(message: 'error.number_missing'), Assert\Range(notInRangeMessage: 'error.force_range', min: 0, max: 5000)]
    public ?float $pushLimitN = 150.0;

    /** What it can be drawn back with, in N. */
    #[ORM\Column]
    #[Assert\NotNull(message: 'error.number_missing'), Assert\Range(notInRangeMessage: 'error.force_range', min: 0, max: 5000)]
    public ?float $pullLimitN = 300.0;

    /** Room that its heads need beside them. */
    #[ORM\Column]
    #[Assert\NotNull(message: 'error.number_missing'), Assert\Range(notInRangeMessage: 'error.head_range', min: 0, max: 100)]
    public ?float $clearanceMm = 4.0;

    #[ORM\Column]
    public bool $passesTraps = false;

    /** Of a camera's reel: the step in which it shows the tilt, in degrees. */
    #[ORM\Column(options: ['default' => 1])]
    #[Assert\NotNull(message: 'error.number_missing'), Assert\Range(notInRangeMessage: 'error.tilt_step_range', min: 0.01, max: 10)]
    public ?float $tiltStepDeg = 1.0;

    /**
     * @var list<array{
     *     name: string, diameter_mm: float, rigid_length_mm: float, force_n: float, class?: ?string, skid_mm?: ?float, window_mm?: ?float,
     * }>
     */
    #[ORM\Column(type: 'json')]
    private array $heads = [];

    /** @return list<ToolHead> */
    #[Assert\Valid, Assert\Count(min: 1, minMessage: 'error.head_missing')]
    public function getHeads(): array
    {
        return array_map(static function (array $plain): ToolHead {
            $head = new ToolHead();
            $head->class = Head::tryFrom($plain['class'] ?? '');
            [$head->name, $head->diameterMm, $head->rigidLengthMm, $head->forceN] = [
                $plain['name'],
                (float) $plain['diameter_mm'],
                (float) $plain['rigid_length_mm'],
                (float) $plain['force_n'],
            ];
            [$head->skidMm, $head->windowMm] = [$plain['skid_mm'] ?? null, $plain['window_mm'] ?? null];

            return $head;
        }, $this->heads);
    }

    /** @param array<ToolHead|null> $heads those without a name and size are left out */
    public function setHeads(array $heads): void
    {
        $this->heads = [];
        foreach ($heads as $head) {
            if (null !== $head && ('' !== trim($head->name) || null !== $head->diameterMm)) {
                $this->heads[] = [
                    'name' => $head->name, 'diameter_mm' => $head->diameterMm ?? 0.0,
                    'rigid_length_mm' => $head->rigidLengthMm ?? 0.0, 'force_n' => $head->forceN ?? 0.0,
                    'class' => $head->class?->value, 'skid_mm' => $head->skidMm, 'window_mm' => $head->windowMm,
                ];
            }
        }
    }
}
