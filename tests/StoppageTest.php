<?php

declare(strict_types=1);

namespace App\Tests;

use App\Record\Job;
use Jurvex\Core\Sketch\Source;
use Symfony\Component\DomCrawler\Crawler;

/** The line map, triage, openings and reach by the pages' own forms. */
final class StoppageTest extends ApplicationTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testTapsShadeTheMapNameThePlacesAndProposeTheNextCheck(): void
    {
        $job = $this->job('Camp');
        $page = $this->get($this->wayIn($job).'/stoppage');
        self::assertCount(3, $page->filter('.likeliest li'));
        self::assertStringContainsString('from Chamber at the path', $page->filter('.likeliest')->text());
        self::assertMatchesRegularExpression('/Next best check: (open|run) /', $page->filter('.next-check h2')->text());
        self::assertStringContainsString('this tells the most', $page->filter('.next-check')->text());
        $this->send($this->wayIn($job).'/stoppage/seen', ['seen' => [$job->openings()[0]->node() => 'standing']]);
        $page = $this->get($this->wayIn($job).'/stoppage');
        self::assertStringContainsString('Line below Chamber at the path', $page->filter('.likeliest li')->first()->text());
        self::assertSame(
            '1',
            $page->filter('.plan .shade')->reduce(static fn (Crawler $path) => '1' === $path->attr('opacity'))->first()->attr('opacity'),
        );
        self::assertCount(0, $page->filter('.bench .caution[role=alert]'));
        $this->send($this->wayIn($job).'/stoppage/seen', ['seen' => ['showers' => 'drains', 'toilets' => 'drains']]);
        $page = $this->get($this->wayIn($job).'/stoppage');
        self::assertStringContainsString('These contradict each other.', $page->filter('.caution[role=alert]')->text());
        $this->send($this->wayIn($job).'/stoppage/seen', ['seen' => ['showers' => 'drains']]);
        self::assertArrayNotHasKey('showers', $this->job('Camp')->site()->seen(), 'the same answer once more takes it back');
    }

    public function testADangerSignStopsWhatWouldHurtUntilItIsMadeSafe(): void
    {
        $job = $this->job('Camp');
        $address = $this->wayIn($job).'/stoppage';
        self::assertGreaterThan(0, $this->get($address)->filter('.next-check')->count());
        $this->send($address.'/danger', ['sign' => 'gas_smell', 'state' => 'present']);
        $page = $this->get($address);
        self::assertStringContainsString('Everybody out', $page->filter('.bench .danger-card')->text());
        self::assertCount(0, $page->filter('.next-check'));
        self::assertStringContainsString(
            'Everybody out',
            $this->get('/jobs/'.$job->id.'/clear')->filter('[role=alert]')->text(),
            'it stands on the other stages too',
        );
        $this->send($address.'/danger', ['sign' => 'gas_smell', 'state' => 'made_safe']);
        $this->send($address.'/danger', ['sign' => 'sewage_rising', 'state' => 'present']);
        $page = $this->get($address);
        self::assertStringContainsString('made safe, said Ana Terek', $page->filter('.dangers')->text());
        self::assertStringNotContainsString('run ', $page->filter('.next-checks h2')->text(), 'nothing is run while it rises');
    }

    public function testATestThatWasMadeStaysAsEvidenceAndIsTakenBack(): void
    {
        $job = $this->job('Camp');
        $address = $this->wayIn($job).'/stoppage';
        $this->send($address.'/test', ['run' => 'sinks', 'watched' => 'toilets', 'answer' => 'rises']);
        self::assertStringContainsString(
            'ran Washing-up sinks, watched Toilets: it rises',
            $this->get($address)->filter('#numbers')->text(),
        );
        foreach ([
            ['run' => 'sinks', 'watched' => 'sinks', 'answer' => 'rises'],
            ['run' => 'sinks', 'watched' => 'toilets', 'answer' => 'runs_by'],
            ['run' => 'nobody', 'watched' => 'toilets', 'answer' => 'rises'],
        ] as $nonsense) {
            $this->send($address.'/test', $nonsense);
        }
        self::assertCount(1, $this->job('Camp')->site()->tests());
        $this->send($address.'/test', ['run' => 'sinks', 'watched' => 'toilets', 'answer' => '']);
        self::assertSame([], $this->job('Camp')->site()->tests());
        $this->signIn();
        $yard = $this->job()->openings()[0]->node();
        $this->send($this->wayIn($this->job()).'/stoppage/test', ['run' => 'toilet', 'watched' => $yard, 'answer' => 'nothing']);
        self::assertSame(Source::Guessed, $this->job()->property()->sketch()->pipes['kitchen-pipe']->tied);
    }

    public function testWhatWasSeenAtAPlaceThatIsTakenOffTheMapNoLongerCounts(): void
    {
        $job = $this->job();
        $before = $this->get($this->wayIn($job).'/stoppage')->filter('.likeliest')->text();
        $this->send($this->wayIn($job).'/stoppage/test', ['run' => 'kitchen', 'watched' => 'glaze', 'answer' => 'nothing']);
        $this->send($this->wayIn($job).'/remove/kitchen', []);
        $page = $this->get($this->wayIn($job).'/stoppage');
        self::assertSame(200, $this->statusCode());
        self::assertStringNotContainsString('Kitchen', $page->filter('.bench')->text());
        self::assertNotSame($before, $page->filter('.likeliest')->text());
        $this->send($this->wayIn($job).'/undo', []);
        self::assertStringContainsString(
            'Kitchen',
            $this->get($this->wayIn($job).'/stoppage')->filter('.bench')->text(),
            'undone, it counts again',
        );
    }

    private function wayIn(Job $job): string
    {
        return '/jobs/'.$job->id.'/way-in';
    }
}
