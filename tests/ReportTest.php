<?php

declare(strict_types=1);

namespace App\Tests;

use App\Record\Job;
use App\Support\Database\Id;
use App\Support\Print\Chromium;
use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\DomCrawler\Crawler;
use Symfony\Component\Lock\LockFactory;

/** A job through its stages by the pages' own forms. */
#[Group('any-database')]
final class ReportTest extends ApplicationTestCase
{
    public function testAReportNeverAdvisesToDoNothingAboutWhatNobodySaw(): void
    {
        $this->signIn();
        $advice = fn (Job $job) => $this->get('/jobs/'.$job->id.'/report')->filter('.report-facts > div')->eq(2)->text();
        self::assertStringContainsString('Have the line looked at by camera', $advice($this->job('tea room')));
        $this->signIn(self::OTHER_FIRM);
        $this->fill($this->get('/jobs/'.$this->job('Net store')->id.'/way-in/openings'), 'Add it', ['opening_form[place]' => 'Gully']);
        $this->fill(
            $this->get('/jobs/'.$this->job('Net store')->id.'/look'),
            'Zero the counter and start',
            ['run_form[expectedM]' => '60'],
        );
        $run = $this->lastRun($this->job('Net store'));
        $end = fn (string $reason, string $reached) => $this->fill(
            $this->get('/jobs/'.$run->job->id.'/look/runs/'.$run->id.'/end'),
            'End the run',
            ['run_end_form[reason]' => $reason, 'run_end_form[reachedM]' => $reached],
        );
        $end('rod_out', '40');
        self::assertStringContainsString('Have what could not be seen looked at', $advice($this->job('Net store')));
        $end('main_reached', '60');
        self::assertStringContainsString('Nothing needs to be done.', $advice($this->job('Net store')));
    }

    public function testFindingsAreToldInTheirPlacesWhereTheCameraWentBeyondTheMap(): void
    {
        $cords = static fn (float $at): array => ['kind' => 'root_cords', 'from_m' => $at, 'size' => 10.0, 'unit' => 'percent'];
        $story = (new StoryBuilder('Beyond the map, Story Row'))->measuredLine('court', 'lane', 5.0)
            ->opening('Yard', ['node' => 'court'])
            ->look('Yard', [$cords(8.0), $cords(2.0), $cords(11.0), $cords(4.0)], 14.0);
        $this->signIn();
        $this->take($story);
        $places = $this->get('/jobs/'.$story->id.'/report')->filter('.report-finding h3')
            ->each(static fn (Crawler $told) => strtok($told->text(), ' '));
        self::assertSame(['2.0', '4.0', '8.0', '11.0'], $places);
    }

    public function testTheReportIsPrintedToPdf(): void
    {
        $this->signIn();
        $this->get('/jobs/'.$this->job()->id.'/report.pdf');
        self::assertResponseHeaderSame('Content-Type', 'application/pdf');
        $file = (string) tempnam(sys_get_temp_dir(), 'jurvex');
        file_put_contents($file, $this->page());
        $text = (string) shell_exec('pdftotext -layout '.escapeshellarg($file).' -');
        self::assertStringContainsString('Pottery studio, 4 Quay Lane', $text);
        self::assertStringContainsString('Root clump at 24.8 m', $text);
        self::assertStringContainsString('AtkinsonHyperlegible', (string) shell_exec('pdffonts '.escapeshellarg($file)));
    }

    public function testWithoutChromiumThePageSaysThatNoPdfCanBeMade(): void
    {
        $this->signIn();
        self::getContainer()->set(Chromium::class, new Chromium('/nowhere/chromium', self::getContainer()->get(LockFactory::class)));
        $this->get('/jobs/'.$this->job()->id.'/report.pdf');
        self::assertSame(503, $this->statusCode());
        self::assertStringContainsString('can be printed', $this->page());
    }

    public function testAShareLinkOpensTheReportToAnybodyUntilItIsRevoked(): void
    {
        $this->signIn();
        $job = $this->job();
        $hand = '/jobs/'.$job->id.'/hand-over';
        $this->send($hand.'/links/'.Id::fresh(), []);
        $address = (string) parse_url((string) $this->get($hand)->filter('.share-address')->attr('href'), \PHP_URL_PATH);
        $this->browser->getCookieJar()->clear();
        $report = $this->get($address);
        self::assertStringContainsString('Pottery studio', $report->filter('h1')->text());
        self::assertResponseHeaderSame('X-Robots-Tag', 'noindex, nofollow');
        self::assertCount(0, $report->filter('a[href^="/jobs"]'));
        $this->get((string) $report->filter('.report-finding img')->attr('src'));
        self::assertResponseHeaderSame('Content-Type', 'image/jpeg');
        foreach ([
            substr($address, 0, -1).('A' === $address[-1] ? 'B' : 'A'),
            substr($address, 0, -4),
            '/r/'.str_repeat('A', 54),
        ] as $guess) {
            $this->get($guess);
            self::assertSame(404, $this->statusCode());
        }
        $this->signIn();
        $this->browser->submit($this->get($hand)->selectButton('Revoke')->form());
        $this->browser->getCookieJar()->clear();
        $this->get($address);
        self::assertSame(404, $this->statusCode());
    }
}
