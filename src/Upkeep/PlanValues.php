<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Work\UpkeepProposal;
use Jurvex\Core\Upkeep\UpkeepWork;
use Symfony\Component\Validator\Constraints as Assert;

/** Upkeep on a cycle, as it is typed. */
final class PlanValues
{
    #[Assert\NotNull(message: 'error.choose')]
    public ?UpkeepWork $work = null;

    #[Assert\NotNull(message: 'error.number_missing'), Assert\Range(notInRangeMessage: 'error.months_range', min: 1, max: 120)]
    public ?int $everyMonths = null;

    #[Assert\NotNull(message: 'error.date')]
    public ?\DateTimeImmutable $dueOn = null;

    #[Assert\Length(max: 4000, maxMessage: 'error.too_long')]
    public string $note = '';

    public static function proposed(?UpkeepProposal $proposal): self
    {
        $values = new self();
        $values->work = $proposal?->work;
        $values->everyMonths = $proposal?->work->months()[1];
        $values->dueOn = $proposal?->from;

        return $values;
    }
}
