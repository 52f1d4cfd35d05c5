<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Say;

use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Say\Entry;
use Jurvex\Core\Say\Lexicon;
use Jurvex\Core\Say\Narration;
use Jurvex\Core\Say\Reading;
use Jurvex\Core\Say\Reel;
use Jurvex\Core\Say\Score;
use Jurvex\Core\Say\Speech;
use Jurvex\Core\Tests\Kept;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * @phpstan-import-type Plain from Entry
 */
final class NarrationTest extends TestCase
{
    use TellsNarrations;

    private const FOOT_M = 0.3048;

    public function testWhereNothingIsWantedOrProposedNothingIsWrong(): void
    {
        $crack = ['kind' => 'crack', 'from_m' => 3.0];
        $scores = [Score::none(), Score::none()->with([$crack], []), Score::none()->with([], [$crack])];
        self::assertSame([[1.0, 1.0], [0.0, 1.0], [1.0, 0.0]], array_map(
            static fn (Score $score) => [(float) $score->recall(), (float) $score->precision()], $scores,
        ));
        $stretch = $crack + ['to_m' => 5.0];
        foreach ([['from_m' => 3.2, 'to_m' => 9.0], ['from_m' => 9.0, 'to_m' => 5.2]] as $other) {
            self::assertSame(0.0, Score::none()->with([$stretch], [$other + $stretch])->recall(), 'either end counts');
        }
    }

    public function testTheReelReadsBetweenItsReadingsAndNeitherBeforeNorAfterThem(): void
    {
        $reel = new Reel([[2.0, 1.0], [4.0, 5.0], [4.0, 6.0], [8.0, 6.0]]);
        $read = array_map($reel->at(...), [null, 1.9, 2.0, 3.0, 4.0, 6.0, 8.0, 8.1]);
        self::assertSame([null, null, 1.0, 3.0, 5.0, 6.0, 6.0, null], $read);
    }

    public function testOfALongBreathEachKeepsTheWordsAroundItself(): void
    {
        $talk = str_repeat('and it looks just as it should here ', 9);
        $lexicon = Lexicon::of('en');
        $speech = Speech::written("at ten feet there's an offset {$talk} and at thirty feet we have some roots {$talk}", $lexicon);
        $said = array_map(
            static fn (Entry $entry) => $entry->said,
            Narration::read(Reading::of($speech, $lexicon), UnitSystem::FeetAndInches, new Reel([])),
        );
        self::assertCount(2, $said);
        self::assertStringStartsWith("at ten feet there's an offset and", $said[0]);
        self::assertStringContainsString('at thirty feet we have some roots and', $said[1]);
        self::assertSame([], array_filter($said, static fn (string $each) => str_word_count($each) > 24));
    }

    /** @return iterable<string, array{array<string, mixed>, list<Plain>}> */
    public static function sentences(): iterable
    {
        foreach ([...self::cases('said.php'), ...self::cases('said-es.php')] as $case) {
            yield $case['in']['text'] ?? '' => [$case['in'], $case['out']['entries']];
        }
    }

    /**
     * @param array<string, mixed> $in
     * @param list<Plain> $wanted
     */
    #[DataProvider('sentences')]
    public function testASentenceIsReadWithAllThatIsSaidInItAndNoMore(array $in, array $wanted): void
    {
        $read = self::read($in);
        self::assertCount(\count($wanted), $read);
        foreach ($wanted as $i => $entry) {
            self::assertTrue(Score::agree($entry, $read[$i]), (string) json_encode($read[$i]));
            self::assertEquals($entry['facts'] ?? [], array_intersect_key($read[$i]['facts'] ?? [], $entry['facts'] ?? []));
            self::assertEquals($entry['sureness'] ?? null, $read[$i]['sureness'] ?? null);
            foreach (['size', 'clock_from', 'clock_to', 'depth_m', 'depth_to_m'] as $key) {
                if (isset($entry[$key])) {
                    self::assertEqualsWithDelta($entry[$key], $read[$i][$key] ?? null, 0.01, $key);
                }
            }
        }
    }

