<?php

declare(strict_types=1);

namespace Jurvex\Core\Site;

use Jurvex\Core\Measure\Length;
use Jurvex\Core\Measure\UnitSystem;

/** A plan of a site to scale: metres become units of a drawing, y up. */
final readonly class SiteDrawing
{
    private const EDGE = 56.0;
    /** What is drawn smaller nobody can tape to. */
    private const LEAST_ACROSS_M = 6.0;
    /** Room is less up than across. */
    private const TALL = 0.65;
    /** Names beside what they name want so much. */
    private const NAMED = 500.0;
    private const STEPS = [1, 2, 5, 10, 20, 50, 100, 200, 500];
    /** A bar of the scale is about a fifth of the drawing. */
    private const BAR_SHARE = 0.22;

    public float $height;
    public float $perMetre;
    /** What the bar of the scale stands for. */
    public Length $bar;
    /** Metres at the left edge and at the top. */
    public float $left;
    public float $top;

    /**
     * @param list<DrawnMark> $marks
     * @param list<list<Place>> $lines through the marks
     * @param list<DrawnBranch> $branches
     * @param list<DugBox> $boxes
     * @param float $width of the drawing
     * @param float $tallest that the drawing may be
     * @param float $room metres that it shows at least
     */
    public function __construct(
        public SitePlan $plan, public array $marks, public array $lines, public array $branches, public array $boxes,
        UnitSystem $units, public float $width, float $tallest, float $room = 0.0,
    ) {
        $places = [
            ...array_map(static fn (FixedThing $thing) => $thing->place, $plan->things),
            ...array_map(static fn (DrawnMark $mark) => $mark->place, $marks),
            ...array_merge(...array_map(static fn (DugBox $box) => $box->corners, $boxes), ...[[]]),
        ] ?: [new Place(0.0, 0.0)];
        [$x, $y] = [array_map(static fn (Place $place) => $place->x, $places), array_map(static fn (Place $place) => $place->y, $places)];
        $across = max(self::LEAST_ACROSS_M, $room, max($x) - min($x));
        $up = max(self::LEAST_ACROSS_M, $room * self::TALL, max($y) - min($y));
        $this->perMetre = min(($width - 2 * self::EDGE) / $across, ($tallest - 2 * self::EDGE) / $up);
        $this->height = $up * $this->perMetre + 2 * self::EDGE;
        $this->left = (max($x) + min($x)) / 2 - $width / 2 / $this->perMetre;
        $this->top = (max($y) + min($y)) / 2 + $this->height / 2 / $this->perMetre;
        $this->bar = self::bar($units, $width * self::BAR_SHARE / $this->perMetre);
    }

    public function x(Place $place): float
    {
        return round(($place->x - $this->left) * $this->perMetre, 2);
    }

    public function y(Place $place): float
    {
        return round(($this->top - $place->y) * $this->perMetre, 2);
    }

    /** Whether what stands there is numbered, for a list of names below. */
    public function isNumbered(): bool
    {
        return $this->width < self::NAMED;
    }

    /** @param list<Place> $places */
    public function points(array $places): string
    {
        return implode(' ', array_map(fn (Place $place) => $this->x($place).','.$this->y($place), $places));
    }

    public function length(float $metres): float
    {
        return round($metres * $this->perMetre, 2);
    }

    /** Degrees clockwise from up on paper to north; none where nobody gave it. */
    public function north(): ?float
    {
        return null === $this->plan->bearing ? null : -$this->plan->bearing;
    }

    private static function bar(UnitSystem $units, float $about): Length
    {
        $unit = $units->one()->metres;
        $best = self::STEPS[0];
        foreach (self::STEPS as $step) {
            $best = $step * $unit <= $about ? $step : $best;
        }

        return Length::metres($best * $unit);
    }
}
