<?php

declare(strict_types=1);

namespace App\Tests;

use App\Record\FindingRepository;
use App\Record\FlowTest;
use App\Support\Database\Id;

/** What a browser sends that had to wait for a signal, and what it takes along for such a time. */
final class QueuedTest extends ApplicationTestCase
{
    private const HOUR_MS = 3_600_000;

    public function testAnEntryIsMadeWhenTheDeviceMadeItWhateverItsClockSays(): void
    {
        $this->signIn();
        $job = $this->job('Wash block');
        $fields = ['flow_test_form' => ['minutes' => '5', 'result' => 'holds']];
        $this->get('/jobs/'.$job->id.'/clear');
        // The device's clock is a year behind: only how long the entry waited counts.
        $this->queued('/jobs/'.$job->id.'/clear/tests/'.$id = Id::fresh(), $fields, 1_700_000_000_000, 1_700_000_000_000 + self::HOUR_MS);
        self::assertSame([200, '{"stored":true}'], [$this->statusCode(), $this->page()]);
        $test = $this->manager()->find(FlowTest::class, $id);
        self::assertEqualsWithDelta(time() - 3600, $test?->loggedAt->getTimestamp(), 5);
        $this->queued('/jobs/'.$job->id.'/clear/tests/'.$later = Id::fresh(), $fields, 1_700_000_000_000, 1_600_000_000_000);
        self::assertEqualsWithDelta(time(), $this->manager()->find(FlowTest::class, $later)?->loggedAt->getTimestamp(), 5, 'never to come');
    }

    public function testWhatCannotBeTakenIsToldInWordsAndWhoIsSignedOutWaits(): void
    {
        $this->signIn();
        $job = $this->job('Wash block');
        $this->get('/jobs/'.$job->id.'/clear');
        $this->queued('/jobs/'.$job->id.'/clear/tests/'.Id::fresh(), ['flow_test_form' => ['minutes' => 'long', 'result' => 'holds']]);
        self::assertSame(422, $this->statusCode());
        $told = (array) json_decode($this->page(), true);
        self::assertStringContainsString('number', json_encode($told, \JSON_THROW_ON_ERROR));
        self::assertStringNotContainsString('<', $this->page());
        $this->queued('/jobs/'.Id::fresh().'/clear/tests/'.Id::fresh(), []);
        self::assertSame(422, $this->statusCode());
        self::assertStringContainsString('not there any more', $this->page());
        $token = $this->token();
        $this->browser->getCookieJar()->clear();
        $this->browser->request('POST', '/jobs/'.$job->id.'/clear/tests/'.Id::fresh(), [], [], [
            'HTTP_X_CSRF_TOKEN' => $token, 'HTTP_X_QUEUED' => '1',
        ]);
        self::assertContains($this->statusCode(), [401, 403]);
    }

    public function testAnEntryWhoseAnswerWasLostIsMadeOnceWhateverItDoes(): void
    {
        $this->signIn();
        $job = $this->job('Pottery');
        $run = $job->runs()[0];
        $address = '/jobs/'.$job->id.'/look/runs/'.$run->id;
        $findings = self::getContainer()->get(FindingRepository::class);
        $standing = static fn () => \count($findings->record($run)->findings);
        $before = $standing();
        $this->get($address);
        $sent = 'sent-'.Id::fresh();
        foreach ([$sent, $sent, 'another-'.$sent] as $i => $id) {
            $this->queued($address.'/undo', [], id: $id);
            self::assertSame(200, $this->statusCode());
            self::assertSame($before - [1, 1, 2][$i], $standing());
        }
        // Another person's entry is another entry, and what was refused is not taken.
        $address = '/jobs/'.$job->id.'/clear/tests/'.$test = Id::fresh();
        foreach (['long' => 422, '5' => 200] as $minutes => $status) {
            $this->queued($address, ['flow_test_form' => ['minutes' => (string) $minutes, 'result' => 'holds']], id: $sent.'-test');
            self::assertSame($status, $this->statusCode());
        }
        self::assertNotNull($this->manager()->find(FlowTest::class, $test));
    }

