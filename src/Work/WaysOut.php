<?php

declare(strict_types=1);

namespace App\Work;

use App\Firm\Kit;
use App\Firm\KitTool;
use App\Record\Job;
use Jurvex\Core\Clear\Hindrance;
use Jurvex\Core\Clear\Piece;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reach\Rig;
use Jurvex\Core\Sketch\Alternatives;
use Jurvex\Core\Sketch\ReachFinder;
use Jurvex\Core\Sketch\ReachOption;
use Jurvex\Core\Sketch\WhatElse;

/** What would get there where a plan's own tool does not: another opening, another head, another tool. */
final readonly class WaysOut
{
    private const LISTED = 2;

    /**
     * @param list<ReachOption> $options that work, from here or elsewhere
     * @param list<WhatElse> $else what would, where nothing of the kit does
     * @param array<string, string> $names of the kit's pieces
     */
    private function __construct(public array $options, public array $else, public array $names)
    {
    }

    /**
     * @param list<KitTool> $tools
     * @param list<Hindrance> $hindrances heads that do not get there
     * @param Length $work far end of the stoppage, from the foot of the drop
     */
    public static function of(Job $job, PlanGround $ground, array $tools, array $hindrances, Length $work): self
    {
        $sketch = $job->property()->sketch();
        $target = KitReaches::target($ground, $work);
        $heads = array_map(static fn (Hindrance $hindrance) => $hindrance->head, $hindrances);
        $pieces = array_merge(...array_map(static fn (KitTool $tool) => $tool->pieces(), $tools));
        $able = array_column(array_filter($pieces, static fn (Piece $piece) => \in_array($piece->head, $heads, true)), 'id');
        $rigs = array_values(array_filter(Kit::rigs($tools, true), static fn (Rig $rig) => \in_array($rig->id, $able, true)));
        if (null === $target || [] === $rigs || [] === $sketch->openings()) {
            return new self([], [], []);
        }
        $finder = new ReachFinder($sketch, $rigs);
        $options = $each = [];
        foreach ($finder->options($target) as $option) {
            // From one opening the best one is enough.
            if (!isset($each[$option->opening->id]) && self::works($finder, $option, $target, $ground)) {
                $each[$option->opening->id] = true;
                $options[] = $option;
            }
        }

        return new self(
            \array_slice($options, 0, self::LISTED),
            [] === $options ? \array_slice((new Alternatives($finder))->to($target), 0, self::LISTED) : [], KitPieces::names($tools),
        );
    }

    /** Whether it gets over all of the stoppage, from whichever end of the pipe, and out again. */
    private static function works(ReachFinder $finder, ReachOption $option, string $target, PlanGround $ground): bool
    {
        if ($option->isBlocked() || !$option->comesOut()) {
            return false;
        }
        $reach = $finder->rigTo($target, $option->opening, $option->rig);
        foreach ($ground->way?->within($ground->place->near, max($ground->place->far, $ground->place->near + 0.01)) ?? [] as $part) {
            if ($part->pipe->id === $target) {
                return null !== $reach->leg && ($reach->leg->downstream
                    ? $reach->metres >= $part->to - 0.01 : $reach->metres >= $part->pipe->length->value - $part->from - 0.01);
            }
        }

        return $option->arrives();
    }
}
