<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Say;

use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Say\Cue;
use Jurvex\Core\Say\Lexicon;
use Jurvex\Core\Say\Narration;
use Jurvex\Core\Say\Reading;
use Jurvex\Core\Say\Reel;
use Jurvex\Core\Say\Speech;
use PHPUnit\Framework\TestCase;

/** Cues cut where somebody paused are sentences; those that whoever wrote them has cut by chance are not. */
final class CuesTest extends TestCase
{
    private const FOOT_M = 0.3048;
    private const EACH_S = 4.0;
    private const SENTENCES = [
        'at 10 feet there are roots', 'the top of the pipe is fine', 'a crack at 14 feet', 'then it is clean', 'at 20 feet an offset',
        'no water in it', 'some grease from 25 to 30', 'at 41 feet the main',
    ];

    public function testCuesThatEndWithPhrasesAreReadAsThoughFullStopsStoodThere(): void
    {
        $withStops = array_map(static fn (string $sentence) => $sentence.'.', self::SENTENCES);
        self::assertSame(self::read($withStops), self::read(self::SENTENCES));
        self::assertEquals([10, 14, 20, 25, 41], array_column(self::read(self::SENTENCES), 'at'));
        self::assertStringNotContainsString('fine', implode(' ', array_column(self::read(self::SENTENCES), 'said')));
    }

    public function testCuesThatEndWithinPhrasesAreReadOnInto(): void
    {
        $byChance = array_map(
            static fn (array $words) => implode(' ', $words),
            array_chunk(explode(' ', implode(' ', self::SENTENCES)), 4),
        );
        self::assertStringContainsString('fine', implode(' ', array_column(self::read($byChance), 'said')));
    }

    /** Whoever says a line to be written down means it, and so does who says no place at all; who tells places names more than is there. */
    public function testWithoutAPlaceALineCountsAndTalkOnlyWhereItPointsOrNothingHasAPlace(): void
    {
        $kinds = static fn (string $said, bool $areLines) => array_column(self::read([$said], $areLines), 'kind');
        self::assertSame(['bend', 'bend'], [...$kinds('it makes the turn', true), ...$kinds("there's a bend right here", false)]);
        self::assertSame(['bend', 'scale'], $kinds('it makes the turn and the pipe is scaled up', false));
        self::assertSame(['scale', 'hole'], $kinds('it makes the turn and the pipe is scaled up, keep going, ten feet a hole', false));
    }

    /**
     * @param list<string> $texts one right behind the other
     * @param bool $areLines whether each is said to be written down
     *
     * @return list<array{kind: string, at: float, said: string}> with feet
     */
    private static function read(array $texts, bool $areLines = false): array
    {
        $cues = [];
        foreach ($texts as $i => $text) {
            $cues[] = new Cue(self::EACH_S * $i, self::EACH_S * $i + self::EACH_S - 0.1, $text);
        }
        $read = [];
        $lexicon = Lexicon::of('en');
        $reading = Reading::of(Speech::timed($cues, $lexicon, $areLines), $lexicon);
        foreach (Narration::read($reading, UnitSystem::FeetAndInches, new Reel([], null)) as $entry) {
            $plain = $entry->plain();
            $read[] = [
                'kind' => $plain['kind'], 'at' => round(($plain['from_m'] ?? 0) / self::FOOT_M), 'said' => rtrim($plain['said'], '.'),
            ];
        }

        return $read;
    }
}
