<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Sketch;

use Jurvex\Core\Finding\Material;
use Jurvex\Core\LineMap\Faces;
use Jurvex\Core\Sketch\AccessRules;
use Jurvex\Core\Sketch\Advice;
use Jurvex\Core\Sketch\FixtureKind;
use Jurvex\Core\Sketch\HouseTables;
use Jurvex\Core\Sketch\Joins;
use Jurvex\Core\Sketch\Known;
use Jurvex\Core\Sketch\Mouth;
use Jurvex\Core\Sketch\Node;
use Jurvex\Core\Sketch\NodeKind;
use Jurvex\Core\Sketch\OpeningAdvice;
use Jurvex\Core\Sketch\Pipe;
use Jurvex\Core\Sketch\PipeBend;
use Jurvex\Core\Sketch\Sketch;
use Jurvex\Core\Sketch\Source;
use Jurvex\Core\Tests\Kept;
use Jurvex\Core\Tests\SketchBuilder;
use Jurvex\Core\Tests\TellsRefusals;
use PHPUnit\Framework\TestCase;

final class RedrawTest extends TestCase
{
    use TellsRefusals;

    public function testASplitPipeIsAsLongAsItWasAndEachBendStaysWhereItWas(): void
    {
        for ($seed = 1; $seed <= 40; ++$seed) {
            $sketch = SketchBuilder::byChance($seed, 6);
            foreach ($sketch->pipes as $pipe) {
                $bent = $sketch->withPipe($pipe->with(bends: [
                    new PipeBend($pipe->length->value * 0.25, 30, 150, Source::Seen), new PipeBend($pipe->length->value * 0.75, 45, 150),
                ]));
                foreach ([0.0, 0.2, 0.5, 1.0] as $share) {
                    $up = $pipe->length->value * $share;
                    $split = $bent->redraw()->split($pipe->id, $up, Node::trap('new'));
                    [$upper, $lower] = [$split->pipes[$pipe->id], $split->pipes['new+']];
                    self::assertEqualsWithDelta([$up, $pipe->length->value], [
                        $lower->length->value, $upper->length->value + $lower->length->value,
                    ], 1e-9);
                    self::assertSame([$pipe->from, 'new', 'new', $pipe->to], [$upper->from, $upper->to, $lower->from, $lower->to]);
                    self::assertSame([Joins::Straight, $pipe->joins], [$upper->joins, $lower->joins], 'where it joins stays below');
                    self::assertEqualsWithDelta(
                        [$pipe->length->value * 0.25, $pipe->length->value * 0.75],
                        [...self::bends($upper, 0.0), ...self::bends($lower, $upper->length->value)], 1e-9,
                    );
                    self::assertSame($split, $split->redraw()->split($pipe->id, 0.0, Node::trap('new')), 'once is enough');
                }
                foreach ([-0.01, $pipe->length->value + 0.01] as $outside) {
                    $act = static fn () => $bent->redraw()->split($pipe->id, $outside, Node::trap('x'));
                    self::assertSame('out_of_range up', self::refused($act));
                }
            }
        }
        self::assertSame('no_such_place at', self::refused(static fn () => self::line()->redraw()->split('nowhere', 1.0, Node::trap('x'))));
    }

    public function testWhatIsTakenOutLeavesTheLineAsLongAsItWas(): void
    {
        for ($seed = 1; $seed <= 40; ++$seed) {
            $sketch = SketchBuilder::byChance($seed, 8);
            foreach ($sketch->nodes as $id => $node) {
                if (NodeKind::Outlet === $node->kind) {
                    self::assertSame('outlet_stays at', self::refused(static fn () => $sketch->redraw()->without($id)));
                    continue;
                }
                $left = $sketch->redraw()->without($id);
                self::assertFalse($left->has($id));
                $above = $sketch->above($id);
                foreach ($above as $pipe) {
                    // A pipe alone goes on as what it came into does; of several each comes in as it did.
                    $joins = 1 === \count($above) ? $sketch->below($id)?->joins : $pipe->joins;
                    self::assertContains(($left->pipes[$pipe->id] ?? null)?->joins, [$joins, null, Joins::Straight]);
                }
                foreach (array_intersect_key($left->nodes, $sketch->nodes) as $other => $still) {
                    self::assertEqualsWithDelta(self::down($sketch, $other), self::down($left, $other), 1e-9, $other.' to the outlet');
                    self::assertFalse(
                        NodeKind::Junction === $still->kind && \count($left->above($other)) < 2 && \count($sketch->above($other)) > 1,
                        'no junction of one pipe is left',
                    );
                }
            }
            self::assertSame($sketch, $sketch->redraw()->without('nobody'));
        }
    }

