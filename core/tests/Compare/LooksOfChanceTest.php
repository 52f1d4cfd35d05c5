<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Compare;

use Jurvex\Core\Compare\Comparison;
use Jurvex\Core\Compare\Fate;
use Jurvex\Core\Compare\FateOf;
use Jurvex\Core\Compare\Feature;
use Jurvex\Core\Compare\FeatureKind;
use Jurvex\Core\Compare\Fit;
use Jurvex\Core\Compare\HandPairs;
use Jurvex\Core\Compare\Pairing;
use Jurvex\Core\Compare\Seen;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Looks\LaidRun;
use Jurvex\Core\Looks\Look;
use Jurvex\Core\Looks\UnitedFinding;
use Jurvex\Core\Looks\UnitedLine;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Run\Travel;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What holds of any two looks, however they were made. */
final class LooksOfChanceTest extends TestCase
{
    private const KINDS = [
        Kind::SoundJoint, Kind::RootCords, Kind::RootClump, Kind::Crack, Kind::Grease, Kind::Scale, Kind::OffsetJoint, Kind::TieIn,
    ];
    private const END_M = 30.0;

    /** @return iterable<string, array{int}> */
    public static function pairs(): iterable
    {
        foreach (range(1, 25) as $seed) {
            yield 'two looks '.$seed => [$seed];
        }
    }

    #[DataProvider('pairs')]
    public function testEveryFindingHasOneFateAndEachFateItsSides(int $seed): void
    {
        $chance = new Randomizer(new Mt19937($seed));
        [$before, $after] = [Seen::by(self::look($chance, 'b')), Seen::by(self::look($chance, 'a'))];
        foreach ([HandPairs::none(), self::hand($chance, $before, $after)] as $hand) {
            $fates = Comparison::of($before, $after, $hand)->fates;
            $ids = static fn (\Closure $side) => array_values(array_filter(array_map($side, $fates)));
            self::assertEqualsCanonicalizing(
                array_map(static fn (Finding $each) => $each->id, $before->findings),
                $ids(static fn (FateOf $each) => $each->before?->id),
            );
            self::assertEqualsCanonicalizing(
                array_map(static fn (Finding $each) => $each->id, $after->findings),
                $ids(static fn (FateOf $each) => $each->after?->id),
            );
            foreach ($fates as $each) {
                $expected = match (true) {
                    null === $each->after => [Fate::Gone, Fate::NotSeen],
                    null === $each->before => [Fate::New, Fate::Uncovered],
                    default => [Fate::Less, Fate::Same, Fate::More],
                };
                self::assertContains($each->fate, $expected);
            }
        }
    }

    public function testWhatIsPairedByItselfIsOneTroubleNearBy(): void
    {
        $paired = 0;
        foreach (range(1, 40) as $seed) {
            $chance = new Randomizer(new Mt19937($seed));
            $comparison = Comparison::of(Seen::by(self::look($chance, 'b')), Seen::by(self::look($chance, 'a')));
            foreach ($comparison->fates as $each) {
                if (null === $each->before || null === $each->after) {
                    continue;
                }
                ++$paired;
                self::assertSame($each->before->kind->trouble(), $each->after->kind->trouble());
                self::assertLessThanOrEqual(
                    0.5 + 1e-6, abs($comparison->fit->carried($each->before->from->metres) - $each->after->from->metres),
                );
            }
        }
        self::assertGreaterThan(20, $paired);
    }

    public function testPlacesThatLieOnAFitAreFittedByIt(): void
    {
        $chance = new Randomizer(new Mt19937(12));
        for ($round = 0; $round < 30; ++$round) {
            [$shift, $stretch] = [$chance->getInt(-200, 200) / 100, 1 + $chance->getInt(-49, 49) / 1000];
            $pairs = array_map(static function (int $i) use ($chance, $shift, $stretch): Pairing {
                $at = $i + $chance->getInt(0, 400) / 100;

                return new Pairing(new Feature(FeatureKind::Joint, $at), new Feature(FeatureKind::Joint, $shift + $stretch * $at));
            }, range(1, 40, 5));
            $fit = Fit::over($pairs);
            self::assertEqualsWithDelta([$shift, $stretch], [$fit->shift, $fit->stretch], 1e-9);
        }
    }

    /** A camera with another counter sees the same line: united by what stays it is the line that one counter would have told. */
    #[DataProvider('pairs')]
    public function testAnotherCounterChangesNothingOfTheUnitedLine(int $seed): void
    {
        $chance = new Randomizer(new Mt19937($seed));
        [$one, $other] = [self::look($chance, 'b'), self::look($chance, 'a')];
        $fit = Fit::by($chance->getInt(50, 200) / 100, 1 + $chance->getInt(-30, 30) / 1000);
        $counted = new RunRecord(
            array_map(static fn (Finding $each) => $each->at(Length::metres($fit->carried($each->from->metres)), null), $other->findings),
            Material::Clay, Length::millimetres(100), Travel::Downstream, null, Length::metres($fit->carried(self::END_M)),
            EndReason::MainReached,
        );
        $told = static fn (Look ...$looks) => array_map(static fn (UnitedFinding $each) => [
            $each->sightings, $each->newest->finding->kind->value, round($each->newest->finding->from->metres, 6), $each->goneSince,
        ], (new UnitedLine(array_values($looks)))->findings);

        $first = LaidRun::along('one', 1.0, 'yard', $one, null)->look();
        self::assertEquals(
            $told($first, LaidRun::along('other', 2.0, 'yard', $other, null)->look()),
            $told($first, LaidRun::along('other', 2.0, 'yard', $counted, null, $fit)->look()),
        );
    }

    private static function look(Randomizer $chance, string $name): RunRecord
    {
        $findings = [];
        for ($i = 0; $i < 14; ++$i) {
            $kind = self::KINDS[$chance->getInt(0, \count(self::KINDS) - 1)];
            $findings[] = Finding::read(new Input([
                'id' => $name.$i, 'kind' => $kind->value, 'from_m' => $chance->getInt(10, 2900) / 100,
                'size' => \in_array($kind, [Kind::RootCords, Kind::Grease], true) ? $chance->getInt(1, 90) : null,
            ]));
        }

        return new RunRecord(
            $findings, Material::Clay, Length::millimetres(100), Travel::Downstream, null, Length::metres(self::END_M),
            EndReason::MainReached,
        );
    }

    private static function hand(Randomizer $chance, Seen $before, Seen $after): HandPairs
    {
        $any = static fn (Seen $seen) => $seen->findings[$chance->getInt(0, \count($seen->findings) - 1)]->id;

        return new HandPairs([$any($before) => $any($after), $any($before) => $any($after)], [[$any($before), $any($after)]]);
    }
}
