<?php

declare(strict_types=1);

namespace App\Tests;

use App\Record\FindingRepository;
use App\Record\Job;
use App\Record\ReadingBatch;
use App\Record\Run;
use App\Support\Database\Id;
use App\Work\SimulatedLines;
use App\Work\Tracks;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Reel\Reading;
use Jurvex\Core\Reel\ReadingFormat;

/** Readings, recordings and practice, by the addresses that the bench uses. */
final class ReelTest extends ApplicationTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testABatchIsStoredOnceWholeOrNotAtAll(): void
    {
        $run = $this->practice(3, 'usual');
        $id = Id::fresh();
        foreach ([1, 2] as $time) {
            $this->post($run, '/readings/'.$id, "1,0.4,-1.1,0,\n2,0.5,-1.1,0,");
            self::assertSame(201, $this->statusCode(), 'sent '.$time.' times');
        }
        self::assertCount(1, $this->manager()->getRepository(ReadingBatch::class)->findBy(['run' => $run->id]));
        $this->post($run, '/readings/'.Id::fresh(), "3,0.6,-1,0,\n4,far,0,0,");
        self::assertSame(422, $this->statusCode());
        self::assertStringContainsString('Line 2: ', $this->page());
        self::assertCount(1, $this->manager()->getRepository(ReadingBatch::class)->findBy(['run' => $run->id]), 'nothing of it');
        $this->post($run, '/readings/'.Id::fresh(), str_repeat("3,0.6,-1,0,\n", 400_000));
        self::assertSame(422, $this->statusCode(), 'more than hours of readings');
        self::assertSame(0.5, $this->fresh($run)->deepestM());
        self::assertStringContainsString('2,0.5,-1.1,0,', $this->csv($run));
    }

    public function testAWholeInspectionMeasuresItsLowSpotAndProposesIt(): void
    {
        $run = $this->practice(3, 'usual');
        $this->inspect($run);
        $line = self::getContainer()->get(SimulatedLines::class)->lineOf($run);
        $spot = array_values(
            array_filter($line->record->findings, static fn (Finding $finding) => 'low_spot' === $finding->kind->value),
        )[0];
        $page = $this->get('/jobs/'.$run->job->id.'/look');
        self::assertCount(1, $page->filter('.ribbon .pool'), 'the water that the tilts predict');
        self::assertStringContainsString('The tilt shows a dip at ', $page->filter('#numbers')->text());
        self::assertGreaterThan(6, substr_count($page->filter('.ribbon .bore')->attr('d') ?? '', 'L'), 'the invert dips on the ribbon');
        self::assertLessThan(150_000, \strlen($page->filter('.ribbon svg')->outerHtml()));
        // Nineteen millimetres stand on the lens: it is proposed and taken with one press.
        $this->browser->submit($page->filter('[data-proposal]')->form());
        $this->browser->followRedirect();
        $records = $this->get('/jobs/'.$run->job->id.'/look');
        self::assertCount(0, $records->filter('[data-proposal]'));
        self::assertStringContainsString('holds ', $records->filter('#numbers')->text());
        $logged = self::getContainer()->get(FindingRepository::class)->record($this->fresh($run))->findings;
        self::assertEqualsWithDelta(
            [$spot->from->metres, $spot->end()->metres],
            [$logged[0]->from->metres, $logged[0]->end()->metres],
            0.3,
        );
        self::assertEqualsWithDelta($spot->size?->value, $logged[0]->size?->value, 3.0);
    }

    public function testTheLensTellsTheDepth(): void
    {
        $run = $this->practice(3, 'usual');
        foreach (['0' => [19.0, false], '1' => [29.0, true], '-1' => [9.0, false]] as $on => [$depth, $atLeast]) {
            $this->get('/jobs/'.$run->job->id.'/look/runs/'.$run->id.'/lens?on='.$on);
            $answer = json_decode($this->page(), true);
            self::assertIsArray($answer);
            self::assertEquals([$depth, $atLeast], [$answer['depth_mm'], $answer['at_least']]);
        }
        $this->get('/jobs/'.$run->job->id.'/look/runs/'.$run->id.'/lens?on=wet');
        self::assertSame(422, $this->statusCode());
    }

    public function testSteadyJointsOfferTheCounterToBePutRight(): void
    {
        $run = $this->practice(3, 'usual');
        foreach (range(1, 9) as $i) {
            $this->send($this->findingAddress($run), [
                'kind' => 'sound_joint',
                'reading_from' => (string) (0.96 * $i),
                'going' => 'back',
                'recorded_s' => (string) (10 * $i),
            ]);
        }
        $page = $this->get('/jobs/'.$run->job->id.'/look');
        self::assertStringContainsString('the counter is off by 4.2 %', $page->filter('#numbers')->text());
        $this->browser->submit($page->selectButton('Put the counter right')->form());
        $page = $this->browser->followRedirect();
        self::assertStringContainsString('Joints every 1.0 m', $page->filter('#numbers')->text());
        self::assertStringNotContainsString('the counter is off', $page->filter('#numbers')->text());
        self::assertEqualsWithDelta(1.04167, $this->fresh($run)->details()->counterFactor, 1e-4);
        $joints = self::getContainer()->get(FindingRepository::class)->record($this->fresh($run))->findings;
        self::assertEqualsWithDelta([1.0, 9.0], [$joints[0]->from->metres, $joints[8]->from->metres], 1e-3);
    }

    public function testTheSameThingOnTheWayInAndBackIsOneFinding(): void
    {
        $run = $this->practice(3, 'usual');
        $this->send($this->findingAddress($run), ['kind' => 'stone', 'reading_from' => '8.2', 'size' => '20', 'going' => 'in']);
        $this->send($this->findingAddress($run), ['kind' => 'stone', 'reading_from' => '8.0', 'size' => '20', 'going' => 'back']);
        $page = $this->get('/jobs/'.$run->job->id.'/look');
        self::assertCount(1, $page->filter('#findings li'));
        self::assertStringContainsString('8.0Stone', $page->filter('#findings')->text(), 'the way back counts');
        self::assertStringContainsString('Stone: 0.2 m of slack', $page->filter('#numbers')->text());
    }

    public function testAStretchMarkedWhileDrawingBackIsTurnedRound(): void
    {
        $run = $this->practice(3, 'usual');
        $this->send($this->findingAddress($run), [
            'kind' => 'low_spot', 'reading_from' => '8.2', 'reading_deepest' => '7.5', 'reading_to' => '7.0',
            'size' => '20', 'going' => 'back',
        ]);
        $finding = self::getContainer()->get(FindingRepository::class)->record($this->fresh($run))->findings[0];
        self::assertSame([7.0, 7.5, 8.2], [$finding->from->metres, $finding->deepest?->metres, $finding->end()->metres]);
    }

    public function testARecordingIsKeptAsItIsPlayedInPartsAndEachFindingIsAJump(): void
    {
        $run = $this->practice(3, 'usual');
        $this->send($this->findingAddress($run), ['kind' => 'stone', 'reading_from' => '8', 'size' => '20', 'recorded_s' => '3725.5']);
        $base = '/jobs/'.$run->job->id.'/look/runs/'.$run->id;
        $this->get($base.'/findings.vtt');
        self::assertStringStartsWith("WEBVTT\n\n", $this->page());
        self::assertStringContainsString("01:02:05.500 --> 01:02:09.500\nStone at 8.0 m", $this->page());
        $bytes = "\x1A\x45\xDF\xA3".hex2bin(
            '9f4286810142f7810142f2810442f381084282847765626d42878104428581021853806701ffffffffffffff',
        ).random_bytes(400);
        $this->send($base.'/recording', [], ['recording' => $this->upload($bytes, 'run.webm')]);
        self::assertSame(303, $this->statusCode());
        self::assertCount(1, $this->get($base.'/recording')->filter('.jump[data-at="3725.5"]'));
        $this->browser->request('GET', $base.'/recording/file', server: ['HTTP_RANGE' => 'bytes=10-19']);
        self::assertSame(206, $this->statusCode());
        self::assertSame('bytes 10-19/'.\strlen($bytes), $this->browser->getResponse()->headers->get('Content-Range'));
        $this->send($base.'/recording', [], ['recording' => $this->upload('no film', 'run.txt')]);
        self::assertSame(422, $this->statusCode());
    }

    public function testOnlyATiltThatWasReadShowsNoDip(): void
    {
        $run = $this->practice(3, 'usual');
        $this->send($this->findingAddress($run), [
            'kind' => 'low_spot', 'reading_from' => '3', 'reading_to' => '5', 'size' => '20', 'going' => 'in',
        ]);
        foreach (['', '-1.2'] as $i => $tilt) {
            $read = array_map(static fn (int $s) => (10 * $i + $s).','.($s - 1).",$tilt,,", range(1, 9));
            $this->post($run, '/readings/'.Id::fresh(), implode("\n", $read));
            $numbers = $this->get('/jobs/'.$run->job->id.'/look')->filter('#numbers')->text();
            self::assertSame('' !== $tilt, str_contains($numbers, 'The tilt shows no dip'));
        }
    }

    public function testWhatIsAheadIsSaidByTheLastLookAndTheFallByTheTilt(): void
    {
        $job = $this->job();
        $first = $job->runs()[0];
        $second = $this->lastRun($job);
        $read = fn (Run $run, string $query) => $this->get('/jobs/'.$job->id.'/look/runs/'.$run->id.'/reading?'.$query)
            ->filter('#readouts')
            ->text();
        self::assertStringContainsString('Ahead in 0.6 m Tie-in', $read($second, 'reading=8.0'));
        self::assertStringNotContainsString('Ahead in 16', $read($first, 'reading=8.0'));
        self::assertStringContainsString('2.1 %', $read($second, 'reading=8&tilt=-1.2'));
        self::assertStringContainsString(
            '1.0 % 0.1–1.8 %: cannot tell, against the minimum of 1.04 %', $read($second, 'reading=8&tilt=-0.55'),
        );
        self::assertStringContainsString('0.1 % -0.8–0.9 %: short of the minimum', $read($second, 'reading=8&tilt=-0,03°'));
        $bad = $read($second, 'reading=8&tilt=steep');
        self::assertStringContainsString('The tilt is a number of degrees', $bad);
        self::assertStringNotContainsString('Fall here', $bad);
        self::assertStringContainsString('the rod ends soon', $read($second, 'reading=58&tilt='));
    }

    public function testReadingsComeFromAFileInEitherFormAndABadLineIsNamed(): void
    {
        $run = $this->practice(3, 'usual');
        $base = '/jobs/'.$run->job->id.'/look/runs/'.$run->id;
        $this->send($base.'/readings', [], [
            'readings' => $this->upload(
                ReadingFormat::HEADING."\n1,0.5,-1.1,0,\n".'{"time_s":2,"distance_m":0.7,"tilt_deg":-1.1}'."\n",
                'reel.csv',
            ),
        ]);
        self::assertSame(303, $this->statusCode());
        self::assertSame(0.7, $this->fresh($run)->deepestM());
        $this->send($base.'/readings', [], ['readings' => $this->upload("1,0.9,0,0,\n2,-4,0,0,\n", 'reel.csv')]);
        self::assertSame(422, $this->statusCode());
        self::assertStringContainsString('Line 2: ', $this->browser->getCrawler()->filter('.error')->text());
        self::assertSame(0.7, $this->fresh($run)->deepestM(), 'nothing of it');
        $this->send($base.'/readings', []);
        self::assertStringContainsString('Choose a file of readings', $this->browser->getCrawler()->filter('.error')->text());
    }

    public function testAnEntryThatHadToWaitKeepsItsTime(): void
    {
        $run = $this->practice(3, 'usual');
        $now = new \DateTimeImmutable();
        foreach ([
            '1' => $run->startedAt,
            (string) (1000 * $now->getTimestamp()) => $now,
            (string) (1000 * ($now->getTimestamp() + 9000)) => $now,
            'late' => $now,
        ] as $said => $counts) {
            self::assertEqualsWithDelta(
                $counts->getTimestamp(),
                $run->whenSaid((string) $said, $now)->getTimestamp(),
                '1' === (string) $said ? 3 : 1,
                (string) $said,
            );
        }
        self::assertEquals($run->startedAt, $run->whenSaid('1000000000000', $now), 'never before the run');
        $this->send('/jobs/'.$run->job->id.'/look/runs/'.$run->id.'/water', ['water' => 'off', 'entered_at' => '1000000000000']);
        self::assertEquals($this->fresh($run)->startedAt->getTimestamp(), $this->fresh($run)->waterOffAt()?->getTimestamp());
    }

    public function testTheSimulatedReelGoesThroughTheLineOfTheJobsOwnRecord(): void
    {
        $job = $this->job();
        $run = $this->lastRun($job);
        $this->get('/jobs/'.$job->id.'/look/runs/'.$run->id.'/reel.json');
        /**
         * @var array{
         *     length: float, reach: float, table: list<mixed>, things: list<array{kind: string, from: float}>,
         *     pipes: list<array{material: string}>,
         * } $view
         */
        $view = json_decode($this->page(), true);
        self::assertEqualsWithDelta([26.9, 26.9], [$view['length'], $view['reach']], 1e-9);
        self::assertSame(['cast_iron', 'pvc_welded', 'clay'], array_column($view['pipes'], 'material'));
        self::assertContains('root_clump', array_column($view['things'], 'kind'));
        self::assertCount(270, $view['table']);
    }

    private function practice(int $seed, string $difficulty): Run
    {
        $this->send('/practice/begin', ['difficulty' => $difficulty, 'seed' => (string) $seed]);
        preg_match('~/jobs/([0-9a-f-]{36})/~', $this->browser->getResponse()->headers->get('Location') ?? '', $found);
        $this->manager()->clear();
        $job = $this->manager()->find(Job::class, $found[1] ?? '') ?? self::fail('No practice.');

        return $this->lastRun($job);
    }

    /** Pushes to the end and draws back, in batches as the bench sends them. */
    private function inspect(Run $run): void
    {
        $readings = self::getContainer()->get(SimulatedLines::class)->reelOf($run)->inAndBack(0.2, 0.25);
        foreach (array_chunk($readings, 200) as $batch) {
            $this->post(
                $run,
                '/readings/'.Id::fresh(),
                implode("\n", array_map(static fn (Reading $reading) => ReadingFormat::write($reading), $batch)),
            );
            self::assertSame(201, $this->statusCode());
        }
        self::assertGreaterThan(5, \count(self::getContainer()->get(Tracks::class)->of($this->fresh($run))->cells));
    }

    private function post(Run $run, string $path, string $body): void
    {
        $this->browser->request(
            'POST',
            '/jobs/'.$run->job->id.'/look/runs/'.$run->id.$path,
            server: ['CONTENT_TYPE' => 'text/plain', 'HTTP_X_CSRF_TOKEN' => $this->token(), 'HTTP_X_REQUESTED_WITH' => 'XMLHttpRequest'],
            content: $body,
        );
    }

    private function csv(Run $run): string
    {
        $this->get('/jobs/'.$run->job->id.'/look/runs/'.$run->id.'/readings.csv');

        return $this->page();
    }

    private function fresh(Run $run): Run
    {
        $this->manager()->clear();

        return $this->manager()->find(Run::class, $run->id) ?? self::fail('The run is gone.');
    }
}
