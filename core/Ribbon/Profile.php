<?php

declare(strict_types=1);

namespace Jurvex\Core\Ribbon;

use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\RunRecord;

/** The invert as it is drawn: a gentle fall to the main, dipping where a low spot was found. The dip is to the bore's own scale, then exaggerated. */
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

    /** @var list<array{float, float, float, float}> from, deepest and to in metres, depth in drawing units; by where they start */
    private readonly array $dips;

    /** @var array<int|string, float> heights worked out so far, by metres: the same places are drawn again and again */
    private array $inverts = [];

    /** @var array<string, non-empty-list<array{float, float}>> stretches worked out so far: walls, bore and rod follow the same invert */
    private array $lines = [];

    public function __construct(RunRecord $run, private readonly Scale $scale)
    {
        $dips = [];
        foreach ($run->findings as $finding) {
            if (Kind::LowSpot === $finding->kind && $finding->lengthMetres() > 0) {
                $dips[] = self::dip($finding, $run->pipeAt($finding->from)->bore);
            }
        }
        sort($dips);
        $this->dips = $dips;
    }

    public function invert(Length $place): float
    {
        return $this->inverts[(string) $place->metres] ??= $this->heightOfInvert($place);
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

        return Path::around([...array_map(static fn (array $point) => [$point[0], max($point[1], $level)], $bed), ...array_map(static fn (array $point) => [$point[0], $level], $surface)])->data();
    }

    private function heightOfInvert(Length $place): float
    {
        $y = $this->straight($this->scale->x($place));
        foreach ($this->dips as [$from, $deepest, $to, $depth]) {
            if ($from >= $place->metres) {
                break;
            }
            if ($place->metres < $to) {
                $part = $place->metres < $deepest ? ($place->metres - $from) / ($deepest - $from) : ($to - $place->metres) / ($to - $deepest);
                $y += $depth * (1 - cos(\M_PI * $part)) / 2;
            }
        }

        return $y;
    }

    /** @return non-empty-list<array{float, float}> */
    private function points(float $from, float $to): array
    {
        $places = [$from, $to];
        foreach ($this->dips as [$start, $deepest, $end]) {
            if ($end <= $from || $start >= $to) {
                continue;
            }
            $width = abs($this->scale->x(Length::metres($end)) - $this->scale->x(Length::metres($start)));
            $samples = (int) max(2, min(self::SAMPLES, $width / self::SAMPLE_WIDTH));
            for ($i = 0; $i <= $samples; ++$i) {
                $places[] = max($from, min($to, $start + ($deepest - $start) * $i / $samples));
                $places[] = max($from, min($to, $deepest + ($end - $deepest) * $i / $samples));
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

    private function straight(float $x): float
    {
        return self::TOP + self::WALL + self::BORE + self::FALL * ($x - $this->scale->left()) / ($this->scale->right() - $this->scale->left());
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
