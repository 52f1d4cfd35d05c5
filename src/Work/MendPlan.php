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

/** How the line from one opening one way can be mended; in distances from that opening. The ways are worked out when they are asked for. */
final class MendPlan
{
    /** More are told on a page of their own. */
    private const MANY = 20;

    /** @var array<string, LineRepair> that are offered, by their identifier */
    private readonly array $byId;

    private ?Offers $worked = null;

    /** @var array<string, Offer> by way */
    private array $offers = [];

    /**
     * @param list<LineRepair> $repairs that are offered, in their places
     * @param list<LineRepair> $leftOut
     * @param list<LineFinding> $upkeep what asks for cleaning, cutting or more looking, and is no repair, the worst first
     * @param list<Mark> $marks on its way
     * @param bool $needsOpening whether a liner has no way in
     * @param \Closure(): Offers $work works the ways out
     */
    public function __construct(
        public readonly Portion $portion, public readonly Run $run, public readonly array $repairs, public readonly array $leftOut,
        public readonly array $upkeep, public readonly GroundOver $over, public readonly array $marks, public readonly bool $needsOpening,
        private readonly \Closure $work,
    ) {
        $byId = [];
        foreach ($repairs as $repair) {
            $byId[$repair->id()] = $repair;
        }
        $this->byId = $byId;
    }

    /** Whether there are too many repairs to be told beside something else. */
    public function isLong(): bool
    {
        return \count($this->repairs) > self::MANY;
    }

    /** @return list<Offer> each way; nothing where nothing is offered */
    public function offers(): array
    {
        return [] === $this->repairs ? [] : array_map($this->offer(...), Way::cases());
    }

    public function offer(Way $way): Offer
    {
        return $this->offers[$way->value] ??= $this->worked()->of($way);
    }

    /** @return ?LineRepair none where the technician left it out */
    public function repair(string $id): ?LineRepair
    {
        return $this->byId[$id] ?? null;
    }

    /** @return list<LineRepair> of a work */
    public function of(PricedWork $work): array
    {
        return array_values(array_filter(array_map(fn (Repair $repair) => $this->repair($repair->id), $work->work->repairs)));
    }

    /** @return list<LineRepair> that an offer does */
    public function done(Offer $offer): array
    {
        return array_values(array_intersect_key($this->byId, array_flip($offer->repairs())));
    }

    /** @return list<LineRepair> that an offer leaves */
    public function undone(Offer $offer): array
    {
        return array_values(array_diff_key($this->byId, array_flip($offer->repairs())));
    }

    /** @return ?array{floor: Offer, outside: ?Offer} the two ways to a repair under a floor */
    public function routes(LineRepair $repair): ?array
    {
        return $this->worked()->routes($repair->id());
    }

    /** The way the technician recommends, or the cheapest mix while nobody has said; none where nothing is offered. */
    public function chosen(?Way $recommended): ?Offer
    {
        return [] === $this->repairs ? null : $this->offer($recommended ?? Way::Any);
    }

    private function worked(): Offers
    {
        return $this->worked ??= ($this->work)();
    }
}