    public function testNarrationsWithoutPunctuationAreReadAsACarefulListenerWould(): void
    {
        $score = Score::none();
        foreach (self::cases('narrations.php') as $case) {
            $score = $score->with($case['out']['entries'], self::read($case['in']));
        }
        self::assertGreaterThan(200, $score->wanted);
        self::assertGreaterThan(0.9, $score->recall());
        self::assertGreaterThan(0.9, $score->precision());
    }

    public function testWhatIsReadOfNarrationsIsWhatItWasYesterday(): void
    {
        $kept = [];
        $files = [
            'narrations.php', 'said.php', 'wandering.php', 'aloud.json', 'talking.json', 'rambling.json', 'showing.json', 'along.json',
            'cases/say.json', 'narrations-es.php', 'said-es.php',
        ];
        foreach ($files as $file) {
            foreach (self::cases($file) as $i => $case) {
                $read = [[0, 0.5], [40, 12.25], [400, 30]];
                $readings = array_map(static fn (array $at) => ['at_s' => $at[0], 'distance_m' => $at[1]], $read);
                $entries = self::read($case['in'] + (0 === $i % 2 ? ['readings' => $readings, 'at_m' => 7.5] : []));
                $kept[$file.' '.$i] = hash('crc32b', (string) json_encode($entries)).' '.Workings::ofAsked(new Input($case['in']));
            }
        }
        Kept::assertSame('narrations', $kept);
    }

    public function testPlacesInFeetAndInMetresAgree(): void
    {
        $said = ['roots at %s, an offset at %s', 'a belly from %s to %s', 'it changes to clay at %s, then a crack at %s'];
        foreach ($said as $pattern) {
            foreach ([[7, 12], [26.5, 31], [104, 118.25]] as $places) {
                $feet = vsprintf($pattern, array_map(static fn (float $at) => $at.' feet', $places));
                $metres = vsprintf($pattern, array_map(static fn (float $at) => round($at * self::FOOT_M, 4).' metres', $places));
                $bare = vsprintf($pattern, $places);
                $one = self::places(self::read(['text' => $feet, 'units' => 'metric']));
                self::assertNotEmpty($one);
                self::assertEqualsWithDelta($one, self::places(self::read(['text' => $metres, 'units' => 'feet'])), 0.001, $feet);
                self::assertEqualsWithDelta($one, self::places(self::read(['text' => $bare, 'units' => 'feet'])), 0.001, $feet);
            }
        }
    }

    /** Not said, not read by the reel, not carried for less than twenty seconds: then there is none. */
    public function testAnEntryHasNoPlaceThatIsNotInTheTextTheReadingsOrCarried(): void
    {
        $cues = [];
        $said = [];
        foreach (self::cases('narrations.php') as $case) {
            foreach (self::read($case['in']) as $entry) {
                $said[$entry['place_by'] ?? 'none'] = true;
                self::assertSame(isset($entry['from_m']), isset($entry['place_by']));
                self::assertNotSame('reel', $entry['place_by'] ?? '');
            }
            // The same words without their numbers, an hour apart from any of them.
            foreach ($case['in']['cues'] ?? [] as $i => $cue) {
                $number = '/\d+|\b(one|two|three|four|five|six|seven|eight|nine|ten|\w+teen|eleven|twelve|half|quarters?|third|\w+ty)\b/i';
                $cues[] = ['from_s' => 30 * $i, 'to_s' => 30 * $i + 3, 'text' => preg_replace($number, 'some', $cue['text'])];
            }
            foreach (self::read(['cues' => $cues, 'units' => 'feet']) as $entry) {
                self::assertArrayNotHasKey('from_m', $entry, $entry['said']);
            }
            $cues = [];
        }
        self::assertSame(['carried', 'none', 'said'], array_values(array_intersect(['carried', 'none', 'said'], array_keys($said))));
    }

    public function testWhatIsDeniedIsNotThere(): void
    {
        foreach (['roots', 'cracks', 'a belly', 'an offset', 'standing water', 'grease', 'a hole', 'a separated joint'] as $what) {
            self::assertCount(1, self::read(['text' => 'at 30 feet there is '.$what, 'units' => 'feet']), $what);
            foreach (['I am not seeing %s at 30 feet', 'no %s at 30 feet', 'the first 30 feet are without %s'] as $denial) {
                self::assertSame([], self::read(['text' => \sprintf($denial, $what), 'units' => 'feet']), $denial.' '.$what);
            }
        }
    }

