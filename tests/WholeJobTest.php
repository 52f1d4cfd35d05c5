<?php

declare(strict_types=1);

namespace App\Tests;

use App\Firm\Firm;
use App\Record\Cleared;
use App\Record\Job;
use App\Record\Property;
use App\Support\Database\Id;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\DomCrawler\Crawler;

/** A job through its stages by the pages' own forms. */
final class WholeJobTest extends ApplicationTestCase
{
    public function testAJobGoesFromTheCallToTheReport(): void
    {
        $this->signIn();
        $this->fill($this->get('/jobs/new'), 'Open the job', [
            'call_form[why]' => 'before_purchase',
            'call_form[place]' => 'Chandlery, Tar Steps',
            'call_form[customer]' => 'Lio Brand',
            'call_form[notOrdered]' => 'The laundry line.',
        ]);
        $this->browser->followRedirect();
        $this->fill($this->browser->clickLink('Openings'), 'Add it', [
            'opening_form[place]' => 'Yard by the store',
            'opening_form[sizeMm]' => '100',
            'opening_form[dropM]' => '0.6',
        ]);
        $this->fill($this->browser->followRedirect(), 'Use this opening', ['zero_form[zero]' => 'rim']);
        $job = $this->job('Chandlery');
        self::assertMatchesRegularExpression('/^\d\d-\d{4}$/', $job->call()->number);
        $this->passGate($job, 'cable');
        $this->fill($this->get('/jobs/'.$job->id.'/clear'), 'Log the pass', [
            'pass_form[tool]' => 'cable', 'pass_form[head]' => 'Small blade', 'pass_form[inM]' => '18.5',
            'pass_form[felt]' => ['grabs'], 'pass_form[cameBack]' => 'Wipes',
        ]);
        $this->fill($this->browser->followRedirect(), 'Log the test', [
            'flow_test_form[minutes]' => '5',
            'flow_test_form[result]' => 'holds',
        ]);
        $this->fill($this->browser->followRedirect(), 'Save', ['cleared_form[cleared]' => 'yes']);
        $this->fill($this->get('/jobs/'.$job->id.'/look'), 'Zero the counter and start', [
            'run_form[material]' => 'clay',
            'run_form[boreMm]' => '100',
            'run_form[expectedM]' => '30',
        ]);
        $run = $this->lastRun($this->job('Chandlery'));
        $this->send($this->findingAddress($run), ['kind' => 'root_clump', 'reading_from' => '12.3', 'size' => '55', 'clock_from' => '3']);
        $this->send($this->findingAddress($run), [
            'kind' => 'low_spot', 'reading_from' => '15', 'reading_to' => '17', 'size' => '31',
            'facts' => ['water' => 'off'],
        ]);
        $this->fill($this->get('/jobs/'.$job->id.'/look/runs/'.$run->id.'/end'), 'End the run', [
            'run_end_form[reason]' => 'rod_out', 'run_end_form[reachedM]' => '26',
        ]);
        $asked = $this->browser->getCrawler();
        self::assertStringContainsString('The reel still has rod.', $asked->filter('#bench')->text());
        $this->browser->submit($asked->selectButton('End the run')->form(['run_end_form[sure]' => '1']));
        $this->fill($this->get('/jobs/'.$job->id.'/mark'), 'Save the mark', [
            'mark_form[atM]' => '12.3', 'mark_form[depthsM][0]' => '1.28', 'mark_form[depthsM][2]' => '1.30',
            'mark_form[tieOneM]' => '2.1', 'mark_form[tieOneTo]' => 'gate',
        ]);
        self::assertStringContainsString('1.29 m deep, spread 0.02 m', $this->browser->followRedirect()->filter('.marks')->text());
        $judge = $this->get('/jobs/'.$job->id.'/judge');
        self::assertSame('The line does not pass', $judge->filter('.verdict h2')->text());
        self::assertStringContainsString('26.0 m to 30.0 m from Yard by the store: not reached', $judge->filter('.stretches')->text());

        $report = $this->get('/jobs/'.$job->id.'/report')->filter('.report')->text();
        foreach ([
            'Chandlery, Tar Steps',
            'Root clump at 12.3 m: needs work before the line is used.',
            'The stoppage was cleared.',
            '26.0 m to 30.0 m from Yard by the store: not reached.',
            'Not ordered, so not looked at: The laundry line.', 'Cable, Small blade', 'came back: Wipes', '1.29 m deep',
            'zero at the rim of the opening', 'Low spot at 15.0–17.0 m: needs repair.'] as $words) {
            self::assertStringContainsString($words, $report);
        }
    }

