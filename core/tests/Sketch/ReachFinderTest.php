<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Sketch;

use Jurvex\Core\LineMap\Faces;
use Jurvex\Core\LineMap\SegmentReach;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reach\FrictionFit;
use Jurvex\Core\Reach\Head;
use Jurvex\Core\Reach\JetHose;
use Jurvex\Core\Reach\PushedTool;
use Jurvex\Core\Reach\Rig;
use Jurvex\Core\Reach\Stopped;
use Jurvex\Core\Reach\Winch;
use Jurvex\Core\Sketch\AccessRules;
use Jurvex\Core\Sketch\Advice;
use Jurvex\Core\Sketch\Alternatives;
use Jurvex\Core\Sketch\FixtureKind;
use Jurvex\Core\Sketch\Joins;
use Jurvex\Core\Sketch\Known;
use Jurvex\Core\Sketch\Mouth;
use Jurvex\Core\Sketch\NewOpenings;
use Jurvex\Core\Sketch\Node;
use Jurvex\Core\Sketch\OpeningAdvice;
use Jurvex\Core\Sketch\Pipe;
use Jurvex\Core\Sketch\PipeBend;
use Jurvex\Core\Sketch\ReachFinder;
use Jurvex\Core\Sketch\RunWay;
use Jurvex\Core\Sketch\Sketch;
use Jurvex\Core\Sketch\WhatElse;
use Jurvex\Core\Tests\Kept;
use Jurvex\Core\Tests\SketchBuilder;
use PHPUnit\Framework\TestCase;

final class ReachFinderTest extends TestCase
{
    public function testMoreFrictionALongerHeadOrMoreBendsNeverReachFartherFromAnyOpening(): void
    {
        for ($seed = 0; $seed < 30; ++$seed) {
            $sketch = SketchBuilder::byChance($seed, 25);
            $reach = static fn (Sketch $on, Rig $rig) => array_map(
                static fn (Node $opening) => array_sum(
                    array_map(static fn (SegmentReach $there) => $there->metres, (new ReachFinder($on, [$rig]))->from($opening, $rig)),
                ),
                $on->openings(),
            );
            $before = $reach($sketch, self::rod());
            $bent = array_reduce(
                $sketch->pipes,
                static fn (Sketch $on, Pipe $pipe) => $on->withPipe($pipe->with(bends: [...$pipe->bends, new PipeBend(0.0, 45.0, 150.0)])),
                $sketch,
            );
            foreach ([
                'friction' => [$sketch, self::rod(friction: 0.5)],
                'head' => [$sketch, self::rod(rigid: 160)],
                'bends' => [$bent, self::rod()],
            ] as $what => [$on, $rig]) {
                foreach ($reach($on, $rig) as $opening => $metres) {
                    self::assertLessThanOrEqual($before[$opening] + 1e-9, $metres, "$what, seed $seed");
                }
            }
        }
    }

    public function testEverySegmentOfAMapIsJudgedAsTheWholeWayToItWouldBeAlone(): void
    {
        $judged = 0;
        for ($seed = 0; $seed < 25; ++$seed) {
            $sketch = SketchBuilder::byChance($seed, 30);
            $rig = self::rod(friction: 0.3 + $seed / 50);
            foreach ($sketch->openings() as $opening) {
                foreach ((new ReachFinder($sketch, [$rig]))->from($opening, $rig) as $pipe => $there) {
                    if (null === $there->leg) {
                        self::assertSame(0.0, $there->metres);
                        continue;
                    }
                    $path = $there->leg->path();
                    $alone = $rig->tool->reach($path);
                    $before = $path->metres() - $sketch->pipes[$pipe]->length->value;
                    self::assertEqualsWithDelta(max(0.0, $alone->metres - $before), $there->metres, 1e-9, "seed $seed, $pipe");
                    self::assertSame($there->whole ? Stopped::EndOfPath : $there->by, $alone->by);
                    $at = 0.0;
                    foreach (RunWay::to($sketch, $there->leg)->spans as $span) {
                        self::assertEqualsWithDelta([$at, $span->pipe->length->value], [$span->from, $span->to - $span->from], 1e-9);
                        $at = $span->to;
                    }
                    self::assertSame($pipe, $span->pipe->id ?? null, 'it ends where it was to go');
                    ++$judged;
                }
            }
        }
        self::assertGreaterThan(300, $judged);
    }

    public function testTheFrictionThatWasThereIsFoundFromWhereTheRodStopped(): void
    {
        $sketch = self::house(bends: [new PipeBend(4.0, 90, 150), new PipeBend(9.0, 90, 150), new PipeBend(12.0, 90, 150)]);
        $path = ReachFinder::path($sketch, $sketch->nodes['yard'], 'yard+') ?? self::fail('no way');
        $with = static fn (float $friction) => self::rod(friction: $friction)->tool;
        foreach ([0.45, 0.6, 0.9] as $friction) {
            $stop = $with($friction)->reach($path);
            self::assertContains($stop->by, [Stopped::LockUp, Stopped::PushLimit]);
            $found = FrictionFit::explain($with, $path, $stop->metres);
            self::assertNotNull($found);
            self::assertEqualsWithDelta($stop->metres, $with($found)->reach($path)->metres, 0.05);
        }
        self::assertNull(FrictionFit::explain($with, $path, $path->metres() + 5), 'no friction makes it longer than the line');
        self::assertNull(
            FrictionFit::explain(static fn (float $friction) => self::rod(friction: $friction, rigid: 900)->tool, $path, 9.0),
            'the bend stopped it, not the friction',
        );
    }

