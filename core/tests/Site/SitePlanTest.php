<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Site;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Site\FixedKind;
use Jurvex\Core\Site\FixedThing;
use Jurvex\Core\Site\Place;
use Jurvex\Core\Site\Placing;
use Jurvex\Core\Site\Side;
use Jurvex\Core\Site\SitePlan;
use Jurvex\Core\Site\TapedTo;
use Jurvex\Core\Site\Unplaced;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The plan of a site: what stays on it, and where tapes put a mark. */
final class SitePlanTest extends TestCase
{
    /** @return array<string, array{Place, list<string>, ?Side, bool, Side|Unplaced}> */
    public static function places(): array
    {
        $yard = new Place(4.0, -3.0);
        $hall = new Place(4.0, 3.0);

        return [
            'outside the house where nobody said' => [$yard, ['SW', 'SE'], null, false, Side::Right],
            'in the house where the ground is indoors' => [$hall, ['SW', 'SE'], null, true, Side::Left],
            'a third tape decides against the house' => [$hall, ['SW', 'SE', 'Gate'], null, false, Side::Left],
            'what was said goes before everything' => [$yard, ['SW', 'SE'], Side::Right, true, Side::Right],
            'by two things away from the house nobody knows' => [
                new Place(20.0, -9.0), ['Gate', 'Tree'], null, false, Unplaced::SideNotSaid,
            ],
            'names are found however they were typed' => [$yard, [' sw ', 'se'], null, false, Side::Right],
            'one tape is a circle' => [$yard, ['SW'], null, false, Unplaced::OneTape],
            'no tape' => [$yard, [], null, false, Unplaced::NotTaped],
        ];
    }

    /** @param list<string> $names */
    #[DataProvider('places')]
    public function testTapesPutAMarkWhereItIs(Place $true, array $names, ?Side $said, bool $indoors, Side|Unplaced $expected): void
    {
        $placing = self::placed($true, $names, $said, $indoors);
        if ($expected instanceof Unplaced) {
            self::assertSame($expected, $placing->why);

            return;
        }
        self::assertNotNull($placing->tied);
        self::assertSame($expected, $placing->side);
        self::assertLessThan(1e-6, $placing->tied->place->to($true));
        self::assertTrue($placing->tied->agrees());
    }

    public function testWhatIsNotDrawnAndTapesThatDoNotMeetAreTold(): void
    {
        $plan = self::plan();
        $placing = $plan->placed(null, false, Length::metres(0.05), self::tape('SW', 3.0), self::tape('Fence', 4.0));
        self::assertSame([Unplaced::NotDrawn, 'Fence'], [$placing->why, $placing->missing]);
        $short = $plan->placed(null, false, Length::metres(0.05), self::tape('SW', 3.0), self::tape('SE', 4.0));
        self::assertSame(Unplaced::DoNotMeet, $short->why);
    }

    public function testTheHouseEndsAtItsWalls(): void
    {
        $plan = self::plan();
        foreach ([[4.0, 0.5, true], [4.0, -0.5, false], [0.5, 1.0, true], [-0.5, 1.0, false]] as [$x, $y, $isIn]) {
            self::assertSame($isIn, $plan->isInTheHouse(new Place($x, $y)), $x.' '.$y);
        }
        $wall = array_map(static fn (float $x) => $plan->isInTheHouse(new Place($x, 1.0)), [0.0, 8.0]);
        self::assertCount(1, array_filter($wall), 'of two walls that stand against each other one is in');
    }

    public function testAHouseOfThreeCornersIsOneAndOfTwoIsNone(): void
    {
        $plan = SitePlan::bare();
        $isIn = [];
        foreach ([['A', 0, 0], ['B', 6, 0], ['C', 3, 6]] as $i => [$name, $x, $y]) {
            $plan = $plan->with(new FixedThing((string) ($i + 1), FixedKind::HouseCorner, $name, new Place((float) $x, (float) $y)));
            $isIn[] = $plan->isInTheHouse(new Place(3.0, 2.0));
        }
        self::assertSame([false, false, true], $isIn);
    }

    public function testAThirdTapeThatIsOffDoesNotAgree(): void
    {
        $placing = self::plan()->placed(
            Side::Right, false, Length::metres(0.05), self::tape('SW', 5.0), self::tape('SE', 5.0), self::tape('Gate', 2.0),
        );
        self::assertNotNull($placing->tied);
        self::assertFalse($placing->tied->agrees());
    }

