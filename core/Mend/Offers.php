<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

use Jurvex\Core\Measure\Halving;

/** The ways to mend a line, priced with access, floors, permits and looks. */
final readonly class Offers
{
    public const INDOORS = 'indoors';
    public const ROAD = 'road';

    private Line $line;
    public Grouping $grouping;

    /** @var list<Ground> */
    private array $ground;

    /**
     * @param list<Repair> $repairs
     * @param list<float> $tieIns metres along the line
     * @param list<float> $cuts where it can be cut
     * @param bool $needsOpening whether a liner has no way in
     * @param array<string, Approach> $approaches by repair; straight down where there is none
     * @param ?Grouping $known of the same line, repairs and prices, where it was worked out before
     */
    public function __construct(
        private array $repairs, float $length, private GroundOver $over, array $tieIns, array $cuts, private FirmPrices $prices,
        private bool $needsOpening = false, private array $approaches = [], ?Grouping $known = null,
    ) {
        $this->ground = $over->along($length);
        $this->line = new Line($length, $this->ground, $tieIns, $cuts);
        $this->grouping = $known ?? $this->worked();
    }

    public function of(Way $way): Offer
    {
        return $this->priced($way, $this->grouping->works($way, $this->repairs, $this->line, $this->prices->book));
    }

    private function worked(): Grouping
    {
        // A look before closing comes with every hole: what is cheapest must know of it.
        $book = $this->prices->book->withEachDig($this->prices->item(Item::LookBeforeClosing));
        $options = new Options($this->repairs, $this->line, $book);

        return Grouping::of([
            Way::Digs->value => $options->digs(), Way::Lining->value => $options->lining(), Way::Renewing->value => $options->renewing(),
            Way::Any->value => $this->any($options), Way::Leave->value => new Option([]),
        ]);
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
        if (null === $alone || !\in_array(self::INDOORS, self::surfaces($this->groundOver($alone)), true)) {
            return null;
        }
        $approach = $this->approaches[$repair] ?? Approach::straightDown();
        $priced = fn (bool $fromOutside) => (new self(
            [], $this->line->length, $this->over, [], [], $this->prices, false,
            [$repair => new Approach($approach->underFloor, $fromOutside, $approach->fixture)],
        ))->priced(Way::Digs, [$alone]);

        return ['floor' => $priced(false), 'outside' => null === $approach->underFloor ? null : $priced(true)];
    }

    /** A way in for a liner is paid once: the mix with liners and their way in, or the mix without. */
    private function any(Options $options): Option
    {
        $mix = $options->any();
        if (!$this->needsOpening || !$mix->uses(Method::Liner)) {
            return $mix;
        }
        $opened = $options->opened();
        $withWayIn = $mix->price->plus($this->prices->item(Item::NewOpening));

        return $withWayIn->weight() <= $opened->price->weight() ? $mix : $opened;
    }

    /** @param list<Work> $of by their place */
    private function priced(Way $way, array $of): Offer
    {
        $works = array_map($this->work(...), $of);
        $waterOff = array_reduce(
            $works, fn (Price $sum, PricedWork $work) => $sum->plus($this->prices->waterOff($work->work->method)), Price::nothing(),
        );

        return new Offer($way, $works, [] === $works ? [] : $this->items($works), $waterOff);
    }

    private function work(Work $work): PricedWork
    {
        $ground = $this->groundOver($work);
        $depth = max([0.0, ...array_map(static fn (Ground $each) => $each->depth, $ground)]);
        $surfaces = self::surfaces($ground);
        $under = $this->underFloor($work, $surfaces);
        if (null === $under) {
            return new PricedWork($work, $work->price, $surfaces, $depth, null);
        }
        // The hole is outside the wall; what is under the floor is priced by the metre.
        $surface = $this->prices->usualSurface;
        [, $room] = $this->prices->book->digMargin->around(0.0, 0.0, \INF);
        $hole = $this->prices->book->dig->start
            ->plus($this->prices->book->dig->metreUnder(new Ground(0.0, $room, $surface, $depth))->times($room));

        return new PricedWork($work, $hole, [$surface], $depth, $under);
    }

    /**
     * @param list<string> $surfaces over it
     *
     * @return ?float metres in from the wall; none where it is reached from above
     */
    private function underFloor(Work $work, array $surfaces): ?float
    {
        if (Method::Dig !== $work->method || !\in_array(self::INDOORS, $surfaces, true)) {
            return null;
        }
        $farthest = null;
        foreach ($work->repairs as $repair) {
            $approach = $this->approaches[$repair->id] ?? Approach::straightDown();
            $metres = $approach->fromOutside();
            if (null === $metres) {
                return null;
            }
            $farthest = max($farthest ?? $metres, $metres);
        }

        return $farthest;
    }

    /** @return list<Ground> in order */
    private function groundOver(Work $work): array
    {
        $first = Halving::first(\count($this->ground), fn (int $i) => $this->ground[$i]->to > $work->from);
        $over = [];
        for ($i = $first; isset($this->ground[$i]) && $this->ground[$i]->from < $work->to; ++$i) {
            $over[] = $this->ground[$i];
        }

        return $over;
    }

    /**
     * @param list<Ground> $ground
     *
     * @return list<string> each once
     */
    private static function surfaces(array $ground): array
    {
        return array_values(array_unique(array_map(static fn (Ground $each) => $each->surface, $ground)));
    }

    /**
     * @param non-empty-list<PricedWork> $works
     *
     * @return list<PricedItem>
     */
    private function items(array $works): array
    {
        $count = static fn (\Closure $is) => (float) \count(array_filter($works, $is));
        $needsFixture = fn (PricedWork $work) => $work->isUnder(self::INDOORS) && [] !== array_filter(
            $work->work->repairs, fn (Repair $repair) => ($this->approaches[$repair->id] ?? Approach::straightDown())->fixture,
        );
        $counts = [
            [Item::CallOut, 1.0],
            [Item::NewOpening, $this->needsOpening ? min(1.0, $count(static fn (PricedWork $work) => !$work->isDug())) : 0.0],
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