    /** @return iterable<string, array{list<array{float, string}>, list<array{string, ?float, ?string}>}> */
    public static function stories(): iterable
    {
        yield 'a place holds for twenty seconds' => [
            [[10, 'at 20 feet an offset'], [25, 'a crack right here'], [60, 'some roots here']],
            [['offset_joint', 20, 'said'], ['crack', 20, 'carried'], ['root_cords', null, null]],
        ];
        yield 'whoever pushes on leaves the place behind' => [
            [[10, 'at 20 feet an offset'], [14, 'pushing on'], [18, 'a crack right here']],
            [['offset_joint', 20, 'said'], ['crack', null, null]],
        ];
        yield 'a place alone is of what is named next' => [
            [[10, '49 feet'], [14, 'right here some fine roots']], [['root_threads', 49, 'said']],
        ];
        yield 'named again it is there once' => [
            [[10, 'looks like a crack at 20 feet'], [20, 'that is a crack at 21 feet']], [['crack', 20, 'said']],
        ];
        yield 'another run merges nothing' => [
            [[10, 'at 20 feet an offset'], [20, 'now from the other cleanout'], [24, 'at 20 feet an offset']],
            [['offset_joint', 20, 'said'], ['offset_joint', 20, 'said']],
        ];
        yield 'a low spot in pieces' => [
            [[10, 'the belly starts at 30 feet'], [20, 'an inch of water in it'], [30, 'and it ends at 36 feet']],
            [['low_spot', 30, 'said']],
        ];
        yield 'readings of marks are never merged' => [
            [[10, "it's 5 feet deep at 20 feet"], [20, "it's 5 feet deep at 20 feet"]], [['mark', 20, 'said'], ['mark', 20, 'said']],
        ];
        yield 'a depth said twice in one breath is one reading' => [
            [[10, 'at 36 feet the locator is giving me 4 foot 6'], [14, "so it's four and a half feet deep"]], [['mark', 36, 'said']],
        ];
        yield 'a place behind a move is of what comes next' => [
            [[10, 'at the joint an offset keep on going 23 feet roots']], [['offset_joint', null, null], ['root_cords', 23, 'said']],
        ];
        yield 'a place is of the name right behind it' => [
            [[10, '16 feet roots 20 feet hole at 3 o\'clock']], [['root_cords', 16, 'said'], ['hole', 20, 'said']],
        ];
        yield 'what was said in short of all adds nothing' => [
            [[10, 'roots at 20 feet'], [40, 'so overall we have roots, as I showed you']], [['root_cords', 20, 'said']],
        ];
    }

    /**
     * @param list<array{float, string}> $said seconds and words
     * @param list<array{string, ?float, ?string}> $wanted kind, feet and by what
     */
    #[DataProvider('stories')]
    public function testWhatWasSaidBefore(array $said, array $wanted): void
    {
        $read = self::read(['units' => 'feet', 'cues' => self::cues($said)]);
        self::assertEquals($wanted, array_map(static fn (array $entry) => [
            $entry['kind'], isset($entry['from_m']) ? round($entry['from_m'] / self::FOOT_M, 1) : null, $entry['place_by'] ?? null,
        ], $read));
    }

    public function testTheReelSaysWhereWhatWasNamedWithoutAPlaceIs(): void
    {
        $readings = [['at_s' => 0, 'distance_m' => 0], ['at_s' => 20, 'distance_m' => 8], ['at_s' => 60, 'distance_m' => 20]];
        $cues = self::cues([[10, 'a few hair roots right here'], [30, 'an offset at 60 feet'], [36, 'the belly starts here'],
            [56, 'it ends here']]);
        $read = self::read(['units' => 'feet', 'cues' => $cues, 'readings' => $readings]);
        self::assertSame(['reel', 'said', 'reel'], array_column($read, 'place_by'));
        self::assertEqualsWithDelta(4.2, $read[0]['from_m'] ?? 0, 0.5);
        self::assertGreaterThan(($read[2]['from_m'] ?? 0) + 5, $read[2]['to_m'] ?? 0);
        self::assertSame(12.4, self::read(['text' => 'a crack right here', 'at_m' => 12.4])[0]['from_m'] ?? 0);
        // Drawn back to where it was seen, it is nothing new.
        $again = [...$cues, ...self::cues([[58, "now there's that offset again"]])];
        self::assertSame(
            array_column($read, 'from_m'),
            array_column(self::read(['units' => 'feet', 'cues' => $again, 'readings' => $readings]), 'from_m'),
        );
    }

