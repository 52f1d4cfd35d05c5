<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Sketch;

use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\LineMap\Faces;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reach\JetHose;
use Jurvex\Core\Reach\Rig;
use Jurvex\Core\Reach\Winch;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Run\Sight;
use Jurvex\Core\Run\Travel;
use Jurvex\Core\Sketch\ExpectedRun;
use Jurvex\Core\Sketch\FirstMap;
use Jurvex\Core\Sketch\FixtureKind;
use Jurvex\Core\Sketch\Gap;
use Jurvex\Core\Sketch\Joins;
use Jurvex\Core\Sketch\Known;
use Jurvex\Core\Sketch\MappedRun;
use Jurvex\Core\Sketch\Meetings;
use Jurvex\Core\Sketch\Mouth;
use Jurvex\Core\Sketch\Node;
use Jurvex\Core\Sketch\Pipe;
use Jurvex\Core\Sketch\PipeBend;
use Jurvex\Core\Sketch\Proposal;
use Jurvex\Core\Sketch\Proposals;
use Jurvex\Core\Sketch\ReachFinder;
use Jurvex\Core\Sketch\RunSpan;
use Jurvex\Core\Sketch\RunWay;
use Jurvex\Core\Sketch\SeenMap;
use Jurvex\Core\Sketch\Sketch;
use Jurvex\Core\Sketch\Source;
use Jurvex\Core\Tests\Kept;
use Jurvex\Core\Tests\RunBuilder;
use PHPUnit\Framework\TestCase;

/** A yard opening, 8 m to the sink's junction, 12 m on to the main; a lane opening at the main's end looks back up. */
final class RunsOnMapTest extends TestCase
{
    public function testAStretchThatEndsWhereAPipeEndsIsOfThatPipeAlone(): void
    {
        $way = RunWay::along(self::house(), 'yard', Travel::Downstream);
        $names = static fn (float $from, float $to) => array_map(static fn ($part) => $part->pipe->id, $way->within($from, $to));
        self::assertSame(['yard+'], $names(3.0, 8.0));
        self::assertSame(['join+'], $names(8.0, 9.0));
        self::assertSame(['yard+', 'join+'], $names(7.0, 9.0));
        self::assertSame([], $names(8.0, 8.0));
        self::assertEqualsWithDelta(20.0, $way->end(), 1e-9);
    }

    public function testAWayThroughALegGoesOnAsARunWould(): void
    {
        $house = self::house();
        $rig = new Rig('hose', new JetHose(60, 2, 0.5, 0.3, Length::metres(90), null), true, true, new Winch(0.5, 0.3), 2.0, 900);
        $leg = (new ReachFinder($house, [$rig]))->from($house->nodes['yard'], $rig)['yard+']->leg ?? self::fail('no way');
        $whole = RunWay::along($house, 'yard', Travel::Downstream);
        self::assertGreaterThan(1, \count($whole->spans));
        $spans = static fn (RunWay $way) => array_map(
            static fn (RunSpan $span) => [$span->pipe->id, $span->from, $span->to, $span->down], $way->spans,
        );
        self::assertSame($spans($whole), $spans(RunWay::through($house, $leg)));
        self::assertCount(1, RunWay::to($house, $leg)->spans);
        self::assertSame(0.0, RunWay::along($house, $house->outlet->id, Travel::Downstream)->end());
    }

    public function testSeenUnderWaterAndUnseenTogetherAreAllOfTheProperty(): void
    {
        $down = self::looked(
            ['yard', Travel::Downstream],
            [RunBuilder::finding(Kind::LowSpot, 4, ['to_m' => 6, 'size' => 90, 'facts' => ['lens_under' => 'yes', 'water' => 'off']])],
            11.0,
            EndReason::CannotPass,
        );
        $up = self::looked(['lane', Travel::Upstream], [], 5.0, EndReason::RodOut);
        $sketch = self::house();
        $seen = new SeenMap($sketch, [$down, $up]);
        self::assertEqualsWithDelta(self::metres($sketch), $seen->metres(...Sight::cases()), 1e-9);
        self::assertEqualsWithDelta(9.0 + 5.0, $seen->metres(Sight::Seen), 1e-9);
        self::assertEqualsWithDelta(2.0, $seen->metres(Sight::Submerged), 1e-9);
        $gaps = array_map(
            static fn (Gap $gap) => [$gap->pipe->id, $gap->span->from->metres, $gap->span->to->metres, $gap->span->sight->value],
            $seen->gaps(),
        );
        self::assertContains(['yard+', 4.0, 6.0, 'submerged'], $gaps);
        self::assertContains(['join+', 3.0, 7.0, 'unreached'], $gaps);
        $again = new SeenMap($sketch, [$down, $up, self::looked(['yard', Travel::Downstream], [], 7.0, EndReason::CannotPass)]);
        self::assertEqualsWithDelta(0.0, $again->metres(Sight::Submerged), 1e-9, 'a later run without water saw it');
        self::assertSame(['r1', 'r1'], [$seen->by['yard+'][0] ?? '', $seen->by['join+'][0] ?? '']);
    }

