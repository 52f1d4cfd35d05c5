<?php

declare(strict_types=1);

namespace Jurvex\Core\Site;

/** A line over the ground through its marks: places of it are straight between one mark and the next. */
final readonly class GroundLine
{
    /** @var list<array{float, Place}> metres along the line and where that is, in order */
    private array $known;

    /** @param list<PlacedMark> $marks of one line, in any order */
    public function __construct(array $marks)
    {
        $known = array_map(static fn (PlacedMark $mark) => [$mark->along->metres, $mark->place], $marks);
        usort($known, static fn (array $a, array $b) => $a[0] <=> $b[0]);
        $this->known = $known;
    }

    /** @return list<Place> */
    public function places(): array
    {
        return array_column($this->known, 1);
    }

    /** @return ?Place none before the first and after the last mark */
    public function at(float $along): ?Place
    {
        foreach ($this->known as $i => [$to, $end]) {
            [$from, $start] = $this->known[$i - 1] ?? [$to, $end];
            if ($along >= $from - 1e-9 && $along <= $to + 1e-9) {
                $share = $to > $from ? ($along - $from) / ($to - $from) : 0.0;

                return new Place($start->x + $share * ($end->x - $start->x), $start->y + $share * ($end->y - $start->y));
            }
        }

        return null;
    }

    /** @return list<Place> of a stretch, with the marks in it; nothing where either end is not between two marks */
    public function within(float $from, float $to): array
    {
        [$start, $end] = [$this->at($from), $this->at($to)];
        if (null === $start || null === $end) {
            return [];
        }
        $between = array_filter($this->known, static fn (array $each) => $each[0] > $from && $each[0] < $to);

        return [$start, ...array_column($between, 1), $end];
    }
}
