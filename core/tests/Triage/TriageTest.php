<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Triage;

use Jurvex\Core\Calc\Catalogue;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\LineMap\Segment;
use Jurvex\Core\LineMap\Tree;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Tests\Kept;
use Jurvex\Core\Triage\Checks;
use Jurvex\Core\Triage\MadeTest;
use Jurvex\Core\Triage\Meaning;
use Jurvex\Core\Triage\Point;
use Jurvex\Core\Triage\Tables;
use Jurvex\Core\Triage\Triage;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TriageTest extends TestCase
{
    public function testWhateverIsSeenTheChancesSumToOneAndNoCheckIsExpectedToTellLessThanNothing(): void
    {
        foreach (self::everythingSeen() as $seen) {
            $triage = self::triage($seen);
            self::assertEqualsWithDelta(1, array_sum($triage->chances), 1e-12);
            self::assertGreaterThanOrEqual(0, $triage->entropy);
            self::assertLessThanOrEqual(log(4, 2) + 1e-12, $triage->entropy);
            [$next, $gain] = $triage->nextCheck();
            self::assertSame(4 === \count(array_filter($seen)), null === $next);
            self::assertGreaterThanOrEqual(0, $gain);
            self::assertLessThanOrEqual($triage->entropy + 1e-12, $gain);
        }
    }

    public function testWhatIsSeenMeansWhatWasLookedAt(): void
    {
        $kept = [];
        foreach (self::everythingSeen() as $i => $seen) {
            $triage = self::triage($seen);
            [$tree, $points] = self::lines($seen);
            $checks = new Checks($tree, $points, Tables::usual());
            $kept[implode(' ', array_map(static fn (?string $answer) => $answer ?? '-', $seen))] = hash('crc32b', (string) json_encode([
                array_map(static fn (float $chance) => round($chance, 9), $triage->chances), round($triage->entropy, 9),
                $triage->nextCheck()[0], round($triage->nextCheck()[1], 9), $triage->contradictions(), array_keys($triage->likeliest(2)),
                array_map(static fn ($check) => array_map(
                    static fn (Meaning $means) => [round($means->chance, 9), $means->suspect, round($means->share, 9)],
                    $triage->meanings($check),
                ), $checks->looks()),
                array_map(
                    static fn (MadeTest $test) => [$test->id, round($triage->expectedGain($checks->test($test)), 9)],
                    $checks->possibleTests([]),
                ),
            ]));
        }
        Kept::assertSame('triages', $kept);
    }

    public function testOverItsAnswersACheckLeavesJustTheEntropyThatWasPromised(): void
    {
        foreach (self::everythingSeen() as $seen) {
            $triage = self::triage($seen);
            [$next, $gain] = $triage->nextCheck();
            if (null === $next) {
                continue;
            }
            $left = $sum = 0.0;
            foreach (self::point($next, null)->answers() as $answer) {
                $after = self::triage([$next => $answer] + $seen);
                // Bayes, the other way round: how likely this answer was, from any suspect's chance before and after.
                $chance = self::chanceOf($triage, $next, $answer);
                $left += $chance * $after->entropy;
                $sum += $chance;
            }
            self::assertEqualsWithDelta(1, $sum, 1e-9);
            self::assertEqualsWithDelta($triage->entropy - $gain, $left, 1e-9);
        }
    }

    public function testWhereverItIsEveryCheckHasAnAnswer(): void
    {
        [$tree, $points] = self::lines([]);
        $checks = new Checks($tree, $points, Tables::usual());
        $all = [...$checks->looks(), ...array_map($checks->test(...), $checks->possibleTests([]))];
        self::assertNotEmpty($all);
        foreach ($all as $check) {
            foreach (['kitchen', 'bath', 'low', 'street', 'elsewhere'] as $suspect) {
                $sum = array_sum(array_map(static fn (string $answer) => $check->likelihood($suspect, $answer), $check->answers()));
                self::assertEqualsWithDelta(1.0, $sum, 1e-9, $check->id.' '.$suspect);
            }
        }
    }

    public function testAStoppageIsFeltUpstreamOfItFirstByTheLowestFixture(): void
    {
        $all = self::triage(['bath' => 'backs_up', 'kitchen' => 'slow']);
        self::assertSame('low', self::likeliest($all), 'both are felt: it is below both');
        $one = self::triage(['bath' => 'drains', 'kitchen' => 'backs_up']);
        self::assertSame('kitchen', self::likeliest($one));
        self::assertGreaterThan(
            $all->chances['street'],
            self::triage(['bath' => 'backs_up', 'kitchen' => 'slow', 'yard' => 'standing'])->chances['street'],
        );
    }

    public function testAnOpeningThatStandsPointsBelowItAndADryOneAbove(): void
    {
        $standing = self::triage(['yard' => 'standing'])->chances;
        $dry = self::triage(['yard' => 'dry'])->chances;
        self::assertGreaterThan(0.9, $standing['street']);
        self::assertLessThan(0.1, $dry['street']);
    }

    public function testObservationsThatNoOneStoppageExplainsAreNamedAndNotAveragedAway(): void
    {
        self::assertSame([], self::triage(['bath' => 'backs_up', 'kitchen' => 'slow', 'yard' => 'dry'])->contradictions());
        self::assertSame([['bath', 'hall']], self::triage(['bath' => 'drains', 'hall' => 'standing'])->contradictions());
        self::assertContains(
            ['bath', 'yard'],
            self::triage(['bath' => 'drains', 'kitchen' => 'slow', 'yard' => 'standing'])->contradictions(),
        );
    }

    public function testAMadeTestTellsWhatItPromisedAndShiftsTheSuspicionThere(): void
    {
        [$tree, $points] = self::lines([]);
        $checks = new Checks($tree, $points, Tables::usual());
        $priors = ['kitchen' => 5.0, 'bath' => 6.0, 'low' => 10.0, 'street' => 8.0];
        $tests = $checks->possibleTests([]);
        self::assertNotEmpty($tests);
        foreach ($tests as $test) {
            $before = new Triage($priors, [...$checks->looks(), $checks->test($test)]);
            $gain = $before->expectedGain($checks->test($test));
            foreach (array_keys($priors) as $suspect) {
                $row = array_map(static fn (string $answer) => $checks->test($test)->likelihood($suspect, $answer), $test->answers());
                self::assertEqualsWithDelta(1, array_sum($row), 1e-9, 'one of the answers it must be: '.$test->id.' '.$suspect);
            }
            $left = $sum = 0.0;
            foreach ($test->answers() as $answer) {
                $after = new Triage($priors, [...$checks->looks(), $checks->test(new MadeTest($test->run, $test->watched, $answer))]);
                $chance = $before->meanings($checks->test($test))[$answer]->chance;
                self::assertEqualsWithDelta(1, array_sum($after->chances), 1e-9);
                $left += $chance * $after->entropy;
                $sum += $chance;
            }
            self::assertEqualsWithDelta(1, $sum, 1e-9);
            self::assertEqualsWithDelta($before->entropy - $gain, $left, 1e-9);
        }
        $rises = new Triage($priors, [$checks->test(new MadeTest($points[1], $points[0], 'rises'))]);
        self::assertGreaterThan(
            0.9,
            $rises->chances['low'] + $rises->chances['street'],
            'water of the kitchen in the bath: it is below where they meet',
        );
        $past = new Triage($priors, [$checks->test(new MadeTest($points[1], $points[2], 'runs_by'))]);
        self::assertLessThan(0.2, $past->chances['kitchen'] + $past->chances['low'], 'it came past the yard: nothing stops it before');
        self::assertSame(
            [],
            array_filter($checks->possibleTests(['bath' => true]), static fn (MadeTest $test) => 'bath' === $test->run->id),
            'what backs up is not run',
        );
    }

    public function testTheTablesOfTheHouseAreTakenOrRefusedAtTheRow(): void
    {
        $tables = Tables::changed(
            new Input(['rows' => ['lowest' => ['backs_up' => 0.6, 'slow' => 0.3, 'drains' => 0.1]], 'materials' => ['clay' => 5]]),
        );
        self::assertSame([0.6, 0.35, 5.0], [
            $tables->rows['lowest']['backs_up'],
            $tables->rows['upstream']['backs_up'],
            $tables->materials['clay'],
        ]);
        self::assertSame((3.0 + 2) * 5 * 3, $tables->prior(3.0, 2, 'clay', 1));
        foreach (Tables::ROWS as $row) {
            self::assertEqualsWithDelta(1, array_sum($row), 1e-12);
        }
        $this->expectExceptionObject(new BadInput('not_one_in_sum', 'rows.lowest'));
        Tables::changed(new Input(['rows' => ['lowest' => ['backs_up' => 0.6, 'slow' => 0.3, 'drains' => 0.3]]]));
    }

    /** @return list<array{string, array<string, mixed>, string, string}> where, what, code, place */
    public static function impossible(): array
    {
        return [
            ['points', ['id' => 'p', 'kind' => 'fixture', 'at' => 'nowhere', 'level_m' => 1], 'unknown_value', 'points.0.at'],
            [
                'points',
                ['id' => 'p', 'kind' => 'fixture', 'at' => 'x', 'level_m' => 1, 'seen' => 'standing'],
                'unknown_value',
                'points.0.seen',
            ],
            ['points', ['id' => 'p', 'kind' => 'fixture', 'at' => 'x'], 'missing', 'points.0.level_m'],
            ['points', ['id' => 'p', 'kind' => 'cleanout', 'at' => 'x', 'seen' => 'slow'], 'unknown_value', 'points.0.seen'],
            ['segments', ['material' => 'wood'], 'unknown_value', 'segments.0.material'],
            ['segments', ['to' => 'x'], 'not_a_tree', 'segments.0'],
            ['segments', ['bends' => -1], 'out_of_range', 'segments.0.bends'],
        ];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('impossible')]
    public function testWhatCannotBeIsRefusedWhereItStands(string $where, array $change, string $reason, string $at): void
    {
        $segment = ['id' => 'a', 'from' => 'x', 'to' => 'main', 'length_m' => 3, 'material' => 'clay'];
        $input = 'segments' === $where
            ? ['segments' => [$change + $segment], 'points' => []]
            : ['segments' => [$segment], 'points' => [$change]];
        try {
            Catalogue::complete()->calculate('triage', $input);
            self::fail('It was taken.');
        } catch (BadInput $refused) {
            self::assertSame([$reason, $at], [$refused->reason, $refused->at]);
        }
    }

    public function testWhatNobodySaysOfASegmentIsNothing(): void
    {
        $segments = static fn (array $more) => [
            ['id' => 'a', 'from' => 'x', 'to' => 'y', 'length_m' => 3, 'material' => 'clay'] + $more,
            ['id' => 'b', 'from' => 'y', 'to' => 'main', 'length_m' => 9, 'material' => 'clay'],
        ];
        $ranked = static fn (array $more) => Catalogue::complete()->calculate('triage', ['segments' => $segments($more), 'points' => []]);
        self::assertEquals($ranked(['bends' => 0, 'past_stoppages' => 0]), $ranked([]));
        self::assertNotEquals($ranked(['bends' => 1]), $ranked([]));
        self::assertNotEquals($ranked(['past_stoppages' => 1]), $ranked([]));
    }

    /** @return iterable<array<string, ?string>> every combination of answers, open ones among them */
    private static function everythingSeen(): iterable
    {
        foreach ([null, ...Point::FIXTURE_ANSWERS] as $bath) {
            foreach ([null, ...Point::FIXTURE_ANSWERS] as $kitchen) {
                foreach ([null, ...Point::OPENING_ANSWERS] as $yard) {
                    foreach ([null, ...Point::OPENING_ANSWERS] as $hall) {
                        yield ['bath' => $bath, 'kitchen' => $kitchen, 'yard' => $yard, 'hall' => $hall];
                    }
                }
            }
        }
    }

    /** @param array<string, ?string> $seen by point */
    private static function triage(array $seen): Triage
    {
        [$tree, $points] = self::lines($seen);

        return new Triage(
            ['kitchen' => 5.0, 'bath' => 6.0, 'low' => 10.0, 'street' => 8.0],
            (new Checks($tree, $points, Tables::usual()))->looks(),
        );
    }

    /**
     * @param array<string, ?string> $seen by point
     *
     * @return array{Tree, list<Point>}
     */
    private static function lines(array $seen): array
    {
        $segment = static fn (string $id, string $from, string $to) => new Segment($id, $from, $to, Length::metres(5), null, 0.0, []);
        $tree = new Tree([
            $segment('kitchen', 'k', 'join'),
            $segment('bath', 'b', 'join'),
            $segment('low', 'join', 'y'),
            $segment('street', 'y', 'main'),
        ]);
        $points = array_map(static fn (string $id) => self::point($id, $seen[$id] ?? null), ['bath', 'kitchen', 'yard', 'hall']);

        return [$tree, $points];
    }

    private static function likeliest(Triage $triage): string
    {
        $chances = $triage->chances;
        arsort($chances);

        return (string) array_key_first($chances);
    }

    private static function point(string $id, ?string $seen): Point
    {
        [$node, $level] = ['bath' => ['b', 0.3], 'kitchen' => ['k', 0.9], 'yard' => ['y', null], 'hall' => ['join', null]][$id]
            ?? throw new \LogicException($id);

        return new Point($id, $node, $level, $seen);
    }

    /** Chance of an answer: the sum over suspects of chance times likelihood, read back from two posteriors. */
    private static function chanceOf(Triage $before, string $point, string $answer): float
    {
        $tables = ['bath' => ['b', true], 'kitchen' => ['k', true], 'yard' => ['y', false], 'hall' => ['join', false]];
        [$node, $isFixture] = $tables[$point] ?? throw new \LogicException($point);
        $upstream = [
            'b' => ['bath', 'low', 'street'],
            'k' => ['kitchen', 'low', 'street'],
            'y' => ['street'],
            'join' => ['low', 'street'],
        ][$node];
        $chance = 0.0;
        foreach ($before->chances as $suspect => $share) {
            $isLowest = 'bath' === $point || 'kitchen' === $suspect;
            $row = match (true) {
                !$isFixture => \in_array($suspect, $upstream, true)
                    ? ['standing' => 0.93, 'dry' => 0.07]
                    : ['standing' => 0.02, 'dry' => 0.98],
                !\in_array($suspect, $upstream, true) => ['backs_up' => 0.01, 'slow' => 0.04, 'drains' => 0.95],
                $isLowest => ['backs_up' => 0.75, 'slow' => 0.17, 'drains' => 0.08],
                default => ['backs_up' => 0.35, 'slow' => 0.40, 'drains' => 0.25],
            };
            $chance += $share * $row[$answer];
        }

        return $chance;
    }
}
