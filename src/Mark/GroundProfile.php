<?php

declare(strict_types=1);

namespace App\Mark;

use App\Record\Run;
use App\Work\MarkedGround;
use App\Work\MarkedGrounds;
use App\Work\MarkOnSite;

/** The ground over a run's marks as it was measured, and the pipe below; heights many times over their length. */
final readonly class GroundProfile
{
    private const HEIGHT = 220.0;
    private const EDGE = 34.0;

    /** @param list<ProfilePoint> $points in order along the run */
    private function __construct(public array $points, public float $width, public float $height = self::HEIGHT)
    {
    }

    /** @return ?self none where fewer than two marks of the run hang together */
    public static function of(MarkedGround $ground, ?Run $run, float $width): ?self
    {
        $marks = array_values(array_filter($ground->marks, static fn (MarkOnSite $mark) => $mark->mark->run === $run));
        $first = ($marks[0] ?? null)?->point() ?? '';
        $marks = array_values(array_filter(
            $marks, static fn (MarkOnSite $mark) => $ground->levelling->isLinked($first, $mark->point()),
        ));
        if (\count($marks) < 2) {
            return null;
        }
        $levels = [];
        foreach ($marks as $i => $mark) {
            $key = $mark->point();
            $height = $ground->levelling->up($first, $key) ?? 0.0;
            $levels[] = [$mark->along(), $height, $mark];
            $next = $marks[$i + 1] ?? null;
            if (null === $next) {
                break;
            }
            $between = self::between($ground, $key, $next->point());
            foreach ($between as $j => $point) {
                $at = $mark->along() + ($next->along() - $mark->along()) * ($j + 1) / (\count($between) + 1);
                $levels[] = [$at, $ground->levelling->up($first, $point) ?? 0.0, $ground->name($point)];
            }
        }

        return new self(self::drawn($levels, $width), $width);
    }

    /** @return list<string> points that somebody named, not the zero of heights given alone */
    private static function between(MarkedGround $ground, string $one, string $other): array
    {
        return array_values(array_filter(
            $ground->levelling->between($one, $other), static fn (string $point) => MarkedGrounds::ZERO !== $point,
        ));
    }

    /**
     * @param non-empty-list<array{float, float, MarkOnSite|string}> $levels metres along and up, and what is there
     *
     * @return list<ProfilePoint>
     */
    private static function drawn(array $levels, float $width): array
    {
        $depth = static fn (MarkOnSite|string $what) => \is_string($what) ? 0.0 : $what->mark->depth()->median()->metres;
        $top = max(array_column($levels, 1));
        $bottom = min(array_map(static fn (array $level) => $level[1] - $depth($level[2]), $levels));
        [$from, $to] = [$levels[0][0], $levels[\count($levels) - 1][0]];
        $x = static fn (float $at) => self::EDGE + ($at - $from) / max(0.1, $to - $from) * ($width - 2 * self::EDGE);
        $y = static fn (float $height) => self::EDGE + ($top - $height) / max(0.1, $top - $bottom) * (self::HEIGHT - 2 * self::EDGE);
        $points = [];
        foreach ($levels as [$at, $height, $what]) {
            $isMark = $what instanceof MarkOnSite;
            $half = $isMark ? $what->mark->depth()->spread()->metres / 2 : 0.0;
            $points[] = new ProfilePoint(
                $isMark ? $what->label : $what, round($x($at), 1), round($y($height), 1), $height,
                $isMark ? round($y($height - $depth($what)), 1) : null, round(($y(-$half) - $y($half)) / 2, 1),
            );
        }

        return $points;
    }
}
