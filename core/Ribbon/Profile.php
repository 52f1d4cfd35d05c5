<?php

declare(strict_types=1);

namespace Jurvex\Core\Ribbon;

use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Measure\Halving;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reel\Track;
use Jurvex\Core\Run\RunRecord;

/**
 * The invert as it is drawn: a gentle fall to the main, dipping where a low spot was found. The dip is to the bore's
 * own scale, then exaggerated.
 */
final class Profile
{
    public const BORE = 58.0;
    public const WALL = 8.0;
    private const TOP = 66.0;
    private const FALL = 12.0;
    private const DIP_EXAGGERATION = 1.5;
    private const DEEPEST_DIP = 27.0;
    /** Either side of the deepest point, for a dip that is wide on the drawing; and how wide a step is worth a point. */
    private const SAMPLES = 8;
    private const SAMPLE_WIDTH = 4.0;
    private const ASSUMED_BORE_MM = 100.0;
    /** Steeper than this it is a drop, and no invert. */
    private const UPRIGHT_DEG = 60.0;
    private const SEEN_FROM = 0.5;

    /** @var list<array{float, float, float, float}> from, deepest and to in metres, depth in drawing units; by where they start */
    private readonly array $dips;

    /** @var list<float> metres at which they start */
    private readonly array $dipStarts;

    /** @var list<float> how far, in metres, a dip and all that start before it reach */
    private readonly array $dipEnds;

    /**
     * Metres of the run, and how far the measured invert lies under the even fall in drawing units; no more points than show it.
     *
     * @var list<array{float, float}>
     */
    private readonly array $measured;

    /** @var list<float> its metres */
    private readonly array $measuredAt;

    /** @var array<int, float> heights worked out so far, by thousandths of a millimetre: the same places are drawn again and again */
    private array $inverts = [];

    /** @var array<string, non-empty-list<array{float, float}>> stretches worked out so far: walls, bore and rod follow the same invert */
    private array $lines = [];

    public function __construct(RunRecord $run, private readonly Scale $scale, ?Track $track = null)
    {
        $this->measured = null === $track ? [] : self::measured($run, $track);
        $this->measuredAt = array_column($this->measured, 0);
        $last = [] === $this->measuredAt ? -1.0 : $this->measuredAt[\count($this->measuredAt) - 1];
        $dips = [];
        foreach ($run->findings as $finding) {
            // Where the tilt has drawn the invert, it dips as it does.
            if (Kind::LowSpot === $finding->kind && $finding->lengthMetres() > 0 && $finding->from->metres > $last) {
                $dips[] = self::dip($finding, $run->pipeAt($finding->from)->bore);
            }
        }
        sort($dips);
        $this->dips = $dips;
        $this->dipStarts = array_column($dips, 0);
        $ends = [];
        foreach ($dips as $i => [, , $to]) {
            $ends[] = max($to, $ends[$i - 1] ?? $to);
        }
        $this->dipEnds = $ends;
    }

    public function invert(Length $place): float
    {
        return $this->inverts[(int) round($place->metres * 1e6)] ??= $this->heightOfInvert($place);
    }

    public function crown(Length $place): float
    {
        return $this->invert($place) - self::BORE;
    }

    /**
     * Points along the invert from one place to another, close together only where it dips; shifted down by some units.
     *
     * @return non-empty-list<array{float, float}>
     */
    public function along(Length $from, Length $to, float $shift = 0.0): array
    {
        $points = $this->lines[$from->metres.' '.$to->metres] ??= $this->points($from->metres, $to->metres);
        foreach ($points as &$point) {
            $point[1] += $shift;
        }

        return $points;
    }

    /** A band of the drawing from one place to another, between two heights over the invert. */
    public function band(Length $from, Length $to, float $lower, float $upper): string
    {
        return Path::around([...$this->along($from, $to, -$lower), ...array_reverse($this->along($from, $to, -$upper))])->data();
    }

    /** Water that stands level from the lower of its two ends. */
    public function water(Length $from, Length $to, float $leastDepth): string
    {
        $bed = $this->along($from, $to);
        $level = max($bed[0][1], $bed[\count($bed) - 1][1]);
        $deepest = max([$level, ...array_column($bed, 1)]);
        $level = min($level, $deepest - $leastDepth);
        $surface = array_map(static fn (array $point) => [$point[0], max($level, $point[1] - self::BORE)], array_reverse($bed));

        return Path::around([
            ...array_map(static fn (array $point) => [$point[0], max($point[1], $level)], $bed),
            ...array_map(static fn (array $point) => [$point[0], $level], $surface),
        ])->data();
    }

    private function heightOfInvert(Length $place): float
    {
        $y = $this->straight($this->scale->x($place)) + $this->measuredDip($place->metres);
        for ($i = Halving::firstFrom($this->dipStarts, $place->metres) - 1; $i >= 0 && $this->dipEnds[$i] > $place->metres; --$i) {
            [$from, $deepest, $to, $depth] = $this->dips[$i];
            if ($place->metres < $to) {
                $part = $place->metres < $deepest
                    ? ($place->metres - $from) / ($deepest - $from)
                    : ($to - $place->metres) / ($to - $deepest);
                $y += $depth * (1 - cos(\M_PI * $part)) / 2;
            }
        }

        return $y;
    }

