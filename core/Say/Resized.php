<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Measure\UnitSystem;

/** Numbers without a unit that are bores, since the pipe becomes wider or narrower there: "it necks down from four to three". */
final readonly class Resized
{
    /** How wide pipes are, in the unit in which the trade tells it, by what places are in. */
    private const BORES = [
        'feet' => [1.25, 1.5, 2.0, 3.0, 4.0, 5.0, 6.0, 8.0, 10.0, 12.0],
        'metric' => [32.0, 40.0, 50.0, 75.0, 80.0, 90.0, 100.0, 110.0, 125.0, 150.0, 160.0, 200.0, 225.0, 250.0, 300.0],
    ];

    public function __construct(private Sentence $sentence, private UnitSystem $units)
    {
    }

    /** @return Amount the same, in inches or millimetres where it is a bore */
    public function read(Amount $one): Amount
    {
        if (Unit::None !== $one->unit || !$this->isBore($one->value)
            || !$this->isBehind('resizes_to', $one) && !$this->isFirst($one) && !$this->isSecond($one)) {
            return $one;
        }

        return UnitSystem::Metric === $this->units ? $one->inMillimetres()
            : new Amount($one->value * Amounts::INCH_M, Unit::Small, $one->first, $one->last, Amounts::INCH_M);
    }

    /** "reduces from one fifty to one hundred", and not "it changes from four feet on" */
    private function isFirst(Amount $one): bool
    {
        $to = $this->sentence->begins('to', $one->last + 1);
        $next = null === $to ? null : $this->sentence->atomAt($to + ($this->sentence->is('articles', $to + 1) ? 2 : 1))?->amount;

        return Unit::None === $next?->unit && $next->value !== $one->value && $this->isBore($next->value)
            && $this->isBehind('resizes_from', $one);
    }

    /** Whether it stands right behind words of a role: "necks down to four", "an increaser to a six". */
    private function isBehind(string $role, Amount $one): bool
    {
        return $this->sentence->isAfter($role, $one->first)
            || $this->sentence->isAfter($role, $this->beginning($one));
    }

    /** "… from one fifty to one hundred" */
    private function isSecond(Amount $one): bool
    {
        $firsts = array_map($this->sentence->amountBefore(...), $this->sentence->leadingTo('to', $this->beginning($one)));

        return [] !== array_filter($firsts, fn (?Amount $first) => null !== $first && $this->isFirst($first));
    }

    /** The word that it begins with, an article before it with it. */
    private function beginning(Amount $one): int
    {
        return $one->first - ($this->sentence->is('articles', $one->first - 1) ? 1 : 0);
    }

    private function isBore(float $value): bool
    {
        return \in_array($value, self::BORES[UnitSystem::Metric === $this->units ? 'metric' : 'feet'], true);
    }
}
