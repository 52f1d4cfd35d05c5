<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

/** Works that together mend everything. */
final readonly class Option
{
    public Price $price;

    /** @param list<Work> $works by their place */
    public function __construct(public array $works)
    {
        $this->price = array_reduce($works, static fn (Price $sum, Work $work) => $sum->plus($work->price), Price::nothing());
    }

    public function uses(Method $method): bool
    {
        return [] !== array_filter($this->works, static fn (Work $work) => $method === $work->method);
    }
}
