<?php

declare(strict_types=1);

namespace App\Tests;

use App\Support\Database\Id;
use Jurvex\Core\Clear\Machine;
use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\DomCrawler\Crawler;

/** Plans, the jet bench and the gates by the pages' own forms, and round them. */
#[Group('any-database')]
final class ClearRunTest extends ApplicationTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testAStuckHoseIsLedThroughStepByStepAndEveryTryIsKept(): void
    {
        $job = $this->job('Wash block');
        $stuck = '/jobs/'.$job->id.'/clear/stuck/'.Id::fresh();
        $this->send($stuck.'/begin', ['trouble' => 'will_not_come_back', 'at' => 'far in']);
        self::assertSame(422, $this->statusCode());
        self::assertSame('far in', $this->browser->getCrawler()->filter('#stuck-at')->attr('value'));
        foreach ([1, 2] as $_) {
            $this->send($stuck.'/begin', ['trouble' => 'will_not_come_back', 'at' => '18.5']);
            self::assertResponseRedirects($stuck);
        }
        self::assertSame('Keep the water running', $this->get($stuck)->filter('.next-try h2')->text());
        $this->send($stuck.'/see', ['gauge' => 'low', 'moved' => '3 cm', 'minutes' => '2']);
        $page = $this->get($stuck);
        self::assertStringContainsString('Look at the supply', $page->filter('.next-try h2')->text());
        self::assertStringContainsString('Not moving.', $page->filter('.bench')->text());
        $this->send($stuck.'/see', ['gauge' => 'normal', 'moved' => '3 cm', 'minutes' => '']);
        self::assertSame(422, $this->statusCode(), 'no rate without minutes');
        $this->send($stuck.'/see', ['gauge' => 'normal']);
        foreach ([1, 2] as $_) {
            $this->send($stuck.'/try', ['code' => 'keep_water_running', 'result' => 'in_vain']);
        }
        $page = $this->get($stuck);
        self::assertSame('Pulse', $page->filter('.next-try h2')->text());
        self::assertCount(1, $page->filter('.entries li'));
        $this->send($stuck.'/try', ['code' => 'pulse', 'result' => 'freed']);
        self::assertStringContainsString('Ended: Pulse', $this->get('/jobs/'.$job->id.'/clear')->filter('.bench')->text());
        $this->send($stuck.'/see', ['gauge' => 'normal', 'soil' => '1']);
        self::assertTrue($this->job('Wash block')->stuckTools()[0]->next()->stops, 'soil is a broken pipe');
        self::assertStringContainsString(
            'It will not come back at 18.5 m',
            $this->get('/jobs/'.$job->id.'/report')->filter('.report')->text(),
        );
    }

    public function testTheTwistThatIsLeftInTheHoseIsSaid(): void
    {
        $job = $this->job('Wash block');
        $this->passGate($job, 'jet');
        $this->fill($this->get('/jobs/'.$job->id.'/clear'), 'Log the pass', [
            'pass_form[tool]' => 'jet', 'pass_form[head]' => 'Off-centre cone', 'pass_form[inM]' => '12',
            'pass_form[turnsRight]' => '7', 'pass_form[turnsLeft]' => '4',
        ]);
        self::assertStringContainsString(
            '3 turns of twist left in the hose',
            $this->browser->followRedirect()->filter('.entries')->first()->text(),
        );
    }

    public function testNothingStartsPastAGateHoweverItIsAsked(): void
    {
        $job = $this->job('tea room');
        $pass = static fn (string $tool) => [
            'pass_form' => ['tool' => $tool, 'head' => 'Small blade', 'inM' => '7', 'outM' => '0', 'cameBack' => '', 'note' => ''],
        ];
        $address = '/jobs/'.$job->id.'/clear/passes/';
        foreach (['cable', 'jet'] as $tool) {
            $this->send($address.Id::fresh(), $pass($tool));
            self::assertSame(422, $this->statusCode());
            self::assertStringContainsString('first confirm every line', $this->browser->getCrawler()->filter('.gate-shut')->text());
            self::assertSame('Small blade', $this->browser->getCrawler()->filter('#pass_form_head')->attr('value'), 'what was typed stays');
        }
        $lines = Machine::Cable->gate();
        $last = array_pop($lines);
        foreach ([...$lines, 'nonsense'] as $line) {
            $this->send('/jobs/'.$job->id.'/clear/gates/cable', ['line' => $line, 'confirmed' => '1']);
        }
        $this->send($address.Id::fresh(), $pass('cable'));
        self::assertSame(422, $this->statusCode(), 'one line is missing');
        $this->send('/jobs/'.$job->id.'/clear/gates/cable', ['line' => $last, 'confirmed' => '1']);
        $this->send($address.Id::fresh(), $pass('jet'));
        self::assertSame(422, $this->statusCode(), 'the other machine has its own gate');
        $this->send($address.Id::fresh(), $pass('cable'));
        self::assertResponseRedirects();
        self::assertStringContainsString(
            'Ana Terek',
            $this->get('/jobs/'.$job->id.'/clear')->filter('#gate-cable')->text(),
            'who confirmed is kept',
        );
        $this->send('/jobs/'.$job->id.'/way-in/stoppage/danger', ['sign' => 'electric_in_water', 'state' => 'present']);
        $this->send($address.Id::fresh(), $pass('cable'));
        self::assertSame(422, $this->statusCode(), 'nor past a danger that is not made safe');
        $this->send($address.Id::fresh(), $pass('rods'));
        self::assertResponseRedirects('/jobs/'.$job->id.'/clear', message: 'rods neither turn nor spray');
        self::assertCount(2, $this->job('tea room')->passes());
    }

    public function testAToolIsLoggedWhileItIsInTheLine(): void
    {
        $job = $this->job('Wash block');
        $before = \count($job->passes());
        $this->send('/jobs/'.$job->id.'/clear/run/'.Id::fresh().'/begin', ['head' => 'blade']);
        self::assertSame(422, $this->statusCode());
        self::assertStringContainsString('first confirm every line', $this->browser->getCrawler()->filter('.gate-shut')->text());
        $this->passGate($job, 'cable');
        $id = Id::fresh();
        $this->send('/jobs/'.$job->id.'/clear/run/'.$id.'/begin', ['head' => 'blade']);
        $this->send('/jobs/'.$job->id.'/clear/run/'.Id::fresh().'/begin', ['head' => 'retriever']);
        $enter = fn (string $kind, string $said = '', string $metres = '', ?string $entry = null) => $this->send(
            '/jobs/'.$job->id.'/clear/run/'.$id.'/entry/'.($entry ?? Id::fresh()),
            ['kind' => $kind, 'said' => $said, 'metres' => $metres],
        );
        $twice = Id::fresh();
        $enter('mark_in', entry: $twice);
        $enter('mark_in', entry: $twice);
        $enter('mark_in');
        $enter('power_on');
        $enter('felt', 'grabs');
        $enter('at', metres: '10.4');
        $enter('turn_right');
        $enter('water', 'dropping');
        $page = $this->get('/jobs/'.$job->id.'/clear/run');
        self::assertStringContainsString('10.4 m 9.5 m along the line', $page->filter('.readout-big')->text());
        self::assertStringContainsString('↻ 1', $page->filter('.run-top')->text());
        $enter('mark_out');
        $page = $this->get('/jobs/'.$job->id.'/clear/run');
        self::assertStringContainsString('Coupling 2 is at the opening: foot off', $page->filter('.run-says')->text());
        foreach ([['at', '', 'far'], ['felt', 'odd', ''], ['came_back', ' ', '']] as [$kind, $said, $metres]) {
            $enter($kind, $said, $metres);
            self::assertSame(422, $this->statusCode(), $kind);
        }
        $enter('came_back', 'Root cords');
        $enter('at', metres: '0');
        $this->send('/jobs/'.$job->id.'/clear/run/'.$id.'/out', []);
        $passes = \array_slice($this->job('Wash block')->passes(), $before);
        self::assertCount(1, $passes, 'one tool at a time');
        $d = $passes[0]->details();
        self::assertSame(
            ['Blade', 9.5, 0.0, 1, [['at_m' => 8.1, 'felt' => 'grabs']], 'Root cords'],
            [$d->head, $d->inM, $d->outM, $d->turnsRight, $d->feltAt, $d->cameBack],
            'along the line, past 0.9 m of drop',
        );
        $this->send('/jobs/'.$job->id.'/clear/run/'.$id.'/entry/'.Id::fresh(), ['kind' => 'mark_in']);
        self::assertSame(422, $this->statusCode(), 'it has ended');
        self::assertCount(1, $this->get('/jobs/'.$job->id.'/clear')->filter('.ribbon .felt-grabs'));
        self::assertStringContainsString('grabs at 8.1 m', $this->get('/jobs/'.$job->id.'/report')->filter('.report')->text());
    }

    public function testAStandInJetterFindsTheHiddenStoppageAndTheShopLearnsFromThePasses(): void
    {
        $job = $this->job('Wash block');
        $this->fill($this->get('/jobs/'.$job->id.'/clear/plan'), 'Work out the plans', [
            'clearing_form[blockage]' => 'soft_grease',
            'clearing_form[nearM]' => '9',
            'clearing_form[farM]' => '12 m',
        ]);
        $this->passGate($job, 'jet');
        foreach ([1, 2, 3] as $pass) {
            $id = Id::fresh();
            $this->send('/jobs/'.$job->id.'/clear/run/'.$id.'/begin', ['head' => 'free_spinner', 'stand_in' => '1']);
            $hands = fn (string $hands, int $seconds, string $on = '1') => $this->send(
                '/jobs/'.$job->id.'/clear/run/'.$id.'/stand-in',
                ['hands' => $hands, 'seconds' => $seconds, 'on' => $on],
            );
            $hands('feed', 10);
            self::assertSame(422, $this->statusCode(), 'no water at the mouth');
            $hands('feed', 5, '0');
            for ($i = 0; $i < 40
                && !str_contains($this->get('/jobs/'.$job->id.'/clear/run')->filter('.stand-in')->text(), 'Dropping'); ++$i
            ) {
                $hands('feed', 30);
            }
            $page = $this->get('/jobs/'.$job->id.'/clear/run');
            self::assertStringContainsString('Dropping', $page->filter('.stand-in')->text(), 'it went through');
            self::assertMatchesRegularExpression('/Gauge1\d\d bar/', $page->filter('.stand-in')->text());
            $hands('back', 60);
            $hands('back', 300);
            $hands('hold', 1, '0');
            $this->send('/jobs/'.$job->id.'/clear/run/'.$id.'/out', []);
        }
        $passes = \array_slice($this->job('Wash block')->passes(), -3);
        self::assertSame([0.0, 0.0, 0.0], array_map(static fn ($pass) => $pass->details()->outM, $passes));
        self::assertContains('drag', $passes[0]->details()->felt);
        self::assertStringContainsString('own median of 3 passes', $this->get('/jobs/'.$job->id.'/clear/plan')->filter('.plans')->text());
    }

    public function testWearSeenOnTheWayTakesThePieceOutOfTheNextPlan(): void
    {
        $job = $this->job('Wash block');
        $this->fill($this->get('/jobs/'.$job->id.'/clear/plan'), 'Work out the plans', [
            'clearing_form[blockage]' => 'soft_grease',
            'clearing_form[nearM]' => '9',
            'clearing_form[farM]' => '12 m',
        ]);
        self::assertStringContainsString('Free spinner · Line hose', $this->get('/jobs/'.$job->id.'/clear/plan')->filter('.plans')->text());
        $hose = $this->get('/kit')
            ->filter('a')
            ->reduce(static fn (Crawler $link) => str_contains($link->text(), 'Line hose'))
            ->attr('href');
        $this->send('/jobs/'.$job->id.'/clear/run/wear', ['tool' => basename((string) $hose), 'wear' => 'kink']);
        self::assertStringContainsString(
            'Nothing in the kit here for: piercer, free spinner, flusher.',
            $this->get('/jobs/'.$job->id.'/clear/plan')->filter('.plan-card.refused')->text(),
        );
        $this->send('/jobs/'.$job->id.'/clear/run/wear', ['tool' => 'x', 'wear' => 'kink']);
        self::assertSame(422, $this->statusCode());
    }

    public function testADangerShutsTheRunAgainAndAgain(): void
    {
        $job = $this->job('Wash block');
        $this->passGate($job, 'jet');
        $id = Id::fresh();
        $this->send('/jobs/'.$job->id.'/clear/run/'.$id.'/begin', ['head' => 'flusher', 'stand_in' => '1']);
        $this->send('/jobs/'.$job->id.'/way-in/stoppage/danger', ['sign' => 'gas_smell', 'state' => 'present']);
        foreach ([
            '/entry/'.Id::fresh() => ['kind' => 'power_on'],
            '/stand-in' => ['hands' => 'feed', 'seconds' => '10', 'on' => '1'],
        ] as $path => $fields) {
            $this->send('/jobs/'.$job->id.'/clear/run/'.$id.$path, $fields);
            self::assertSame(422, $this->statusCode(), $path);
        }
        $passes = $this->job('Wash block')->passes();
        self::assertSame([], $passes[\count($passes) - 1]->entries(), 'no water came on');
        $this->send('/jobs/'.$job->id.'/clear/run/'.$id.'/undo', []);
        self::assertSame(303, $this->statusCode());
    }

    public function testTheRunSpeaksFeetToThoseWhoMeasureInFeet(): void
    {
        $this->signIn('bo@lantern.example');
        $job = $this->job('Net store');
        $this->send('/jobs/'.$job->id.'/way-in/openings/'.Id::fresh(), [
            'opening_form' => ['place' => 'Gully', 'sizeMm' => '4', 'dropM' => '2'],
        ]);
        $this->passGate($job, 'cable');
        $id = Id::fresh();
        $this->send('/jobs/'.$job->id.'/clear/run/'.$id.'/begin', ['head' => 'opener']);
        $this->send('/jobs/'.$job->id.'/clear/run/'.$id.'/entry/'.Id::fresh(), ['kind' => 'at', 'metres' => "21' 6"]);
        self::assertStringContainsString("21' 6\"", $this->get('/jobs/'.$job->id.'/clear/run')->filter('.readout-big')->text());
        $d = $this->job('Net store')->passes()[0]->details();
        self::assertEqualsWithDelta(21.5 * 0.3048, $d->inM, 1e-9);
    }
}