    public function testDangerIsSaidAtTheStepWhereItIs(): void
    {
        $this->signIn();
        self::assertStringContainsString(
            'Roof and ladder.',
            $this->get('/jobs/'.$this->job()->id.'/way-in/openings')->filter('.bench')->text(),
        );
        self::assertStringContainsString(
            'Nobody enters a chamber',
            $this->get('/jobs/'.$this->job('Terraced')->id.'/way-in/openings')->filter('.bench')->text(),
        );
        $run = $this->lastRun($this->job());
        self::assertCount(0, $this->get('/jobs/'.$run->job->id.'/clear')->filter('.bench .caution-stop'));
        $this->send($this->findingAddress($run), ['kind' => 'cross_bore', 'reading_from' => '20']);
        foreach ([
            '', '/way-in', '/way-in/stoppage', '/way-in/openings', '/way-in/reach', '/clear', '/clear/plan',
            '/clear/bench', '/look', '/mark', '/judge', '/hand-over', '/report',
        ] as $stage) {
            self::assertStringContainsString(
                'No cutting, no jetting',
                $this->get('/jobs/'.$run->job->id.$stage)->filter('.caution-stop')->text(),
                $stage,
            );
        }
    }

    public function testSchoolsAndTheTechniciansOwnClassChangeTheJudgement(): void
    {
        $this->signIn();
        $job = $this->job('Sail');
        $this->signIn(self::OTHER_FIRM);
        $address = '/jobs/'.$job->id.'/judge';
        $low = static fn (Crawler $page) => $page->filter('.judgements > li')->reduce(
            static fn (Crawler $row) => str_contains($row->text(), 'Low spot'),
        );
        self::assertStringStartsWith('Leave', $low($this->get($address))->text());
        $this->fill($this->get($address), 'Save', ['water' => 'grade']);
        $row = $low($this->browser->followRedirect());
        self::assertStringStartsWith('Mend', $row->text());
        self::assertStringContainsString('The Carrying school would say Leave. Short and shallow', $row->text());
        $open = fn (Crawler $row) => $low($this->browser->click($row->filter('.why a')->link()));
        $refused = $this->browser->submit($open($row)->selectButton('Save my class')->form(['need' => 'watch']));
        self::assertSame(422, $this->statusCode());
        self::assertStringContainsString('say why', $refused->filter('.opinion .error')->text());
        $this->browser->submit(
            $low($refused)->selectButton('Save my class')->form(['need' => 'watch', 'reason' => 'Shallow; seen dry in May']),
        );
        $row = $low($this->browser->followRedirect());
        self::assertStringStartsWith('Watch', $row->text());
        self::assertStringContainsString('Shallow; seen dry in May (Bo Hallin)', $row->text());
        self::assertStringContainsString('Shallow; seen dry in May', $this->get('/jobs/'.$job->id.'/report')->text());
        $this->browser->submit($open($low($this->get($address)))->selectButton("Back to the rule's class")->form());
        self::assertStringStartsWith('Mend', $low($this->browser->followRedirect())->text());
    }

    /**
     * Page, button, what was typed, the field, the words beside it.
     *
     * @return list<array{string, string, array<string, string>, string, string}>
     */
    public static function badForms(): array
    {
        return [
            [
                '/jobs/new', 'Open the job', ['call_form[customer]' => 'Lio', 'call_form[place]' => ' '],
                'call_form_place', 'Say where the job is',
            ],
            ['/jobs/new', 'Open the job', ['call_form[yearBuilt]' => 'old'], 'call_form_yearBuilt', 'A whole number'],
            ['/jobs/new', 'Open the job', ['call_form[yearBuilt]' => '3001'], 'call_form_yearBuilt', 'A year between 1500 and 2100'],
            [
                '/jobs/{job}/way-in/openings', 'Add it',
                ['opening_form[sizeMm]' => 'four', 'opening_form[place]' => 'Yard'], 'opening_form_sizeMm',
                'cannot be read',
            ],
            [
                '/jobs/{job}/way-in/openings', 'Add it',
                ['opening_form[sizeMm]' => '3', 'opening_form[place]' => 'Yard'], 'opening_form_sizeMm',
                'A size between',
            ],
            ['/jobs/{job}/clear', 'Log the pass', ['pass_form[head]' => 'Blade', 'pass_form[inM]' => ''], 'pass_form_inM', 'Say how far'],
            [
                '/jobs/{job}/clear', 'Log the pass',
                ['pass_form[head]' => 'Blade', 'pass_form[inM]' => '5', 'pass_form[outM]' => '6'], 'pass_form_outM',
                'Swap the two',
            ],
            ['/jobs/{job}/clear', 'Log the test', ['flow_test_form[minutes]' => 'five'], 'flow_test_form_minutes', 'A number'],
            ['/jobs/{job}/clear', 'Log the test', ['flow_test_form[minutes]' => '5'], 'flow_test_form_result', 'Choose one'],
            [
                '/jobs/{job}/look?start=1', 'Zero the counter and start', ['run_form[counterFactor]' => '9'],
                'run_form_counterFactor', 'A counter factor between',
            ],
            [
                '/jobs/{job}/look?start=1', 'Zero the counter and start', ['run_form[expectedM]' => "14' 13\""],
                'run_form_expectedM', 'Twelve inches',
            ],
            [
                '/jobs/{job}/mark', 'Save the mark', ['mark_form[atM]' => '-4', 'mark_form[depthsM][0]' => '1'],
                'mark_form_atM', 'cannot be under zero',
            ],
            ['/jobs/{job}/mark', 'Save the mark', ['mark_form[atM]' => '4'], 'mark_form_depthsM', 'at least one depth'],
        ];
    }