    public function testTheNearestOpeningThatWorksGoesFirstAndOneThatIsBlockedLast(): void
    {
        $sketch = self::house();
        $options = (new ReachFinder($sketch, [self::rod()]))->options('yard+');
        self::assertSame(['yard', 'hall'], array_map(static fn ($option) => $option->opening->id, $options));
        self::assertTrue($options[0]->works());
        $sketch = $sketch->withNode(Node::opening('yard', 'cleanout', '', new Mouth(new Known(102), leave: false)));
        $options = (new ReachFinder($sketch, [self::rod()]))->options('yard+');
        self::assertSame(['hall', 'yard'], array_map(static fn ($option) => $option->opening->id, $options));
        self::assertTrue($options[1]->wouldWork());
        $heavy = self::rod(pull: 1.0);
        self::assertFalse((new ReachFinder($sketch, [$heavy]))->options('yard+')[0]->works(), 'what would not come out does not work');
    }

    public function testWhereNothingWorksWhatWouldIsFoundByTryingIt(): void
    {
        $codes = static fn (Sketch $sketch, Rig $rig, string $target) => array_map(
            static fn (WhatElse $else) => $else->what->value,
            (new Alternatives(new ReachFinder($sketch, [$rig])))->to($target),
        );
        $sketch = self::house();
        self::assertContains('steered', $codes($sketch, self::rod(), 'sink-pipe'), 'back up a tee turns 90°');
        self::assertContains('smaller_head', $codes($sketch, self::rod(head: 105), 'yard+'));
        $trapped = $sketch->withNode(Node::opening('yard', 'yard_trap', '', new Mouth(new Known(102), trap: true)))->withNode(
            Node::opening('hall', 'floor_drain', '', new Mouth(new Known(102), trap: true)),
        );
        self::assertContains('leader', $codes($trapped, self::rod(), 'yard+'));
        self::assertContains('pulled_toilet', $codes($trapped, self::rod(), 'yard+'));
        $far = $sketch->withPipe($sketch->pipes['yard+']->with(length: new Known(300.0)))
            ->redraw()
            ->split('yard+', 20.0, Node::junction('low'));
        self::assertContains('new_opening', $codes($far, self::rod(), 'low+'));
        foreach ((new Alternatives(new ReachFinder($sketch, [self::rod(head: 105, rigid: 120)])))->to('yard+') as $else) {
            if ('smaller_head' === $else->what->value) {
                self::assertSame(99.0, $else->width?->inMillimetres(), 'as wide as the pipe lets it be');
                $fitted = self::rod(head: $else->width->inMillimetres(), rigid: $else->length?->inMillimetres() ?? 0.0);
                self::assertTrue(
                    (new ReachFinder($sketch, [$fitted]))->from($else->at, $fitted)['yard+']->whole,
                    'the head that is named gets there',
                );
            }
        }
    }

    public function testANewOpeningIsNamedWhereItOpensUpTheMost(): void
    {
        $sketch = self::house()->withNode(Node::opening('hall', 'cleanout', '', new Mouth(new Known(102), ready: true)));
        $short = self::rod(length: 5.0);
        [$node, $gain] = (new NewOpenings(new ReachFinder($sketch, [$short])))->best() ?? self::fail('nothing gained');
        $finder = new ReachFinder($sketch, [$short]);
        $now = array_sum($finder->reachedByAny());
        $cut = $sketch->below($node->id)->id ?? '';
        $there = $sketch->redraw()->split(
            $cut,
            $sketch->pipes[$cut]->length->value,
            Node::opening('new', 'cleanout', '', new Mouth(new Known(102), Faces::Both, bendDegrees: 45, radius: 102)),
        );
        self::assertEqualsWithDelta($now + $gain, array_sum((new ReachFinder($there, [$short]))->reachedByAny()), 0.2);
    }

    public function testATrapInTheLineLetsOnlyAThinHoseThrough(): void
    {
        $sketch = self::house()->redraw()->split('yard+', 6.0, Node::trap('house-trap'));
        $thin = new Rig(
            'thin',
            new JetHose(
                60, 2, 0.5, 0.3, Length::metres(60),
                new Head(Length::millimetres(12), Length::millimetres(12), Length::millimetres(2)),
            ),
            false, true, new Winch(0.5, 0.3), 0, 100,
        );
        $finder = new ReachFinder($sketch, [self::rod(), $thin]);
        $rod = $finder->from($sketch->nodes['yard'], self::rod());
        self::assertSame([true, Stopped::Trap], [$rod['yard+']->whole, $rod['house-trap+']->by], 'it gets to the trap');
        self::assertTrue($finder->from($sketch->nodes['yard'], $thin)['house-trap+']->whole);
    }

