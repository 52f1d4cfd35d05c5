<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

/** A work as it is done on this ground, with its price alone. */
final readonly class PricedWork
{
    /**
     * @param list<string> $surfaces over it, in order, each once
     * @param float $depth of the pipe at its deepest, in metres
     * @param ?float $underFloor metres in from the outside wall where it is reached from there
     */
    public function __construct(
        public Work $work, public Price $price, public array $surfaces, public float $depth, public ?float $underFloor,
    ) {
    }

    /** Whether ground is opened. */
    public function isDug(): bool
    {
        return Method::Liner !== $this->work->method;
    }

    public function isUnder(string $surface): bool
    {
        return $this->isDug() && \in_array($surface, $this->surfaces, true);
    }

    public function length(): float
    {
        return $this->work->to - $this->work->from;
    }
}
