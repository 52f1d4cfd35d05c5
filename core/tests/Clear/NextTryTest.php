<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Clear;

use Jurvex\Core\Clear\Gauge;
use Jurvex\Core\Clear\NextTry;
use Jurvex\Core\Clear\Progress;
use Jurvex\Core\Clear\Trouble;
use PHPUnit\Framework\TestCase;

final class NextTryTest extends TestCase
{
    public function testTheTriesComeInTheirOrderOnceEachAndEndInAStop(): void
    {
        self::assertSame(
            [
                'push_a_little', 'turn_both_ways', 'pulse', 'mark_wait_measure', 'smaller_head', 'broken_pipe_head',
                'other_opening', 'stop_and_look',
            ],
            self::all(Trouble::WillNotGo, Gauge::Normal),
        );
        self::assertSame(
            ['keep_water_running', 'pulse', 'short_surges', 'flush_from_above', 'oil', 'other_opening_below', 'stop_and_expose'],
            self::all(Trouble::WillNotComeBack, Gauge::Normal),
        );
    }

    public function testWhatFeedsTheNozzleIsLookedAtBeforeTheNozzleIsBlamed(): void
    {
        self::assertSame(
            ['check_supply', 'check_leak', 'change_nozzle', 'push_a_little'],
            \array_slice(self::all(Trouble::WillNotGo, Gauge::Low), 0, 4),
        );
        self::assertSame('ease_back', self::all(Trouble::WillNotGo, Gauge::High)[0]);
    }

    public function testACableHasNoWaterToPulse(): void
    {
        foreach (Trouble::cases() as $trouble) {
            self::assertSame([], array_intersect(['pulse', 'short_surges', 'keep_water_running'], self::all($trouble, Gauge::None)));
        }
    }

    public function testSoilThatWashesBackEndsItAtOnceAndWhatMovesIsStayedWith(): void
    {
        foreach (Trouble::cases() as $trouble) {
            foreach (Gauge::cases() as $gauge) {
                $next = NextTry::after($trouble, $gauge, Progress::Advancing, true, []);
                self::assertSame(['broken_pipe', true], [$next->code, $next->stops]);
            }
        }
        self::assertSame('stay_with_it', NextTry::after(Trouble::WillNotGo, Gauge::Normal, Progress::Slow, false, ['push_a_little'])->code);
    }

    public function testOverFiveCentimetresAMinuteItMoves(): void
    {
        self::assertSame(
            [Progress::NotMoving, Progress::NotMoving, Progress::NotMoving, Progress::Slow, Progress::Slow, Progress::Advancing],
            array_map(
                static fn (array $moved) => Progress::of(...$moved), [[0, 2], [0.05, 1], [0.09, 2], [0.051, 1], [0.9, 2], [1.0, 2]],
            ),
        );
    }

    /** @return list<string> every step when none helps */
    private static function all(Trouble $trouble, Gauge $gauge): array
    {
        $tried = [];
        do {
            $next = NextTry::after($trouble, $gauge, null, false, $tried);
            $tried[] = $next->code;
        } while (!$next->stops);

        return $tried;
    }
}
