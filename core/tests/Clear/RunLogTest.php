<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Clear;

use Jurvex\Core\Clear\ClearedStep;
use Jurvex\Core\Clear\EntryKind;
use Jurvex\Core\Clear\LogEntry;
use Jurvex\Core\Clear\Marks;
use Jurvex\Core\Clear\Progress;
use Jurvex\Core\Clear\RunLog;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Ribbon\FeltAt;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class RunLogTest extends TestCase
{
    public function testSectionsThatGoInComeBackOneByOneAndEachIsAnnounced(): void
    {
        $entries = array_map(static fn (int $i) => new LogEntry(EntryKind::MarkIn, 20.0 * $i), range(1, 4));
        $log = self::log(4.5, ...$entries);
        self::assertSame([18.0, 4, 0.0], [$log->distance()->metres, $log->marksIn(), $log->toNextMark()?->metres]);
        $log = self::log(4.5, ...$entries, ...[new LogEntry(EntryKind::At, 100, 20.0), new LogEntry(EntryKind::MarkOut, 120)]);
        self::assertSame(
            [18.0, 4, true],
            [$log->distance()->metres, $log->marksIn(), $log->goesBack()],
            'from between two, back to the nearer one',
        );
        self::assertEqualsWithDelta(
            2.0,
            self::log(4.5, ...$entries, ...[new LogEntry(EntryKind::At, 100, 20.0)])->toNextMark()?->metres,
            1e-9,
        );
        $out = array_map(static fn (int $i) => new LogEntry(EntryKind::MarkOut, 100.0 + $i), range(1, 9));
        $log = self::log(4.5, ...$entries, ...$out);
        self::assertSame(
            [0.0, 18.0, null],
            [$log->distance()->metres, $log->deepest()->metres, $log->toNextMark()],
            'never behind the opening',
        );
        self::assertSame([0.0, 0.6], [self::log(4.5)->deepest()->metres, self::log(4.5, self::at(10, 0.6))->deepest()->metres]);
    }

    public function testTheHoseIsTurnedFiveTenAndFiveSoThatNoTwistIsLeft(): void
    {
        $entries = [];
        $turns = [];
        for ($set = 0; $set < 4; ++$set) {
            $turns[] = $next = self::log(3.0, ...$entries)->nextTurns();
            $kind = $next > 0 ? EntryKind::TurnRight : EntryKind::TurnLeft;
            $entries[] = new LogEntry($kind, 10.0 * $set, null, (string) abs($next));
        }
        self::assertSame([5, -10, 5, 5], $turns);
    }

    public function testTheMarkBehindTheNozzleIsSaidOnTheWayBackOnly(): void
    {
        self::assertFalse(self::log(1.0, self::at(10, 3.0))->nearsOpening());
        self::assertFalse(self::log(1.0, self::at(10, 9.0), self::at(20, 5.0))->nearsOpening());
        self::assertTrue(self::log(1.0, self::at(10, 9.0), self::at(20, 5.0), self::at(25, 4.0))->nearsOpening());
        self::assertFalse(self::log(1.0, self::at(10, 9.0), self::at(20, 3.0), self::at(25, 4.0))->nearsOpening(), 'it goes in again');
    }

    /** @return array<string, array{float, float, Progress}> metres, seconds, what that is */
    public static function moves(): array
    {
        return [
            'half a metre a minute' => [0.5, 60, Progress::Advancing],
            'a hand in a minute' => [0.1, 60, Progress::Slow],
            '5 cm in a minute is not more than 5 cm' => [0.05, 60, Progress::NotMoving],
            'a hand in ten minutes' => [0.1, 600, Progress::NotMoving],
        ];
    }

    #[DataProvider('moves')]
    public function testAMarkThatIsWatchedTellsTheRate(float $metres, float $seconds, Progress $is): void
    {
        $log = self::log(
            1.0,
            self::at(10, 9.0),
            new LogEntry(EntryKind::Watch, 100),
            new LogEntry(EntryKind::Moved, 100 + $seconds, $metres),
        );
        self::assertSame($is, $log->progress());
        self::assertEqualsWithDelta([$metres * 60 / $seconds, 9.0 + $metres], [$log->rate(), $log->distance()->metres], 1e-9);
        self::assertFalse($log->isWatched());
        self::assertNull(
            self::log(1.0, self::at(10, 9.0), new LogEntry(EntryKind::Watch, 100), self::at(400, 2.0))->progress(),
            'on the way back the hand sets the pace',
        );
    }

    public function testPressureIsTimedTurnsAreNettedAndFeelingsKeepTheirPlace(): void
    {
        $log = self::log(
            1.0, new LogEntry(EntryKind::PowerOn, 10), self::at(30, 6.0),
            new LogEntry(EntryKind::Felt, 31, said: 'grabs'), new LogEntry(EntryKind::PowerOff, 70),
            new LogEntry(EntryKind::PowerOff, 90), new LogEntry(EntryKind::PowerOn, 100),
            new LogEntry(EntryKind::TurnRight, 101), new LogEntry(EntryKind::TurnRight, 102),
            new LogEntry(EntryKind::TurnLeft, 103), self::at(110, 8.0),
            new LogEntry(EntryKind::Felt, 111, said: 'free'),
        );
        self::assertSame([80.0, 1, true], [$log->onFor(120), $log->twist(), $log->isOn()]);
        self::assertSame(
            [[6.0, 'grabs'], [8.0, 'free']],
            array_map(static fn (FeltAt $felt) => [$felt->at->metres, $felt->felt], $log->felt()),
        );
    }

    public function testWaterAtTheMouthIsNoticedBeforeItIsThere(): void
    {
        $on = new LogEntry(EntryKind::PowerOn, 10);
        $off = new LogEntry(EntryKind::PowerOff, 40);
        foreach ([
            // what is in, then what is entered: whether water would come out of the opening
            [[], EntryKind::PowerOn, null, true], [[self::at(5, 0.29)], EntryKind::PowerOn, null, true],
            [[self::at(5, 0.3)], EntryKind::PowerOn, null, false],
            [[self::at(5, 6.0), $on], EntryKind::At, 0.29, true], [[self::at(5, 6.0), $on], EntryKind::At, 0.3, false],
            [[self::at(5, 6.0), $on], EntryKind::MarkOut, 0.1, true], [[self::at(5, 6.0), $on], EntryKind::MarkOut, null, false],
            [[self::at(5, 6.0), $on, $off], EntryKind::At, 0.1, false], [[self::at(5, 6.0), $on], EntryKind::Felt, 0.1, false],
        ] as $i => [$before, $kind, $metres, $comes]) {
            self::assertSame($comes, self::log(1.0, ...$before)->bringsWaterToTheMouth($kind, $metres), 'case '.$i);
        }
    }

    public function testWhatIsEnteredStaysUntilItIsEnteredAnew(): void
    {
        $log = self::log(1.0);
        self::assertSame([true, false, null, null], [$log->isNearMouth(), $log->isPulsing(), $log->degrees(), $log->level()]);
        $log = self::log(
            1.0, self::at(5, 12.0), new LogEntry(EntryKind::PulseOn, 6), new LogEntry(EntryKind::Heat, 7, 70.0),
            new LogEntry(EntryKind::Level, 8, 0.4),
        );
        self::assertSame(
            [false, true, 70.0, 0.4], [$log->isNearMouth(), $log->isPulsing(), $log->degrees(), $log->level()?->metres],
        );
        self::assertFalse(self::log(1.0, new LogEntry(EntryKind::PulseOn, 6), new LogEntry(EntryKind::PulseOff, 7))->isPulsing());
    }

    public function testDrawingBackIsTimedFromWhereItTurned(): void
    {
        self::assertNull(self::log(1.0, self::at(60, 12.0))->minutesBack());
        self::assertEqualsWithDelta(4.0, self::log(1.0, self::at(60, 12.0), self::at(180, 9.0), self::at(300, 0.0))->minutesBack(), 1e-9);
        self::assertEqualsWithDelta(
            1.0,
            self::log(1.0, self::at(60, 12.0), self::at(180, 9.0), self::at(240, 14.0), self::at(300, 2.0))->minutesBack(),
            1e-9,
            'it went in deeper once more',
        );
    }

    public function testWhateverIsEnteredTheHeadStaysBetweenTheOpeningAndTheDeepestPlace(): void
    {
        $kinds = [
            EntryKind::MarkIn, EntryKind::MarkIn, EntryKind::MarkOut, EntryKind::At, EntryKind::PowerOn,
            EntryKind::PowerOff, EntryKind::TurnLeft, EntryKind::TurnRight, EntryKind::Watch, EntryKind::Moved,
        ];
        for ($seed = 1; $seed <= 60; ++$seed) {
            $chance = new Randomizer(new Mt19937($seed));
            $entries = [];
            $seconds = 0.0;
            for ($i = 0; $i < 80; ++$i) {
                $seconds += $chance->getInt(1, 40);
                $kind = $kinds[$chance->getInt(0, \count($kinds) - 1)];
                $entries[] = new LogEntry(
                    $kind,
                    $seconds,
                    EntryKind::At === $kind
                        ? $chance->getInt(0, 300) / 10
                        : (EntryKind::Moved === $kind ? $chance->getInt(0, 8) / 100 : null),
                );
                $log = new RunLog($entries, Marks::every(Length::metres(1.5)));
                [$at, $deepest] = [$log->distance()->metres, $log->deepest()->metres];
                self::assertTrue($at >= 0 && $at <= $deepest, 'seed '.$seed);
                self::assertTrue($log->marksIn() * 1.5 <= $at + 1e-6 && $at < ($log->marksIn() + 1) * 1.5 + 1e-6);
                self::assertTrue(null === $log->toNextMark() || ($log->toNextMark()->metres >= -1e-6 && $log->toNextMark()->metres < 1.5));
                self::assertTrue($log->onFor($seconds + 100) <= $seconds + 100 && $log->onFor($seconds + 100) >= $log->onFor($seconds));
                self::assertSame($log->turnsRight() - $log->turnsLeft(), $log->twist());
                self::assertTrue(($log->minutesBack() ?? 0.0) >= 0);
            }
        }
    }

    public function testClearedIsOwedStepByStep(): void
    {
        $owed = static fn (float $deepest, int $tests, bool $back, bool $left, bool $look) => array_map(
            static fn (ClearedStep $step) => $step->value,
            ClearedStep::owed(Length::metres($deepest), Length::metres(20), $tests, $back, $left, $look),
        );
        self::assertSame(['past', 'first_test', 'drawn_back', 'second_test', 'left_said', 'look'], $owed(12, 0, false, false, false));
        self::assertSame(['second_test', 'look'], $owed(20, 1, true, true, false));
        self::assertSame([], $owed(23, 2, true, true, true));
        self::assertSame([[], ['past']], [$owed(20 - 0.05, 2, true, true, true), $owed(19.94, 2, true, true, true)], 'a hand\'s breadth');
    }

    private static function at(float $seconds, float $metres): LogEntry
    {
        return new LogEntry(EntryKind::At, $seconds, $metres);
    }

    private static function log(float $step, LogEntry ...$entries): RunLog
    {
        return new RunLog(array_values($entries), Marks::every(Length::metres($step)));
    }
}
