<?php

declare(strict_types=1);

namespace App\Firm;

use Jurvex\Core\Clear\Head;
use Symfony\Component\Validator\Constraints as Assert;

/** A head, cutter or nozzle that goes on a tool. */
final class ToolHead
{
    #[Assert\NotBlank(message: 'error.head_missing', normalizer: 'trim'), Assert\Length(max: 80, maxMessage: 'error.too_long')]
    public string $name = '';

    /** What the plan asks for it as; none keeps it out of the plans. */
    public ?Head $class = null;

    #[Assert\NotNull(message: 'error.number_missing'), Assert\Range(notInRangeMessage: 'error.head_range', min: 1, max: 1000)]
    public ?float $diameterMm = null;

    #[Assert\NotNull(message: 'error.number_missing'), Assert\Range(notInRangeMessage: 'error.head_range', min: 0, max: 2000)]
    public ?float $rigidLengthMm = null;

    /** Over the skid or guard that it is run in; none without one. */
    #[Assert\Range(notInRangeMessage: 'error.head_range', min: 1, max: 1000)]
    public ?float $skidMm = null;

    /** Of a camera: across its window; none for the house value. */
    #[Assert\Range(notInRangeMessage: 'error.head_range', min: 1, max: 1000)]
    public ?float $windowMm = null;

    /** Drag of a pushed head, or net thrust of a nozzle, in N. */
    #[Assert\NotNull(message: 'error.number_missing'), Assert\Range(notInRangeMessage: 'error.force_range', min: 0, max: 5000)]
    public ?float $forceN = null;
}
