<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\RepairSaid;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Judge\Need;
use Jurvex\Core\Mend\LiningBar;
use Jurvex\Core\Mend\LiningFirst;
use Jurvex\Core\Mend\Mendable;
use Jurvex\Core\Mend\Repair;

/** Something of a line that is to be mended: one finding, or all that ask for the same stretch to be renewed. */
final readonly class LineRepair
{
    /**
     * @param non-empty-list<LineFinding> $findings the worst first
     * @param non-empty-list<Mendable> $mendables of the findings, in the same order
     * @param ?RepairSaid $said what the technician says of it
     */
    public function __construct(public Repair $repair, public array $findings, private array $mendables, public ?RepairSaid $said)
    {
    }

    public function id(): string
    {
        return $this->repair->id;
    }

    /** The worst of it, in distances along the line. */
    public function finding(): Finding
    {
        return $this->mendables[0]->finding;
    }

    /** @return non-empty-list<Finding> all of it, in distances along the line */
    public function placed(): array
    {
        return array_map(static fn (Mendable $each) => $each->finding, $this->mendables);
    }

    public function isLeftOut(): bool
    {
        return true === $this->said?->details()->leftOut;
    }

    /** Whether nobody is certain of any of it. */
    public function isUnsure(): bool
    {
        return [] === array_filter($this->mendables, static fn (Mendable $each) => !$each->isUnsure());
    }

    public function need(): Need
    {
        $worst = Need::Mend;
        foreach ($this->findings as $each) {
            $worst = $worst->worse($each->judgement->counts());
        }

        return $worst;
    }

    /** @return list<LiningBar> why no liner can do it */
    public function bars(): array
    {
        return self::each(array_map(static fn (Mendable $each) => $each->bars(), $this->mendables));
    }

    /** @return list<LiningFirst> what must be done before one can */
    public function first(): array
    {
        return self::each(array_map(static fn (Mendable $each) => $each->first(), $this->mendables));
    }

    /**
     * @template T of \UnitEnum
     *
     * @param list<list<T>> $lists
     *
     * @return list<T> each once
     */
    private static function each(array $lists): array
    {
        return array_values(array_unique(array_merge(...$lists, ...[[]]), \SORT_REGULAR));
    }
}
