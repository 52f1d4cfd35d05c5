<?php

declare(strict_types=1);

namespace Jurvex\Core\Ribbon;

use Jurvex\Core\Camera\Pool;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Judge\Judgement;
use Jurvex\Core\Judge\Need;
use Jurvex\Core\Measure\Bore;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Reel\Track;
use Jurvex\Core\Run\Coverage;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Run\Sight;

/**
 * The line drawn to scale from its zero, flowing left to right to the main; bore height and dips exaggerated.
 * Coordinates are units of a drawing `width` by HEIGHT; nothing here is worded.
 */
final readonly class Ribbon
{
    public const HEIGHT = 228.0;
    public const AXIS = 191.0;
    private const FLAG_TOP = 18.0;
    private const FLAG_WIDTH = Flag::WIDTH + 2.0;
    private const SIGN_WIDTH = 17.0;
    private const SIGN_LANES = 3;
    private const PASS_HEIGHT = 5.0;
    /** A joint's tick across the wall, and how much of it lies outside of the bore. */
    private const TICK = 14.0;
    private const TICK_OUTSIDE = 11.0;
    /** Under this a dip is within what a tilt can tell. */
    private const POOL_FROM_M = 0.005;
    private const NOMINAL_M = 10.0;

    /**
     * @param list<Band> $walls
     * @param list<Band> $unseen
     * @param string $joints a tick across each wall at every joint
     * @param list<Shape> $shapes
     * @param list<Sign> $signs
     * @param list<Flag> $flags
     * @param list<PassBar> $passes
     * @param list<Tick> $ticks
     * @param list<string> $pools outlines of the water that the measured invert must hold
     * @param float $metre how far a metre of the run goes to the right
     */
    private function __construct(
        public float $width,
        public string $bore,
        public array $walls,
        public array $unseen,
        public string $joints,
        public array $shapes,
        public array $signs,
        public array $flags,
        public array $passes,
        public array $ticks,
        public string $rod,
        public float $headX,
        public float $headY,
        public float $zeroX,
        public bool $empty,
        public array $pools,
        public float $metre,
    ) {
    }

    /**
     * @param array<string, Judgement> $judgements by finding
     * @param list<MarkedPlace> $marks
     * @param list<DrawnPass> $passes
     * @param ?Length $shows what has its room on it besides, as what was said and nobody has accepted yet
     */
    public static function draw(
        RunRecord $run, array $judgements, array $marks, array $passes, UnitSystem $units, float $width,
        ?Track $track = null, ?Length $shows = null,
    ): self {
        $coverage = Coverage::of($run);
        $known = max(
            $run->length()->metres,
            $shows->metres ?? 0.0,
            ...array_map(static fn (DrawnPass $pass) => $pass->to->metres, $passes),
            ...array_map(static fn (MarkedPlace $mark) => $mark->at->metres, $marks),
            ...[0.0],
        );
        $end = Length::metres($coverage->openEnded ? max(self::NOMINAL_M, 1.1 * $known + 1) : max($known, 1.0));
        $scale = new Scale($width, $end->metres, $run->travel);
        $profile = new Profile($run, $scale, $track);

        return new self(
            $width,
            $profile->band(Length::metres(0), $end, 0, Profile::BORE),
            self::walls($run, $profile, $end),
            self::unseen($coverage, $profile, $end),
            self::joints($run, $profile, $scale),
            self::shapes($run, $profile, $scale),
            self::signs($run, $judgements, $scale),
            self::flags($marks, $profile, $scale),
            self::passes($passes, $scale),
            $scale->ticks($units),
            Path::along($profile->along(Length::metres(0), $run->reached, -9))->data(),
            $scale->x($run->reached),
            $profile->invert($run->reached) - 9,
            $scale->x(Length::metres(0)),
            0.0 === $run->reached->metres,
            self::pools($run, $profile, $track),
            round($scale->x(Length::metres(1)) - $scale->x(Length::metres(0)), 4),
        );
    }

    /** @return list<string> */
    private static function pools(RunRecord $run, Profile $profile, ?Track $track): array
    {
        $bore = $run->bore ?? Bore::usual();
        $pools = array_filter($track?->pools($bore, $run->travel) ?? [], static fn (Pool $pool) => $pool->deepest >= self::POOL_FROM_M);

        return array_values(
            array_map(static fn (Pool $pool) => $profile->water(Length::metres($pool->from), Length::metres($pool->to), 0.0), $pools),
        );
    }

    /** @return list<Band> */
    private static function walls(RunRecord $run, Profile $profile, Length $end): array
    {
        $walls = [];
        foreach ($run->pipes as $i => $pipe) {
            $to = $i === \count($run->pipes) - 1 ? $end : $pipe->to;
            $walls[] = new Band(
                $pipe->material->value,
                $profile->band($pipe->from, $to, -Profile::WALL, 0).$profile->band(
                    $pipe->from,
                    $to,
                    Profile::BORE,
                    Profile::BORE + Profile::WALL,
                ),
            );
        }

        return $walls;
    }

    /** @return list<Band> */
    private static function unseen(Coverage $coverage, Profile $profile, Length $end): array
    {
        $unseen = [];
        foreach ($coverage->gaps() as $gap) {
            $unseen[] = new Band($gap->sight->value, $profile->band($gap->from, $gap->to, -Profile::WALL, Profile::BORE + Profile::WALL));
        }
        if ($coverage->openEnded) {
            $last = $coverage->spans[\count($coverage->spans) - 1]->to ?? Length::metres(0);
            $unseen[] = new Band(Sight::Unreached->value, $profile->band($last, $end, -Profile::WALL, Profile::BORE + Profile::WALL));
        }

        return $unseen;
    }

    private static function joints(RunRecord $run, Profile $profile, Scale $scale): string
    {
        $ticks = new Path();
        foreach ($run->findings as $finding) {
            if ($finding->atJoint) {
                $x = $scale->x($finding->from);
                $invert = $profile->invert($finding->from);
                $ticks->move($x, $invert - Profile::BORE - self::TICK_OUTSIDE)->down(self::TICK)
                    ->move($x, $invert - self::TICK + self::TICK_OUTSIDE)->down(self::TICK);
            }
        }

        return $ticks->data();
    }

    /** @return list<Shape> one for each paint; water first, so that what lies in it stays in sight */
    private static function shapes(RunRecord $run, Profile $profile, Scale $scale): array
    {
        $drawer = new ShapeDrawer($run, $profile, $scale);
        $water = $others = [];
        foreach ($run->findings as $finding) {
            $shape = $drawer->draw($finding);
            if (null !== $shape && $finding->kind->isWater()) {
                $water[$shape->paint] ??= '';
                $water[$shape->paint] .= $shape->outline;
            } elseif (null !== $shape) {
                $others[$shape->paint] ??= '';
                $others[$shape->paint] .= $shape->outline;
            }
        }
        $outlines = $water + $others;

        return array_map(static fn (string $paint, string $outline) => new Shape($paint, $outline), array_keys($outlines), $outlines);
    }

    /**
     * @param array<string, Judgement> $judgements
     *
     * @return list<Sign>
     */
    private static function signs(RunRecord $run, array $judgements, Scale $scale): array
    {
        $byLevel = [];
        foreach ($run->findings as $finding) {
            if (isset($judgements[$finding->id]) && !$finding->kind->isPlain()) {
                $byLevel[$judgements[$finding->id]->counts()?->level() ?? Need::KeepClean->level()][] = $finding;
            }
        }
        // The worst are placed first: where it is crowded, what matters least gives way.
        krsort($byLevel);
        $signs = $taken = [];
        foreach (array_merge(...array_values($byLevel)) as $finding) {
            $x = ($scale->x($finding->from) + $scale->x($finding->end())) / 2;
            $cell = (int) ($x / self::SIGN_WIDTH);
            for ($lane = 0; $lane < self::SIGN_LANES; ++$lane) {
                // Only a sign in this cell or the next on either side can be nearer than a sign's width.
                $nearest = min(
                    abs($x - ($taken[$lane][$cell - 1] ?? -\INF)),
                    abs($x - ($taken[$lane][$cell] ?? -\INF)),
                    abs($x - ($taken[$lane][$cell + 1] ?? -\INF)),
                );
                if ($nearest >= self::SIGN_WIDTH) {
                    $taken[$lane][$cell] = $x;
                    $signs[] = new Sign(
                        $finding->id,
                        round($x, 1),
                        self::AXIS - $lane * (self::SIGN_WIDTH - 2),
                        $judgements[$finding->id]->counts(),
                    );
                    break;
                }
            }
        }

        return $signs;
    }

    /**
     * @param list<MarkedPlace> $marks
     *
     * @return list<Flag>
     */
    private static function flags(array $marks, Profile $profile, Scale $scale): array
    {
        usort($marks, static fn (MarkedPlace $a, MarkedPlace $b) => $scale->x($a->at) <=> $scale->x($b->at));
        $flags = [];
        $last = -\INF;
        $lower = false;
        foreach ($marks as $mark) {
            $x = $scale->x($mark->at);
            $left = $x + Flag::WIDTH > $scale->width ? $x - Flag::WIDTH : $x;
            $lower = $left - $last < self::FLAG_WIDTH && !$lower;
            $flags[] = new Flag(
                round($x, 1), round($left, 1), self::FLAG_TOP + ($lower ? 20 : 0), round($profile->crown($mark->at) - Profile::WALL, 1),
                $mark->depth, $mark->good,
            );
            $last = $left;
        }

        return $flags;
    }

    /**
     * @param list<DrawnPass> $passes
     *
     * @return list<PassBar>
     */
    private static function passes(array $passes, Scale $scale): array
    {
        $bars = [];
        foreach ($passes as $i => $pass) {
            $in = $scale->x($pass->in);
            $to = $scale->x($pass->to);
            $bars[] = new PassBar(
                round(min($in, $to), 1), round(max($in, $to), 1), self::HEIGHT - 13 + self::PASS_HEIGHT * ($i % 2),
                round($to, 1),
                array_map(
                    static fn (FeltAt $felt) => new FeltMark(round($scale->x($felt->at), 1), $felt->felt),
                    $pass->felt,
                ),
            );
        }

        return $bars;
    }
}
