<?php

declare(strict_types=1);

namespace Jurvex\Core\Practice;

use Jurvex\Core\Finding\Finding;

/** A trainee's marks against the hidden ground: what is to be mended is marked, a stretch at both its ends. */
final readonly class MarkScores
{
    public const PLACE_OFF_M = 0.5;
    /** A depth may be off by this share of it, and by a hand. */
    public const DEPTH_OFF = 0.1;
    private const DEPTH_OFF_M = 0.1;

    /** @var list<MarkScore> by place */
    public array $scores;

    /**
     * @param list<Finding> $toMend of the true line
     * @param list<TriedMark> $marks
     */
    public function __construct(array $toMend, array $marks, private HiddenGround $ground)
    {
        $scores = [];
        foreach ($toMend as $finding) {
            foreach (array_unique([$finding->from->metres, $finding->end()->metres]) as $at) {
                $scores[] = $this->score($finding, $at, self::nearest($marks, $at));
            }
        }
        $this->scores = $scores;
    }

    /** @return ?int of a hundred; none where nothing is to be marked */
    public function points(): ?int
    {
        $good = array_filter($this->scores, static fn (MarkScore $each) => $each->isGood());

        return [] === $this->scores ? null : (int) round(100 * \count($good) / \count($this->scores));
    }

    private function score(Finding $finding, float $at, ?TriedMark $mark): MarkScore
    {
        $depth = $this->ground->depthAt($mark->at ?? $at);
        $isThere = null === $mark ? [] : [
            [MarkFault::TooFew, !$mark->isEnough],
            [MarkFault::DepthOff, abs($mark->depth - $depth) > max(self::DEPTH_OFF_M, self::DEPTH_OFF * $depth)],
            [MarkFault::WaterNotSaid, $this->ground->isWet($mark->at) && !$mark->saidWater],
            [MarkFault::MetalNotSaid, $this->ground->hasMetal($mark->at) && !$mark->saidMetal],
        ];
        $faults = array_map(static fn (array $each) => $each[0], array_filter($isThere, static fn (array $each) => $each[1]));
        // Metal makes every depth wrong: whoever says so is not blamed for it.
        $isExcused = true === $mark?->saidMetal && $this->ground->hasMetal($mark->at);

        return new MarkScore($finding, $at, $mark, $depth, array_values(array_filter(
            $faults, static fn (MarkFault $fault) => !$isExcused || MarkFault::DepthOff !== $fault,
        )));
    }

    /** @param list<TriedMark> $marks */
    private static function nearest(array $marks, float $at): ?TriedMark
    {
        $nearest = null;
        foreach ($marks as $mark) {
            $off = abs($mark->at - $at);
            if ($off <= self::PLACE_OFF_M && (null === $nearest || $off < abs($nearest->at - $at))) {
                $nearest = $mark;
            }
        }

        return $nearest;
    }
}