    public function testWhereverAMarkIsItsOwnTapesFindItAgain(): void
    {
        mt_srand(7);
        for ($round = 0; $round < 200; ++$round) {
            $true = new Place(mt_rand(-300, 300) / 10, mt_rand(-300, 300) / 10);
            $names = ['SW', 'SE', 'NE', 'NW', 'Gate', 'Tree'];
            shuffle($names);
            $placing = self::placed($true, \array_slice($names, 0, 3), null, self::plan()->isInTheHouse($true));
            if (null !== $placing->tied && null !== $placing->tied->error && $placing->tied->error < 1.0) {
                self::assertLessThan(1e-5, $placing->tied->place->to($true), 'three exact tapes leave no doubt');
            }
        }
    }

    public function testAPlanIsReadAsItWasWritten(): void
    {
        $plan = self::plan()->lying(24.0, 44.5, -28.2);
        self::assertEquals($plan, SitePlan::read(new Input($plan->plain())));
        self::assertCount(5, $plan->without('1')->things);
        $moved = $plan->with(new FixedThing('1', FixedKind::HouseCorner, 'sw', new Place(1.0, 1.0)));
        self::assertSame([6, 1.0], [\count($moved->things), $moved->called('SW')?->place->x]);
        self::assertNull($plan->lying(90.0, null, null)->earth);
    }

    public function testWhereOnEarthAPlanLiesHasItsBounds(): void
    {
        $earth = ['things' => [], 'bearing_deg' => 90.0, 'latitude' => 44.0, 'longitude' => -28.0];
        foreach (['bearing_deg' => [0.0, 360.0], 'latitude' => [-89.9, 89.9], 'longitude' => [-180.0, 180.0]] as $what => $bounds) {
            foreach ($bounds as $i => $bound) {
                self::assertSame($bound, SitePlan::read(new Input([$what => $bound] + $earth))->plain()[$what]);
                try {
                    SitePlan::read(new Input([$what => $bound + (0 === $i ? -0.01 : 0.01)] + $earth));
                    self::fail($what);
                } catch (BadInput $refused) {
                    self::assertSame(['out_of_range', $what], [$refused->reason, $refused->at]);
                    self::assertSame(['least' => $bounds[0], 'most' => $bounds[1]], $refused->allowed);
                }
            }
        }
    }

    public function testTwoThingsOfOneNameAndHalfAPlaceOnTheEarthAreRefused(): void
    {
        foreach ([
            ['twice', static fn () => self::plan()->with(new FixedThing('9', FixedKind::Tree, ' gate', new Place(0.0, 0.0)))],
            ['missing', static fn () => self::plan()->lying(null, 44.0, -28.0)],
            ['missing', static fn () => self::plan()->lying(90.0, 44.0, null)],
            ['missing', static fn () => self::plan()->lying(90.0, null, -28.0)],
            ['too_long', static fn () => FixedThing::read(new Input(['name' => str_repeat('x', 81)] + self::plan()->things[0]->plain()))],
        ] as [$reason, $change]) {
            try {
                $change();
                self::fail($reason);
            } catch (BadInput $error) {
                self::assertSame($reason, $error->reason);
            }
        }
    }

    /** @param list<string> $names */
    private static function placed(Place $true, array $names, ?Side $said, bool $indoors): Placing
    {
        $plan = self::plan();
        $taped = array_map(
            static fn (string $name) => self::tape($name, $true->to($plan->called($name)->place ?? $true)), $names,
        );

        return $plan->placed($said, $indoors, Length::metres(0.05), ...$taped);
    }

    private static function tape(string $name, float $metres): TapedTo
    {
        return new TapedTo($name, Length::metres($metres));
    }

    private static function plan(): SitePlan
    {
        $plan = SitePlan::bare();
        foreach ([
            ['SW', FixedKind::HouseCorner, 0, 0], ['SE', FixedKind::HouseCorner, 8, 0], ['NE', FixedKind::HouseCorner, 8, 6],
            ['NW', FixedKind::HouseCorner, 0, 6], ['Gate', FixedKind::Gate, 14, -4], ['Tree', FixedKind::Tree, 17, 2],
        ] as $i => [$name, $kind, $x, $y]) {
            $plan = $plan->with(new FixedThing((string) ($i + 1), $kind, $name, new Place((float) $x, (float) $y)));
        }

        return $plan;
    }

    public function testAPlanLiesOnEarthWhereAllOfItIsSaid(): void
    {
        $plan = SitePlan::bare()->lying(24.0, 51.0, 7.0);
        self::assertSame([24.0, 51.0, 7.0], [$plan->bearing, $plan->earth?->latitude, $plan->earth?->longitude]);
        self::assertNull(SitePlan::bare()->lying(24.0, null, null)->earth);
    }
}
