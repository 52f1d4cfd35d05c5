<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Say;

use Jurvex\Core\Tests\Kept;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Narrations with what people drop, put between and mishear: at the borders of what belongs together no rule changes unseen. */
final class SaidOtherwiseTest extends TestCase
{
    use TellsNarrations;

    private const TIMES = 6;
    /** Of so many words one is said otherwise in each of three ways. */
    private const WORDS = 24;
    private const GLUE = [
        'and', 'then', 'at', 'to', 'about', "there's", "it's", 'that', 'so', 'the', 'a', 'is', 'okay', 'no', 'right', 'up', 'feet',
    ];

    public function testWhatIsReadOfNarrationsThatAreSaidALittleOtherwiseIsWhatItWasYesterday(): void
    {
        $chance = new Randomizer(new Mt19937(15));
        $kept = [];
        foreach (['narrations.php', 'wandering.php', 'aloud.json', 'said.php'] as $file) {
            foreach (self::cases($file) as $i => $case) {
                $cues = $case['in']['cues'] ?? [['from_s' => 0.0, 'to_s' => 3.0, 'text' => $case['in']['text'] ?? '']];
                $read = [];
                for ($time = 0; $time < self::TIMES; ++$time) {
                    $otherwise = array_map(static fn (array $cue) => ['text' => self::otherwise($chance, $cue['text'])] + $cue, $cues);
                    $read[] = self::read(['units' => 0 === $time % 2 ? 'feet' : 'metric', 'cues' => $otherwise]);
                }
                $kept[$file.' '.$i] = hash('crc32b', (string) json_encode($read));
            }
        }
        Kept::assertSame('otherwise', $kept);
    }

    private static function otherwise(Randomizer $chance, string $text): string
    {
        $said = [];
        foreach (explode(' ', $text) as $word) {
            array_push($said, ...match ($chance->getInt(0, self::WORDS)) {
                0 => [],
                1 => [$word, self::GLUE[$chance->getInt(0, \count(self::GLUE) - 1)]],
                2 => [(string) $chance->getInt(1, 60)],
                default => [$word],
            });
        }

        return [] === $said ? self::GLUE[0] : implode(' ', $said);
    }
}
