<?php

declare(strict_types=1);

namespace Jurvex\Core\Site;

/** A line over the ground through its marks: places of it are straight between one mark and the next. */
final readonly class GroundLine
{
    /** A dig begins a little before the mark: so far the line is taken to go on straight. */
    private const BEYOND_M = 2.0;

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

    /** @return ?Place none farther than a little before the first and after the last mark */
    public function at(float $along): ?Place
    {
        $count = \count($this->known);
        if ($count > 1) {
            [$first, $second] = $this->known;
            [$before, $last] = \array_slice($this->known, -2);
            foreach ([[$first, $second, $first[0] - $along], [$last, $before, $along - $last[0]]] as [$end, $next, $beyond]) {
                // Two marks at one place give no direction, either.
                if ($end[0] !== $next[0] && $beyond > 0 && $beyond <= self::BEYOND_M) {
                    return self::between($end, $next, $along);
                }
            }
        }
        foreach ($this->known as $i => [$to, $end]) {
            [$from, $start] = $this->known[$i - 1] ?? [$to, $end];
            if ($along >= $from - 1e-9 && $along <= $to + 1e-9) {
                return self::between([$from, $start], [$to, $end], $along);
            }
        }

        return null;
    }

    /**
     * @param array{float, Place} $one
     * @param array{float, Place} $other
     */
    private static function between(array $one, array $other, float $along): Place
    {
        [[$from, $start], [$to, $end]] = [$one, $other];
        $share = $to === $from ? 0.0 : ($along - $from) / ($to - $from);

        return new Place($start->x + $share * ($end->x - $start->x), $start->y + $share * ($end->y - $start->y));
    }

    /** @return list<Place> of a stretch, with the marks in it; nothing where either end has no place */
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