    public function testDrawingBackTheMaterialThatIsNamedIsTheOneBeforeTheTransition(): void
    {
        $read = self::read(['units' => 'feet', 'cues' => self::cues([
            [0, 'pulling back now'], [10, 'at 40 feet it goes to cast iron'], [20, 'at 12 feet it goes from cast iron to clay'],
        ])]);
        self::assertSame(['transition', 'transition'], array_column($read, 'kind'));
        self::assertArrayNotHasKey('facts', $read[0]);
        self::assertSame(['material_after' => 'clay'], $read[1]['facts'] ?? []);
    }

    /** The grammar is no English: another language is another table. */
    public function testAnotherLanguageIsAnotherTable(): void
    {
        $lexicon = new Lexicon([
            'numbers' => ['zwei' => 2, 'zwölf' => 12, 'zwanzig' => 20], 'fractions' => ['halber' => 0.5], 'articles' => ['ein', 'eine'],
            'and' => ['und'], 'large' => ['meter' => 1.0, 'metern' => 1.0], 'small' => ['zentimeter' => 0.01], 'feet' => [],
            'clock' => ['uhr'], 'water' => ['wasser'], 'same' => ['wurzel' => 'wurzeln|wurzelwerk'],
            'phrases' => [
                'kind' => ['root_cords' => ['<wurzel>'], 'low_spot' => ['senke'], 'crack' => ['riss(e)'], 'tap' => ['hauptkanal']],
                'at' => ['' => ['bei']], 'from' => ['' => ['von']], 'to' => ['' => ['bis']], 'deny' => ['' => ['keine|kein']],
                'likely' => ['' => ['vielleicht']], 'presence' => ['' => ['hier']],
            ],
        ]);
        $said = 'Bei zwölf Metern Wurzeln, vielleicht ein Riss bei 14 Metern auf 3 Uhr. Von zwanzig bis 24 Metern eine Senke,'
            .' zwei Zentimeter Wasser. Keine Risse bei 30 Metern.';
        $entries = array_map(
            static fn (Entry $entry) => $entry->plain(),
            Narration::read(Reading::of(Speech::written($said, $lexicon), $lexicon), UnitSystem::Metric, new Reel([])),
        );
        self::assertSame(['root_cords', 'crack', 'low_spot'], array_column($entries, 'kind'));
        self::assertEquals([12.0, 14.0, 20.0], array_column($entries, 'from_m'));
        self::assertEquals(['likely', 3.0, 24.0, 20.0], [
            $entries[1]['sureness'] ?? '', $entries[1]['clock_from'] ?? 0, $entries[2]['to_m'] ?? 0, $entries[2]['size'] ?? 0,
        ]);
        $this->expectException(\OutOfRangeException::class);
        new Lexicon(['phrases' => ['kind' => ['crack' => ['<riss>']]]]);
    }

    public function testEveryKindOfTheTableIsOne(): void
    {
        foreach (Lexicon::languages() as $language) {
            /** @var array{phrases: array{kind: array<string, list<string>>}} $tables */
            $tables = require __DIR__.'/../../Say/languages/'.$language.'.php';
            foreach (array_keys($tables['phrases']['kind']) as $meaning) {
                self::assertNotNull(Kind::tryFrom(explode('+', $meaning)[0]), $language.' '.$meaning);
            }
        }
    }

    /**
     * @param list<array{float, string}> $said
     *
     * @return list<array<string, mixed>>
     */
    private static function cues(array $said): array
    {
        return array_map(static fn (array $each) => ['from_s' => $each[0], 'to_s' => $each[0] + 3, 'text' => $each[1]], $said);
    }

    /**
     * @param list<Plain> $entries
     *
     * @return list<?float>
     */
    private static function places(array $entries): array
    {
        return array_merge(...array_map(static fn (array $entry) => [$entry['from_m'] ?? null, $entry['to_m'] ?? null], $entries));
    }
}
