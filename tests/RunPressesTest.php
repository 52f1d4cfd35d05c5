<?php

declare(strict_types=1);

namespace App\Tests;

use App\Firm\MachineCares;
use App\Record\Pass;
use App\Record\PreUseCheck;
use App\Support\Database\Id;
use Jurvex\Core\Clear\Machine;
use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\DomCrawler\Crawler;

/** A tool in the line by its presses: what is refused, what is told live, what the record makes of it. */
#[Group('any-database')]
final class RunPressesTest extends ApplicationTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testAJetIsDrawnBackAtItsLimitAndWaterIsNeverOnAtTheMouth(): void
    {
        $job = $this->job('Wash block');
        $this->fill($this->get('/jobs/'.$job->id.'/clear/plan'), 'Work out the plans', [
            'clearing_form[blockage]' => 'soft_grease', 'clearing_form[nearM]' => '9', 'clearing_form[farM]' => '12 m',
        ]);
        $this->passGate($job, 'jet');
        $run = '/jobs/'.$job->id.'/clear/run';
        self::assertStringContainsString(
            'Braked spinner Braked spinner · Line hose 13 mm, 60 m', $this->get($run)->filter('.press-other')->eq(1)->text(),
            'all that the kit has, the plan\'s first',
        );
        $id = Id::fresh();
        $this->send($run.'/'.$id.'/begin', ['head' => 'free_spinner']);
        $enter = function (string $kind, string $metres = '', string $said = '') use ($run, $id): string {
            $this->send($run.'/'.$id.'/entry/'.Id::fresh(), ['kind' => $kind, 'said' => $said, 'metres' => $metres]);

            return 422 === $this->statusCode() ? $this->browser->getCrawler()->filter('.bench .error:not([x-text])')->text() : '';
        };
        $shown = fn (string $what) => $this->get($run)->filter($what)->text('');
        self::assertStringContainsString('curl the way the pipe turns', $shown('.run-care'));
        self::assertStringContainsString('Water only with the nozzle in the pipe', $enter('power_on'));
        self::assertSame('', $enter('at', '18.9'));
        self::assertStringContainsString('guard sleeve', $shown('.run-care'));
        self::assertSame('', $enter('power_on'));
        self::assertStringContainsString('↻ 5', $shown('.bench'));
        foreach ([['turn_right', '↺ 10'], ['turn_left', '↻ 5'], ['turn_right', '↻ 5']] as $i => [$turn, $next]) {
            $enter($turn, said: ['5', '10', '5'][$i]);
            self::assertStringContainsString('Next of 5–10–5: '.$next, $shown('.bench'));
        }
        self::assertSame('', $enter('heat', '60').$enter('pulse_on').$enter('level', '25'));
        self::assertStringContainsString('Say the degrees.', $enter('heat', 'warm'));
        self::assertStringContainsString('Hot water, °C · 60 °C', $shown('.bench'));
        self::assertStringContainsString('Pulse off', $shown('.bench'));
        self::assertStringContainsString('cm · 250 mm', $shown('.bench'));
        self::assertSame('', $enter('heat', '90'));
        self::assertStringContainsString('The water is too hot for this hose.', $shown('.bench'));
        sleep(1);
        self::assertSame('', $enter('at', '15'));
        self::assertStringContainsString('Slower: 0.8 m/min on the walls, by the plan. Now ', $shown('.run-limit-over'));
        self::assertStringContainsString('wide loops', $shown('.run-care'));
        self::assertStringContainsString('Water only with the nozzle in the pipe', $enter('at', '0.1'));
        self::assertSame('', $enter('at', '2').$enter('came_back', said: 'Wipes'));
        $this->send($run.'/'.$id.'/out', []);
        self::assertSame(422, $this->statusCode(), 'nor is it taken out with the water on');
        self::assertSame('', $enter('power_off').$enter('at', '0'));
        $this->send($run.'/'.$id.'/out', []);
        self::assertResponseRedirects();
        $log = $this->get('/jobs/'.$job->id.'/clear');
        self::assertSame('0.25 m', $log->filter('#flow_test_form_levelBeforeM')->attr('value'), 'the flow test begins at that level');
        self::assertSame('Wipes came back on the head.', $log->filter('.cause-why')->text());
        $report = $this->get('/jobs/'.$job->id.'/report')->filter('.report')->text();
        self::assertStringContainsString('Wipes came back on the head.Wipes do not come apart in water', $report);
        $this->fill($log, 'Save', ['cleared_form[cleared]' => 'yes', 'cleared_form[cause]' => 'grease']);
        $report = $this->get('/jobs/'.$job->id.'/report')->filter('.report')->text();
        self::assertStringContainsString('By the technician: grease.Grease sets in the pipe', $report);
    }

    public function testWhatIsSaidWithAToolInTheLineIsLoggedAsPressesAndFoundAgain(): void
    {
        $job = $this->job('Wash block');
        $this->passGate($job, 'jet');
        $run = '/jobs/'.$job->id.'/clear/run';
        $id = Id::fresh();
        $this->send($run.'/'.$id.'/begin', ['head' => 'free_spinner']);
        $read = fn (string $said) => $this->get($run.'/'.$id.'/say?'.http_build_query(['said' => $said]))->filter('#said-read')->text('');
        $say = function (string $said, ?string $as = null) use ($run, $id): string {
            $this->browser->setServerParameter('HTTP_X_REQUESTED_WITH', 'XMLHttpRequest');
            $this->send($run.'/'.$id.'/say/'.($as ?? Id::fresh()), ['said' => $said, 'entered_at' => '']);
            $this->browser->setServerParameter('HTTP_X_REQUESTED_WITH', '');

            return 422 === $this->statusCode() ? $this->page() : (string) $this->statusCode();
        };
        $top = fn () => $this->get($run)->filter('.run-top')->text();

        self::assertSame('at 9.5 it grabs hard In, from the mouth 9.5 m Grabs', $read('at 9.5 it grabs hard'));
        self::assertStringContainsString('0 m', $top(), 'what is only read is not logged');
        self::assertStringContainsString('Water only with the nozzle in the pipe', $read('water on'));
        self::assertStringContainsString('Water only with the nozzle in the pipe', $say('water on'));
        $same = Id::fresh();
        self::assertSame(['201', '201'], [$say('at 9.5 it grabs hard', $same), $say('at 9.5 it grabs hard', $same)]);
        self::assertSame('201', $say('water is on, two turns left, roots came back'));
        self::assertStringContainsString('9.5 m', $top());
        self::assertStringContainsString('↺ 2', $top());
        $undone = Id::fresh();
        self::assertSame(['201', '201', '201'], [$say('no, what a marvel'), $say('scratch that', $undone), $say('scratch that', $undone)]);
        self::assertSame('201', $say('water off'));
        self::assertSame('201', $say('at 0'));
        $this->send($run.'/'.$id.'/out', []);
        self::assertStringContainsString('This pass has ended', $say('at 3'));
        $pass = $this->manager()->find(Pass::class, $id);
        self::assertSame([8.6, ['grabs'], 2, ''], [
            $pass?->details()->inM, $pass?->details()->felt, $pass?->details()->turnsLeft, $pass?->details()->cameBack,
        ], 'what came back is taken back, once');
        self::assertStringContainsString('marvel', (string) $pass?->details()->note, 'what nobody understood stays as words');

        $hits = $this->get('/?find=grabs')->filter('.said-hits')->text('');
        self::assertStringContainsString('with a tool in the line', $hits);
        self::assertStringContainsString('at 9.5 it grabs hard', $hits);
    }

    public function testTheCableIsAsItIsMadeTodayAndOnlyItsOwnCouplingsCount(): void
    {
        $job = $this->job('Wash block');
        $run = '/jobs/'.$job->id.'/clear/run';
        $this->fill($this->get('/jobs/'.$job->id.'/clear/plan'), 'Work out the plans', [
            'clearing_form[blockage]' => 'rags', 'clearing_form[nearM]' => '16', 'clearing_form[farM]' => '17',
        ]);
        self::assertStringContainsString('Couplings from the head: 4.5 m · 9.0 m', $this->get($run)->filter('.run-cable')->text());
        $this->send($run.'/cable', ['loose' => 'long']);
        self::assertSame(422, $this->statusCode());
        self::assertSame('long', $this->browser->getCrawler()->filter('#run-loose')->attr('value'));
        $this->send($run.'/cable', ['loose' => '13.5']);
        self::assertStringContainsString('Couplings from the head: 13.5 m', $this->get($run)->filter('.run-cable')->text());
        $plan = $this->get('/jobs/'.$job->id.'/clear/plan');
        self::assertStringContainsString('1 · 1 of them by hand first', $plan->filter('.cable-sum')->text());
        $this->passGate($job, 'cable');
        $id = Id::fresh();
        $this->send($run.'/'.$id.'/begin', ['head' => 'retriever']);
        $this->send($run.'/'.$id.'/entry/'.Id::fresh(), ['kind' => 'mark_in', 'said' => '', 'metres' => '']);
        $page = $this->get($run);
        self::assertStringContainsString('13.5 m', $page->filter('.readout-big')->text());
        self::assertCount(0, $page->selectButton('One section in'), 'there is no other');
        $this->fill($this->get('/jobs/'.$job->id.'/clear/plan'), 'Work out the plans', [
            'clearing_form[nearM]' => '2', 'clearing_form[farM]' => '3',
        ]);
        $page = $this->get($run);
        self::assertStringContainsString('13.5 m', $page->filter('.readout-big')->text(), 'where it was, whatever is planned since');
    }

    public function testAPassThatCannotHaveBeenThereProvesNothing(): void
    {
        $job = $this->job('Wash block');
        $this->passGate($job, 'cable');
        $this->passGate($job, 'jet');
        $this->fill($this->get('/jobs/'.$job->id.'/clear/plan'), 'Work out the plans', [
            'clearing_form[blockage]' => 'hard_grease', 'clearing_form[nearM]' => '16', 'clearing_form[farM]' => '18',
        ]);
        $log = function (string $tool, string $head) use ($job): string {
            $this->fill($this->get('/jobs/'.$job->id.'/clear'), 'Log the pass', [
                'pass_form[tool]' => $tool, 'pass_form[head]' => $head, 'pass_form[headClass]' => $head, 'pass_form[inM]' => '22',
            ]);

            return $this->browser->followRedirect()->filter('.proof')->text();
        };
        $said = $log('jet', 'bend_leader');
        self::assertStringContainsString('Not counted: bend_leader to 22.0 m.', $said, 'that hose is 20 m long');
        self::assertStringContainsString('Not counted', $this->get('/jobs/'.$job->id.'/report')->filter('.report')->text());
        $first = fn () => $this->get('/jobs/'.$job->id.'/clear')->filter('.proof-steps li')->first()->attr('class');
        self::assertSame('next', $first());
        $log('jet', 'flusher');
        self::assertSame('done', $first());
    }

    public function testOnlyWhatCameBackIsSaidToHaveComeBack(): void
    {
        $job = $this->job('Wash block');
        $this->passGate($job, 'cable');
        foreach ([
            ['Hair roots, finger long', 'Roots came back on the head.'],
            ['No roots and no wipes; a bit of hair', 'Roots came back on the head. Hair came back on the head.'],
            ['nothing', 'Roots came back on the head. Hair came back on the head.'],
            ['A towel', 'Cloth came back on the head. Roots came back on the head. Hair came back on the head.'],
        ] as [$said, $told]) {
            $this->fill($this->get('/jobs/'.$job->id.'/clear'), 'Log the pass', [
                'pass_form[tool]' => 'cable', 'pass_form[head]' => 'Retriever', 'pass_form[inM]' => '9', 'pass_form[cameBack]' => $said,
            ]);
            $why = [];
            foreach ($this->browser->followRedirect()->filter('.cause-why') as $line) {
                $why[] = trim($line->textContent);
            }
            self::assertSame($told, implode(' ', $why), $said);
        }
    }

    public function testAFailedCheckStopsItsMachineUntilSomebodyNamesAReason(): void
    {
        $job = $this->job('Wash block');
        $this->passGate($job, 'jet');
        $this->passGate($job, 'cable');
        $run = '/jobs/'.$job->id.'/clear/run';
        $check = fn (string $line, string $good, string $reason = '') => $this->send(
            '/jobs/'.$job->id.'/clear/checks/jet', ['line' => $line, 'good' => $good, 'reason' => $reason, 'from' => 'run'],
        );
        $begins = function (string $head) use ($run): bool {
            $this->send($run.'/'.Id::fresh().'/begin', ['head' => $head]);

            return 422 !== $this->statusCode();
        };
        $check('screen_clean', '1');
        $check('nonsense', '0');
        $check('hoses_whole', '0');
        self::assertStringContainsString('Stopped: mend it, or name a reason.', $this->get($run)->filter('#gate-jet[open]')->text());
        self::assertFalse($begins('flusher'));
        $check('hoses_whole', '0', 'Chafed sleeve only, Ana Terek');
        self::assertTrue($begins('flusher'));
        $checks = array_map(
            static fn (PreUseCheck $check) => [$check->line, $check->isGood(), $check->reason(), $check->by()],
            $this->job('Wash block')->site()->checks(),
        );
        self::assertSame(
            [['screen_clean', true, '', 'Ana Terek'], ['hoses_whole', false, 'Chafed sleeve only, Ana Terek', 'Ana Terek']], $checks,
        );
    }

    public function testTheHoursOfAMachineSayWhatIsDue(): void
    {
        $due = fn () => $this->get('/kit')->filter('.kit-machine')->eq(1)->filter('tbody tr')->each(
            static fn (Crawler $row) => trim($row->filter('th')->text().' '.$row->filter('td')->eq(1)->text()),
        );
        $typed = ['hours' => '102', 'every_oil' => '50', 'every_inlet_screen' => '8', 'every_filter' => '100', 'every_service' => '250'];
        $this->send('/kit/machines/jet', ['hours' => 'many'] + $typed);
        self::assertSame(422, $this->statusCode());
        self::assertSame('many', $this->browser->getCrawler()->filter('#hours-jet')->attr('value'));
        $this->send('/kit/machines/jet', $typed);
        self::assertSame(
            ['Oil 52.0 h overdue', 'Inlet screen 94.0 h overdue', 'Filter 2.0 h overdue', 'Service in 148.0 h'], $due(),
        );
        $this->send('/kit/machines/jet', ['done' => 'oil']);
        $this->send('/kit/machines/jet', ['hours' => '112,5', 'every_oil' => '40'] + $typed);
        self::assertSame('Oil in 29.5 h', $due()[0]);
        $job = $this->job('Wash block');
        $this->passGate($job, 'jet');
        $id = Id::fresh();
        $run = '/jobs/'.$job->id.'/clear/run/'.$id;
        $this->send($run.'/begin', ['head' => 'flusher']);
        foreach ([['at', '5'], ['power_on', ''], ['power_off', ''], ['at', '0']] as [$kind, $metres]) {
            $this->send($run.'/entry/'.Id::fresh(), ['kind' => $kind, 'said' => '', 'metres' => $metres]);
            'power_on' === $kind ? sleep(2) : null;
        }
        $this->send($run.'/out', []);
        $care = (new MachineCares($this->manager()))->of($this->job('Wash block')->firm, Machine::Jet);
        self::assertGreaterThanOrEqual(112.5 + 2 / 3600, $care->hours(), 'what it ran is added');
        self::assertLessThan(112.5 + 60 / 3600, $care->hours());
    }
}
