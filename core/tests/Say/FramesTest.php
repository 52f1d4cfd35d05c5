<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Say;

use Jurvex\Core\Say\Entry;
use Jurvex\Core\Tests\Lines;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Each way of saying one thing, put together with ways of saying others: all of it is read, and nothing more, in feet and in metres.
 *
 * @phpstan-import-type Plain from Entry
 */
final class FramesTest extends TestCase
{
    use TellsNarrations;

    private const IN_TURN = ['at {at} {it}', 'at {at} feet {it}', '{at} feet {it}', "{at} feet there's {it}", '{it} at {at} feet'];
    private const PLACED = ['at 20 feet {it}', 'at 20 {it}', '20 feet {it}', '{it} at 20 feet', 'okay so right here at 20 {it}'];
    /** About so many of each line are told. */
    private const OF_PARTS = 30;
    private const TURNS = 40;
    /** Every so many of the ways to end are put to each way to begin, others to each. */
    private const EVERY = 9;
    private const TENTHS = ['zero', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'];
    /** What one is called, several are, and one of none is, by kind. */
    private const THINGS = [
        'crack' => ['a crack', 'cracks', 'crack'], 'offset_joint' => ['an offset', 'offsets', 'offset'],
        'hole' => ['a hole', 'holes', 'hole'],
        'low_spot' => ['a belly', 'bellies', 'belly'], 'root_cords' => ['some roots', 'roots', 'root'],
    ];
    private const PIPES = [['cast iron', 'clay'], ['cast iron', 'pvc'], ['clay', 'plastic'], ['clay', 'cast iron'], ['orangeburg', 'clay']];
    private const MATERIALS = ['clay' => 'clay', 'pvc' => 'pvc_welded', 'plastic' => 'pvc_welded', 'cast iron' => 'cast_iron'];
    private const ROOTS_BEFORE = [
        "there's some roots at 12 and ", 'at 12 feet we\'ve got roots coming in the joint okay ', '12 feet roots and then ',
        "roots at 12 and that's about a quarter of the pipe so we keep going and ",
    ];
    private const BEFORE_MORE = ["there's {it} at 12 and", "12 feet there's {it} and then"];
    private const OF_LOW = [
        '', ' about a third of the pipe', " and the camera's under water", " so that's about an inch of water", ' and we keep going',
        " and it's a pretty good one",
    ];

    #[DataProvider('units')]
    public function testALowSpotGoesFromWhereItBeginsToWhereItEnds(string $units): void
    {
        $ends = self::ways('low ends', ['{to}' => '31']);
        foreach (self::ways('low begins', ['{at}' => '20']) as $i => $begin) {
            foreach (array_filter($ends, static fn (int $j) => 0 === ($i + $j) % self::EVERY, \ARRAY_FILTER_USE_KEY) as $j => $end) {
                $of = self::OF_LOW[($i + 2 * $j) % \count(self::OF_LOW)];
                self::isRead(
                    "there's a crack at 12 and then $begin$of $end and then at 44 there's a wye on the left",
                    ['crack@12', 'low_spot@20-31', 'tie_in@44'], $units,
                );
            }
        }
    }

    #[DataProvider('units')]
    public function testWhatIsThereIsReadByItsPartsAndWhatTheyAreLike(string $units): void
    {
        foreach (self::things() as $i => [$kind, $lists]) {
            $kind = 'root' === $kind ? 'roots' : $kind;
            $other = 'crack' === $kind ? 'offset' : 'crack';
            $all = self::product($lists);
            $step = max(1, intdiv(\count($all), self::OF_PARTS));
            for ($j = $i % $step; $j < \count($all); $j += $step) {
                $place = strtr(self::PLACED[$j % \count(self::PLACED)], ['{it}' => $all[$j]]);
                self::isRead(
                    "there's a $other at 12 and then $place and then at 44 there's a bend",
                    [('crack' === $other ? $other : 'offset_joint').'@12', "$kind@20", 'bend@44'], $units,
                );
            }
        }
    }

    #[DataProvider('units')]
    public function testWhereThePipeChangesItIsToldWhatItBecomes(string $units): void
    {
        foreach (self::ways('changes', ['{at}' => '20']) as $i => $change) {
            foreach (self::PIPES as $j => [$old, $new]) {
                $before = 0 === ($i + $j) % 2 ? '' : "we're in $old right now ";
                $said = $before."there's a crack at 12 and then ".strtr($change, ['{old}' => $old, '{new}' => $new])
                    ." and then at 44 there's a wye on the left";
                $changes = self::isRead($said, ['crack@12', 'transition@20', 'tie_in@44'], $units);
                self::assertSame(self::MATERIALS[$new], $changes[0]['facts']['material_after'] ?? '', $said);
            }
        }
    }

    #[DataProvider('units')]
    public function testMoreOfTheRootsIsReadWhateverItIsCalled(string $units): void
    {
        foreach (self::ways('roots again', ['{at}' => '31']) as $i => $more) {
            $before = self::ROOTS_BEFORE[$i % \count(self::ROOTS_BEFORE)];
            self::isRead("$before$more and then at 64 there's a wye", ['roots@12', 'roots@31', 'tie_in@64'], $units);
        }
    }

    #[DataProvider('units')]
    public function testTwoOfAKindAreAtTwoPlacesHoweverTheyAreCounted(string $units): void
    {
        foreach (self::ways('two', ['{at}' => '12', '{to}' => '20']) as $two) {
            foreach (self::THINGS as $kind => [, $many, $one]) {
                $said = strtr($two, ['{many}' => $many, '{one}' => $one]);
                self::isRead("okay so what we found is $said and then the main's at 40", ["$kind@12", "$kind@20", 'tap@40'], $units);
            }
        }
    }

    #[DataProvider('units')]
    public function testWhatWasNamedIsAtAnotherPlaceTooHoweverThatIsSaid(string $units): void
    {
        foreach (self::ways('one more', ['{at}' => '20']) as $i => $more) {
            foreach (array_keys(self::THINGS) as $j => $kind) {
                $there = self::BEFORE_MORE[($i + $j) % \count(self::BEFORE_MORE)];
                self::isRead(
                    strtr($there, ['{it}' => self::THINGS[$kind][0]])." $more and then the main's at 64",
                    ["$kind@12", "$kind@20", 'tap@64'], $units,
                );
            }
        }
    }

    #[DataProvider('units')]
    public function testPlacesAndWhatIsAtThemMayBeToldInTurn(string $units): void
    {
        $chance = new Randomizer(new Mt19937(15));
        foreach (self::IN_TURN as $way) {
            for ($many = 0; $many < self::TURNS; ++$many) {
                $said = '';
                $wanted = [];
                for ($turn = 0, $at = 11; $turn < 6; ++$turn, $at += $chance->getInt(6, 9)) {
                    $kind = array_keys(self::THINGS)[$chance->getInt(0, 2)];
                    // What is first is something, and so is what is last.
                    $isNothing = $turn > 0 && $turn < 5 && 0 === $chance->getInt(0, 2);
                    $said .= strtr($way, ['{at}' => (string) $at, '{it}' => $isNothing ? 'nothing' : self::THINGS[$kind][0]]).' ';
                    $wanted = [...$wanted, ...($isNothing ? [] : ["$kind@$at"])];
                }
                self::isRead($said, $wanted, $units);
            }
        }
    }

    #[DataProvider('units')]
    public function testWhatIsFoundAgainInAnotherRunIsAnother(string $units): void
    {
        foreach (self::ways('another run', []) as $other) {
            self::isRead(
                "okay there's a crack at 12 and an offset at 31 $other okay here we go at 12 there's a crack and at 20 a wye on the left",
                ['crack@12', 'offset_joint@31', 'crack@12', 'tie_in@20'], $units,
            );
        }
    }

    #[DataProvider('units')]
    public function testWhatIsShownIsAtThePlaceThatWasTold(string $units): void
    {
        $shown = self::ways('shown', []);
        foreach (self::ways('place', ['{at}' => '20']) as $i => $place) {
            foreach (array_filter($shown, static fn (int $j) => 0 === ($i + $j) % self::EVERY, \ARRAY_FILTER_USE_KEY) as $j => $show) {
                $kind = array_keys(self::THINGS)[$j % 4];
                self::isRead(
                    "there's a bend at 8 and then $place ".strtr($show, ['{it}' => self::THINGS[$kind][0]])
                        ." and then we keep going okay at 44 there's some grease", ['bend@8', "$kind@20", 'grease@44'], $units,
                );
            }
        }
        foreach (self::ways('told', []) as $i => $told) {
            $kind = array_keys(self::THINGS)[$i % 3];
            $it = strtr($told, ['{it}' => self::THINGS[$kind][0]]);
            foreach (["then we're at 20 feet $it and then", "okay $it and that's at 20 feet and"] as $said) {
                self::isRead(
                    "there's a bend at 8 and $said we keep going okay at 44 there's some grease",
                    ['bend@8', "$kind@20", 'grease@44'], $units,
                );
            }
        }
    }

    #[DataProvider('units')]
    public function testWhatIsDeniedExpectedOrOnlySaidToBeThereIsNot(string $units): void
    {
        foreach (self::ways('denied', []) as $i => $denied) {
            [$one, $many, $none] = array_values(self::THINGS)[$i % 4];
            $no = strtr($denied, ['{a}' => $one, '{many}' => $many, '{one}' => $none]);
            foreach (["then we're at 20 feet $no and then", "okay $no and"] as $said) {
                self::isRead(
                    "there's a bend at 8 and $said we keep going okay at 44 there's a wye", ['bend@8', 'tie_in@44'], $units,
                );
            }
        }
    }

    /**
     * @param list<list<string>> $lists
     *
     * @return list<string> each of one list with each of the next
     */
    private static function product(array $lists): array
    {
        $all = [''];
        foreach ($lists as $list) {
            $next = [];
            foreach ($all as $said) {
                foreach ($list as $part) {
                    $next[] = self::joined($said, $part);
                }
            }
            $all = $next;
        }

        return $all;
    }

    /** @return iterable<string, array{string}> */
    public static function units(): iterable
    {
        yield 'feet' => ['feet'];
        yield 'metres' => ['metric'];
    }

    /**
     * @param array<string, string> $filled
     *
     * @return non-empty-list<string>
     */
    private static function ways(string $of, array $filled): array
    {
        return array_map(static fn (string $way) => strtr($way, $filled), Lines::under($of, 'frames.txt'));
    }

    /**
     * @param list<string> $wanted kinds at feet, which are tenths of a metre where metres are spoken
     *
     * @return list<Plain> the changes of pipe among all that is read
     */
    private static function isRead(string $said, array $wanted, string $units): array
    {
        $spoken = 'feet' === $units ? $said : self::inMetres($said);
        $each = 'feet' === $units ? 0.3048 : 0.1;
        $read = array_filter(
            self::read(['units' => $units, 'cues' => [['from_s' => 0.0, 'to_s' => 30.0, 'text' => $spoken]]]),
            static fn (array $entry) => 'reached' !== $entry['kind'],
        );
        $told = array_map(static function (array $entry) use ($each): string {
            $kind = str_starts_with((string) $entry['kind'], 'root_') ? 'roots' : $entry['kind'];
            $places = array_filter([$entry['from_m'] ?? null, $entry['to_m'] ?? null]);

            return $kind.'@'.implode('-', array_map(static fn (float $metres) => round($metres / $each, 1), $places));
        }, $read);
        sort($told);
        $wanted = str_replace('root_cords', 'roots', $wanted);
        sort($wanted);
        self::assertSame($wanted, $told, $spoken);

        return array_values(array_filter($read, static fn (array $entry) => 'transition' === $entry['kind']));
    }

    /** "20 feet" as "two point zero metres" */
    private static function inMetres(string $said): string
    {
        $said = str_replace(['foot mark', 'feet', 'foot'], ['metre mark', 'metres', 'metres'], $said);

        return (string) preg_replace_callback(
            '/\b(\d)?(\d)\b/', static fn (array $digits) => self::TENTHS[(int) $digits[1]].' point '.self::TENTHS[(int) $digits[2]], $said,
        );
    }
}