    public function testARunToTheMainProposesLengthsMaterialsBendsAndTieInsAndOnceTakenOverProposesNothing(): void
    {
        $run = self::looked(['yard', Travel::Downstream], [
            RunBuilder::finding(Kind::Bend, 3.0, ['size' => 45]),
            RunBuilder::finding(Kind::TieIn, 9.2, [
                'facts' => ['known_how' => 'ran_that_fixture', 'whose' => 'Sink', 'condition' => 'sound'],
                'size' => 52,
            ]),
            RunBuilder::finding(Kind::TieIn, 14.0, [
                'facts' => ['known_how' => 'assumed', 'whose' => 'old privy', 'condition' => 'sound'],
                'size' => 100,
            ]),
            RunBuilder::finding(Kind::Transition, 9.2, ['size' => 150, 'facts' => ['material_after' => 'clay']]),
            RunBuilder::finding(Kind::OpeningSeen, 21.7), RunBuilder::finding(Kind::Tap, 21.7),
        ], 21.7, EndReason::MainReached, Material::CastIron);
        $proposals = (new Proposals(self::house(), $run))->all();
        $codes = array_map(static fn (Proposal $proposal) => $proposal->code.' '.$proposal->at, $proposals);
        foreach ([
            'length yard+', 'length join+', 'fabric yard+', 'fabric join+', 'tied_proved sink-pipe', 'tie_in join+',
        ] as $expected) {
            self::assertContains($expected, $codes);
        }
        $after = array_reduce($proposals, static fn (Sketch $sketch, Proposal $proposal) => $proposal->acceptedIn($sketch), self::house());
        self::assertEqualsWithDelta(9.2, $after->pipes['yard+']->length->value, 1e-9);
        self::assertSame([Source::Seen, Material::CastIron, Source::Proved, 'Sink'], [
            $after->pipes['yard+']->length->source,
            $after->pipes['yard+']->material,
            $after->pipes['sink-pipe']->tied,
            $after->pipes['sink-pipe']->proof,
        ]);
        self::assertEqualsWithDelta(
            21.7,
            array_sum(array_map(static fn (Pipe $pipe) => $pipe->length->value, $after->wayDown('yard'))),
            1e-6,
        );
        self::assertEquals(new PipeBend(3.0, 45.0, 1.5 * 102.0, Source::Seen), $after->pipes['yard+']->bends[0]);
        $left = array_map(static fn (Proposal $proposal) => $proposal->code, (new Proposals($after, $run))->all());
        self::assertNotContains('tie_in', $left);
        self::assertNotContains('tied_proved', $left);
        $settled = array_reduce(
            (new Proposals($after, $run))->all(),
            static fn (Sketch $sketch, Proposal $proposal) => $proposal->acceptedIn($sketch),
            $after,
        );
        self::assertSame([], array_map(static fn (Proposal $proposal) => $proposal->key, (new Proposals($settled, $run))->all()));
    }

    public function testWhatWasSeenIsOfferedForTheSeenLengthOnlyAndAPipeIsSplitWhereItChanges(): void
    {
        $house = self::house();
        $guessed = [new PipeBend(1.0, 30.0, 150.0), new PipeBend(7.5, 45.0, 150.0)];
        $bent = $house->withPipe($house->pipes['yard+']->with(bends: $guessed));
        $run = self::looked(['yard', Travel::Downstream], [
            RunBuilder::finding(Kind::Bend, 2.0, ['size' => 90]), RunBuilder::finding(Kind::Bend, 2.4, ['size' => 45]),
            RunBuilder::finding(Kind::Transition, 3.0, ['size' => 100, 'facts' => ['material_after' => 'clay']]),
        ], 6.0, EndReason::CannotPass, Material::CastIron);
        $proposals = (new Proposals($bent, $run))->all();
        self::assertEquals([
            ['to_m' => 3.0, 'material' => 'cast_iron', 'bore_mm' => 100.0, 'count' => 2.0, 'turn_deg' => 135.0, 'from_m' => 0.0],
            ['from_m' => 3.0, 'to_m' => 6.0, 'material' => 'clay', 'bore_mm' => 100.0],
        ], array_map(static fn (Proposal $proposal) => $proposal->values, $proposals));
        foreach ([$proposals, array_reverse($proposals)] as $order) {
            $after = array_reduce($order, static fn (Sketch $sketch, Proposal $proposal) => $proposal->acceptedIn($sketch), $bent);
            $way = array_map(static fn (Pipe $pipe) => [
                round($pipe->length->value, 6), $pipe->material->value,
                array_map(static fn (PipeBend $bend) => $bend->degrees, $pipe->bends),
            ], \array_slice($after->wayDown('yard'), 0, 3));
            self::assertSame([
                [3.0, 'cast_iron', [90.0, 45.0]], [3.0, 'clay', []], [2.0, $house->pipes['yard+']->material->value, [45.0]],
            ], $way, 'what lies beyond the reached point stays as it was, its bend too');
        }
    }

