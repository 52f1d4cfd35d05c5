<?php

declare(strict_types=1);

namespace Jurvex\Core\Compare;

/** Pairs in order along the line: more are better, and of as many the nearer ones. */
final readonly class Chain
{
    private function __construct(private int $count, private float $squares, private ?Pairing $last, private ?self $rest)
    {
    }

    public static function none(): self
    {
        return new self(0, 0.0, null, null);
    }

    /** @param float $off metres between the two under the fit */
    public function with(Pairing $pair, float $off): self
    {
        return new self($this->count + 1, $this->squares + $off ** 2, $pair, $this);
    }

    public function better(self $other): self
    {
        return [$other->count, -$other->squares] > [$this->count, -$this->squares] ? $other : $this;
    }

    /** @return list<Pairing> */
    public function pairs(): array
    {
        $pairs = [];
        for ($on = $this; null !== $on && null !== $on->last; $on = $on->rest) {
            $pairs[] = $on->last;
        }

        return array_reverse($pairs);
    }
}