    /** @param array<string, string> $typed */
    #[DataProvider('badForms')]
    public function testABadFormSaysWhatToPutRightAtTheFieldAndKeepsWhatWasTyped(
        string $page, string $button, array $typed, string $field, string $words,
    ): void {
        $this->signIn();
        $refused = $this->fill($this->get(str_replace('{job}', $this->job()->id, $page)), $button, $typed);
        self::assertSame(422, $this->statusCode());
        self::assertStringContainsString($words, $refused->filter('#'.$field.'_error')->text());
        foreach ($typed as $name => $value) {
            $kept = trim((string) $refused->filter('[name="'.$name.'"]')->attr('value'));
            self::assertTrue(trim($value) === $kept || (is_numeric($value) && (float) $value === (float) $kept), $name.' is now '.$kept);
        }
    }

    public function testWhoCallsAgainIsKnownWhileThePlaceIsTyped(): void
    {
        $this->signIn();
        $job = $this->job();
        $known = fn (string $typed) => $this->get('/jobs/new/known?'.http_build_query(['call_form' => ['place' => $typed]]));
        self::assertCount(0, $known('po')->filter('.caller'), 'Too little to go by.');
        self::assertCount(0, $known('Nowhere that anybody was')->filter('.caller'));

        $place = $known('POTTERY')->filter('.caller-place');
        self::assertCount(1, $place);
        self::assertStringContainsString($job->call()->customer, $place->text());
        $fields = json_decode((string) $place->attr('data-fields'), true);
        self::assertIsArray($fields);
        self::assertSame([$job->property()->place(), $job->call()->customer], [$fields['place'], $fields['customer']]);
        $job = $this->job();
        $job->outcome()->sayCleared(null, '');
        $this->manager()->flush();
        self::assertCount(0, $known('POTTERY')->filter('.caller-mark'), 'Not cleared yet.');
        $job = $this->job();
        $job->outcome()->sayCleared(Cleared::Yes, 'Roots cut at 21.3 m');
        $this->manager()->flush();
        $again = $known('pottery');
        self::assertStringContainsString('Roots cut at 21.3 m', $again->text());
        self::assertCount(1, $again->filter('.caller-mark'));
        self::assertSame('/jobs/'.$job->id, $again->filter('.caller-open')->attr('href'), 'It may be the one that is open.');

        $this->signIn('bo@lantern.example');
        self::assertCount(0, $known('pottery')->filter('.caller'), 'Another firm knows nothing of it.');
    }

    public function testAJobOpenedTwiceUnderOneIdentifierIsThereOnce(): void
    {
        $this->signIn();
        $page = $this->get('/jobs/new');
        $form = $page->selectButton('Open the job')->form(['call_form[place]' => 'Twice, Tar Steps', 'call_form[customer]' => 'Lio Brand']);
        $this->browser->submit($form);
        $first = $this->browser->getResponse()->headers->get('Location');
        $this->browser->submit($form);
        self::assertResponseRedirects($first);
        self::assertCount(1, $this->manager()->getRepository(Job::class)->findBy(['call.place' => 'Twice, Tar Steps']));
    }

    public function testNoMainPageAsksTheDatabaseTooOftenNorMoreForMoreJobs(): void
    {
        $this->signIn();
        $job = $this->job();
        $pages = [
            '/',
            ...array_map(static fn (string $stage) => '/jobs/'.$job->id.$stage, [
                '', '/way-in', '/way-in/stoppage', '/way-in/openings', '/way-in/reach', '/clear', '/clear/plan',
                '/clear/bench', '/look', '/mark', '/judge', '/hand-over', '/report',
            ]),
        ];
        $count = function (string $page): int {
            $before = Questions::$asked;
            $this->get($page);
            self::assertSame(200, $this->statusCode(), $page);

            return Questions::$asked - $before;
        };
        array_map($count, $pages);
        $before = array_map($count, $pages);
        for ($i = 0; $i < 30; ++$i) {
            $sheet = clone $job->call();
            $sheet->number = '26-9'.$i;
            $sheet->place = 'Row '.$i;
            $this->manager()->persist(
                new Job(
                    Id::fresh(),
                    new Property(Id::fresh(), $this->manager()->getReference(Firm::class, $job->firm->id) ?? $job->firm, $sheet->place),
                    $sheet, new \DateTimeImmutable(), $job->doneBy,
                ),
            );
        }
        $this->manager()->flush();
        foreach ($pages as $i => $page) {
            self::assertGreaterThan(2, $before[$i]);
            self::assertLessThanOrEqual(27, $before[$i], $page);
            self::assertLessThanOrEqual($before[$i], $count($page), $page);
        }
    }
}
