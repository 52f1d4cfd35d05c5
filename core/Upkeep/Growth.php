<?php

declare(strict_types=1);

namespace Jurvex\Core\Upkeep;

use Jurvex\Core\Input\BadInput;

/** How fast something grows at one place: the least squares line through what was seen of it, and the error of its slope. */
final readonly class Growth
{
    public const YEAR_DAYS = 365.25;

    /**
     * @param float $perDay percent of the bore a day
     * @param float $error of that, either way
     * @param float $day the mean of the days
     * @param float $percent the mean of the shares
     */
    private function __construct(private float $perDay, private float $error, private float $day, private float $percent)
    {
    }

    /**
     * @param list<ShareSeen> $looks on two or more days
     * @param float $error of each share, percent of the bore
     *
     * @throws BadInput out_of_range at looks when they are of fewer than two days
     */
    public static function through(array $looks, float $error): self
    {
        $count = \count($looks);
        $day = $percent = $spread = $together = 0.0;
        foreach ($looks as $look) {
            $day += $look->day / $count;
            $percent += $look->percent / $count;
        }
        foreach ($looks as $look) {
            $spread += ($look->day - $day) ** 2;
            $together += ($look->day - $day) * ($look->percent - $percent);
        }
        if (\count(array_unique(array_map(static fn (ShareSeen $look) => (string) $look->day, $looks))) < 2 || $spread <= 0.0) {
            throw new BadInput('out_of_range', 'looks');
        }

        return new self($together / $spread, $error / sqrt($spread), $day, $percent);
    }

    public function percentPerYear(): float
    {
        return $this->perDay * self::YEAR_DAYS;
    }

    public function errorPerYear(): float
    {
        return $this->error * self::YEAR_DAYS;
    }

    /** The day at which it reaches a share; none when it does not grow. */
    public function reaches(float $limit): ?float
    {
        return $this->reachesAt($limit, $this->perDay);
    }

    /** The same if it grows as fast as the error allows. */
    public function atFastest(float $limit): ?float
    {
        return $this->reachesAt($limit, $this->perDay + $this->error);
    }

    /** The same if it grows as slowly as the error allows. */
    public function atSlowest(float $limit): ?float
    {
        return $this->reachesAt($limit, $this->perDay - $this->error);
    }

    private function reachesAt(float $limit, float $slope): ?float
    {
        return $slope > 0 ? $this->day + ($limit - $this->percent) / $slope : null;
    }
}