    public function testOpeningsAreAdvisedOnByTheHouseRules(): void
    {
        $advice = static fn (Sketch $sketch, AccessRules $rules = new AccessRules()) => array_map(
            static fn (Advice $piece) => $piece->rule.' '.$piece->at->id,
            (new OpeningAdvice($rules))->on($sketch),
        );
        self::assertSame([], $advice(self::house()));
        self::assertSame(
            ['too_far yard', 'turns_too_much yard'],
            $advice(self::house(bends: [new PipeBend(1.0, 90, 150)]), new AccessRules(10.0, 80.0)),
        );
        $bad = self::house()->withNode(
            Node::opening('yard', 'cleanout', '', new Mouth(new Known(78), Faces::Upstream, ready: false, leave: false, trap: true)),
        );
        self::assertSame(['too_small yard', 'faces_upstream yard', 'not_ready yard', 'ask_leave yard', 'trap yard'], $advice($bad));
        $branch = self::house()->withNode(
            Node::opening('hall', 'cleanout', '', new Mouth(new Known(102), Faces::Both)),
        )->withPipe(self::house()->pipes['hall+']->with(joins: Joins::Tee));
        self::assertContains('own_branch_only hall', $advice($branch));
        self::assertSame(
            ['no_opening main'],
            $advice(
                new Sketch([Node::outlet('main'), Node::fixture('a', FixtureKind::Bath, '')], [
                    new Pipe('p', 'a', 'main', new Known(3), new Known(102)),
                ]),
            ),
        );
    }

    /**
     * Toilet, hall opening, a sink by a tee, yard opening, main: 3 + 5 + 4 + 15 m.
     *
     * @param list<PipeBend> $bends below the yard opening
     */
    private static function house(array $bends = []): Sketch
    {
        $line = new Sketch([Node::outlet('main'), Node::fixture('toilet', FixtureKind::Toilet, '')], [
            new Pipe('line', 'toilet', 'main', new Known(27.0), new Known(102.0)),
        ]);
        $opened = $line->redraw()->split(
            'line',
            15.0,
            Node::opening('yard', 'cleanout', '', new Mouth(new Known(102))),
        )->redraw()->split('line', 9.0, Node::opening('hall', 'cleanout', '', new Mouth(new Known(102))));
        $joined = $opened->redraw()->withFixture(
            Node::fixture('sink', FixtureKind::Sink, ''),
            new Pipe('sink-pipe', 'sink', '', new Known(3.0), new Known(78.0), joins: Joins::Tee), 'hall+', 4.0, 'join',
        );

        return $joined->withPipe($joined->pipes['yard+']->with(bends: $bends));
    }

    private static function rod(
        float $friction = 0.25, float $rigid = 60.0, float $head = 40.0, float $pull = 400.0, float $length = 60.0,
    ): Rig {
        $tool = new PushedTool(
            new Head(Length::millimetres($head), Length::millimetres($rigid), Length::millimetres(3)),
            Length::millimetres(10), 15.0, 2.0, $friction, 60.0, 4.0, Length::metres($length),
        );

        return new Rig('rod', $tool, false, false, new Winch(2.0, $friction), 4.0, $pull);
    }

    public function testWhatReachesAndWhatElseWouldIsWhatItWasYesterday(): void
    {
        $kept = [];
        $thin = new Rig(
            'thin',
            new JetHose(
                60, 2, 0.5, 0.3, Length::metres(25), new Head(Length::millimetres(30), Length::millimetres(40), Length::millimetres(4)),
            ),
            true, true, new Winch(0.5, 0.3), 2.0, 100,
        );
        $rigs = [self::rod(), self::rod(friction: 0.6, head: 70.0, rigid: 110.0, pull: 120.0), $thin];
        foreach (range(1, 16) as $seed) {
            $sketch = SketchBuilder::byChance($seed, 14);
            $finder = new ReachFinder($sketch, $rigs);
            $kept[$seed.' by any'] = $finder->reachedByAny();
            $kept[$seed.' advice'] = array_map(
                static fn (Advice $advice) => [$advice->rule, $advice->at->id, $advice->values],
                (new OpeningAdvice(new AccessRules(8.0, 100.0)))->on($sketch),
            );
            [$node, $gain] = (new NewOpenings($finder))->best() ?? [null, 0.0];
            $kept[$seed.' new'] = [$node?->id, $gain];
            foreach (array_keys($sketch->pipes) as $target) {
                $kept[$seed.' '.$target] = hash('crc32b', (string) json_encode([
                    array_map(
                        static fn ($option) => [
                            $option->opening->id, $option->rig->id, $option->works(), $option->metres, $option->missing, $option->by,
                            $option->pull,
                        ],
                        $finder->options($target),
                    ),
                    array_map(
                        static fn (WhatElse $else) => [
                            $else->what, $else->at->id, $else->rig->id, $else->width?->metres, $else->length?->metres, $else->metres,
                        ],
                        (new Alternatives($finder))->to($target),
                    ),
                ]));
            }
        }
        Kept::assertSame('reach', $kept);
    }
}
