<?php

declare(strict_types=1);

namespace App\Tests;

use App\Record\Pass;
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
        self::assertSame([
            ['', 'Cable', 'Jet the house takes this'],
            ['Gets there', 'To 18.0 m Every head of it fits th', 'To 18.0 m Every head of it fits th'],
            ['What it does', 'Opens a hole. It opens a hole only', 'Washes the wall. It breaks it up a'],
            ['Closes again?', 'Yes, soon What stays on the wall c', 'Not by what is left By the house t'],
            ['Leaves', 'What is on the wall stays.', 'Nothing by the house table'],
            ['Takes', '8 min', '35 min, 1368 L, 2 refills'],
            ['Risk', 'None by the rules', 'Pushes it on +1 Working down the f'],
        ], $page->filter('.plan-weighed tr')->each(
            static fn (Crawler $row) => $row->filter('th, td')->each(static fn (Crawler $cell) => trim(mb_substr($cell->text(), 0, 34))),
        ));
        self::assertStringContainsString('9.9–12.9 m on cable and hose, with 0.9 m of drop', $page->filter('.plan-given summary')->text());
        self::assertStringContainsString(
            'Free spinner 17 min, 760 L In 0.0–18.0 m · 6 m/min · 3.0 min, 135 L '
            .'Walls back 18.0–8.0 m · 0.8 m/min · 13 min, 565 L · house table Back 8.0–0.0 m · 6 m/min · 1.3 min, 60 L · Freely. '
            .'Turns fast, so it hits softly. 30 L/min of 45 L/min work, the rest may leak past what turns; its class needs 8 L/min.',
            $plans->eq(1)->text(),
            '6 m of overrun and all of the stoppage, no faster than 45 L/min carry its ring away',
        );
        self::assertStringContainsString('Water from above 5.0 min', $plans->eq(1)->text(), '2 % of fall do not carry 45 L/min on');
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
            '24.9–28.2 m By triage, by what the camera saw.',
            $this->get('/jobs/'.$job->id.'/clear/plan')->filter('#numbers')->text(),
        );
        $this->fill($this->get('/jobs/'.$job->id.'/clear/plan'), 'Work out the plans', ['clearing_form[farM]' => '24.8']);
        self::assertStringContainsString(
            '24.8–24.8 m As typed here, by triage',
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
            'Piercer 8.0 min, 360 L In 0.0–18.0 m · 6 m/min · 3.0 min, 135 L On through 18.0–22.0 m',
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

    public function testTheOfficesTablesChangeThePlanAndWhatCannotBeIsRefusedAtItsField(): void
    {
        $this->send('/settings/clearing', ['cable' => ['overrun_m' => '3']]);
        self::assertSame(403, $this->statusCode());
        $this->signIn(self::OFFICE);
        $this->fill($this->get('/settings/clearing'), 'Save', [
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
        self::assertStringContainsString('On through 9.0–15.0 m · 1.5 m/min · 4.0 min, 180 L', $page->filter('.plans')->text());
        self::assertStringContainsString('64 mm', $page->filter('.cable-sum')->text());
        foreach ([
            'cable[section_m]' => '0',
            'cutters_mm' => 'wide',
            'rates[scale]' => '-1',
            'solids_fraction' => '0.9',
        ] as $field => $value) {
            $refused = $this->fill($this->get('/settings/clearing'), 'Save', [$field => $value]);
            self::assertSame(422, $this->statusCode(), $field);
            self::assertSame($value, $refused->filter('.field-bad input')->attr('value'));
        }
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

    public function testWhatTheMapSaysOfThePipeCanBeOverruledByHand(): void
    {
        $job = $this->job('Wash block');
        $given = ['clearing_form[blockage]' => 'scale', 'clearing_form[nearM]' => '9', 'clearing_form[farM]' => '12'];
        $this->fill($this->get('/jobs/'.$job->id.'/clear/plan'), 'Work out the plans', $given);
        self::assertStringContainsString(
            'Middle blade · Cable 19 mm, 45 m in place of the chain flail, which stops at 11.1 m (would jam here)',
            $this->get('/jobs/'.$job->id.'/clear/plan')->filter('.plan-card')->first()->text(),
        );
        $this->fill($this->get('/jobs/'.$job->id.'/clear/plan'), 'Work out the plans', [
            ...$given,
            'clearing_form[material]' => 'bituminised_fibre',
            'clearing_form[boreMm]' => '75',
            'clearing_form[direction]' => 'upstream',
        ]);
        $page = $this->get('/jobs/'.$job->id.'/clear/plan');
        self::assertStringContainsString('No flail in a fragile pipe.', $page->filter('.plan-card')->first()->text());
        self::assertStringContainsString(
            'Nothing in the kit here for: chain flail.',
            $page->filter('.plan-card.refused')->text(),
            'nor a blade so small',
        );
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
        $best = fn () => $this->get('/jobs/'.$job->id.'/clear/plan')->filter('.plan-weighed-best')->text();
        self::assertSame('Cable the house takes this', $best());
        $this->signIn(self::OFFICE);
        $this->fill($this->get('/settings/clearing'), 'Save', [
            'first' => 'jet',
            'cable_by_bore[2][from_mm]' => '17',
            'cable_by_bore[2][to_mm]' => '18',
        ]);
        self::assertResponseRedirects();
        $page = $this->get('/jobs/'.$job->id.'/clear/plan');
        self::assertSame('Jet the house takes this', $best());
        self::assertStringContainsString('17–18 mm · for 100 mm', $page->filter('.cable-sum')->text());
        $refused = $this->fill($this->get('/settings/clearing'), 'Save', ['cable_by_bore[0][to_mm]' => '1']);
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
            'Whole-head rotary · Line hose 13 mm, 60 m in place of the dredger',
            $this->get('/jobs/'.$job->id.'/clear/plan')->filter('.plans')->text(),
        );
        $hose = (string) $this->get('/kit')
            ->filter('a')
            ->reduce(static fn (Crawler $link) => str_contains($link->text(), 'Line hose'))
            ->attr('href');
        $this->fill($this->get($hose), 'Save', ['tool_form[heads][3][class]' => '']);
        self::assertStringContainsString(
            'Flusher · Line hose 13 mm, 60 m in place of the dredger',
            $this->get('/jobs/'.$job->id.'/clear/plan')->filter('.plans')->text(),
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
