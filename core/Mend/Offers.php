<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

/** The ways to mend a line, priced with access, floors, permits and looks. */
final readonly class Offers
{
    public const INDOORS = 'indoors';
    public const ROAD = 'road';

    private Options $options;
    private Line $line;

    /** @var list<Ground> */
    private array $ground;

    /**
     * @param list<Repair> $repairs
     * @param list<float> $tieIns metres along the line
     * @param list<float> $cuts where it can be cut
     * @param bool $needsOpening whether a liner has no way in
     * @param array<string, Approach> $approaches by repair; straight down where there is none
     */
    public function __construct(
        private array $repairs, float $length, private GroundOver $over, array $tieIns, array $cuts, private FirmPrices $prices,
        private bool $needsOpening = false, private array $approaches = [],
    ) {
        $this->ground = $over->along($length);
        $this->line = new Line($length, $this->ground, $tieIns, $cuts);
        // A look before closing comes with each hole: what is cheapest must know of it.
        $this->options = new Options($repairs, $this->line, $prices->book->withEachDig($prices->item(Item::LookBeforeClosing)));
    }

    public function of(Way $way): Offer
    {
        return $this->priced($way, match ($way) {
            Way::Digs => $this->options->digs(),
            Way::Lining => $this->options->lining(),
            Way::Renewing => $this->options->renewing(),
            Way::Any => $this->any(),
            Way::Leave => new Option([]),
        });
    }

    /**
     * The two ways to a repair under a floor, priced alone.
     *
     * @return ?array{floor: Offer, outside: ?Offer} none where it is not under a floor; no way from outside where nobody measured it
     */
    public function routes(string $repair): ?array
    {
        $it = array_values(array_filter($this->repairs, static fn (Repair $each) => $each->id === $repair))[0] ?? null;
        $alone = null === $it ? null : Work::over([$it], Method::Dig, $this->line, $this->prices->book);
        if (null === $alone || !\in_array(self::INDOORS, $this->surfaces($alone), true)) {
            return null;
        }
        $approach = $this->approaches[$repair] ?? Approach::straightDown();
        $priced = fn (bool $fromOutside) => (new self(
            [], $this->line->length, $this->over, [], [], $this->prices, false,
            [$repair => new Approach($approach->underFloor, $fromOutside, $approach->fixture)],
        ))->priced(Way::Digs, new Option([$alone]));

        return ['floor' => $priced(false), 'outside' => null === $approach->underFloor ? null : $priced(true)];
    }

    /** A way in for a liner is paid once: the mix with liners and their way in, or the mix without. */
    private function any(): Option
    {
        $mix = $this->options->any();
        if (!$this->needsOpening || !$mix->uses(Method::Liner)) {
            return $mix;
        }
        $opened = $this->options->opened();
        $withWayIn = $mix->price->plus($this->prices->item(Item::NewOpening));

        return $withWayIn->weight() <= $opened->price->weight() ? $mix : $opened;
    }

    private function priced(Way $way, Option $option): Offer
    {
        $works = array_map($this->work(...), $option->works);
        $waterOff = array_reduce(
            $works, fn (Price $sum, PricedWork $work) => $sum->plus($this->prices->waterOff($work->work->method)), Price::nothing(),
        );

        return new Offer($way, $works, [] === $works ? [] : $this->items($works, $option), $waterOff);
    }

    private function work(Work $work): PricedWork
    {
        $depth = max([0.0, ...array_map(
            static fn (Ground $ground) => $ground->within($work->from, $work->to) > 0 ? $ground->depth : 0.0, $this->ground,
        )]);
        $under = $this->underFloor($work);
        if (null === $under) {
            $alone = Work::over($work->repairs, $work->method, $this->line, $this->prices->book);

            return new PricedWork($work, $alone->price, $this->surfaces($work), $depth, null);
        }
        // The hole is outside the wall; what is under the floor is priced by the metre.
        $surface = $this->prices->usualSurface;
        [, $room] = $this->prices->book->digMargin->around(0.0, 0.0, \INF);
        $hole = $this->prices->book->dig->start
            ->plus($this->prices->book->dig->metreUnder(new Ground(0.0, $room, $surface, $depth))->times($room));

        return new PricedWork($work, $hole, [$surface], $depth, $under);
    }

    /** @return ?float metres in from the wall; none where it is reached from above */
    private function underFloor(Work $work): ?float
    {
        if (Method::Dig !== $work->method || !\in_array(self::INDOORS, $this->surfaces($work), true)) {
            return null;
        }
        $farthest = null;
        foreach ($work->repairs as $repair) {
            $approach = $this->approaches[$repair->id] ?? Approach::straightDown();
            if (!$approach->isFromOutside()) {
                return null;
            }
            $farthest = max($farthest ?? 0.0, $approach->underFloor ?? 0.0);
        }

        return $farthest;
    }

    /** @return list<string> */
    private function surfaces(Work $work): array
    {
        $over = array_filter($this->ground, static fn (Ground $ground) => $ground->within($work->from, $work->to) > 0);

        return array_values(array_unique(array_map(static fn (Ground $ground) => $ground->surface, $over)));
    }

    /**
     * @param non-empty-list<PricedWork> $works
     *
     * @return list<PricedItem>
     */
    private function items(array $works, Option $option): array
    {
        $count = static fn (\Closure $is) => (float) \count(array_filter($works, $is));
        $needsFixture = fn (PricedWork $work) => $work->isUnder(self::INDOORS) && [] !== array_filter(
            $work->work->repairs, fn (Repair $repair) => ($this->approaches[$repair->id] ?? Approach::straightDown())->fixture,
        );
        $counts = [
            [Item::CallOut, 1.0],
            [Item::NewOpening, $this->needsOpening && $option->uses(Method::Liner) ? 1.0 : 0.0],
            [Item::Floor, $count(static fn (PricedWork $work) => $work->isUnder(self::INDOORS))],
            [Item::Fixture, $count($needsFixture)],
            [Item::UnderFloor, array_sum(array_map(static fn (PricedWork $work) => $work->underFloor ?? 0.0, $works))],
            [Item::RoadPermit, min(1.0, $count(static fn (PricedWork $work) => $work->isUnder(self::ROAD)))],
            [Item::CodeOffice, 1.0],
            [Item::LookBeforeClosing, $count(static fn (PricedWork $work) => $work->isDug())],
        ];
        $items = [];
        foreach ($counts as [$item, $times]) {
            $times <= 0 || $items[] = new PricedItem($item, $times, $this->prices->item($item)->times($times));
        }

        return $items;
    }
}
