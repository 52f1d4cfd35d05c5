<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Mark;

use Jurvex\Core\Mark\LineCheck;
use Jurvex\Core\Mark\MarkedDepth;
use Jurvex\Core\Mark\MarkFall;
use Jurvex\Core\Measure\Grade;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Site\Place;
use Jurvex\Core\Site\PlacedMark;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is said of marks whose numbers are exactly at a limit. */
final class BordersTest extends TestCase
{
    /** @return array<string, array{float, float, string}> fall and minimum in percent, what is said */
    public static function falls(): array
    {
        return [
            'as much as is needed' => [2.0, 2.0, 'meets'], 'level' => [0.0, 2.0, 'short'], 'uphill' => [-0.5, 2.0, 'against'],
            'level where that is enough' => [0.0, 0.0, 'meets'],
        ];
    }

    #[DataProvider('falls')]
    public function testAFallAtItsLimit(float $fall, float $minimum, string $verdict): void
    {
        $mark = static fn (float $along, float $ground) => new MarkedDepth(
            Length::metres($along), Length::metres(1.0), Length::metres(0.0), $ground, Length::metres(0.0),
        );

        self::assertSame($verdict, MarkFall::between($mark(0.0, 8.0), $mark(100.0, 8.0 - $fall))->verdict($minimum));
    }

    public function testMarksInTheirLineHoldWithoutAnyTolerance(): void
    {
        $marks = array_map(static fn (float $at) => new PlacedMark(Length::metres($at), new Place(3.0 + $at, 4.0)), [0.0, 2.0, 4.0]);

        self::assertTrue((new LineCheck($marks, Grade::percent(0.0), Length::metres(0.0)))->holds());
        self::assertNull((new LineCheck($marks, Grade::percent(0.0), Length::metres(0.0)))->odd());
    }
}