    public function testTheFirstLookDrawsTheMap(): void
    {
        $opening = Node::opening('yard', 'cleanout', 'Yard', new Mouth(new Known(102)));
        $found = [
            RunBuilder::finding(Kind::Bend, 2.0, ['size' => 45]),
            RunBuilder::finding(Kind::Transition, 6.0, ['size' => 150, 'facts' => ['material_after' => 'pvc_welded']]),
            RunBuilder::finding(Kind::TieIn, 9.0, ['facts' => ['whose' => 'Sink', 'condition' => 'sound'], 'size' => 52]),
        ];
        $map = FirstMap::of($opening, new MappedRun('r', 'yard', 0.5, RunBuilder::run($found, Material::Clay, reached: 12.5)));
        self::assertNotNull($map);
        $way = array_map(static fn (Pipe $pipe) => [
            round($pipe->length->value, 6), $pipe->material->value, $pipe->bore->value, \count($pipe->bends), $pipe->length->source->value,
        ], $map->wayDown('yard'));
        self::assertSame(
            [[5.5, 'clay', 100.0, 1, 'seen'], [3.0, 'pvc_welded', 150.0, 0, 'seen'], [3.5, 'pvc_welded', 150.0, 0, 'seen']], $way,
        );
        self::assertContains('Sink', array_map(static fn (Node $node) => $node->name, $map->nodes));
        $short = RunBuilder::run([], Material::Clay, expected: 30.0, reached: 8.0, ended: EndReason::CannotPass);
        $guessed = FirstMap::of($opening, new MappedRun('r', 'yard', 0.0, $short));
        self::assertNotNull($guessed);
        self::assertEqualsWithDelta(30.0, array_sum(array_map(
            static fn (Pipe $pipe) => Source::Guessed === $pipe->length->source ? $pipe->length->value : 0.0, $guessed->pipes,
        )), 1e-9, 'how far it goes on is guessed');
        self::assertNull(FirstMap::of($opening, new MappedRun('r', 'yard', 0.0, RunBuilder::run([], travel: Travel::Upstream))));
    }

    public function testWhatIsKnownBetterIsNotWeakened(): void
    {
        $house = self::house();
        $sure = $house->withPipe(
            $house->pipes['yard+']->with(
                length: new Known(8.0, Source::Seen),
                material: Material::Clay,
                materialSource: Source::Seen,
                bore: new Known(100.0, Source::Seen),
            ),
        )
            ->withPipe($house->pipes['sink-pipe']->with(tied: Source::Proved));
        $run = self::looked(
            ['yard', Travel::Downstream],
            [RunBuilder::finding(Kind::TieIn, 8.02, ['facts' => ['known_how' => 'assumed', 'condition' => 'sound']])],
            9.0,
            EndReason::CannotPass,
        );
        self::assertSame(
            [],
            array_filter(
                (new Proposals($sure, $run))->all(),
                static fn (Proposal $proposal) => \in_array($proposal->at, ['yard+', 'sink-pipe'], true),
            ),
        );
    }

    public function testTheExpectedRunComesByWhatTheMapHasAndHasNotBeenAnywhere(): void
    {
        $house = self::house();
        $house = $house->withPipe($house->pipes['join+']->with(material: Material::Clay, bends: [new PipeBend(2.0, 45.0, 150.0)]));
        $expected = ExpectedRun::on($house, RunWay::along($house, 'yard', Travel::Downstream)) ?? self::fail('no way');
        self::assertSame([20.0, 0.0], [$expected->length()->metres, $expected->reached->metres]);
        self::assertSame(
            ['transition 8', 'tie_in 8', 'bend 10', 'transition 20'],
            array_map(static fn ($finding) => $finding->kind->value.' '.$finding->from->metres, $expected->findings),
        );
        $back = RunWay::along($house, 'lane', Travel::Upstream);
        self::assertSame(
            ['join+', 'yard+', 'line'],
            array_map(static fn (RunSpan $span) => $span->pipe->id, $back->spans),
            'past the branch, straight on',
        );
        $against = ExpectedRun::on($house, $back) ?? self::fail('no way');
        $bends = array_filter($against->findings, static fn ($finding) => Kind::Bend === $finding->kind);
        $end = $back->spans[0]->to;
        self::assertSame([$end - 2.0], array_values(array_map(static fn ($finding) => $finding->from->metres, $bends)));
    }

