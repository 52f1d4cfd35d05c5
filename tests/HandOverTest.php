<?php

declare(strict_types=1);

namespace App\Tests;

use App\Record\Job;
use App\Record\SentLetter;
use App\Record\ShareLink;
use App\Record\UpkeepPlan;
use App\Support\Database\Id;
use Symfony\Component\DomCrawler\Crawler;
use Symfony\Component\Mime\Email;

/** What goes out: letters, links, everything in one file, the office's list and calendar. */
final class HandOverTest extends ApplicationTestCase
{
    public function testALetterGoesOnceWithLinkAndPdfAndIsKept(): void
    {
        $this->signIn('office@tideway.example');
        $job = $this->cafe();
        $this->get('/jobs/'.$job->id.'/hand-over');
        $address = '/jobs/'.$job->id.'/hand-over/letters/'.$id = Id::fresh();
        $this->send($address, ['letter_form' => ['to' => 'nobody', 'subject' => 'Your line', 'text' => 'All is well.']]);
        self::assertSame(422, $this->statusCode());
        self::assertStringContainsString('An address like name@firm.example.', $this->page());
        self::assertStringContainsString('All is well.', $this->page());
        $fields = ['letter_form' => ['to' => 'cafe@steps.example', 'subject' => 'Your line', 'text' => 'All is well.', 'withPdf' => '1']];
        $this->send($address, $fields);
        self::assertSame(303, $this->statusCode());
        $mail = self::getMailerMessage();
        self::assertInstanceOf(Email::class, $mail);
        self::assertSame(['cafe@steps.example', 'Your line'], [$mail->getTo()[0]->getAddress(), $mail->getSubject()]);
        self::assertStringStartsWith('%PDF', $mail->getAttachments()[0]->getBody());
        $link = preg_match('~https?://[^/]+(/r/\S+)~', (string) $mail->getTextBody(), $found) ? $found[1] : self::fail();
        $this->send($address, $fields);
        self::assertEmailCount(0, message: 'Sent twice it goes once.');

        $kept = $this->manager()->find(SentLetter::class, $id) ?? self::fail();
        self::assertSame($mail->getTextBody(), $kept->text);
        self::assertStringContainsString('cafe@steps.example · Your line · PDF', $this->get('/jobs/'.$job->id.'/hand-over')->text());
        $this->browser->restart();
        self::assertStringContainsString('Café, 9 Lantern Steps', $this->get($link)->text());
    }

    public function testALetterThatDoesNotGoKeepsNothingButWhatWasTyped(): void
    {
        $_ENV['MAILER_DSN'] = 'smtp://127.0.0.1:1';
        try {
            $this->signIn();
            $job = $this->cafe();
            $this->get('/jobs/'.$job->id.'/hand-over');
            $this->send('/jobs/'.$job->id.'/hand-over/letters/'.$id = Id::fresh(), [
                'letter_form' => ['to' => 'cafe@steps.example', 'subject' => 'Your line', 'text' => 'Written with care.'],
            ]);
        } finally {
            unset($_ENV['MAILER_DSN']);
        }
        self::assertSame(422, $this->statusCode());
        self::assertStringContainsString('It did not go. Nothing was sent and nothing is kept; try it again.', $this->page());
        self::assertStringContainsString('Written with care.', $this->page());
        self::assertNull($this->manager()->find(SentLetter::class, $id));
        self::assertSame([], $this->manager()->getRepository(ShareLink::class)->findBy(['job' => $job]));
    }

