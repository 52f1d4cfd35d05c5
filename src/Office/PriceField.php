<?php

declare(strict_types=1);

namespace App\Office;

/** A price or measure of the price book as its fields show it. */
final readonly class PriceField
{
    /**
     * @param string $path in the price book, with dots
     * @param list<string> $values low and high of a price; one of a measure
     * @param string $unit what it is by, or in; empty for none
     * @param bool $isStarting whether it is still the starting value
     */
    public function __construct(public string $path, public array $values, public string $unit, public bool $isStarting)
    {
    }

    /** @param list<string> $typed nothing leaves it as it is */
    public function with(array $typed): self
    {
        return [] === $typed ? $this : new self($this->path, $typed, $this->unit, $this->isStarting);
    }

    /** Of its words. */
    public function code(): string
    {
        $parts = explode('.', $this->path);

        return end($parts);
    }

    /** @return list<string> the fields' names */
    public function names(): array
    {
        $name = 'prices['.str_replace('.', '][', $this->path).']';

        return 1 === \count($this->values) ? [$name] : [$name.'[0]', $name.'[1]'];
    }
}
