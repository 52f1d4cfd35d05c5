<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

/** Works opened so far: how far a dig or a renewal goes, how far a liner, and what they cost together. */
final readonly class Cover
{
    private function __construct(
        public float $weight, private int $opens, private int $lines, private ?self $before = null, private ?Opening $last = null,
    ) {
    }

    public static function none(): self
    {
        return new self(0.0, 0, 0);
    }

    public function covers(int $rank, bool $canLine): bool
    {
        return $rank <= $this->opens || ($canLine && $rank <= $this->lines);
    }

    /**
     * @param list<Opening> $openings
     *
     * @return list<self> with one of them more
     */
    public function each(array $openings): array
    {
        return array_map(fn (Opening $one) => new self(
            $this->weight + $one->weight, $one->lines ? $this->opens : max($this->opens, $one->reach),
            $one->lines ? max($this->lines, $one->reach) : $this->lines, $this, $one,
        ), $openings);
    }

    /** What matters of it for repairs from a rank on. */
    public function key(int $soonest): string
    {
        return ($this->opens < $soonest ? 0 : $this->opens).' '.($this->lines < $soonest ? 0 : $this->lines);
    }

    /** @return list<Opening> in the order in which they were opened */
    public function opened(): array
    {
        $opened = [];
        for ($cover = $this; null !== $cover; $cover = $cover->before) {
            if (null !== $cover->last) {
                $opened[] = $cover->last;
            }
        }

        return array_reverse($opened);
    }
}
