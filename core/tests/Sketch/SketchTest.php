<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Sketch;

use Jurvex\Core\Finding\Material;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\LineMap\Faces;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Sketch\Apart;
use Jurvex\Core\Sketch\Building;
use Jurvex\Core\Sketch\FixtureKind;
use Jurvex\Core\Sketch\HouseTables;
use Jurvex\Core\Sketch\Joins;
use Jurvex\Core\Sketch\Known;
use Jurvex\Core\Sketch\Lies;
use Jurvex\Core\Sketch\Mouth;
use Jurvex\Core\Sketch\Node;
use Jurvex\Core\Sketch\NodeKind;
use Jurvex\Core\Sketch\Pipe;
use Jurvex\Core\Sketch\PipeBend;
use Jurvex\Core\Sketch\ReachView;
use Jurvex\Core\Sketch\Sketch;
use Jurvex\Core\Sketch\Source;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SketchTest extends TestCase
{
    /** @return iterable<string, array{Building}> */
    public static function buildings(): iterable
    {
        foreach (Building::cases() as $building) {
            yield $building->value => [$building];
        }
    }

    public function testAMouthIsNoWiderThanThreeMetres(): void
    {
        $plain = (new Mouth(new Known(3000.0)))->plain();
        self::assertEquals(3000.0, Mouth::read(new Input($plain))->size->value);
        $this->expectException(BadInput::class);
        Mouth::read(new Input((new Mouth(new Known(3001.0)))->plain()));
    }

    #[DataProvider('buildings')]
    public function testAStartingPointIsAWholeMapOfGuessesThatSurvivesBeingWritten(Building $building): void
    {
        $sketch = $building->sketch(1938);
        foreach ($sketch->pipes as $pipe) {
            self::assertSame(Source::Guessed, $pipe->length->source);
            self::assertNotSame('', $pipe->to);
        }
        foreach ($sketch->nodes as $node) {
            $straight = array_filter($sketch->above($node->id), static fn (Pipe $pipe) => Joins::Straight === $pipe->joins);
            self::assertLessThanOrEqual(1, \count($straight), 'one pipe at most runs straight through a node');
        }
        $plain = json_decode(json_encode($sketch->plain(), \JSON_THROW_ON_ERROR), true, 64, \JSON_THROW_ON_ERROR);
        \assert(\is_array($plain));
        self::assertEquals($sketch->plain(), Sketch::read(new Input($plain))->plain());
    }

    public function testABendIsNeverTighterThanItsPipeCanBe(): void
    {
        foreach ([[20.0, 51.0], [51.0, 51.0], [60.0, 60.0]] as [$radius, $is]) {
            $pipe = new Pipe('p', 'a', 'b', new Known(5.0), new Known(102.0), Material::Clay, bends: [new PipeBend(2.0, 90.0, $radius)]);
            [$at, $bend] = $pipe->segment()->bends[0];
            self::assertSame([2.0, $is], [$at, round($bend->radius->inMillimetres(), 6)]);
        }
    }

    public function testWhereNoOpeningIsAToolEntersAsIfOneWereMadeThere(): void
    {
        $sketch = self::house();
        $view = new ReachView($sketch);
        foreach ($sketch->nodes as $node) {
            $access = $view->access($node);
            $bores = array_map(
                static fn (Pipe $pipe) => $pipe->bore->value, array_filter([$sketch->below($node->id), ...$sketch->above($node->id)]),
            );
            self::assertSame($node->id, $access->node);
            if (null === $node->mouth) {
                $of = [$access->drop->metres, $access->bendDegrees, $access->bendRadius->metres, $access->faces, $access->trap];
                self::assertSame([0.0, 0.0, 0.0, Faces::Both, false], $of);
                self::assertEqualsWithDelta(max([0.0, ...$bores]), $access->opening->inMillimetres(), 1e-9);
            }
        }
    }

    public function testSplittingAPipeKeepsItsLengthItsBendsAndEveryWayToTheOutlet(): void
    {
        $sketch = self::house();
        $before = self::metresDown($sketch, 'sink');
        foreach ([0.0, 2.5, 4.0, 10.0] as $i => $up) {
            $split = $sketch->redraw()->split('line', $up, Node::junction('new'.$i));
            self::assertEqualsWithDelta($before, self::metresDown($split, 'sink'), 1e-9);
            self::assertEqualsWithDelta($up, $split->pipes['new'.$i.'+']->length->value, 1e-9);
            self::assertSame(2, \count($split->pipes['line']->bends) + \count($split->pipes['new'.$i.'+']->bends));
        }
        $split = $sketch->redraw()->split('line', 4.0, Node::junction('new'));
        self::assertSame(
            [6.0],
            array_map(static fn (PipeBend $bend) => $bend->at, $split->pipes['line']->bends),
            'a bend just at the cut stays above it',
        );
        self::assertEqualsWithDelta(2.0, $split->pipes['new+']->bends[0]->at, 1e-9);
    }

    public function testWhatIsTakenOffLeavesTheRestRunningOnAsFarAsBefore(): void
    {
        $sketch = self::house();
        $more = $sketch->redraw()->withFixture(
            Node::fixture('bath', FixtureKind::Bath, 'Bath'), self::own('bath', 2.0), 'line', 3.0, 'bath-join',
        );
        self::assertSame(Joins::Wye, $more->pipes['bath-pipe']->joins);
        self::assertSame('bath-join', $more->pipes['bath-pipe']->to);
        self::assertEqualsWithDelta(5.0, self::metresDown($more, 'bath'), 1e-9);
        $less = $more->redraw()->without('bath');
        self::assertEquals($sketch->pipes['line']->length->value, $less->pipes['line']->length->value);
        self::assertFalse($less->has('bath-join'), 'a junction that joins nothing goes too');
        self::assertCount(2, $less->pipes['line']->bends);
        $split = $sketch->redraw()->split('line', 4.0, Node::junction('cut'));
        self::assertEqualsWithDelta(self::metresDown($sketch, 'sink'), self::metresDown($split->redraw()->without('cut'), 'sink'), 1e-9);
    }

    public function testTheSameChangeTwiceIsMadeOnce(): void
    {
        $sketch = self::house();
        $once = $sketch->redraw()->withFixture(Node::fixture('bath', FixtureKind::Bath, ''), self::own('bath', 2.0), 'line', 3.0, 'j');
        self::assertSame(
            $once->plain(),
            $once->redraw()->withFixture(Node::fixture('bath', FixtureKind::Bath, ''), self::own('bath', 2.0), 'line', 3.0, 'j')->plain(),
        );
        self::assertSame($once->plain(), $once->redraw()->split('line', 1.0, Node::junction('j'))->plain());
    }

    public function testAFixtureAddedAtAFixtureJoinsItsPipe(): void
    {
        $sketch = self::house()->redraw()->withFixture(
            Node::fixture('bath', FixtureKind::Bath, ''), self::own('bath', 2.0), 'sink', 0.0, 'j',
        );
        self::assertSame(['j', 'j'], [$sketch->pipes['bath-pipe']->to, $sketch->pipes['line']->to]);
    }

    /** @return array<string, array{array<mixed>, string, ?string, string}> the change, the code, why, and where */
    public static function badMaps(): array
    {
        $pipe = static fn (string $id, string $from, string $to) => [
            ...self::own($from, 1.0)->plain(),
            'id' => $id,
            'from' => $from,
            'to' => $to,
        ];
        $node = static fn (string $id, string $kind = 'junction') => [
            'id' => $id,
            'kind' => $kind,
            'what' => 'outlet' === $kind ? 'main' : '',
        ];

        return [
            'a loop' => [
                ['nodes' => [$node('a'), $node('b')], 'pipes' => [$pipe('p', 'a', 'b'), $pipe('q', 'b', 'a')]],
                'not_a_tree',
                'loop',
                'pipes.1',
            ],
            'two ways down' => [['nodes' => [], 'pipes' => [$pipe('p', 'sink', 'main')]], 'not_a_tree', 'two_ways_down', 'pipes.1'],
            'an orphan' => [['nodes' => [$node('a')], 'pipes' => []], 'not_a_tree', 'orphan', 'nodes.2'],
            'an outlet that runs on' => [
                ['nodes' => [], 'pipes' => [$pipe('p', 'main', 'sink')]],
                'not_a_tree',
                'outlet_runs_on',
                'pipes.1',
            ],
            'a second outlet' => [['nodes' => [$node('tank', 'outlet')], 'pipes' => []], 'not_a_tree', 'two_outlets', 'nodes.2'],
            'a pipe from nowhere' => [['nodes' => [], 'pipes' => [$pipe('p', 'ghost', 'main')]], 'no_such_place', null, 'pipes.1.from'],
            'a node twice' => [['nodes' => [$node('sink')], 'pipes' => []], 'twice', null, 'nodes.2.id'],
            'a negative length' => [
                ['nodes' => [$node('a')], 'pipes' => [['length_m' => ['value' => -1, 'source' => 'told']] + $pipe('p', 'a', 'main')]],
                'out_of_range',
                null,
                'pipes.1.length_m.value',
            ],
            'a source that is none' => [
                ['nodes' => [$node('a')], 'pipes' => [['length_m' => ['value' => 1, 'source' => 'felt']] + $pipe('p', 'a', 'main')]],
                'unknown_value',
                null,
                'pipes.1.length_m.source',
            ],
            'a bend beyond its pipe' => [
                [
                    'nodes' => [$node('a')],
                    'pipes' => [
                        ['bends' => [['at_m' => 9, 'degrees' => 45, 'radius_mm' => 100, 'source' => 'told']]] + $pipe('p', 'a', 'main'),
                    ],
                ],
                'out_of_range',
                null,
                'pipes.1.bends.0.at_m',
            ],
        ];
    }

    /** @param array{nodes: list<mixed>, pipes: list<mixed>} $more */
    #[DataProvider('badMaps')]
    public function testABadMapIsRefusedAtThePlaceWithTheCause(array $more, string $reason, ?string $why, string $at): void
    {
        $plain = self::house()->plain();
        try {
            Sketch::read(
                new Input(['nodes' => [...$plain['nodes'], ...$more['nodes']], 'pipes' => [...$plain['pipes'], ...$more['pipes']]]),
            );
            self::fail('It was taken.');
        } catch (BadInput $refused) {
            self::assertSame([$reason, $why, $at], [$refused->reason, $refused->allowed['why'] ?? null, $refused->at]);
        }
    }

    public function testNothingIsMovedUnderItself(): void
    {
        $sketch = self::house()->redraw()->withFixture(
            Node::fixture('bath', FixtureKind::Bath, ''), self::own('bath', 2.0), 'line', 3.0, 'j',
        );
        $this->expectExceptionObject(new BadInput('not_a_tree', 'pipes.1', ['why' => 'loop', 'name' => 'j']));
        $sketch->withPipe($sketch->pipes['j+']->with(to: 'bath'));
    }

    public function testWaterOfAFixtureSeenAtAnOpeningProvesEveryTieInBetween(): void
    {
        $bath = Node::fixture('bath', FixtureKind::Bath, 'Bath');
        $yard = Node::opening('yard', 'cleanout', '', new Mouth(new Known(102)));
        $sketch = self::house()->redraw()->withFixture($bath, self::own('bath', 2.0), 'line', 5.0, 'j')->redraw()->split('j+', 2.0, $yard);
        self::assertSame([Source::Proved, 'Bath'], [
            $sketch->redraw()->withWaterSeen($bath, $yard)->pipes['bath-pipe']->tied,
            $sketch->redraw()->withWaterSeen($bath, $yard)->pipes['bath-pipe']->proof,
        ]);
        $above = self::house()->redraw()->withFixture($bath, self::own('bath', 2.0), 'line', 2.0, 'j')->redraw()->split('line', 2.0, $yard);
        self::assertSame(
            Source::Guessed,
            $above->redraw()->withWaterSeen($bath, $yard)->pipes['bath-pipe']->tied,
            'the opening is not on its way',
        );
    }

    public function testDistancesAreToldDownUpAndRoundAJunction(): void
    {
        $sketch = self::house()->redraw()->withFixture(
            Node::fixture('bath', FixtureKind::Bath, ''), self::own('bath', 2.0), 'line', 3.0, 'j',
        );
        self::assertEquals(new Apart(7.0, 10.0, Lies::Down), $sketch->apart('sink', 'j+'));
        self::assertEquals(new Apart(7.0, 9.0, Lies::Across), $sketch->apart('sink', 'bath-pipe'));
        self::assertEquals(new Apart(3.0, 10.0, Lies::Up), $sketch->apart('main', 'line'));
    }

    public function testYearsAndTradeSizesMakeGuesses(): void
    {
        self::assertSame([Material::Clay, Material::CastIron], [HouseTables::material(1911, true), HouseTables::material(1911, false)]);
        self::assertSame(Material::BituminisedFibre, HouseTables::material(1952, true));
        self::assertSame(Material::PvcGasketed, HouseTables::material(1994, true));
        self::assertSame([Material::Unknown, []], [HouseTables::material(null, true), HouseTables::openings(null)]);
        foreach ([
            [Material::PvcWelded, 4.0, 102.0], [Material::Abs, 3.0, 78.0], [Material::Clay, 6.0, 150.0],
            [Material::Unknown, 4.0, 102.0], [Material::PvcWelded, 5.0, 127.0],
        ] as [$material, $inches, $bore]) {
            self::assertEqualsWithDelta($bore, HouseTables::bore($material, $inches)->inMillimetres(), 0.001);
        }
        foreach ([
            [Material::PvcWelded, Length::inches(3), 78.0, '3'], [Material::PvcWelded, Length::inches(1.5), 41.0, '1.5'],
            [Material::Clay, Length::inches(6), 150.0, '6'], [Material::Clay, Length::millimetres(102), 102.0, null],
            [Material::PvcWelded, Length::inches(3.125), 79.375, null], [Material::Unknown, Length::inches(4), 101.6, null],
        ] as [$material, $typed, $bore, $size]) {
            self::assertEqualsWithDelta($bore, HouseTables::typedBore($material, $typed)->inMillimetres(), 1e-9);
            self::assertSame($size, HouseTables::tradeSize($material, Length::millimetres($bore)));
        }
    }

    private static function house(): Sketch
    {
        return new Sketch([Node::outlet('main'), Node::fixture('sink', FixtureKind::Sink, 'Sink')], [
            new Pipe(
                'line', 'sink', 'main', new Known(10.0), new Known(100.0),
                bends: [new PipeBend(8.0, 45, 150), new PipeBend(6.0, 90, 150)],
            ),
        ]);
    }

    private static function own(string $fixture, float $metres): Pipe
    {
        return new Pipe($fixture.'-pipe', $fixture, 'main', new Known($metres), new Known(52.0));
    }

    private static function metresDown(Sketch $sketch, string $node): float
    {
        self::assertSame(NodeKind::Outlet, $sketch->nodes[$sketch->wayDown($node)[\count($sketch->wayDown($node)) - 1]->to]->kind);

        return array_sum(array_map(static fn (Pipe $pipe) => $pipe->length->value, $sketch->wayDown($node)));
    }
}
