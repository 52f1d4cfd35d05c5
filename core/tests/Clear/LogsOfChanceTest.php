<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Clear;

use Jurvex\Core\Clear\EntryKind;
use Jurvex\Core\Clear\LogEntry;
use Jurvex\Core\Clear\Marks;
use Jurvex\Core\Clear\RunLog;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Tests\Kept;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Logs of chance: what a hand may enter in whatever order, and what must hold all the same. */
final class LogsOfChanceTest extends TestCase
{
    public function testTheToolIsNeverBehindZeroNorDeeperThanItsDeepest(): void
    {
        $kept = [];
        for ($seed = 1; $seed <= 40; ++$seed) {
            $entries = [];
            foreach (self::entries($seed) as $entry) {
                $entries[] = $entry;
                $log = new RunLog($entries, Marks::every(Length::metres(3)));
                self::assertGreaterThanOrEqual(0.0, $log->distance()->metres);
                self::assertLessThanOrEqual($log->deepest()->metres, $log->distance()->metres);
                self::assertSame($log->turnsRight() - $log->turnsLeft(), $log->twist());
                self::assertSame((int) floor($log->distance()->metres / 3 + 1e-9), $log->marksIn());
                self::assertLessThanOrEqual($entry->seconds + 60, $log->onFor($entry->seconds + 60));
            }
            $log = new RunLog($entries, Marks::every(Length::metres(3)));
            $now = max(array_map(static fn (LogEntry $entry) => $entry->seconds, $entries)) + 30;
            $kept[$seed] = [
                $log->distance()->metres, $log->deepest()->metres, $log->marksIn(), $log->toNextMark()?->metres, $log->nearsOpening(),
                $log->goesBack(), $log->twist(), $log->isOn(), $log->onFor($now), $log->rate(), $log->progress(), $log->isWatched(),
                $log->minutesBack(), \count($log->felt()), $log->water(), $log->cameBack(),
            ];
        }
        Kept::assertSame('logs', $kept);
    }

    /** @return non-empty-list<LogEntry> */
    private static function entries(int $seed): array
    {
        $chance = new Randomizer(new Mt19937($seed));
        $pressed = array_filter(EntryKind::cases(), static fn (EntryKind $kind) => EntryKind::Said !== $kind);
        $entries = [new LogEntry(EntryKind::MarkIn, 0.0)];
        $seconds = 0.0;
        for ($i = $chance->getInt(4, 30); $i > 0; --$i) {
            $seconds += $chance->getInt(1, 60);
            $kind = $pressed[$chance->getInt(0, \count($pressed) - 1)];
            $metres = match ($kind) {
                EntryKind::At => $chance->getInt(0, 400) / 10,
                EntryKind::Moved => $chance->getInt(0, 20) / 10,
                default => null,
            };
            $entries[] = new LogEntry($kind, $seconds, $metres, EntryKind::Water === $kind ? 'dropping' : 'grabs');
        }

        return $entries;
    }
}