    public function testTheShortReportIsTheFirstPageAndTheFullOneSaysWhatItHolds(): void
    {
        $this->signIn();
        $job = $this->cafe();
        $full = $this->get('/jobs/'.$job->id.'/report');
        $parts = $full->filter('.report-contents a')->extract(['href']);
        self::assertSame(['#line', '#compared', '#clearing', '#limits', '#raw'], $parts);
        foreach ($parts as $part) {
            self::assertCount(1, $full->filter($part), $part);
        }
        $kinds = static fn (Crawler $page): array => $page->filter('.report-finding h3')->extract(['_text']);
        self::assertStringContainsString('Tie-in', (string) json_encode($kinds($full)[0]));
        $worst = $this->browser->clickLink('Worst first');
        self::assertStringContainsString('Root cords', (string) json_encode($kinds($worst)[0]));
        self::assertEqualsCanonicalizing($kinds($full), $kinds($worst));
        $short = $this->get('/jobs/'.$job->id.'/report?short=1');
        self::assertCount(1, $short->filter('.first-page'));
        self::assertCount(1, $short->filter('.ribbon'), 'and the line as the last look drew it');
        self::assertCount(0, $short->filter('.report-contents, #limits, #raw'));
        $page = $short->filter('.first-page')->text(normalizeWhitespace: true);
        foreach (['What was asked', 'What we found', 'What we advise', 'What if you wait', 'What we could not see'] as $question) {
            self::assertStringContainsString($question, $page);
        }
        $this->browser->request('GET', '/jobs/'.$job->id.'/report.pdf?short=1');
        $path = sys_get_temp_dir().'/jurvex-test-'.Id::fresh().'.pdf';
        file_put_contents($path, $this->browser->getInternalResponse()->getContent());
        $told = (string) shell_exec('pdfinfo '.escapeshellarg($path));
        unlink($path);
        self::assertMatchesRegularExpression('/Pages:\s+1\n/', $told);
        self::assertMatchesRegularExpression('/Tagged:\s+yes/', $told);
        self::assertMatchesRegularExpression('/A4/', $told);
    }

    /** What the property and the letters say goes with the job file, and a second job of it does not bring the plans twice. */
    public function testPlansAndLettersGoWithTheJobFile(): void
    {
        $this->signIn('office@tideway.example');
        $job = $this->cafe();
        $this->get('/jobs/'.$job->id.'/hand-over');
        $this->send('/jobs/'.$job->id.'/hand-over/letters/'.Id::fresh(), [
            'letter_form' => ['to' => 'cafe@steps.example', 'subject' => 'Your line', 'text' => 'All is well.'],
        ]);
        $file = $this->content('/jobs/'.$job->id.'/job.json');
        /** @var array{sent: list<array<string, mixed>>, upkeep_plans: list<array<string, mixed>>} $document */
        $document = json_decode($file, true, 64, \JSON_THROW_ON_ERROR);
        self::assertSame(['cafe@steps.example', false], [$document['sent'][0]['to'], $document['sent'][0]['with_pdf']]);
        self::assertSame(['jetting', 6], [$document['upkeep_plans'][0]['work'], $document['upkeep_plans'][0]['every_months']]);

        // The same file once more is the same job, whatever became of the plans since.
        $this->manager()->getConnection()->executeStatement("UPDATE upkeep_plan SET due_on = '2033-01-01'");
        $this->get('/import');
        $this->send('/import', [], ['file' => $this->upload($file, 'job.json')]);
        self::assertSame(303, $this->statusCode(), strip_tags(strstr($this->page(), '<main') ?: ''));
        $plans = $this->manager()->getRepository(UpkeepPlan::class)->findBy(['property' => $job->property()->id]);
        self::assertCount(1, $plans);
    }

    public function testALinkEndsAfterItsDayAndCountsWhoOpensIt(): void
    {
        $this->signIn();
        $job = $this->cafe();
        $this->get('/jobs/'.$job->id.'/hand-over');
        $this->send('/jobs/'.$job->id.'/hand-over/links/'.$id = Id::fresh(), ['days' => '30']);
        $address = $this->get('/jobs/'.$job->id.'/hand-over')->filter('a.share-address')->first()->attr('href') ?? '';
        $this->get($address);
        $this->get($address);
        self::assertSame(200, $this->statusCode());
        self::assertStringContainsString('opened 2 times', $this->get('/jobs/'.$job->id.'/hand-over')->text(normalizeWhitespace: true));

        $link = $this->manager()->find(ShareLink::class, $id) ?? self::fail();
        self::assertSame($job->firm->today(new \DateTimeImmutable('+30 days'))->format('Y-m-d'), $link->endsOn?->format('Y-m-d'));
        $this->manager()->getConnection()->executeStatement("UPDATE share_link SET ends_on = '2026-01-31' WHERE id = ?", [$id]);
        $this->manager()->clear();
        $this->get($address);
        self::assertSame(404, $this->statusCode());
        $page = $this->get('/jobs/'.$job->id.'/hand-over')->text(normalizeWhitespace: true);
        self::assertStringContainsString('ended on 31 Jan 2026', $page);
    }