    public function testAPageAheadIsMadeWhereAnotherLookBeganInTheSameSecond(): void
    {
        $this->signIn();
        $job = $this->job('Pottery');
        $last = $job->runs()[\count($job->runs()) - 1]->id;
        for ($i = 0; $i < 3; ++$i) {
            $now = (new \DateTimeImmutable('now', new \DateTimeZone('UTC')))->format('Y-m-d H:i:s');
            $this->manager()->getConnection()->executeStatement('UPDATE run SET started_at = ? WHERE id = ?', [$now, $last]);
            $this->get('/jobs/'.$job->id.'/look/ahead');
            self::assertSame(200, $this->statusCode());
        }
    }

    public function testPagesAheadAreAsTheyWillBeAndStoreNothing(): void
    {
        $this->signIn();
        foreach (['Pottery', 'Wash block'] as $place) {
            $job = $this->job($place);
            $address = '/jobs/'.$job->id;
            foreach ([
                '/look/ahead' => 'data-url="'.$address.'/look/runs/'.Id::AHEAD.'"', '/look/ahead/start' => 'value="'.Id::AHEAD.'"',
                '/look/ahead/end' => 'action="'.$address.'/look/runs/'.Id::AHEAD.'/end"', '/mark/ahead' => 'name="mark_form"',
                '/clear/run/ahead/jet' => 'data-pass="'.Id::AHEAD.'" data-machine="jet"',
                '/clear/run/ahead/cable' => 'data-pass="'.Id::AHEAD.'" data-machine="cable"',
                '/clear/run/ahead/none' => 'class="sheet run-start"',
            ] as $page => $has) {
                $this->get($address.$page);
                self::assertSame(200, $this->statusCode(), $page);
                self::assertStringContainsString($has, $this->page(), $page);
            }
            $this->get($address.'/job.json');
            self::assertStringNotContainsString(Id::AHEAD, $this->page());
            $this->get($address.'/look/runs/'.Id::AHEAD);
            self::assertSame(404, $this->statusCode(), 'nothing is begun under it');
        }
    }

    public function testEveryBenchOfTheDaysJobsIsTakenAlongAndNobodyElses(): void
    {
        $this->signIn();
        $job = $this->job('Pottery');
        $along = $this->along(...);
        $day = $along();
        self::assertSame('/', $day[0]);
        $one = $along('?job='.$job->id);
        foreach (['', '/way-in', '/way-in/stoppage', '/clear', '/clear/run', '/look', '/mark', '/judge', '/hand-over'] as $stage) {
            self::assertContains('/jobs/'.$job->id.$stage, $one);
        }
        self::assertEmpty(array_diff($one, $day));
        self::assertEmpty(preg_grep('/\.|report/', $one));
        $this->signIn(self::OTHER_FIRM);
        $this->get('/along?job='.$job->id);
        self::assertSame(404, $this->statusCode());
        self::assertNotContains('/jobs/'.$job->id.'/look', $along());
    }

    /** @return list<string> */
    private function along(string $query = ''): array
    {
        $this->get('/along'.$query);
        /** @var array{urls: list<string>} $answer */
        $answer = json_decode($this->page(), true);

        return $answer['urls'];
    }

    /** @param array<string, mixed> $fields */
    private function queued(string $address, array $fields, int $madeMs = 0, int $sentMs = 0, ?string $id = null): void
    {
        $this->browser->request('POST', $address, $fields, [], [
            'HTTP_X_CSRF_TOKEN' => $this->token(), 'HTTP_X_QUEUED' => '1', 'HTTP_X_QUEUED_AT' => (string) $madeMs,
            'HTTP_X_SENT_AT' => (string) $sentMs, 'HTTP_X_QUEUED_ID' => $id,
        ]);
    }
}
