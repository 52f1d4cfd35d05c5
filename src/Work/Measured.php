<?php

declare(strict_types=1);

namespace App\Work;

use Jurvex\Core\Camera\CameraHead;
use Jurvex\Core\Camera\Pool;
use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Measure\Bore;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reel\JointSpacing;

/** What a run has measured by itself: fall, standing water, joints, slack; and what it proposes to log. */
final readonly class Measured
{
    /** Under this a dip is within what a tilt can tell. */
    private const POOL_FROM_M = 0.005;
    private const HAIR_M = 0.001;

    /** @var list<Pool> */
    public array $pools;

    public ?JointSpacing $joints;

    /** @var list<Finding> */
    private array $water;

    /** @var list<Finding> what can gather in a low spot */
    private array $deposits;

    /** @var list<UnloggedWater> */
    public array $proposals;

    public function __construct(private JudgedRun $line, private CameraHead $camera)
    {
        $this->pools = array_values(
            array_filter(
                $line->track->pools($this->bore(), $line->record->travel),
                static fn (Pool $pool) => $pool->deepest >= self::POOL_FROM_M,
            ),
        );
        $joints = $water = $deposits = [];
        foreach ($line->record->findings as $finding) {
            match ($finding->kind->family()) {
                Family::Joint => $joints[] = $finding->from,
                Family::Water => $water[] = $finding,
                Family::Deposit => $deposits[] = $finding,
                default => Kind::Rag === $finding->kind ? $deposits[] = $finding : null,
            };
        }
        [$this->water, $this->deposits] = [$water, $deposits];
        $this->joints = JointSpacing::of($joints);
        $this->proposals = $this->unlogged();
    }

    /**
     * Low spots that were logged, with what they hold in litres and what has gathered in them.
     *
     * @return list<FilledLowSpot>
     */
    public function lowSpots(): array
    {
        $spots = [];
        foreach ($this->water as $finding) {
            if (Kind::LowSpot !== $finding->kind) {
                continue;
            }
            $lies = static fn (float $from, float $to) => $from < $finding->end()->metres && $to > $finding->from->metres;
            $volumes = array_map(
                static fn (Pool $pool) => $pool->volume * 1000,
                array_filter($this->pools, static fn (Pool $pool) => $lies($pool->from, $pool->to)),
            );
            $gathered = array_values(
                array_filter(
                    $this->deposits,
                    static fn (Finding $deposit) => $lies(
                        $deposit->from->metres,
                        max($deposit->end()->metres, $deposit->from->metres + self::HAIR_M),
                    ),
                ),
            );
            if ([] !== $volumes || [] !== $gathered) {
                $spots[] = new FilledLowSpot($finding, [] === $volumes ? null : array_sum($volumes), $gathered);
            }
        }

        return $spots;
    }

    /** @return list<Pool> dips where nobody saw water */
    public function unseenPools(): array
    {
        return array_values(
            array_filter(
                $this->pools,
                fn (Pool $pool) => [] === array_filter(
                    $this->water,
                    static fn (Finding $finding) => $finding->from->metres < $pool->to && $finding->end()->metres > $pool->from,
                ),
            ),
        );
    }

    /** @return list<Finding> water where the tilt shows no dip: something downstream holds it */
    public function waterWithoutDip(): array
    {
        $heights = $this->line->track->heights($this->line->record->travel);
        if ([] === $heights) {
            return [];
        }
        [$begin, $end] = [$heights[0][0], $heights[\count($heights) - 1][0]];

        return array_values(
            array_filter(
                $this->water,
                fn (Finding $finding) => Kind::LowSpot === $finding->kind
                    && $finding->from->metres >= $begin && $finding->end()->metres <= $end
                    && [] === array_filter(
                        $this->pools,
                        static fn (Pool $pool) => $pool->from < $finding->end()->metres && $pool->to > $finding->from->metres,
                    ),
            ),
        );
    }

    /** @return list<Finding> that wait for another look */
    public function owed(): array
    {
        return array_values(
            array_filter(
                $this->line->record->findings,
                fn (Finding $finding) => $this->line->judgements[$finding->id]->asksForAnotherLook(),
            ),
        );
    }

    public function bore(): Length
    {
        return $this->line->record->bore ?? Bore::usual();
    }

    /** @return list<UnloggedWater> */
    private function unlogged(): array
    {
        $proposals = [];
        foreach ($this->line->track->wetStretches() as $wet) {
            $isLogged = [] !== array_filter(
                $this->water,
                static fn (Finding $finding) => $finding->from->metres <= $wet->to->metres + 0.3
                    && $finding->end()->metres >= $wet->from->metres - 0.3,
            );
            if (!$isLogged && $wet->to->metres > $wet->from->metres) {
                // Where the tilt shows the dip, that is where the water begins and ends; the lens is dry at its edges.
                $pool = array_values(
                    array_filter(
                        $this->pools,
                        static fn (Pool $pool) => $pool->from < $wet->to->metres && $pool->to > $wet->from->metres,
                    ),
                )[0]
                    ?? null;
                $proposals[] = new UnloggedWater(
                    null === $pool ? $wet->from : Length::metres(round($pool->from, 1)),
                    null === $pool ? $wet->to : Length::metres(round($pool->to, 1)), $wet->deepest,
                    $this->camera->depth($wet->lens, $this->line->record->pipeAt($wet->deepest)->bore ?? $this->bore()),
                );
            }
        }

        return $proposals;
    }
}
