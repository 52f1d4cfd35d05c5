<?php

declare(strict_types=1);

namespace App\Record;

/** Seven days from a Monday. */
final readonly class Week
{
    private function __construct(public \DateTimeImmutable $monday)
    {
    }

    public static function of(\DateTimeImmutable $day): self
    {
        return new self($day->setTime(0, 0)->modify('-'.((int) $day->format('N') - 1).' days'));
    }

    /** @return ?self none for what is no week, as `2026-W48` is one */
    public static function named(string $name): ?self
    {
        if (1 !== preg_match('/^(\d{4})-W(\d{2})$/', $name, $found)) {
            return null;
        }
        $week = self::of((new \DateTimeImmutable('today', new \DateTimeZone('UTC')))->setISODate((int) $found[1], (int) $found[2]));

        return $week->name() === $name ? $week : null;
    }

    public function name(): string
    {
        return $this->monday->format('o-\WW');
    }

    public function next(int $weeks): self
    {
        return new self($this->monday->modify(\sprintf('%+d weeks', $weeks)));
    }

    /** @return list<\DateTimeImmutable> */
    public function days(): array
    {
        return array_map(fn (int $day) => $this->monday->modify("+$day days"), range(0, 6));
    }

    public function sunday(): \DateTimeImmutable
    {
        return $this->monday->modify('+6 days');
    }

    public function holds(?\DateTimeImmutable $day): bool
    {
        return null !== $day && self::of($day)->name() === $this->name();
    }
}
