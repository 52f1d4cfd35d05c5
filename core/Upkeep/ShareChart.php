<?php

declare(strict_types=1);

namespace Jurvex\Core\Upkeep;

/** Shares over time as a small drawing: each with its error, and the limit as a line. */
final readonly class ShareChart
{
    public const WIDTH = 320.0;
    public const HEIGHT = 120.0;
    private const EDGE = 12.0;
    /** So much of the bore is shown above the most of all. */
    private const ABOVE = 1.2;

    /** @var list<array{float, float, float, float}> x, y, and y of most and least, of every share */
    public array $points;

    public float $limitY;

    /** What stands at the upper edge, percent. */
    private float $full;

    /**
     * @param non-empty-list<ShareSeen> $shares in order of time
     * @param float $error of each, percent
     */
    public function __construct(array $shares, float $error, float $limit)
    {
        $this->full = self::ABOVE * max($limit, 1.0, ...array_map(static fn (ShareSeen $each) => $each->percent + $error, $shares));
        $first = $shares[0]->day;
        $days = max(1.0, $shares[\count($shares) - 1]->day - $first);
        $this->points = array_map(fn (ShareSeen $each) => [
            round(self::EDGE + ($each->day - $first) / $days * (self::WIDTH - 2 * self::EDGE), 1),
            $this->y($each->percent), $this->y($each->percent + $error), $this->y($each->percent - $error),
        ], $shares);
        $this->limitY = $this->y($limit);
    }

    private function y(float $percent): float
    {
        $share = max(0.0, $percent) / $this->full;

        return round(self::HEIGHT - self::EDGE - $share * (self::HEIGHT - 2 * self::EDGE), 1);
    }
}
