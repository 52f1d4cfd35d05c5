<?php

declare(strict_types=1);

namespace App\Work;

use App\Firm\Kit;
use App\Firm\KitTool;
use App\Record\Job;
use Jurvex\Core\Clear\Head;
use Jurvex\Core\Clear\HeadReach;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reach\Stopped;
use Jurvex\Core\Sketch\ReachFinder;

/** How far each piece of a kit gets on the way of a plan. */
final class KitReaches
{
    private const FORECASTS = [Stopped::LockUp, Stopped::PushLimit, Stopped::Thrust];

    /**
     * @param list<KitTool> $tools
     * @param Length $work how far the work goes, from the foot of the drop
     *
     * @return array<string, HeadReach> by piece
     */
    public static function of(Job $job, PlanGround $ground, array $tools, Length $work): array
    {
        $tools = array_values(array_filter($tools, static fn (KitTool $tool) => [] !== $tool->pieces()));
        $target = self::target($ground, $work);
        $node = $job->property()->sketch()->nodes[$ground->opening?->node() ?? ''] ?? null;
        if (null === $target || null === $node) {
            return self::byLength($tools, $ground->drop(), $work);
        }
        $finder = new ReachFinder($job->property()->sketch(), Kit::rigs($tools, true));
        $drop = $finder->access($node)->drop->metres;
        $reaches = [];
        foreach ($finder->rigs as $rig) {
            $option = $finder->option($node, $rig, $target, $drop + $work->metres);
            $metres = max(0.0, $option->metres - $drop);
            $isThere = $metres >= $work->metres - 1e-9;
            $reaches[$rig->id] = new HeadReach(
                $rig->id, Length::metres($metres), $isThere ? null : $option->by, $option->pull, $rig->pullLimit,
            );
        }

        return $reaches;
    }

    /** The pipe in which the work ends; the likeliest one where a tool from here cannot turn towards it. */
    public static function target(PlanGround $ground, Length $work): ?string
    {
        return $ground->faces ? $ground->pipeAt($work->metres)?->id : $ground->likeliest;
    }

    /**
     * Beyond where no piece of a class fits or is long enough. What is only heavy to push may come farther than the forecast.
     *
     * @param list<KitTool> $tools
     * @param array<string, HeadReach> $reaches by piece
     *
     * @return ?float metres from the foot of the drop; none where nothing stops it so, or the kit has none
     */
    public static function farthest(Head $head, array $tools, array $reaches): ?float
    {
        $most = null;
        foreach ($tools as $tool) {
            foreach ($tool->pieces() as $piece) {
                $reach = $reaches[$piece->id] ?? null;
                if ($piece->head !== $head || null === $reach) {
                    continue;
                }
                if (null === $reach->by || \in_array($reach->by, self::FORECASTS, true)) {
                    return null;
                }
                $most = max($most ?? 0.0, $reach->to->metres);
            }
        }

        return $most;
    }

    /**
     * Without a map nobody knows more than how long a tool is.
     *
     * @param list<KitTool> $tools
     *
     * @return array<string, HeadReach>
     */
    private static function byLength(array $tools, Length $drop, Length $work): array
    {
        $reaches = [];
        foreach ($tools as $tool) {
            $along = max(0.0, ($tool->details()->lengthM ?? 0.0) - $drop->metres);
            $by = $along < $work->metres ? Stopped::OutOfLength : null;
            foreach ($tool->pieces() as $piece) {
                $reaches[$piece->id] = new HeadReach($piece->id, Length::metres($along), $by);
            }
        }

        return $reaches;
    }
}
