<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Say;

use Jurvex\Core\Tests\Kept;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Narrations with what people drop, put between and mishear: at the borders of what belongs together no rule changes unseen. */
final class SaidOtherwiseTest extends TestCase
{
    use TellsNarrations;

    private const TIMES = 2;
    /** What there is of the words themselves. */
    private const OF_WORDS = ['said' => 0, 'at_s' => 0, 'place_by' => 0];
    /** Of so many words one is said otherwise in each of three ways. */
    private const WORDS = 24;
    private const GLUE = [
        'and', 'then', 'at', 'to', 'about', "there's", "it's", 'that', 'so', 'the', 'a', 'is', 'okay', 'no', 'right', 'up', 'feet',
    ];

    public function testWhatIsReadOfNarrationsThatAreSaidALittleOtherwiseIsWhatItWasYesterday(): void
    {
        $chance = new Randomizer(new Mt19937(15));
        $kept = [];
        foreach (['narrations.php', 'wandering.php', 'aloud.json', 'talking.json', 'said.php'] as $file) {
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

    /** @return iterable<string, array{string, string}> */
    public static function nothings(): iterable
    {
        foreach (['um', 'you know', 'kind of', 'let me see', 'uh i guess'] as $filler) {
            // "Let me see where …" asks.
            yield $filler => ['~(?<![^ ])(?!(?:where|what|how|if|who|when)\b)(?=[a-z])~', $filler.' '];
        }
        yield 'a beginning anew' => ["~\b(there's (?:a|some)) ~", '$1 $1 '];
        yield 'a word twice' => ['~\b(the|a|at|of|is|and|in) ~', '$1 $1 '];
        yield 'while something is still to come' => ['~\b(the|at|of|from) ~', '$1 okay '];
        yield 'loosely' => ['~(?<!\blooks )(?<!\blooking )\b(?=(?:a|an) (?:root|crack|hole|wye|bend|belly|tee)\b)~', 'like '];
    }

    #[DataProvider('nothings')]
    public function testWhatIsSaidForNothingChangesNothing(string $where, string $nothing): void
    {
        $chance = new Randomizer(new Mt19937(3));
        $put = 0;
        foreach (self::cases('narrations.php') as $case) {
            $cues = array_map(static function (array $cue) use ($chance, $where, $nothing, &$put): array {
                $text = preg_replace_callback($where, static function (array $found) use ($chance, $nothing, &$put): string {
                    if (0 !== $chance->getInt(0, 4)) {
                        return $found[0];
                    }
                    ++$put;

                    return str_replace('$1', $found[1] ?? '', $nothing);
                }, strtolower($cue['text']));

                return ['text' => (string) $text] + $cue;
            }, $case['in']['cues'] ?? []);
            $plain = array_map(static fn (array $cue) => ['text' => strtolower($cue['text'])] + $cue, $case['in']['cues'] ?? []);
            if ([] !== $cues) {
                self::assertSame(self::told(['cues' => $plain] + $case['in']), self::told(['cues' => $cues] + $case['in']));
            }
        }
        self::assertGreaterThan(5, $put);
    }

    /**
     * @param array<string, mixed> $in
     *
     * @return list<array<string, mixed>>
     */
    private static function told(array $in): array
    {
        return array_map(static fn (array $entry) => array_diff_key($entry, self::OF_WORDS), self::read($in));
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
