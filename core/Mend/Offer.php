<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

/** One way to mend a line, with all that comes with it. */
final readonly class Offer
{
    public Price $price;

    /**
     * @param list<PricedWork> $works by their place
     * @param list<PricedItem> $items
     * @param Price $waterOff hours
     */
    public function __construct(public Way $way, public array $works, public array $items, public Price $waterOff)
    {
        $parts = [
            ...array_map(static fn (PricedWork $work) => $work->price, $works),
            ...array_map(static fn (PricedItem $item) => $item->price, $items),
        ];
        $this->price = array_reduce($parts, static fn (Price $sum, Price $part) => $sum->plus($part), Price::nothing());
    }

    /** Metres of ground that are opened. */
    public function dug(): float
    {
        return array_sum(array_map(static fn (PricedWork $work) => $work->isDug() ? $work->length() : 0.0, $this->works));
    }

    public function has(Item $item): bool
    {
        return [] !== array_filter($this->items, static fn (PricedItem $each) => $item === $each->item);
    }

    public function uses(Method $method): bool
    {
        return [] !== array_filter($this->works, static fn (PricedWork $each) => $method === $each->work->method);
    }

    /** @return list<string> repairs that it does */
    public function repairs(): array
    {
        $repairs = [];
        foreach ($this->works as $each) {
            array_push($repairs, ...array_map(static fn (Repair $repair) => $repair->id, $each->work->repairs));
        }

        return $repairs;
    }

    /** Whether it comes to the same works. */
    public function isLike(self $other): bool
    {
        $plain = static fn (PricedWork $each) => [$each->work->method, $each->work->from, $each->work->to];

        return array_map($plain, $this->works) == array_map($plain, $other->works);
    }
}
