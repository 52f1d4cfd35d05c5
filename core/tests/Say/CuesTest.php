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
use Jurvex\Core\Tests\Lines;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Cues cut where somebody paused are sentences; those that whoever wrote them has cut by chance are not. */
final class CuesTest extends TestCase
{
    private const FOOT_M = 0.3048;
    private const EACH_S = 4.0;
    private const NAMED = [
        'crack' => ['a', 'crack'], 'offset_joint' => ['an', 'offset'], 'hole' => ['a', 'hole'], 'low_spot' => ['a', 'belly'],
        'tie_in' => ['a', 'wye'],
    ];
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

    public function testCuesThatEndWithinPhrasesAreReadOnIntoHoweverLongAfter(): void
    {
        foreach ([2, 3, 4, 5] as $words) {
            $byChance = array_map(
                static fn (array $words) => implode(' ', $words),
                array_chunk(explode(' ', implode(' ', self::SENTENCES)), $words),
            );
            $read = self::read($byChance, pauseS: 0.1);
            self::assertStringContainsString('fine', implode(' ', array_column($read, 'said')));
            self::assertSame($read, self::read($byChance, pauseS: 2.0), "$words words to a cue");
        }
    }

    public function testAPauseEndsASentenceButForWhereSomebodyHesitates(): void
    {
        $read = self::read(['the bottom looks good to', '12 feet', "it's cracked at", '14', 'feet and', 'a hole', 'at 16'], pauseS: 1.5);
        self::assertSame(['crack 14', 'hole 16'], array_map(static fn (array $one) => $one['kind'].' '.$one['at'], $read));
        $whole = ['a crack right there', 'at 14 feet', 'the joint is offset'];
        self::assertSame(
            [[0.0, 14.0], [14.0, 14.0]],
            array_map(static fn (float $s) => array_column(self::read($whole, pauseS: $s), 'at'), [1.5, 0.1]),
        );
    }

    /** Whoever says a line to be written down means it, and so does who says no place at all; who tells places names more than is there. */
    public function testWithoutAPlaceALineCountsAndTalkOnlyWhereItPointsOrNothingHasAPlace(): void
    {
        $kinds = static fn (string $said, bool $areLines) => array_column(self::read([$said], $areLines), 'kind');
        self::assertSame(['bend', 'bend'], [...$kinds('it makes the turn', true), ...$kinds("there's a bend right here", false)]);
        self::assertSame(['bend', 'scale'], $kinds('it makes the turn and the pipe is scaled up', false));
        self::assertSame(['scale', 'hole'], $kinds('it makes the turn and the pipe is scaled up, keep going, ten feet a hole', false));
    }

    /** @param list<string> $kinds wanted */
    #[DataProvider('shown')]
    public function testWhoShowsAndSaysNoPlaceIsRead(string $said, array $kinds): void
    {
        self::assertSame($kinds, array_column(self::read([$said]), 'kind'));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function shown(): iterable
    {
        [$roots, $clump, $crack] = ['root_cords', 'root_clump', 'crack'];
        yield 'said again' => ['there is a crack right there, you see that crack, that crack goes all the way around', [$crack]];
        yield 'another' => ["there's a crack there and there's another crack", [$crack, $crack]];
        yield 'with no name' => ["there's a crack there and there's another one", [$crack, $crack]];
        yield 'on a side' => ["I'm seeing some cracks there's one on top and there's one on the bottom", [$crack, $crack]];
        yield 'at the next joint' => ["here's a joint with roots and here's a joint with roots", [$roots, $roots]];
        yield 'more' => ['I see some light roots here and more light roots here and then a heavy one here', [$roots, $roots, $clump]];
        yield 'pushed on' => ["there's some roots and I keep going and there's some roots", [$roots, $roots]];
        yield 'pushed on through the same' => ["I'm in grease and I keep going and the grease is everywhere", ['grease']];
        yield 'each with its article' => ["there's a bend going down and a bend going left", ['bend', 'bend']];
        yield 'of other rooms' => ['there is the tie in for the tub and the tie in for the toilet', ['tie_in', 'tie_in']];
        yield 'one low spot' => ["so that's a belly and I'm under water and I'm still under water and I come out of it", ['low_spot']];
        yield 'two' => ['right away we got a belly and then it goes right back down into another one', ['low_spot', 'low_spot']];
        yield 'flat and wet' => ["there's a flat spot and it's got water in it", ['low_spot']];
        yield 'another pipe' => ["it's plastic for a little bit and then it goes into clay and there's a root", ['transition', $roots]];
        yield 'the main' => ["there's a root and after that it's good to the main", [$roots, 'tap']];
        yield 'the main as a name' => ["there's a root and we're heading to the main", [$roots]];
        yield 'what is not got past' => ["there's a root and I'm not going to be able to get past this one", [$roots, 'cannot_go_further']];
        yield 'beside talk' => ["you can subscribe and there's a hole in the side and usually they call the city", ['hole']];
        yield 'talk' => ["what causes a belly is the ground settles and now you've got a low spot", []];
    }

    public function testWhereTheLineChangesAndEndsAndWhoeverStopsIsReadWithoutAPlace(): void
    {
        $misread = [];
        foreach (Lines::of('nowhere.txt') as $line) {
            [$kind, $said] = explode(' ', $line, 2);
            $read = self::read(["okay so it's clay pipe and there's a root right there $said and that's all I've got"]);
            $misread += array_column($read, 'kind') === ('-' === $kind ? ['root_cords'] : ['root_cords', $kind]) ? [] : [$line => $read];
        }
        self::assertSame([], $misread);
    }

    /** Whoever says no place tells by the words alone whether it is another one. */
    public function testAnotherOneIsTwoAndTheSameIsOne(): void
    {
        $misread = [];
        foreach (Lines::of('again.txt') as $line) {
            [$many, $again] = explode(' ', $line, 2);
            foreach (self::NAMED as $kind => [$article, $name]) {
                $said = strtr($again, ['X' => $article.' '.$name, 'Y' => $name]);
                $read = self::read(["okay so there's $article $name right there $said and it's all good after that"]);
                $misread += (int) $many === \count(array_keys(array_column($read, 'kind'), $kind, true)) ? [] : [$line.': '.$kind => $read];
            }
        }
        self::assertSame([], $misread);
    }

    /**
     * @param list<string> $texts one right behind the other
     * @param bool $areLines whether each is said to be written down
     * @param float $pauseS between one and the next, in seconds
     *
     * @return list<array{kind: string, at: float, said: string}> with feet
     */
    private static function read(array $texts, bool $areLines = false, float $pauseS = 0.1): array
    {
        $cues = [];
        foreach ($texts as $i => $text) {
            $cues[] = new Cue(self::EACH_S * $i, self::EACH_S * $i + self::EACH_S - $pauseS, $text);
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