    public function testEverythingInOneZipComesBackFromIt(): void
    {
        $this->signIn();
        $job = $this->cafe();
        $this->get('/jobs/'.$job->id.'/hand-over');
        $this->send('/jobs/'.$job->id.'/hand-over/closing', ['done' => ['sealed', 'kit', 'nonsense']]);
        $this->browser->request('GET', '/jobs/'.$job->id.'/everything.zip');
        $bytes = $this->browser->getInternalResponse()->getContent();
        file_put_contents($path = sys_get_temp_dir().'/jurvex-test-'.Id::fresh().'.zip', $bytes);
        $zip = new \ZipArchive();
        self::assertTrue($zip->open($path));
        foreach (['job.json', 'findings.csv', 'report.pdf', 'look-1/ribbon.svg', 'look-2/readings.csv', 'look-2/findings.vtt'] as $name) {
            self::assertNotFalse($zip->locateName($name), $name);
        }
        self::assertStringStartsWith('<svg', trim((string) $zip->getFromName('look-1/ribbon.svg')));
        self::assertStringContainsString('Not noted at the site: that the fixtures', $this->get('/jobs/'.$job->id.'/report')->text());

        // The other firm takes it in, under other identifiers, and has the same findings.
        $renamed = self::underOtherIdentifiers((string) $zip->getFromName('job.json'));
        $zip->addFromString('job.json', strtr($renamed, ['"26-0398"' => '"Z-1"']));
        $zip->close();
        $this->signIn('bo@lantern.example');
        $this->get('/import');
        $this->send('/import', [], ['file' => $this->upload((string) file_get_contents($path), 'everything.zip')]);
        unlink($path);
        self::assertSame(303, $this->statusCode(), strip_tags(strstr($this->page(), '<main') ?: ''));
        $taken = $this->manager()->getRepository(Job::class)->findOneBy(['call.number' => 'Z-1']) ?? self::fail();
        self::assertSame(['sealed', 'kit'], array_map(static fn (\BackedEnum $step) => $step->value, $taken->outcome()->closing()));
        self::assertStringContainsString('1 of 2 root joints gone', $this->get('/jobs/'.$taken->id.'/report')->text());

        $this->get('/import');
        $this->send('/import', [], ['file' => $this->upload("PK\x03\x04 and nothing in it", 'empty.zip')]);
        self::assertStringContainsString('There is no job file in this zip.', $this->page());
    }

    public function testWhatTakesLongIsMadeOnceByItselfAndFetchedWhenItIsThere(): void
    {
        $this->signIn();
        $job = $this->cafe();
        $this->get('/jobs/'.$job->id.'/hand-over');
        $ask = '/jobs/'.$job->id.'/long-work/'.$id = Id::fresh();
        $this->send($ask, ['kind' => 'import']);
        self::assertSame(400, $this->statusCode());
        $this->send($ask, ['kind' => 'pdf', 'short' => '1']);
        $this->send($ask, ['kind' => 'pdf']);
        self::assertResponseRedirects('/long-work/'.$id);
        $page = $this->get('/long-work/'.$id);
        self::assertStringContainsString('It waits for its turn.', $page->text());
        self::assertCount(1, $page->filter('#long-work[hx-get] progress'));
        $this->browser->request('GET', '/long-work/'.$id.'/file');
        self::assertSame(404, $this->statusCode());

        self::assertSame(1, $this->doWhatWaits());
        $page = $this->get('/long-work/'.$id);
        self::assertCount(0, $page->filter('[hx-trigger*=every]'));
        self::assertStringStartsWith('%PDF', $this->content($page->filter('a.go')->attr('href') ?? ''));
        self::assertStringContainsString('It is ready.', $this->get('/jobs/'.$job->id.'/hand-over')->filter('.file-made')->text());
        unlink(\dirname(__DIR__).'/var/long-work/'.$id);
        $this->signIn('bo@lantern.example');
        foreach (['', '/file'] as $end) {
            $this->browser->request('GET', '/long-work/'.$id.$end);
            self::assertSame(404, $this->statusCode());
        }
    }

