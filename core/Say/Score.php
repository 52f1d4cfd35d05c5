<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** How well entries agree with what a careful listener would write down: kind, and place where one was said. */
final readonly class Score
{
    /** A place within this is right, in metres: 0.3 m or 1 ft. */
    private const SAME_PLACE_M = 0.31;

    private function __construct(public int $wanted, public int $proposed, public int $found)
    {
    }

    public static function none(): self
    {
        return new self(0, 0, 0);
    }

    /**
     * @param list<array<mixed>> $wanted entries as `say` gives them
     * @param list<array<mixed>> $proposed
     */
    public function with(array $wanted, array $proposed): self
    {
        $found = 0;
        $left = $proposed;
        foreach ($wanted as $entry) {
            foreach ($left as $key => $other) {
                if (self::agree($entry, $other)) {
                    ++$found;
                    unset($left[$key]);
                    break;
                }
            }
        }

        return new self($this->wanted + \count($wanted), $this->proposed + \count($proposed), $this->found + $found);
    }

    /**
     * @param array<mixed> $wanted
     * @param array<mixed> $proposed
     */
    public static function agree(array $wanted, array $proposed): bool
    {
        $isPlace = static fn (mixed $one, mixed $other) => !is_numeric($one)
            || is_numeric($other) && abs($one - $other) <= self::SAME_PLACE_M;

        return ($wanted['kind'] ?? null) === ($proposed['kind'] ?? null) && $isPlace($wanted['from_m'] ?? null, $proposed['from_m'] ?? null)
            && $isPlace($wanted['to_m'] ?? null, $proposed['to_m'] ?? null);
    }

    /** Of what is wanted, the share found; 1 where nothing is wanted. */
    public function recall(): float
    {
        return 0 === $this->wanted ? 1.0 : $this->found / $this->wanted;
    }

    /** Of what is proposed, the share that is right; 1 where nothing is proposed. */
    public function precision(): float
    {
        return 0 === $this->proposed ? 1.0 : $this->found / $this->proposed;
    }
}
