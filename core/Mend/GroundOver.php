<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

/**
 * What lies over a line, from what is known at some places: the surface of the nearest one that is not far, the depth straight
 * between two of them and level beyond the last. Where nothing is known, the house's usual values.
 */
final readonly class GroundOver
{
    /** Within a piece as short as this the depth is taken as one. */
    private const STEP_M = 1.0;
    /** Farther from where somebody said what the surface is, it may be another: a house value. */
    private const NEAR_M = 5.0;

    /** @var list<KnownGround> in order */
    private array $known;

    /** @param list<KnownGround> $known in any order */
    public function __construct(array $known, private string $usualSurface, private float $usualDepth)
    {
        usort($known, static fn (KnownGround $a, KnownGround $b) => $a->at <=> $b->at);
        $this->known = $known;
    }

    /** @return list<Ground> from nought to the end, without gaps */
    public function along(float $length): array
    {
        $cuts = [0.0, $length, ...array_map(static fn (KnownGround $each) => $each->at, $this->known)];
        $surfaces = array_values(array_filter($this->known, static fn (KnownGround $each) => null !== $each->surface));
        foreach ($surfaces as $i => $each) {
            $next = $surfaces[$i + 1] ?? null;
            array_push($cuts, $each->at - self::NEAR_M, $each->at + self::NEAR_M, ...(null === $next ? [] : [($each->at + $next->at) / 2]));
        }
        for ($at = self::STEP_M; $at < $length; $at += self::STEP_M) {
            $cuts[] = $at;
        }
        $cuts = array_values(array_unique(array_filter($cuts, static fn (float $cut) => $cut >= 0.0 && $cut <= $length)));
        sort($cuts);
        $ground = [];
        for ($i = 1, $count = \count($cuts); $i < $count; ++$i) {
            $middle = ($cuts[$i - 1] + $cuts[$i]) / 2;
            $ground[] = new Ground($cuts[$i - 1], $cuts[$i], $this->surface($middle), $this->depth($middle));
        }

        return $ground;
    }

    public function surface(float $at): string
    {
        $nearest = $this->nearest($at, static fn (KnownGround $each) => null !== $each->surface);

        $isNear = null !== $nearest && abs($nearest->at - $at) <= self::NEAR_M;

        return $isNear && null !== $nearest->surface ? $nearest->surface : $this->usualSurface;
    }

    public function depth(float $at): float
    {
        $before = $after = null;
        foreach ($this->known as $each) {
            if (null !== $each->depth) {
                $each->at <= $at ? $before = $each : $after ??= $each;
            }
        }
        if (null === $before || null === $after) {
            return ($before ?? $after)->depth ?? $this->usualDepth;
        }
        $share = ($at - $before->at) / ($after->at - $before->at);

        return ($before->depth ?? 0.0) + $share * (($after->depth ?? 0.0) - ($before->depth ?? 0.0));
    }

    /** @return ?float metres to the nearest place where somebody located the depth; none where nobody did */
    public function toNearestDepth(float $at): ?float
    {
        $nearest = $this->nearest($at, static fn (KnownGround $each) => null !== $each->depth);

        return null === $nearest ? null : abs($nearest->at - $at);
    }

    /** Whether somebody said near a stretch what the surface is, all along it. */
    public function knowsSurface(float $from, float $to): bool
    {
        for ($at = $from; $at < $to + self::STEP_M; $at += self::STEP_M) {
            $nearest = $this->nearest(min($at, $to), static fn (KnownGround $each) => null !== $each->surface);
            if (null === $nearest || abs($nearest->at - min($at, $to)) > self::NEAR_M) {
                return false;
            }
        }

        return true;
    }

    /** @param \Closure(KnownGround): bool $counts */
    private function nearest(float $at, \Closure $counts): ?KnownGround
    {
        $nearest = null;
        foreach ($this->known as $each) {
            if ($counts($each) && (null === $nearest || abs($each->at - $at) < abs($nearest->at - $at))) {
                $nearest = $each;
            }
        }

        return $nearest;
    }
}
