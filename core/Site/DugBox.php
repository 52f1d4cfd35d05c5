<?php

declare(strict_types=1);

namespace Jurvex\Core\Site;

/** The ground that a dig opens: a box along the line. */
final readonly class DugBox
{
    /** @param list<Place> $corners around it, against the clock */
    private function __construct(public string $id, public array $corners)
    {
    }

    /**
     * @param list<Place> $middle of the line over the dig, end to end
     * @param float $width in metres
     */
    public static function along(string $id, array $middle, float $width): self
    {
        $one = $other = [];
        foreach ($middle as $i => $place) {
            $before = $middle[max(0, $i - 1)];
            $after = $middle[min(\count($middle) - 1, $i + 1)];
            $length = $before->to($after);
            [$x, $y] = 0.0 === $length ? [1.0, 0.0] : [($after->x - $before->x) / $length, ($after->y - $before->y) / $length];
            $one[] = new Place($place->x - $y * $width / 2, $place->y + $x * $width / 2);
            $other[] = new Place($place->x + $y * $width / 2, $place->y - $x * $width / 2);
        }

        return new self($id, [...$other, ...array_reverse($one)]);
    }
}
