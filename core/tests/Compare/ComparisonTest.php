<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Compare;

use Jurvex\Core\Compare\Comparison;
use Jurvex\Core\Compare\Extent;
use Jurvex\Core\Compare\Fate;
use Jurvex\Core\Compare\FateOf;
use Jurvex\Core\Compare\Feature;
use Jurvex\Core\Compare\FeatureKind;
use Jurvex\Core\Compare\Fit;
use Jurvex\Core\Compare\FitFinder;
use Jurvex\Core\Compare\HandPairs;
use Jurvex\Core\Compare\Pairing;
use Jurvex\Core\Compare\Pairings;
use Jurvex\Core\Compare\Seen;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Input\Input;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class ComparisonTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function lines(): iterable
    {
        foreach (range(1, 8) as $seed) {
            yield 'line '.$seed => [$seed];
        }
    }

    #[DataProvider('lines')]
    public function testALookIsTheSameAsItself(int $seed): void
    {
        $seen = self::line($seed);
        $comparison = Comparison::of($seen, $seen);

        self::assertEqualsWithDelta([0.0, 1.0, 0.0], [$comparison->fit->shift, $comparison->fit->stretch, $comparison->fit->rms()], 1e-9);
        self::assertCount(\count($seen->features), $comparison->fit->pairs);
        foreach ($comparison->fates as $each) {
            self::assertSame([Fate::Same, $each->before], [$each->fate, $each->after]);
        }
    }

    #[DataProvider('lines')]
    public function testAnotherZeroAndAnotherCounterAreFoundAgain(int $seed): void
    {
        $chance = new Randomizer(new Mt19937($seed));
        [$shift, $stretch] = [self::between($chance, -3, 3), self::between($chance, 0.96, 1.04)];
        $before = self::line($seed);
        $after = self::carried($before, $shift, $stretch, static fn () => self::between($chance, -0.04, 0.04));
        // Each look misses some of what the other has.
        $after = new Seen(array_values(array_filter(
            $after->features, static fn () => $chance->getInt(1, 10) > 1)), $after->findings, []);

        $comparison = Comparison::of($before, $after);
        self::assertEqualsWithDelta($shift, $comparison->fit->shift, 0.1);
        self::assertEqualsWithDelta($stretch, $comparison->fit->stretch, 0.004);
        self::assertSame([], array_filter($comparison->fates, static fn (FateOf $each) => Fate::Same !== $each->fate));

        $back = Comparison::of($after, $before)->fit;
        self::assertCount(\count($back->pairs), $comparison->fit->pairs);
        self::assertEqualsWithDelta(17.0, $back->carried($comparison->fit->carried(17.0)), 0.02);
    }

    #[DataProvider('lines')]
    public function testTheOtherWayRoundEveryFateIsTurned(int $seed): void
    {
        $turned = [
            'gone' => 'new', 'new' => 'gone', 'less' => 'more', 'more' => 'less', 'same' => 'same', 'not_seen' => 'uncovered',
            'uncovered' => 'not_seen',
        ];
        $features = self::line($seed)->features;
        $one = new Seen($features, [
            self::finding('a', Kind::Crack, 4.0), self::finding('b', Kind::RootClump, 9.0, 40.0),
            self::finding('c', Kind::Grease, 13.0, 10.0), self::finding('d', Kind::Hole, 21.0),
        ], []);
        $other = new Seen($features, [
            self::finding('e', Kind::RootThreads, 9.2, 10.0), self::finding('f', Kind::Scale, 13.1, 40.0),
            self::finding('g', Kind::Crack, 17.0),
        ], [new Extent(20.0, 30.0)]);
        $told = static function (Seen $before, Seen $after): array {
            $fates = [];
            foreach (Comparison::of($before, $after)->fates as $each) {
                $fates[$each->before?->id.$each->after?->id] = $each->fate->value;
            }

            return $fates;
        };

        $there = $told($one, $other);
        self::assertEquals(['a' => 'gone', 'be' => 'less', 'cf' => 'more', 'g' => 'new', 'd' => 'not_seen'], $there);
        foreach ($told($other, $one) as $pair => $fate) {
            self::assertSame($turned[$fate], $there[strrev($pair)]);
        }
    }

    /** Any two pairs of a kind give a fit: none of these may have more pairs, or as many that lie nearer. */
    #[DataProvider('lines')]
    public function testNoOtherFitIsBetter(int $seed): void
    {
        $chance = new Randomizer(new Mt19937($seed + 100));
        $places = static fn () => array_map(
            static fn () => new Feature($chance->getInt(1, 4) > 1 ? FeatureKind::Joint : FeatureKind::Bend, self::between($chance, 0, 12)),
            range(1, 9),
        );
        [$before, $after] = [$places(), $places()];
        $found = FitFinder::find(new Seen($before, [], []), new Seen($after, [], []));
        $pairings = new Pairings($before, $after);
        $pairs = [];
        foreach ($before as $one) {
            foreach (array_filter($after, static fn (Feature $each) => $each->kind === $one->kind) as $other) {
                $pairs[] = new Pairing($one, $other);
            }
        }
        foreach ($pairs as $one) {
            foreach ($pairs as $other) {
                $fit = Fit::over($pairings->under(Fit::over([$one, $other])));
                self::assertFalse($fit->isBetterThan($found), \sprintf('%d pairs, not %d', \count($fit->pairs), \count($found->pairs)));
            }
        }
        foreach ($found->pairs as $pair) {
            self::assertSame($pair->before->kind, $pair->after->kind);
        }
    }

    public function testEvenJointsFitManyWaysAndTheBendsDecide(): void
    {
        $joints = static fn (int $first) => array_map(
            static fn (int $i) => new Feature(FeatureKind::Joint, $first + 1.5 * $i), range(0, 20),
        );
        $before = [...$joints(1), new Feature(FeatureKind::Bend, 6.6), new Feature(FeatureKind::Tap, 31.3)];
        $after = [...$joints(4), new Feature(FeatureKind::Bend, 11.1), new Feature(FeatureKind::Tap, 35.8)];

        // Without them three metres on would pair every joint; with them it is four and a half, and one joint less.
        self::assertEqualsWithDelta(
            3.0, FitFinder::find(new Seen($joints(1), [], []), new Seen($joints(4), [], []))->shift, 1e-9,
        );
        $found = FitFinder::find(new Seen($before, [], []), new Seen($after, [], []));
        self::assertEqualsWithDelta([4.5, 1.0], [$found->shift, $found->stretch], 1e-6);
        self::assertCount(22, $found->pairs);
    }

    public function testWithoutWhatStaysDistancesAreTakenAsTheyAre(): void
    {
        $seen = static fn (FeatureKind $kind, float $at) => new Seen([new Feature($kind, $at)], [], []);
        $fit = FitFinder::find($seen(FeatureKind::Tap, 5.0), $seen(FeatureKind::Bend, 7.0));
        self::assertSame([0.0, 1.0, []], [$fit->shift, $fit->stretch, $fit->pairs]);

        $one = FitFinder::find($seen(FeatureKind::Tap, 5.0), $seen(FeatureKind::Tap, 7.0));
        self::assertEqualsWithDelta([2.0, 1.0], [$one->shift, $one->stretch], 1e-9);
    }

    /** @return array<string, array{Finding, list<Extent>, Finding, list<Extent>, list<Fate>}> */
    public static function places(): array
    {
        $crack = static fn (float $at) => self::finding('c', Kind::Crack, $at);
        $roots = static fn (float $at, ?float $size = null) => self::finding('r', Kind::RootCords, $at, $size);

        return [
            'half a metre off is the same' => [$crack(5.0), [], $crack(5.5), [], [Fate::Same]],
            'more is not' => [$crack(5.0), [], $crack(5.52), [], [Fate::Gone, Fate::New]],
            'under three quarters is less' => [$roots(5.0, 40.0), [], $roots(5.0, 29.9), [], [Fate::Less]],
            'three quarters is the same' => [$roots(5.0, 40.0), [], $roots(5.0, 30.0), [], [Fate::Same]],
            'five quarters is the same' => [$roots(5.0, 40.0), [], $roots(5.0, 50.0), [], [Fate::Same]],
            'over five quarters is more' => [$roots(5.0, 40.0), [], $roots(5.0, 50.1), [], [Fate::More]],
            'without a size it is the same' => [$roots(5.0, 40.0), [], $roots(5.0), [], [Fate::Same]],
            'roots hid it' => [$roots(5.0), [], $crack(5.3), [], [Fate::Gone, Fate::Uncovered]],
            'roots farther off did not' => [$roots(5.0), [], $crack(5.32), [], [Fate::Gone, Fate::New]],
            'nobody saw it before' => [$crack(9.0), [new Extent(1.0, 3.0)], $roots(3.0), [], [Fate::Gone, Fate::Uncovered]],
            'nobody saw it after' => [$crack(5.0), [], $roots(9.0), [new Extent(5.0, 8.0)], [Fate::NotSeen, Fate::New]],
            'it began before the gap' => [$crack(4.9), [], $roots(9.0), [new Extent(5.0, 8.0)], [Fate::Gone, Fate::New]],
        ];
    }

    /**
     * @param list<Extent> $unseenBefore
     * @param list<Extent> $unseenAfter
     * @param list<Fate> $fates
     */
    #[DataProvider('places')]
    public function testWhatBecameOfIt(Finding $before, array $unseenBefore, Finding $after, array $unseenAfter, array $fates): void
    {
        $comparison = Comparison::of(new Seen([], [$before], $unseenBefore), new Seen([], [$after], $unseenAfter));
        self::assertSame($fates, array_map(static fn (FateOf $each) => $each->fate, $comparison->fates));
    }

    public function testAPersonsWordOnThePairsComesFirst(): void
    {
        $before = new Seen([], [self::finding('a', Kind::Crack, 3.0), self::finding('b', Kind::Crack, 9.0)], []);
        $after = new Seen([], [self::finding('c', Kind::Crack, 3.0), self::finding('d', Kind::Hole, 5.0)], []);
        $told = static fn (HandPairs $hand) => array_map(
            static fn (FateOf $each) => $each->before?->id.'-'.$each->after?->id, Comparison::of($before, $after, $hand)->fates,
        );

        self::assertSame(['a-c', 'b-', '-d'], $told(HandPairs::none()));
        self::assertSame(['a-', 'b-', '-c', '-d'], $told(new HandPairs([], [['a', 'c']])));
        self::assertSame(['a-d', 'b-', '-c'], $told(new HandPairs(['a' => 'd'], [])));
        // What is said of a finding that is not there any more says nothing.
        self::assertSame(['a-c', 'b-', '-d'], $told(new HandPairs(['a' => 'x', 'y' => 'c'], [])));
    }

    #[DataProvider('lines')]
    public function testFromTheFarEndTheLineIsTheSame(int $seed): void
    {
        $seen = self::line($seed);
        $comparison = Comparison::of($seen->reversed(40.0)->reversed(33.0), $seen);

        self::assertEqualsWithDelta([7.0, 1.0], [$comparison->fit->shift, $comparison->fit->stretch], 1e-6);
        self::assertCount(\count($seen->features), $comparison->fit->pairs);
    }

    private static function between(Randomizer $chance, float $least, float $most): float
    {
        return $least + ($most - $least) * $chance->getInt(0, 1_000_000) / 1_000_000;
    }

    private static function line(int $seed): Seen
    {
        $chance = new Randomizer(new Mt19937($seed));
        $features = $findings = [];
        for ($at = 1.3; $at < 38; $at += 1.5) {
            $features[] = new Feature(FeatureKind::Joint, $at + self::between($chance, -0.1, 0.1));
        }
        foreach ([FeatureKind::Bend, FeatureKind::TieIn, FeatureKind::Transition, FeatureKind::TieIn] as $i => $kind) {
            $features[] = new Feature($kind, 9.0 * $i + self::between($chance, 3, 10));
        }
        foreach ([Kind::Crack, Kind::RootClump, Kind::OffsetJoint, Kind::Grease] as $i => $kind) {
            $findings[] = self::finding('f'.$i, $kind, 9.0 * $i + self::between($chance, 3, 10), Kind::Crack === $kind ? null : 30.0);
        }

        return new Seen($features, $findings, []);
    }

    /** @param \Closure(): float $off */
    private static function carried(Seen $seen, float $shift, float $stretch, \Closure $off): Seen
    {
        return new Seen(
            array_map(static fn (Feature $each) => new Feature($each->kind, $shift + $stretch * $each->at + $off()), $seen->features),
            array_map(static fn (Finding $each) => self::finding(
                $each->id.'s', $each->kind, $shift + $stretch * $each->from->metres + $off(), $each->size?->value,
            ), $seen->findings), [],
        );
    }

    private static function finding(string $id, Kind $kind, float $at, ?float $size = null): Finding
    {
        return Finding::read(new Input(['id' => $id, 'kind' => $kind->value, 'from_m' => $at, 'size' => $size]));
    }
}
