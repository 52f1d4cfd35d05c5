<?php

declare(strict_types=1);

namespace App\Tests;

use App\Firm\Jetter;
use App\Record\Pass;
use App\Support\Database\Id;
use Jurvex\Core\Clear\Machine;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\DomCrawler\Crawler;

/** Plans, the jet bench and the gates by the pages' own forms, and round them. */
final class ClearTest extends ApplicationTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testBothPlansStandSideBySideWithTheirReasonsAndNumbers(): void
    {
        $job = $this->job('Wash block');
        $this->fill($this->get('/jobs/'.$job->id.'/clear/plan'), 'Work out the plans', [
            'clearing_form[blockage]' => 'soft_grease',
            'clearing_form[nearM]' => '9',
            'clearing_form[farM]' => '12 m',
        ]);
        $page = $this->browser->followRedirect();
        $plans = $page->filter('.plan-card');
        self::assertCount(2, $plans);
        self::assertStringContainsString('It opens a hole only.', $plans->eq(0)->text());
        self::assertStringContainsString('the house takes this', $plans->eq(1)->text());
        self::assertStringContainsString(
            'Back with the free spinner Free spinner · Line hose 13 mm, 60 m 18.0–12.0 m · 3.00 m/min · 2.0 min, 90 L · house table',
            $plans->eq(1)->text(),
            '6 m of overrun at 3 m/min and 45 L/min',
        );
        self::assertStringContainsString(
            'Cable needed 20.4 m',
            $page->filter('.cable-sum')->text(),
            '0.9 m drop, 12 m, 6 m past it, 1.5 m tail',
        );
        self::assertStringContainsString('sweeps 90 %', $page->filter('.cable-sum')->text());
        self::assertCount(1, $page->filter('.section-drawing .section-cut'));
        $this->fill($page, 'Work out the plans', ['clearing_form[noWater]' => true, 'clearing_form[nearM]' => '13']);
        self::assertSame(422, $this->statusCode());
        self::assertStringContainsString(
            'beyond the far one',
            $this->browser->getCrawler()->filter('#clearing_form_nearM')->closest('.field')?->text() ?? '',
        );
        $this->fill($this->browser->getCrawler(), 'Work out the plans', ['clearing_form[nearM]' => '3']);
        self::assertStringContainsString('No water may be let in.', $this->browser->followRedirect()->filter('.plan-card.refused')->text());
    }

    public function testThePlaceIsTriagesUntilSomebodyTypesOne(): void
    {
        $job = $this->job();
        self::assertStringContainsString(
            '8.6–28.2 m, from triage',
            $this->get('/jobs/'.$job->id.'/clear/plan')->filter('#numbers')->text(),
        );
        $this->fill($this->get('/jobs/'.$job->id.'/clear/plan'), 'Work out the plans', ['clearing_form[farM]' => '24.8']);
        self::assertStringContainsString(
            '24.8–24.8 m from the foot of the drop',
            $this->browser->followRedirect()->filter('#numbers')->text(),
        );
    }

    public function testNothingIsDrivenPastTheEndOfTheLineIntoTheMain(): void
    {
        $job = $this->job('Wash block');
        $this->fill($this->get('/jobs/'.$job->id.'/clear/plan'), 'Work out the plans', [
            'clearing_form[blockage]' => 'soft_plug',
            'clearing_form[nearM]' => '18',
            'clearing_form[farM]' => '20',
        ]);
        $page = $this->browser->followRedirect();
        self::assertStringContainsString(
            'In with the piercer Piercer · Line hose 13 mm, 60 m 0.0–22.0 m',
            $page->filter('.plans')->text(),
            'the tank is at 22 m',
        );
        self::assertStringContainsString('2.0 m past it', $page->filter('#numbers')->text());
    }

    public function testADangerForbidsBothPlans(): void
    {
        $job = $this->job('Wash block');
        $this->send('/jobs/'.$job->id.'/way-in/stoppage/danger', ['sign' => 'chemical_poured', 'state' => 'present']);
        $page = $this->get('/jobs/'.$job->id.'/clear/plan');
        self::assertCount(2, $page->filter('.plan-card.refused'));
        self::assertCount(0, $page->filter('.steps'));
    }

    public function testTheBenchAnswersWithPressureThrustAndWhatIsWrong(): void
    {
        $job = $this->job('Wash block');
        $bench = '/jobs/'.$job->id.'/clear/bench';
        $page = $this->get($bench);
        self::assertMatchesRegularExpression(
            '/At the nozzle\d+ bar/',
            str_replace(' bar', ' bar', preg_replace('/\s+(?=\d)/', '', $page->filter('.readings-row')->text()) ?? ''),
        );
        self::assertCount(7, $page->filter('.orifice, .orifice-front'));
        $wide = $page->selectButton('Keep as our jetter')->form()->getPhpValues();
        unset($wide['_token']);
        \assert(\is_array($wide['nozzle']) && \is_array($wide['nozzle']['orifices']) && \is_array($wide['nozzle']['orifices'][0]));
        $wide['nozzle']['orifices'][0]['diameter_mm'] = '1,6';
        $answer = $this->get($bench.'?'.http_build_query($wide));
        self::assertStringContainsString('Less than half of the pressure arrives.', $answer->filter('#bench-out')->text());
        self::assertMatchesRegularExpression('/Orifices of 0\.\d\d mm would suit/', $answer->filter('#bench-out')->text());
        $wide['nozzle']['orifices'][1] = ['count' => '40', 'diameter_mm' => '0.8', 'angle_deg' => '180'];
        self::assertStringContainsString(
            'The front jets outweigh the rear ones.',
            $this->get($bench.'?'.http_build_query($wide))->filter('#bench-out')->text(),
        );
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function badBenches(): array
    {
        return [
            'no flow' => [['pump' => ['flow_l_min' => '0', 'max_pressure_bar' => '100']], 'Flow'],
            'a hose of nothing' => [['hoses' => [['bore_mm' => '-1', 'length_m' => '20']]], 'Inside'],
            'a word' => [['hoses' => [['bore_mm' => '9.5', 'length_m' => 'long']]], 'Length'],
            'no orifice' => [['nozzle' => ['orifices' => [['count' => '', 'diameter_mm' => '1', 'angle_deg' => '0']]]], 'Orifices'],
            'a ring that fills the bore' => [['deposit_mm' => '60'], 'Deposit ring'],
        ];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('badBenches')]
    public function testABenchThatCannotBeSaysWhereAndIsNotKept(array $change, string $field): void
    {
        $job = $this->job('Wash block');
        $bench = '/jobs/'.$job->id.'/clear/bench';
        $values = $this->get($bench)->selectButton('Keep as our jetter')->form()->getPhpValues();
        /** @var array<string, mixed> $fields */
        $fields = $change + $values;
        $this->send($bench, $fields);
        self::assertSame(422, $this->statusCode());
        self::assertStringContainsString('look at "'.$field.'"', $this->browser->getCrawler()->filter('#bench-out .error')->text());
        self::assertSame([], $this->job('Wash block')->firm->jetter());
    }

    public function testTheFirmsJetterIsKept(): void
    {
        $job = $this->job('Wash block');
        $this->fill($this->get('/jobs/'.$job->id.'/clear/bench'), 'Keep as our jetter', [
            'pump[flow_l_min]' => '30',
            'hoses[0][length_m]' => '40',
        ]);
        self::assertSame('30', $this->browser->followRedirect()->filter('#pump-flow_l_min')->attr('value'));
        self::assertStringContainsString(
            'the jetter has 30 L/min',
            $this->get('/jobs/'.$job->id.'/clear/plan')->filter('#numbers')->text(),
        );
    }

    public function testTheOfficesTablesChangeThePlanAndWhatCannotBeIsRefusedAtItsField(): void
    {
        $this->send('/settings/clearing', ['cable' => ['overrun_m' => '3']]);
        self::assertSame(403, $this->statusCode());
        $this->signIn(self::OFFICE);
        $this->fill($this->get('/settings/clearing'), 'Keep', [
            'cable[overrun_m]' => '3',
            'rates[soft_grease]' => '1,5',
            'cutters_mm' => '38 64',
        ]);
        self::assertResponseRedirects();
        $job = $this->job('Wash block');
        $this->fill($this->get('/jobs/'.$job->id.'/clear/plan'), 'Work out the plans', [
            'clearing_form[blockage]' => 'soft_grease',
            'clearing_form[nearM]' => '9',
            'clearing_form[farM]' => '12',
        ]);
        $page = $this->browser->followRedirect();
        self::assertStringContainsString('15.0–12.0 m · 1.50 m/min · 2.0 min', $page->filter('.plans')->text());
        self::assertStringContainsString('64 mm', $page->filter('.cable-sum')->text());
        foreach ([
            'cable[section_m]' => '0',
            'cutters_mm' => 'wide',
            'rates[scale]' => '-1',
            'solids_fraction' => '0.9',
        ] as $field => $value) {
            $refused = $this->fill($this->get('/settings/clearing'), 'Keep', [$field => $value]);
            self::assertSame(422, $this->statusCode(), $field);
            self::assertSame($value, $refused->filter('.field-bad input')->attr('value'));
        }
    }

    public function testTheBenchSaysHowFarTheHosePullsItselfInThisLine(): void
    {
        $job = $this->job('Wash block');
        $page = $this->get('/jobs/'.$job->id.'/clear/bench');
        self::assertMatchesRegularExpression('/Pulls itself in this line \d+\.\d+ m from the rim/', $page->filter('.bench-facts')->text());
        self::assertStringContainsString('Expected from Chamber at the path', $page->filter('.ribbon-caption')->text());
        self::assertCount(1, $page->filter('.ribbon .pass'));
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
        self::assertStringContainsString('10.4 m', $page->filter('.readout-big')->text());
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
            ['Blade', 10.4, 0.0, 1, [['at_m' => 9.0, 'felt' => 'grabs']], 'Root cords'],
            [$d->head, $d->inM, $d->outM, $d->turnsRight, $d->feltAt, $d->cameBack],
        );
        $this->send('/jobs/'.$job->id.'/clear/run/'.$id.'/entry/'.Id::fresh(), ['kind' => 'mark_in']);
        self::assertSame(422, $this->statusCode(), 'it has ended');
        self::assertCount(1, $this->get('/jobs/'.$job->id.'/clear')->filter('.ribbon .felt-grabs'));
        self::assertStringContainsString('grabs at 9.0 m', $this->get('/jobs/'.$job->id.'/report')->filter('.report')->text());
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
            $hands = fn (string $hands, int $seconds) => $this->send(
                '/jobs/'.$job->id.'/clear/run/'.$id.'/stand-in',
                ['hands' => $hands, 'seconds' => $seconds, 'on' => '1'],
            );
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
            $this->send('/jobs/'.$job->id.'/clear/run/'.$id.'/out', []);
        }
        $passes = \array_slice($this->job('Wash block')->passes(), -3);
        self::assertSame([0.0, 0.0, 0.0], array_map(static fn ($pass) => $pass->details()->outM, $passes));
        self::assertContains('drag', $passes[0]->details()->felt);
        self::assertStringContainsString('own median of 3 passes', $this->get('/jobs/'.$job->id.'/clear/plan')->filter('.plans')->text());
    }

    public function testClearedIsProvedStepByStepAndTheReportSaysWhatIsNot(): void
    {
        $job = $this->job('Wash block');
        $this->passGate($job, 'jet');
        $this->fill($this->get('/jobs/'.$job->id.'/clear/plan'), 'Work out the plans', [
            'clearing_form[nearM]' => '9',
            'clearing_form[farM]' => '12 m',
        ]);
        $this->fill($this->get('/jobs/'.$job->id.'/clear'), 'Log the pass', [
            'pass_form[tool]' => 'jet',
            'pass_form[head]' => 'Flusher',
            'pass_form[inM]' => '18',
        ]);
        $this->fill($this->get('/jobs/'.$job->id.'/clear'), 'Log the test', [
            'flow_test_form[minutes]' => '5',
            'flow_test_form[result]' => 'holds',
            'flow_test_form[levelBeforeM]' => '0.3',
            'flow_test_form[levelAfterM]' => '0.9',
        ]);
        $page = $this->get('/jobs/'.$job->id.'/clear');
        self::assertSame(
            ['done', 'done', 'done', 'next', 'done', 'owed'],
            $page->filter('.proof-steps li')->each(static fn (Crawler $step) => $step->attr('class')),
        );
        $report = $this->get('/jobs/'.$job->id.'/report')->filter('.report')->text();
        self::assertStringContainsString('From 0.3 m to 0.9 m below the rim.', $report);
        self::assertStringContainsString('The second flow test was not made.', $report);
        self::assertStringContainsString('No camera look after the last pass', $report);
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
            'Back with the free spinner not in the kit',
            $this->get('/jobs/'.$job->id.'/clear/plan')->filter('.plans')->text(),
        );
        $this->send('/jobs/'.$job->id.'/clear/run/wear', ['tool' => 'x', 'wear' => 'kink']);
        self::assertSame(422, $this->statusCode());
    }

    /** @return array<string, array{array<string, string>, string}> what is typed on the bench, and what it says */
    public static function benchWarnings(): array
    {
        return [
            'a trap hose over its limit' => [
                ['hoses[1][bore_mm]' => '6', 'hoses[1][rated_bar]' => '80'],
                'A trap hose and its head have limits of their own',
            ],
            'hot water' => [['water_c' => '85'], 'The water is too hot for this hose.'],
            'a small tank' => [['tank[tank_l]' => '100', 'tank[refill_l_min]' => '0'], 'The tank runs dry before the work is done.'],
            'half the flow in the bucket' => [['measured_l_min' => '20', 'gauge_bar' => '150'], 'An orifice is blocked.'],
            'a cold night' => [['night_c' => '-10'], 'with 30 % antifreeze'],
            'a night too cold for any mixture' => [['night_c' => '-45'], 'colder than any mixture stands'],
        ];
    }

    /** @param array<string, string> $typed */
    #[DataProvider('benchWarnings')]
    public function testTheBenchWarnsOfLimitsAndOfWhatIsMeasured(array $typed, string $says): void
    {
        $job = $this->job('Wash block');
        $this->fill($this->get('/jobs/'.$job->id.'/clear/plan'), 'Work out the plans', [
            'clearing_form[blockage]' => 'soft_grease',
            'clearing_form[nearM]' => '9',
            'clearing_form[farM]' => '12 m',
        ]);
        $page = $this->get('/jobs/'.$job->id.'/clear/bench');
        self::assertStringNotContainsString($says, $page->filter('#bench-out')->text());
        $this->browser->request('GET', '/jobs/'.$job->id.'/clear/bench', [
            ...$page->selectButton('Keep as our jetter')->form($typed)->getPhpValues(),
        ]);
        self::assertStringContainsString($says, $this->browser->getCrawler()->filter('#bench-out')->text());
    }

    public function testWhatTheMapSaysOfThePipeCanBeOverruledByHand(): void
    {
        $job = $this->job('Wash block');
        $given = ['clearing_form[blockage]' => 'scale', 'clearing_form[nearM]' => '9', 'clearing_form[farM]' => '12'];
        $this->fill($this->get('/jobs/'.$job->id.'/clear/plan'), 'Work out the plans', $given);
        self::assertStringContainsString('chain flail', $this->get('/jobs/'.$job->id.'/clear/plan')->filter('.plan-card')->first()->text());
        $this->fill($this->get('/jobs/'.$job->id.'/clear/plan'), 'Work out the plans', [
            ...$given,
            'clearing_form[material]' => 'bituminised_fibre',
            'clearing_form[boreMm]' => '75',
            'clearing_form[direction]' => 'upstream',
        ]);
        $page = $this->get('/jobs/'.$job->id.'/clear/plan');
        self::assertStringContainsString('No flail in a fragile pipe.', $page->filter('.plan-card.refused')->text());
        self::assertContains(
            'bituminised fibre',
            $page->filter('.reasons-facts')->each(static fn (Crawler $fact) => $fact->text()),
            'the fact that fired it',
        );
        self::assertStringContainsString('75 mm bore there', $page->filter('#numbers')->text());
        self::assertStringContainsString('working upstream', $page->filter('.plan-card')->last()->text());
        self::assertStringContainsString('13 mm · for 75 mm', $page->filter('.cable-sum')->text());
        $this->fill($page, 'Work out the plans', ['clearing_form[boreMm]' => '5']);
        self::assertSame(422, $this->statusCode());
        self::assertStringContainsString(
            'A size between 20 mm',
            $this->browser->getCrawler()->filter('#clearing_form_boreMm')->closest('.field')?->text() ?? '',
        );
    }

    public function testTheHouseSaysWhatGoesFirstAndWhichCableSuitsWhichBore(): void
    {
        $roots = ['clearing_form[blockage]' => 'dense_roots', 'clearing_form[nearM]' => '9', 'clearing_form[farM]' => '12'];
        $job = $this->job('Wash block');
        $this->fill($this->get('/jobs/'.$job->id.'/clear/plan'), 'Work out the plans', $roots);
        self::assertStringContainsString(
            'Cable the house takes this',
            $this->get('/jobs/'.$job->id.'/clear/plan')->filter('.plan-card.preferred')->text(),
        );
        $this->signIn(self::OFFICE);
        $this->fill($this->get('/settings/clearing'), 'Keep', [
            'first' => 'jet',
            'cable_by_bore[2][from_mm]' => '17',
            'cable_by_bore[2][to_mm]' => '18',
        ]);
        self::assertResponseRedirects();
        $page = $this->get('/jobs/'.$job->id.'/clear/plan');
        self::assertStringContainsString('Jet the house takes this', $page->filter('.plan-card.preferred')->text());
        self::assertStringContainsString('17–18 mm · for 100 mm', $page->filter('.cable-sum')->text());
        $refused = $this->fill($this->get('/settings/clearing'), 'Keep', ['cable_by_bore[0][to_mm]' => '1']);
        self::assertSame(422, $this->statusCode());
        self::assertSame('1', $refused->filter('.field-bad input')->attr('value'), 'the thickest is no thinner than the thinnest');
    }

    public function testAHeadIsInThePlansOnceTheKitSaysWhatItIs(): void
    {
        $job = $this->job('Wash block');
        $this->fill($this->get('/jobs/'.$job->id.'/clear/plan'), 'Work out the plans', [
            'clearing_form[blockage]' => 'silt',
            'clearing_form[nearM]' => '9',
            'clearing_form[farM]' => '12',
        ]);
        self::assertStringContainsString(
            'Back with the whole-head rotary Whole-head rotary · Line hose',
            $this->get('/jobs/'.$job->id.'/clear/plan')->filter('.plans')->text(),
        );
        $hose = (string) $this->get('/kit')
            ->filter('a')
            ->reduce(static fn (Crawler $link) => str_contains($link->text(), 'Line hose'))
            ->attr('href');
        $this->fill($this->get($hose), 'Save', ['tool_form[heads][3][class]' => '']);
        self::assertStringContainsString(
            'Back with the whole-head rotary not in the kit',
            $this->get('/jobs/'.$job->id.'/clear/plan')->filter('.plans')->text(),
        );
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

    public function testAJetterThatWasKeptWithOneRatingForAllHosesStillWarns(): void
    {
        $job = $this->job('Wash block');
        $job->firm->keepJetter([
            ...Jetter::USUAL,
            'hoses' => [['bore_mm' => 12.7, 'length_m' => 60.0], ['bore_mm' => 9.5, 'length_m' => 3.0]],
            'rated_bar' => 100.0,
        ]);
        $this->manager()->flush();
        $page = $this->get('/jobs/'.$job->id.'/clear/bench');
        self::assertStringContainsString('The hose is rated below this pressure.', $page->filter('#bench-out')->text());
        self::assertSame('100', $page->filter('#hoses-0-rated_bar')->attr('value'));
        $this->fill($page, 'Keep as our jetter', ['hoses[0][rated_bar]' => '200', 'hoses[1][rated_bar]' => '200', 'night_c' => '-3']);
        self::assertResponseRedirects();
        $page = $this->browser->followRedirect();
        self::assertStringNotContainsString('rated below', $page->filter('#bench-out')->text());
        self::assertSame('', $page->filter('#night_c')->attr('value'), 'tonight is not kept');
    }

    public function testTheBenchTellsRefillsAndWhereTheHoseIsMarked(): void
    {
        $job = $this->job('Wash block');
        $this->fill($this->get('/jobs/'.$job->id.'/clear/plan'), 'Work out the plans', [
            'clearing_form[blockage]' => 'hard_grease',
            'clearing_form[nearM]' => '9',
            'clearing_form[farM]' => '12',
        ]);
        $facts = $this->get('/jobs/'.$job->id.'/clear/bench')->filter('.bench-facts')->text();
        // 6 m at 0.6 m/min and 18 m washed at 6 m/min: 13 min at 45 L/min; a tank lasts (500 − 50) / (45 − 10) = 12.9 min.
        self::assertStringContainsString('1 refill for 13 min and 585 L', $facts);
        self::assertStringContainsString(
            '3.0 m behind the nozzle, so that its return is seen; at 9.9 m for the stoppage and 18.9 m',
            $facts,
            '0.9 m of drop',
        );
    }

    public function testAPassThatIsPutRightKeepsWhatItWorkedOn(): void
    {
        $job = $this->job('Wash block');
        $this->passGate($job, 'jet');
        $this->fill($this->get('/jobs/'.$job->id.'/clear/plan'), 'Work out the plans', [
            'clearing_form[blockage]' => 'soft_grease',
            'clearing_form[nearM]' => '9',
            'clearing_form[farM]' => '12',
        ]);
        $this->fill($this->get('/jobs/'.$job->id.'/clear'), 'Log the pass', [
            'pass_form[tool]' => 'jet', 'pass_form[head]' => 'Spinner', 'pass_form[headClass]' => 'free_spinner',
            'pass_form[inM]' => '18', 'pass_form[minutesBack]' => '6',
        ]);
        $this->fill($this->get('/jobs/'.$job->id.'/clear/plan'), 'Work out the plans', ['clearing_form[blockage]' => 'scale']);
        $passes = $this->job('Wash block')->passes();
        $pass = $passes[\count($passes) - 1];
        $this->fill($this->get('/jobs/'.$job->id.'/clear/passes/'.$pass->id), 'Log the pass', ['pass_form[inM]' => '17']);
        $this->manager()->clear();
        $d = ($this->manager()->find(Pass::class, $pass->id) ?? self::fail('gone'))->details();
        self::assertSame([17.0, 'soft_grease', 'free_spinner', 6.0, 45.0], [
            $d->inM, $d->blockage?->value, $d->headClass?->value, $d->minutesBack, $d->flowLMin,
        ]);
        $this->fill($this->get('/jobs/'.$job->id.'/clear/passes/'.$pass->id), 'Log the pass', ['pass_form[minutesBack]' => '999']);
        self::assertSame(422, $this->statusCode());
    }
}
