<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Record\UpkeepPlan;

/** What was done at a property and when it is due again, on a line of time: from the first to the last of it. */
final readonly class TimeLine
{
    public const WIDTH = 1120;
    public const HEIGHT = 64;
    private const MARGIN = 24;
    private const YEARS_TOLD = 12;

    /**
     * @param list<array{float, string}> $points x and what it is: look, clearing, job or due
     * @param list<array{float, string}> $years where each begins
     */
    private function __construct(public array $points, public array $years, public float $todayX)
    {
    }

    /**
     * @param list<EventText> $events
     * @param list<UpkeepPlan> $plans
     *
     * @return ?self none where nothing was done or there is no time between
     */
    public static function of(array $events, array $plans, \DateTimeImmutable $today): ?self
    {
        $points = [...array_map(static fn (EventText $event) => [$event->at, $event->kind], $events),
            ...array_map(static fn (UpkeepPlan $plan) => [$plan->dueOn(), 'due'], $plans)];
        $times = [$today->getTimestamp(), ...array_map(static fn (array $point) => $point[0]->getTimestamp(), $points)];
        [$first, $last] = [min($times), max($times)];
        if ([] === $events || $first === $last) {
            return null;
        }
        $x = static fn (int $time) => round(
            self::MARGIN + ($time - $first) / ($last - $first) * (self::WIDTH - 2 * self::MARGIN), 1,
        );
        $years = [];
        [$from, $to] = [(int) date('Y', $first) + 1, (int) date('Y', $last)];
        for ($year = $from; $year <= $to; $year += max(1, intdiv($to - $from, self::YEARS_TOLD) + 1)) {
            $years[] = [$x((int) mktime(0, 0, 0, 1, 1, $year)), (string) $year];
        }

        return new self(
            array_map(static fn (array $point) => [$x($point[0]->getTimestamp()), $point[1]], $points),
            $years, $x($today->getTimestamp()),
        );
    }
}
