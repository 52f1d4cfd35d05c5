<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\Mark;
use App\Record\Run;
use Jurvex\Core\Looks\Portion;
use Jurvex\Core\Mend\GroundOver;
use Jurvex\Core\Mend\Offer;
use Jurvex\Core\Mend\Offers;
use Jurvex\Core\Mend\PricedWork;
use Jurvex\Core\Mend\Repair;
use Jurvex\Core\Mend\Way;

/** How the line from one opening one way can be mended; in distances from that opening. */
final readonly class MendPlan
{
    /** @var array<string, Offer> by way */
    public array $offers;

    /**
     * @param list<LineRepair> $repairs that are offered, in their places
     * @param list<LineRepair> $leftOut
     * @param list<LineFinding> $upkeep what asks for cleaning, cutting or more looking, and is no repair, the worst first
     * @param list<Mark> $marks on its way
     * @param bool $needsOpening whether a liner has no way in
     */
    public function __construct(
        public Portion $portion, public Run $run, public array $repairs, public array $leftOut, public array $upkeep,
        public GroundOver $over,
        public array $marks, public bool $needsOpening, private Offers $priced,
    ) {
        $offers = [];
        foreach ([] === $repairs ? [] : Way::cases() as $way) {
            $offers[$way->value] = $priced->of($way);
        }
        $this->offers = $offers;
    }

    /** @return ?LineRepair none where the technician left it out */
    public function repair(string $id): ?LineRepair
    {
        return array_values(array_filter($this->repairs, static fn (LineRepair $each) => $each->id() === $id))[0] ?? null;
    }

    /** @return list<LineRepair> of a work */
    public function of(PricedWork $work): array
    {
        return array_values(array_filter(array_map(fn (Repair $repair) => $this->repair($repair->id), $work->work->repairs)));
    }

    /** @return ?array{floor: Offer, outside: ?Offer} the two ways to a repair under a floor */
    public function routes(LineRepair $repair): ?array
    {
        return $this->priced->routes($repair->id());
    }

    public function canLine(): bool
    {
        return [] !== array_filter($this->repairs, static fn (LineRepair $each) => $each->repair->canLine);
    }

    /** The way the technician recommends, or the cheapest mix while nobody has said. */
    public function chosen(?Way $recommended): ?Offer
    {
        return $this->offers[($recommended ?? Way::Any)->value] ?? null;
    }
}