    public function testAFixtureRunsIntoALineAndNeverThroughAnotherFixture(): void
    {
        $sink = Node::fixture('sink', FixtureKind::Sink, 'Sink');
        $own = new Pipe('sink-pipe', 'sink', '', new Known(2.0), new Known(52.0));
        $along = self::line()->redraw()->withFixture($sink, $own, 'line', 4.0, 'join');
        self::assertSame(['join', Joins::Wye], [$along->pipes['sink-pipe']->to, $along->pipes['sink-pipe']->joins]);
        self::assertEqualsWithDelta([6.0, 4.0], [$along->pipes['line']->length->value, $along->pipes['join+']->length->value], 1e-9);
        $beside = self::line()->redraw()->withFixture($sink, $own, 'toilet', 0.0, 'join');
        self::assertEqualsWithDelta([5.0, 5.0], [$beside->pipes['line']->length->value, $beside->pipes['join+']->length->value], 1e-9);
        $tee = $along->redraw()->withFixture(
            Node::fixture('bath', FixtureKind::Bath, ''), $own->with(id: 'bath-pipe', joins: Joins::Tee), 'join', 0.0, 'unused',
        );
        self::assertSame([Joins::Tee, 3], [$tee->pipes['bath-pipe']->joins, \count($tee->above('join'))]);
        self::assertSame($tee, $tee->redraw()->withFixture($sink, $own, 'line', 1.0, 'again'));
        $end = (new Sketch([Node::outlet('main')], []))->redraw()
            ->withEnd(Node::opening('yard', 'cleanout', '', new Mouth(new Known(102))), $own->with(id: 'first'), 'main');
        self::assertSame(Joins::Straight, $end->pipes['first']->joins);
        self::assertSame(
            Joins::Wye,
            $end->redraw()->withEnd(Node::opening('b', 'cleanout', '', new Mouth(new Known(102))), $own->with(id: 'b-pipe'), 'main')
                ->pipes['b-pipe']->joins,
        );
    }

    public function testWaterSeenBelowProvesEveryTieInOnItsWayAndNoneElsewhere(): void
    {
        $sketch = self::line()->redraw()->withFixture(
            Node::fixture('sink', FixtureKind::Sink, 'Sink'),
            new Pipe('sink-pipe', 'sink', '', new Known(2.0), new Known(52.0)), 'line', 6.0, 'join',
        );
        $yard = Node::opening('yard', 'cleanout', '', new Mouth(new Known(102)));
        $above = Node::opening('above', 'cleanout', '', new Mouth(new Known(102)));
        $sketch = $sketch->redraw()->split('join+', 2.0, $yard)->redraw()->split('line', 1.0, $above);
        $proved = static fn (Sketch $drawn) => array_keys(
            array_filter($drawn->pipes, static fn (Pipe $pipe) => Source::Proved === $pipe->tied && 'Sink' === $pipe->proof),
        );
        self::assertSame(['sink-pipe'], $proved($sketch->redraw()->withWaterSeen($sketch->nodes['sink'], $yard)));
        self::assertSame([], $proved($sketch->redraw()->withWaterSeen($sketch->nodes['sink'], $above)), 'not on its way');
        self::assertSame([], $proved($sketch->redraw()->withWaterSeen($sketch->nodes['toilet'], $yard)), 'straight in: nothing to prove');
    }