    public function testATieInThatTwoCamerasSawIsProved(): void
    {
        $sketch = self::house();
        $down = self::looked(
            ['yard', Travel::Downstream],
            [RunBuilder::finding(Kind::TieIn, 8.0, ['size' => 50])],
            9.0,
            EndReason::CannotPass,
        );
        $up = self::looked(
            ['lane', Travel::Upstream],
            [RunBuilder::finding(Kind::TieIn, 12.0, ['size' => 50])],
            13.0,
            EndReason::CannotPass,
        );
        self::assertSame([], (new Meetings($sketch, [$down]))->all(), 'one camera alone');
        self::assertSame([], (new Meetings($sketch, [$down, $down]))->all(), 'twice from the same opening');
        $met = (new Meetings($sketch, [$down, $up]))->all();
        self::assertSame(['tied_met'], array_map(static fn (Proposal $proposal) => $proposal->code, $met));
        $proved = $met[0]->acceptedIn($sketch);
        self::assertSame(Source::Proved, $proved->pipes[$met[0]->at]->tied);
        self::assertNotSame('', $proved->pipes[$met[0]->at]->proof);
        self::assertSame([], (new Meetings($proved, [$down, $up]))->all(), 'it is proved');
        $named = self::looked(
            ['lane', Travel::Upstream],
            [RunBuilder::finding(Kind::TieIn, 12.0, ['size' => 50, 'facts' => ['whose' => 'the laundry']])],
            13.0,
            EndReason::CannotPass,
        );
        $met = (new Meetings($sketch, [$down, $named]))->all();
        self::assertSame('the laundry', $met[0]->acceptedIn($sketch)->pipes[$met[0]->at]->proof, 'whose it is, where one of them knew');
    }

    /**
     * @param array{string, Travel} $from
     * @param list<\Jurvex\Core\Finding\Finding> $findings
     */
    private static function looked(
        array $from, array $findings, float $reached, EndReason $ended, Material $material = Material::Unknown,
    ): MappedRun {
        return new MappedRun(
            'r'.(Travel::Downstream === $from[1] ? 1 : 2),
            $from[0],
            0.0,
            new RunRecord(
                $findings, $material, Length::millimetres(100), $from[1], null,
                Length::metres($reached), $ended,
            ),
        );
    }

    private static function house(): Sketch
    {
        $line = new Sketch([Node::outlet('main'), Node::fixture('toilet', FixtureKind::Toilet, '')], [
            new Pipe('line', 'toilet', 'main', new Known(23.0), new Known(102.0), Material::PvcGasketed),
        ]);
        $sketch = $line->redraw()->split('line', 20.0, Node::opening('yard', 'cleanout', '', new Mouth(new Known(102))));
        $sketch = $sketch->redraw()->withFixture(
            Node::fixture('sink', FixtureKind::Sink, 'Sink'),
            new Pipe('sink-pipe', 'sink', '', new Known(3.0), new Known(52.0), joins: Joins::Wye), 'yard+', 12.0,
            'join',
        );

        return $sketch->redraw()->split('join+', 0.0, Node::opening('lane', 'chamber', '', new Mouth(new Known(225), Faces::Both)));
    }

    private static function metres(Sketch $sketch): float
    {
        return array_sum(array_map(static fn (Pipe $pipe) => $pipe->length->value, $sketch->pipes));
    }

    public function testWhatRunsProposeAndLeaveUnseenIsWhatItWasYesterday(): void
    {
        $kept = [];
        $sketch = self::house();
        foreach (range(1, 60) as $seed) {
            $record = RunBuilder::random($seed);
            $from = Travel::Downstream === $record->travel ? 'yard' : 'lane';
            $run = new MappedRun('r', $from, 0.4, $record);
            $seen = new SeenMap($sketch, [$run]);
            $kept[$seed] = [
                array_map(
                    static fn (Proposal $proposal) => [
                        $proposal->code, $proposal->at, array_values(array_filter(
                            $proposal->acceptedIn($sketch)->pipes,
                            static fn (Pipe $pipe) => !\in_array($pipe, $sketch->pipes, false),
                        )),
                    ],
                    (new Proposals($sketch, $run))->all(),
                ),
                array_map(static fn (Gap $gap) => [$gap->pipe->id, $gap->span], $seen->gaps()),
                array_map(static fn (Sight $sight) => $seen->metres($sight), Sight::cases()),
            ];
        }
        Kept::assertSame('maps', $kept);
    }
}
