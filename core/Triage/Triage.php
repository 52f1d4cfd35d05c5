<?php

declare(strict_types=1);

namespace Jurvex\Core\Triage;

use Jurvex\Core\LineMap\Tree;

/**
 * Where the stoppage is: every segment is a suspect, its chance is its prior times how well it explains what was seen.
 * A stoppage is felt by everything upstream of it, first and worst by the lowest fixture; what is not upstream drains.
 */
final readonly class Triage
{
    private const LOWEST = ['backs_up' => 0.75, 'slow' => 0.17, 'drains' => 0.08];
    private const UPSTREAM = ['backs_up' => 0.35, 'slow' => 0.40, 'drains' => 0.25];
    private const ELSEWHERE = ['backs_up' => 0.01, 'slow' => 0.04, 'drains' => 0.95];
    private const OPENING_UPSTREAM = ['standing' => 0.93, 'dry' => 0.07];
    private const OPENING_ELSEWHERE = ['standing' => 0.02, 'dry' => 0.98];
    private const SAME = 1e-12;

    /** @var array<string, array<string, array<string, float>>> chance of each answer by point and suspect */
    private array $likelihoods;

    /** @var array<string, float> chance of each segment after all that was seen; sums to one */
    public array $chances;

    /**
     * @param array<string, float> $priors weight of each segment before anything was seen
     * @param list<Point>          $points
     */
    public function __construct(private Tree $tree, array $priors, private array $points)
    {
        $this->likelihoods = $this->likelihoods(array_keys($priors));
        $chances = $priors;
        foreach ($points as $point) {
            if (null !== $point->seen) {
                $chances = $this->weighed($chances, $point->id, $point->seen);
            }
        }
        $this->chances = self::shares($chances);
    }

    /** In bits. */
    public function entropy(): float
    {
        return self::entropyOf($this->chances);
    }

    /**
     * The check not made yet that is expected to narrow the field most; by identifier where two promise the same.
     *
     * @return array{?string, float} the point, and the bits that it is expected to gain
     */
    public function nextCheck(): array
    {
        $best = [null, 0.0];
        $open = array_filter($this->points, static fn (Point $point) => null === $point->seen);
        usort($open, static fn (Point $a, Point $b) => strcmp($a->id, $b->id));
        foreach ($open as $point) {
            $gain = $this->expectedGain($point);
            if (null === $best[0] || $gain > $best[1] + self::SAME) {
                $best = [$point->id, $gain];
            }
        }

        return $best;
    }

    /** Expected fall of the entropy when a point is looked at, in bits; never under zero. */
    public function expectedGain(Point $point): float
    {
        $left = 0.0;
        foreach ($point->answers() as $answer) {
            $weights = $this->weighed($this->chances, $point->id, $answer);
            $chance = array_sum($weights);
            $left += $chance > 0 ? $chance * self::entropyOf(self::shares($weights)) : 0.0;
        }

        return max(0.0, $this->entropy() - $left);
    }

    /**
     * @param list<string> $suspects
     *
     * @return array<string, array<string, array<string, float>>>
     */
    private function likelihoods(array $suspects): array
    {
        $ways = $lowest = $table = [];
        foreach ($this->points as $point) {
            $ways[$point->id] = $this->tree->wayDown($point->node);
            if (!$point->isFixture()) {
                continue;
            }
            foreach (array_keys($ways[$point->id]) as $segment) {
                $other = $lowest[$segment] ?? null;
                if (null === $other || [$point->level, $point->id] < [$other->level, $other->id]) {
                    $lowest[$segment] = $point;
                }
            }
        }
        foreach ($this->points as $point) {
            foreach ($suspects as $suspect) {
                $upstream = isset($ways[$point->id][$suspect]);
                $table[$point->id][$suspect] = match (true) {
                    !$point->isFixture() => $upstream ? self::OPENING_UPSTREAM : self::OPENING_ELSEWHERE,
                    !$upstream => self::ELSEWHERE,
                    ($lowest[$suspect] ?? null) === $point => self::LOWEST,
                    default => self::UPSTREAM,
                };
            }
        }

        return $table;
    }

    /**
     * @param array<string, float> $chances
     *
     * @return array<string, float>
     */
    private function weighed(array $chances, string $point, string $answer): array
    {
        foreach ($chances as $suspect => $chance) {
            $chances[$suspect] = $chance * $this->likelihoods[$point][$suspect][$answer];
        }

        return $chances;
    }

    /**
     * @param array<string, float> $weights
     *
     * @return array<string, float>
     */
    private static function shares(array $weights): array
    {
        $sum = array_sum($weights);

        return array_map(static fn (float $weight) => $sum > 0 ? $weight / $sum : 1 / \count($weights), $weights);
    }

    /** @param array<string, float> $chances */
    private static function entropyOf(array $chances): float
    {
        return -array_sum(array_map(static fn (float $chance) => $chance > 0 ? $chance * log($chance, 2) : 0.0, $chances));
    }
}