    public function testTheHouseSaysWhatIsWrongWithTheOpeningsAndWhereANewOneBelongs(): void
    {
        $line = new Sketch(
            [Node::outlet('main'), Node::opening('yard', 'cleanout', '', new Mouth(new Known(102, Source::Measured)))],
            [new Pipe('line', 'yard', 'main', new Known(40.0, Source::Seen), new Known(102.0), bends: [
                new PipeBend(5.0, 90.0, 150.0, Source::Seen), new PipeBend(12.0, 45.0, 150.0, Source::Seen),
                new PipeBend(20.0, 10.0, 150.0, Source::Seen),
            ])],
        );
        $advice = static fn (Sketch $sketch, AccessRules $rules = new AccessRules()) => array_map(
            static fn (Advice $each) => [$each->rule, $each->newAt, $each->isFinding()], (new OpeningAdvice($rules))->on($sketch),
        );
        self::assertSame([['too_far', 20.0, true], ['turns_too_much', 20.0, true]], $advice($line));
        self::assertSame([['too_far', 15.0, true]], $advice($line, new AccessRules(15.0, 145.0)), 'as far as the rule lets it');
        self::assertSame([], $advice($line, new AccessRules(40.0, 145.0)), 'just so much is not too much');
        $guessed = $line->withPipe($line->pipes['line']->with(length: new Known(40.0)));
        self::assertSame([['too_far', 20.0, false], ['turns_too_much', 20.0, false]], $advice($guessed), 'nothing is found on a guess');
        $bends = [new PipeBend(5.0, 90.0, 150.0), ...\array_slice($line->pipes['line']->bends, 1)];
        $bent = $line->withPipe($line->pipes['line']->with(bends: $bends));
        self::assertSame([['too_far', 20.0, false], ['turns_too_much', 20.0, false]], $advice($bent), 'nor where a bend is guessed');
        $small = new Sketch([Node::outlet('main'), Node::opening('yard', 'cleanout', '', new Mouth(new Known(50)))], [
            new Pipe('line', 'yard', 'main', new Known(4.0), new Known(102.0)),
        ]);
        self::assertSame([['too_small', null, false]], $advice($small));
        self::assertSame([], $advice($small, new AccessRules(size: 49.0)));
    }

    public function testHouseTablesStayAsTheyWereLookedAt(): void
    {
        $kept = ['bores' => HouseTables::bores(), 'access' => (new AccessRules())->plain()];
        foreach ([null, 1930, 1945, 1946, 1959, 1960, 1974, 1975, 2020] as $year) {
            $kept['year '.($year ?? 'not said')] = [
                HouseTables::material($year, true)->value, HouseTables::material($year, false)->value, HouseTables::openings($year),
            ];
        }
        foreach (Material::cases() as $material) {
            $kept['bore '.$material->value] = array_map(
                static fn (float $inches) => HouseTables::bore($material, $inches)->inMillimetres(),
                [1.25, 1.5, 2.0, 2.5, 3.0, 4.0, 6.0, 7.0, 9.0, 12.0],
            );
        }
        Kept::assertSame('house', $kept);
    }

    /** Two pipes with everything that a map can say of them. */
    public static function bentLine(): Sketch
    {
        return new Sketch([
            Node::outlet('main'), Node::fixture('toilet', FixtureKind::Toilet, 'Toilet', new Known(0.4, Source::Told)), Node::trap('trap'),
            Node::opening(
                'yard', 'cleanout', 'Yard', new Mouth(new Known(102, Source::Measured), Faces::Both, new Known(0.6), 45.0, 150.0),
            ),
        ], [
            new Pipe('upper', 'toilet', 'yard', new Known(6.0, Source::Seen), new Known(102.0), Material::Clay, bends: [
                new PipeBend(2.0, 90.0, 150.0, Source::Seen),
            ]),
            new Pipe('lower', 'yard', 'trap', new Known(9.0, Source::Told), new Known(150.0, Source::Measured), pastStoppages: 2),
            new Pipe('last', 'trap', 'main', new Known(3.0), new Known(150.0), down: new Known(1.2, Source::Measured)),
        ]);
    }

    private static function line(): Sketch
    {
        return new Sketch([Node::outlet('main'), Node::fixture('toilet', FixtureKind::Toilet, '')], [
            new Pipe('line', 'toilet', 'main', new Known(10.0), new Known(102.0)),
        ]);
    }

    /** @return list<float> from the upper end of what was one pipe */
    private static function bends(Pipe $pipe, float $start): array
    {
        return array_map(static fn (PipeBend $bend) => $start + $bend->at, $pipe->bends);
    }

    private static function down(Sketch $sketch, string $node): float
    {
        return array_sum(array_map(static fn (Pipe $pipe) => $pipe->length->value, $sketch->wayDown($node)));
    }
}
