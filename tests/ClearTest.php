<?php

declare(strict_types=1);

namespace App\Tests;

use App\Shared\Database\Id;
use Jurvex\Core\Clear\Machine;
use PHPUnit\Framework\Attributes\DataProvider;

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
        $this->fill($this->get('/jobs/'.$job->id.'/clear/plan'), 'Work out the plans', ['clearing_form[blockage]' => 'soft_grease', 'clearing_form[nearM]' => '9', 'clearing_form[farM]' => '12 m']);
        $page = $this->browser->followRedirect();
        $plans = $page->filter('.plan-card');
        self::assertCount(2, $plans);
        self::assertStringContainsString('It opens a hole only.', $plans->eq(0)->text());
        self::assertStringContainsString('the house takes this', $plans->eq(1)->text());
        self::assertStringContainsString('Back with the free spinner 18.0–12.0 m · 3.00 m/min · 2.0 min, 90 L', $plans->eq(1)->text(), '6 m of overrun at 3 m/min and 45 L/min');
        self::assertStringContainsString('Cable needed20.4 m', $page->filter('.cable-sum')->text(), '0.9 m drop, 12 m, 6 m past it, 1.5 m tail');
        self::assertStringContainsString('sweeps 90 %', $page->filter('.cable-sum')->text());
        self::assertCount(1, $page->filter('.section-drawing .section-cut'));
        $this->fill($page, 'Work out the plans', ['clearing_form[noWater]' => true, 'clearing_form[nearM]' => '13']);
        self::assertSame(422, $this->statusCode());
        self::assertStringContainsString('beyond the far one', $this->browser->getCrawler()->filter('#clearing_form_nearM')->closest('.field')?->text() ?? '');
        $this->fill($this->browser->getCrawler(), 'Work out the plans', ['clearing_form[nearM]' => '3']);
        self::assertStringContainsString('No water may be let in.', $this->browser->followRedirect()->filter('.plan-card.refused')->text());
    }

    public function testThePlaceIsTriagesUntilSomebodyTypesOne(): void
    {
        $job = $this->job();
        self::assertStringContainsString('8.6–28.2 m, from triage', $this->get('/jobs/'.$job->id.'/clear/plan')->filter('#numbers')->text());
        $this->fill($this->get('/jobs/'.$job->id.'/clear/plan'), 'Work out the plans', ['clearing_form[farM]' => '24.8']);
        self::assertStringContainsString('24.8–24.8 m from the foot of the drop', $this->browser->followRedirect()->filter('#numbers')->text());
    }

    public function testNothingIsDrivenPastTheEndOfTheLineIntoTheMain(): void
    {
        $job = $this->job('Wash block');
        $this->fill($this->get('/jobs/'.$job->id.'/clear/plan'), 'Work out the plans', ['clearing_form[blockage]' => 'soft_plug', 'clearing_form[nearM]' => '18', 'clearing_form[farM]' => '20']);
        $page = $this->browser->followRedirect();
        self::assertStringContainsString('In with the piercer 0.0–22.0 m', $page->filter('.plans')->text(), 'the tank is at 22 m');
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
        self::assertMatchesRegularExpression('/At the nozzle\d+ bar/', str_replace(' bar', ' bar', preg_replace('/\s+(?=\d)/', '', $page->filter('.readings-row')->text()) ?? ''));
        self::assertCount(7, $page->filter('.orifice, .orifice-front'));
        $wide = $page->selectButton('Keep as our jetter')->form()->getPhpValues();
        unset($wide['_token']);
        \assert(\is_array($wide['nozzle']) && \is_array($wide['nozzle']['orifices']) && \is_array($wide['nozzle']['orifices'][0]));
        $wide['nozzle']['orifices'][0]['diameter_mm'] = '1,6';
        $answer = $this->get($bench.'?'.http_build_query($wide));
        self::assertStringContainsString('Less than half of the pressure arrives.', $answer->filter('#bench-out')->text());
        self::assertMatchesRegularExpression('/Orifices of 0\.\d\d mm would suit/', $answer->filter('#bench-out')->text());
        $wide['nozzle']['orifices'][1] = ['count' => '40', 'diameter_mm' => '0.8', 'angle_deg' => '180'];
        self::assertStringContainsString('The front jets outweigh the rear ones.', $this->get($bench.'?'.http_build_query($wide))->filter('#bench-out')->text());
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
        $this->fill($this->get('/jobs/'.$job->id.'/clear/bench'), 'Keep as our jetter', ['pump[flow_l_min]' => '30', 'hoses[0][length_m]' => '40']);
        self::assertSame('30', $this->browser->followRedirect()->filter('#pump-flow_l_min')->attr('value'));
        self::assertStringContainsString('the jetter has 30 L/min', $this->get('/jobs/'.$job->id.'/clear/plan')->filter('#numbers')->text());
    }

    public function testTheOfficesTablesChangeThePlanAndWhatCannotBeIsRefusedAtItsField(): void
    {
        $this->send('/settings/clearing', ['cable' => ['overrun_m' => '3']]);
        self::assertSame(403, $this->statusCode());
        $this->signIn(self::OFFICE);
        $this->fill($this->get('/settings/clearing'), 'Keep', ['cable[overrun_m]' => '3', 'rates[soft_grease]' => '1,5', 'cutters_mm' => '38 64']);
        self::assertResponseRedirects();
        $job = $this->job('Wash block');
        $this->fill($this->get('/jobs/'.$job->id.'/clear/plan'), 'Work out the plans', ['clearing_form[blockage]' => 'soft_grease', 'clearing_form[nearM]' => '9', 'clearing_form[farM]' => '12']);
        $page = $this->browser->followRedirect();
        self::assertStringContainsString('15.0–12.0 m · 1.50 m/min · 2.0 min', $page->filter('.plans')->text());
        self::assertStringContainsString('64 mm', $page->filter('.cable-sum')->text());
        foreach (['cable[section_m]' => '0', 'cutters_mm' => 'wide', 'rates[scale]' => '-1', 'solids_fraction' => '0.9'] as $field => $value) {
            $refused = $this->fill($this->get('/settings/clearing'), 'Keep', [$field => $value]);
            self::assertSame(422, $this->statusCode(), $field);
            self::assertSame($value, $refused->filter('.field-bad input')->attr('value'));
        }
    }

    public function testTheBenchSaysHowFarTheHosePullsItselfInThisLine(): void
    {
        $job = $this->job('Wash block');
        $page = $this->get('/jobs/'.$job->id.'/clear/bench');
        self::assertMatchesRegularExpression('/Pulls itself in this line\d+\.\d+ m from the rim/', $page->filter('.bench-facts')->text());
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
        self::assertStringContainsString('It will not come back at 18.5 m', $this->get('/jobs/'.$job->id.'/report')->filter('.report')->text());
    }

    public function testTheTwistThatIsLeftInTheHoseIsSaid(): void
    {
        $job = $this->job('Wash block');
        $this->passGate($job, 'jet');
        $this->fill($this->get('/jobs/'.$job->id.'/clear'), 'Log the pass', ['pass_form[tool]' => 'jet', 'pass_form[head]' => 'Off-centre cone', 'pass_form[inM]' => '12', 'pass_form[turnsRight]' => '7', 'pass_form[turnsLeft]' => '4']);
        self::assertStringContainsString('3 turns of twist left in the hose', $this->browser->followRedirect()->filter('.entries')->first()->text());
    }

    public function testNothingStartsPastAGateHoweverItIsAsked(): void
    {
        $job = $this->job('tea room');
        $pass = static fn (string $tool) => ['pass_form' => ['tool' => $tool, 'head' => 'Small blade', 'inM' => '7', 'outM' => '0', 'cameBack' => '', 'note' => '']];
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
        self::assertStringContainsString('Ana Terek', $this->get('/jobs/'.$job->id.'/clear')->filter('#gate-cable')->text(), 'who confirmed is kept');
        $this->send('/jobs/'.$job->id.'/way-in/stoppage/danger', ['sign' => 'electric_in_water', 'state' => 'present']);
        $this->send($address.Id::fresh(), $pass('cable'));
        self::assertSame(422, $this->statusCode(), 'nor past a danger that is not made safe');
        $this->send($address.Id::fresh(), $pass('rods'));
        self::assertResponseRedirects('/jobs/'.$job->id.'/clear', message: 'rods neither turn nor spray');
        self::assertCount(2, $this->job('tea room')->passes());
    }
}