    public function testABigJobFileIsTakenInByItselfOrRefusedWithWords(): void
    {
        $this->signIn();
        $file = (string) file_get_contents(__DIR__.'/fixtures/job-version-1.json');
        foreach (['{"version": 1, "nonsense": 3', $file] as $content) {
            $this->get('/import');
            // Space between is no content, but it makes a file big.
            $this->send('/import', [], ['file' => $this->upload($content.str_repeat(' ', 1_000_000), 'job.json')]);
            $address = (string) $this->browser->getResponse()->headers->get('Location');
            self::assertStringStartsWith('/long-work/', $address);
            self::assertSame(1, $this->doWhatWaits());
            $this->get($address);
            if ($content !== $file) {
                self::assertStringContainsString('This is not a job file: it is no valid JSON.', $this->page());
            }
        }
        self::assertStringStartsWith('/jobs/', (string) $this->browser->getResponse()->headers->get('Location'));
    }

    public function testTheOfficeSeesWhatIsDueWithLastTimesKitAndOthersReadItAsACalendar(): void
    {
        $this->signIn('office@tideway.example');
        $due = $this->get('/due');
        $row = $due->filter('tr:contains("Smokehouse")')->text(normalizeWhitespace: true);
        foreach (['Cutting: Both root joints', 'Wide blade', 'Cleanout at the rack'] as $told) {
            self::assertStringContainsString($told, $row);
        }
        $why = '/By the plan: every 12 months\..*Advised in job 26-\d{4} of /s';
        self::assertMatchesRegularExpression($why, $due->filter('.due')->text());
        self::assertStringContainsString('"Smokehouse, 3 Kiln Close",Cutting', $this->content('/due.csv'));
        $address = parse_url($due->filter('a[href*=".ics"]')->attr('href') ?? '', \PHP_URL_PATH);
        self::assertIsString($address);
        $this->browser->restart();
        $calendar = $this->content($address);
        self::assertSame(substr_count($calendar, 'BEGIN:VEVENT'), substr_count($calendar, 'END:VEVENT'));
        self::assertStringContainsString("SUMMARY:Cutting: Smokehouse\\, 3 Kiln Close\r\n", $calendar);
        foreach (explode("\r\n", $calendar) as $line) {
            self::assertLessThanOrEqual(75, \strlen($line));
        }
        $this->get(substr($address, 0, -6).(str_ends_with($address, '00.ics') ? '11.ics' : '00.ics'));
        self::assertSame(404, $this->statusCode());
        $this->signIn('office@tideway.example');
        $this->get('/due');
        $this->send('/calendar/new-address', []);
        $this->get($address);
        self::assertSame(404, $this->statusCode(), 'A new address ends the old one.');
    }

    public function testAStoppageSoonAfterAClearingIsShownAtTheCallAndCounted(): void
    {
        $this->signIn('office@tideway.example');
        $property = $this->cafe()->property()->id;
        $this->get('/properties/'.$property);
        $this->send('/properties/'.$property.'/book/'.$id = Id::fresh(), []);
        self::assertStringNotContainsString('Cleared here not long ago', $this->get('/jobs/'.$id)->text());
        $this->manager()->getConnection()->executeStatement("UPDATE job SET why = 'stoppage' WHERE id = ?", [$id]);
        $call = $this->get('/jobs/'.$id)->filter('#bench')->text(normalizeWhitespace: true);
        self::assertStringContainsString('Cleared here not long ago.', $call);
        self::assertStringContainsString('within the firm\'s 6 months: 26-0398', $call);
        self::assertStringContainsString('Cause not said2', $this->get('/numbers')->text(normalizeWhitespace: true));

        $this->get('/settings');
        $this->send('/settings/firm', ['address' => "4 Rope Court\nHarbour", 'guarantee' => '0'], ['logo' => $this->picture()]);
        self::assertStringNotContainsString('Cleared here not long ago', $this->get('/jobs/'.$id)->text());
        $head = $this->get('/jobs/'.$this->job('Pottery')->id.'/report')->filter('.report-head');
        self::assertStringContainsString('4 Rope Court', $head->text());
        self::assertCount(1, $head->filter('img.report-logo'));
    }

    private function cafe(): Job
    {
        return $this->manager()->getRepository(Job::class)->findOneBy(['call.number' => '26-0398']) ?? self::fail();
    }

    private function content(string $address): string
    {
        $this->browser->request('GET', $address);

        return $this->browser->getInternalResponse()->getContent();
    }

    private function picture(): \Symfony\Component\HttpFoundation\File\UploadedFile
    {
        $image = imagecreatetruecolor(40, 20);
        ob_start();
        imagepng($image);

        return $this->upload((string) ob_get_clean());
    }
}
