<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests;

use Jurvex\Core\Calc\Catalogue;
use Jurvex\Core\Clear\Blockage;
use Jurvex\Core\Clear\Head;
use Jurvex\Core\Clear\HeadReach;
use Jurvex\Core\Clear\Situation;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reach\Stopped;
use Jurvex\Core\Reel\Counter;
use Jurvex\Core\Reel\Reading;
use Jurvex\Core\Reel\Track;
use Jurvex\Core\Run\Travel;
use Jurvex\Core\Site\Place;
use Jurvex\Core\Site\Side;
use Jurvex\Core\Site\Tie;
use Jurvex\Core\Site\TiedPlace;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where a rule turns from one answer to the other. */
final class EdgesOfRulesTest extends TestCase
{
    /** @return array<string, array{HeadReach, bool}> */
    public static function reaches(): array
    {
        $at = Length::metres(...);

        return [
            'nothing stops it' => [new HeadReach('p', $at(3)), true],
            'stopped beyond' => [new HeadReach('p', $at(12.01), Stopped::LockUp), true],
            'stopped a hair before' => [new HeadReach('p', $at(11.96), Stopped::LockUp), true],
            'stopped before' => [new HeadReach('p', $at(11.9), Stopped::LockUp), false],
            'comes out by all that can be pulled' => [new HeadReach('p', $at(12), null, 200.0, 200.0), true],
            'stays in' => [new HeadReach('p', $at(12), null, 200.1, 200.0), false],
            'nobody knows what draws it out' => [new HeadReach('p', $at(12), null, null, 0.0), true],
        ];
    }

    #[DataProvider('reaches')]
    public function testAHeadWorksWhereItGetsAndComesOut(HeadReach $reach, bool $works): void
    {
        self::assertSame($works, $reach->worksAt(Length::metres(12)));
    }

    public function testItComesOutHeavilyOverHalfOfWhatCanBePulled(): void
    {
        $isHeavy = static fn (?float $pull) => (new HeadReach('p', Length::metres(12), null, $pull, 200.0))->isHeavy();
        self::assertSame([false, false, true, false], array_map($isHeavy, [null, 100.0, 100.1, 0.0]));
    }

    public function testALeaderOnlyGoesToWhereTheOthersBegin(): void
    {
        $reach = new HeadReach('p', Length::metres(10), Stopped::LockUp);
        $situation = new Situation(
            Blockage::SoftGrease, Length::metres(9), Length::metres(14), Length::metres(0), Length::millimetres(100), Material::Clay, 45,
            reaches: [Head::BendLeader->value => $reach, Head::Piercer->value => $reach],
        );

        self::assertTrue($situation->isReachedBy(Head::BendLeader));
        self::assertFalse($situation->isReachedBy(Head::Piercer));
        self::assertTrue($situation->isReachedBy(Head::Flusher), 'Of a head that nobody tried nothing is known.');
    }

    public function testAStoppageIsKnownWhereItIsOrHowFarBeyondAToolMayGo(): void
    {
        $isKnown = static fn (float $near, float $overrun) => (new Situation(
            Blockage::SoftGrease, Length::metres($near), Length::metres(14), Length::metres($overrun), Length::millimetres(100),
            Material::Clay, 45,
        ))->isPlaceKnown();
        self::assertSame([false, true, true], [$isKnown(0.0, 0.0), $isKnown(0.4, 0.0), $isKnown(0.0, 0.4)]);
    }

    public function testTwoTiltsAreAnInvertAndOneIsNone(): void
    {
        $counter = new Counter(1.0, Length::metres(0), Length::metres(60));
        $readings = [new Reading(1, 1.0, -1.0), new Reading(2, 2.0, -1.0)];

        self::assertNull(Track::none()->with([$readings[0]], $counter)->invert(Travel::Downstream));
        self::assertNotNull(Track::none()->with($readings, $counter)->invert(Travel::Downstream));
    }

    /** @return array<string, array{float, bool}> metres that the third tape is off */
    public static function tapes(): array
    {
        return ['to the mark' => [0.0, true], 'within a hand' => [0.29, true], 'over it' => [0.31, false]];
    }

    #[DataProvider('tapes')]
    public function testAThirdTapeAgreesWithinThreeTenths(float $off, bool $agrees): void
    {
        $mark = new Place(3.0, 4.0);
        $tie = static fn (float $x, float $y, float $more = 0.0) => new Tie(
            new Place($x, $y), Length::metres($mark->to(new Place($x, $y)) + $more),
        );
        $tied = TiedPlace::of($tie(0, 0), $tie(6, 0), Side::Left, Length::metres(0.01), [$tie(0, 9, $off)]) ?? self::fail();

        self::assertSame($agrees, $tied->agrees());
    }

    public function testInLineWithTheFixedPointsNoErrorIsKnownAndTheUsualOneCounts(): void
    {
        $mark = new Place(3.0, 0.0);
        $tie = static fn (float $x, float $y, float $more = 0.0) => new Tie(
            new Place($x, $y), Length::metres($mark->to(new Place($x, $y)) + $more),
        );
        $tied = TiedPlace::of($tie(0, 0), $tie(6, 0), Side::Left, Length::metres(0.05), [$tie(3, 5, 0.5)]) ?? self::fail();

        self::assertNull($tied->error);
        self::assertFalse($tied->agrees());
    }

    /** @return array<string, array{float, int}> metres up to which two places are the same, and how many things there are */
    public static function places(): array
    {
        return ['nothing but the very place' => [0.0, 2], 'a fifth' => [0.2, 2], 'three tenths' => [0.3, 1], 'two metres' => [2.0, 1]];
    }

    #[DataProvider('places')]
    public function testTwoLooksAreUnitedWithinWhatTheCallerSays(float $samePlace, int $things): void
    {
        $look = static fn (string $id, int $at, float $from) => ['id' => $id, 'at' => $at, 'spans' => [], 'findings' => [
            ['id' => 'f'.$id, 'kind' => 'crack', 'pipe' => 'p', 'from_m' => $from],
        ]];
        $united = Catalogue::complete()->calculate('unite', [
            'looks' => [$look('a', 1, 4.0), $look('b', 2, 4.3)], 'same_place_m' => $samePlace,
        ]);

        self::assertIsArray($united['findings']);
        self::assertCount($things, $united['findings']);
    }
}
