<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Clear;

use Jurvex\Core\Clear\Place;
use Jurvex\Core\Clear\PlaceKnownBy;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where the stoppage is, from triage, looks and what was felt together. */
final class PlaceTest extends TestCase
{
    /** @return iterable<string, array{?array{float, float}, list<array{float, float}>, list<float>, list<float>, string}> */
    public static function known(): iterable
    {
        yield 'nothing: ten metres from the opening' => [null, [], [], [], '0-10 '];
        yield 'triage alone' => [[3.0, 18.0], [], [], [], '3-18 triage'];
        yield 'felt in the likeliest pipe: from there on to its end' => [[3.0, 18.0], [], [], [11.0], '11-18 triage felt'];
        yield 'felt beyond it: triage has no say' => [[3.0, 18.0], [], [], [20.0], '20-20 felt'];
        yield 'felt before it' => [[12.0, 18.0], [], [], [4.0], '4-4 felt'];
        yield 'met by the camera and felt by a tool' => [[3.0, 18.0], [], [9.0], [11.0], '9-18 triage looks felt'];
        yield 'seen from end to end' => [[3.0, 18.0], [[8.0, 10.0], [14.0, 14.5]], [], [], '8-14.5 looks'];
        yield 'seen, and felt within it' => [[3.0, 18.0], [[8.0, 14.5]], [], [10.0], '8-14.5 looks felt'];
        yield 'seen, and felt beyond it' => [[3.0, 18.0], [[8.0, 9.0]], [], [12.0], '8-18 triage looks felt'];
    }

    /**
     * @param ?array{float, float} $triage
     * @param list<array{float, float}> $seen
     * @param list<float> $met
     * @param list<float> $felt
     */
    #[DataProvider('known')]
    public function testWhatWasSeenOrFeltBoundsItAndTriageSaysHowFarItMayGoOn(
        ?array $triage, array $seen, array $met, array $felt, string $expected,
    ): void {
        self::assertSame($expected, self::told(Place::of($triage, $seen, $met, $felt)));
    }

    public function testWhatSomebodySaysGoesBeforeIt(): void
    {
        $place = Place::of([3.0, 18.0], [], [], []);
        self::assertSame('3-18 triage', self::told($place->overruledBy(null, null)));
        self::assertSame('5-9 told', self::told($place->overruledBy(5.0, 9.0)));
        self::assertSame('5-18 told triage', self::told($place->overruledBy(5.0, null)));
        self::assertSame('20-20 told triage', self::told($place->overruledBy(20.0, null)), 'never nearer than its near end');
        self::assertSame('2-2 told triage', self::told($place->overruledBy(null, 2.0)));
    }

    private static function told(Place $place): string
    {
        return $place->near.'-'.$place->far.' '.implode(' ', array_map(static fn (PlaceKnownBy $by) => $by->value, $place->by));
    }
}