    /** @return non-empty-list<array{float, float}> */
    private function points(float $from, float $to): array
    {
        $places = [$from, $to, ...array_filter($this->measuredAt, static fn (float $at) => $at > $from && $at < $to)];
        for ($i = Halving::firstFrom($this->dipStarts, $to) - 1; $i >= 0 && $this->dipEnds[$i] > $from; --$i) {
            [$start, $deepest, $end] = $this->dips[$i];
            if ($end <= $from) {
                continue;
            }
            $width = abs($this->scale->x(Length::metres($end)) - $this->scale->x(Length::metres($start)));
            $samples = (int) max(2, min(self::SAMPLES, $width / self::SAMPLE_WIDTH));
            for ($sample = 0; $sample <= $samples; ++$sample) {
                $places[] = max($from, min($to, $start + ($deepest - $start) * $sample / $samples));
                $places[] = max($from, min($to, $deepest + ($end - $deepest) * $sample / $samples));
            }
        }
        sort($places);
        $points = [];
        $last = -1.0;
        foreach ($places as $place) {
            if ($place > $last) {
                $length = Length::metres($place);
                $points[] = [$this->scale->x($length), $this->invert($length)];
                $last = $place;
            }
        }

        \assert([] !== $points);

        return $points;
    }

    private function measuredDip(float $metres): float
    {
        $next = Halving::firstFrom($this->measuredAt, $metres);
        if (0 === $next || !isset($this->measured[$next])) {
            return 0.0;
        }
        [[$a, $dipA], [$b, $dipB]] = [$this->measured[$next - 1], $this->measured[$next]];

        return $dipA + ($dipB - $dipA) * ($metres - $a) / ($b - $a);
    }

    /**
     * The measured invert against its own even fall, to the bore's scale and exaggerated, simplified to what can be seen.
     *
     * @return list<array{float, float}>
     */
    private static function measured(RunRecord $run, Track $track): array
    {
        $heights = array_values(array_filter(
            $track->heights($run->travel), static fn (array $point) => abs($point[2]) < self::UPRIGHT_DEG,
        ));
        $count = \count($heights);
        if ($count < 3) {
            return [];
        }
        [$first, $last] = [$heights[0], $heights[$count - 1]];
        $bore = $run->bore?->inMillimetres() ?: self::ASSUMED_BORE_MM;
        $points = [];
        foreach ($heights as [$at, $height]) {
            $even = $first[1] + ($last[1] - $first[1]) * ($at - $first[0]) / max(1e-9, $last[0] - $first[0]);
            $points[] = [
                $at,
                max(-self::DEEPEST_DIP / 2, min(self::DEEPEST_DIP, self::BORE * self::DIP_EXAGGERATION * ($even - $height) * 1000 / $bore)),
            ];
        }

        return self::simplified($points);
    }

    /**
     * Leaves out every point that lies within half a unit of the line between those that stay (Douglas and Peucker).
     *
     * @param list<array{float, float}> $points
     *
     * @return list<array{float, float}>
     */
    private static function simplified(array $points): array
    {
        $keep = [0 => true, \count($points) - 1 => true];
        $open = [[0, \count($points) - 1]];
        while (null !== ($span = array_pop($open))) {
            [$a, $b] = $span;
            [[$x, $y], [$endX, $endY]] = [$points[$a], $points[$b]];
            $slope = ($endY - $y) / max(1e-9, $endX - $x);
            $farthest = self::SEEN_FROM;
            $at = null;
            for ($i = $a + 1; $i < $b; ++$i) {
                [$pointX, $pointY] = $points[$i];
                $apart = abs($pointY - $y - $slope * ($pointX - $x));
                if ($apart > $farthest) {
                    $farthest = $apart;
                    $at = $i;
                }
            }
            if (null !== $at) {
                $keep[$at] = true;
                array_push($open, [$a, $at], [$at, $b]);
            }
        }
        ksort($keep);

        return array_map(static fn (int $i) => $points[$i], array_keys($keep));
    }

    private function straight(float $x): float
    {
        $share = ($x - $this->scale->left()) / ($this->scale->right() - $this->scale->left());

        return self::TOP + self::WALL + self::BORE + self::FALL * $share;
    }

    /** @return array{float, float, float, float} */
    private static function dip(Finding $finding, ?Length $bore): array
    {
        $from = $finding->from->metres;
        $to = $finding->end()->metres;
        $deepest = $finding->deepest->metres ?? ($from + $to) / 2;
        // The bottom of the dip may have been logged at its very edge; the drawing still needs two slopes.
        $deepest = min(max($deepest, $from + 0.02 * ($to - $from)), $to - 0.02 * ($to - $from));
        $boreMm = $bore?->inMillimetres() ?: self::ASSUMED_BORE_MM;
        $depth = self::BORE * self::DIP_EXAGGERATION * ($finding->size->value ?? 0.1 * $boreMm) / $boreMm;

        return [$from, $deepest, $to, min(self::DEEPEST_DIP, $depth)];
    }
}
