<?php

declare(strict_types=1);

namespace Jurvex\Core\Mark;

use Jurvex\Core\Measure\Grade;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Site\Place;
use Jurvex\Core\Site\PlacedMark;

/**
 * Marks of a straight piece of pipe laid on the ground: a rigid fit, turned and moved and not stretched, of their distances along
 * it, less the slope.
 */
final readonly class LineCheck
{
    /** @var non-empty-list<float> metres that each mark is off */
    public array $residuals;

    /** @param non-empty-list<PlacedMark> $marks two or more */
    public function __construct(private array $marks, private Grade $fall, private Length $tolerance)
    {
        $level = cos(atan($fall->inPercent() / 100));
        $count = \count($marks);
        $along = array_map(static fn (PlacedMark $mark) => $mark->along->metres * $level, $marks);
        $middle = array_sum($along) / $count;
        $x = array_sum(array_map(static fn (PlacedMark $mark) => $mark->place->x, $marks)) / $count;
        $y = array_sum(array_map(static fn (PlacedMark $mark) => $mark->place->y, $marks)) / $count;
        $sumX = $sumY = 0.0;
        foreach ($marks as $i => $mark) {
            // Places need no middle of their own: the distances have theirs.
            $sumX += ($along[$i] - $middle) * $mark->place->x;
            $sumY += ($along[$i] - $middle) * $mark->place->y;
        }
        $turn = atan2($sumY, $sumX);
        $residuals = [];
        foreach ($marks as $i => $mark) {
            $from = $along[$i] - $middle;
            $residuals[] = $mark->place->to(new Place($x + $from * cos($turn), $y + $from * sin($turn)));
        }
        $this->residuals = $residuals;
    }

    /** In metres. */
    public function rms(): float
    {
        return sqrt(array_sum(array_map(static fn (float $residual) => $residual ** 2, $this->residuals)) / \count($this->residuals));
    }

    public function holds(): bool
    {
        return max($this->residuals) <= $this->tolerance->metres;
    }

    /** @return ?int place in the list of the mark without which the others hold; none when all do, or no one alone is odd */
    public function odd(): ?int
    {
        if ($this->holds() || \count($this->marks) < 3) {
            return null;
        }
        $odd = null;
        $least = \INF;
        foreach (array_keys($this->marks) as $i) {
            $others = array_values(array_diff_key($this->marks, [$i => true]));
            $check = [] === $others ? null : new self($others, $this->fall, $this->tolerance);
            if (null !== $check && $check->holds() && $check->rms() < $least) {
                [$odd, $least] = [$i, $check->rms()];
            }
        }

        return $odd;
    }
}
