<?php

declare(strict_types=1);

namespace App\Tests;

use App\Firm\EvenSignIn;
use App\Record\Correction;
use App\Support\Database\Id;
use App\Support\Web\ReturnAddress;
use App\Support\Web\SessionAge;
use Jurvex\Core\Clear\EntryKind;
use Jurvex\Core\Clear\LogEntry;
use PHPUnit\Framework\Attributes\DataProvider;
use Psr\Clock\ClockInterface;
use Symfony\Component\BrowserKit\Cookie;
use Symfony\Component\DomCrawler\Crawler;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Session\Session;
use Symfony\Component\HttpFoundation\Session\Storage\MockArraySessionStorage;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\HttpKernelInterface;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\PasswordHasher\PasswordHasherInterface;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Http\Authenticator\AuthenticatorInterface;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use Symfony\Component\Security\Http\Authenticator\Passport\Credentials\PasswordCredentials;
use Symfony\Component\Security\Http\Authenticator\Passport\Passport;
use Symfony\Component\Security\Http\Event\CheckPassportEvent;

/** What somebody might try at the doors of the house. */
final class DoorsTest extends ApplicationTestCase
{
    public function testNoHeaderOfAVisitorChangesAnAddress(): void
    {
        $this->signIn();
        $hand = '/jobs/'.$this->job()->id.'/hand-over';
        $this->send($hand.'/links/'.Id::fresh(), []);
        $forged = ['HTTP_X_FORWARDED_HOST' => 'evil.example', 'HTTP_X_FORWARDED_PROTO' => 'https', 'HTTP_X_FORWARDED_FOR' => '203.0.113.9'];
        $page = $this->browser->request('GET', $hand, server: $forged);
        self::assertStringStartsWith('http://localhost/r/', (string) $page->filter('.share-address')->attr('href'));
        self::assertSame('127.0.0.1', $this->browser->getRequest()->getClientIp());
        $this->browser->request('GET', $hand, server: ['HTTP_HOST' => 'evil.example']);
        self::assertSame(400, $this->statusCode());
    }

    public function testAnUnknownAddressCostsAHashAsAKnownOneDoes(): void
    {
        $hasher = $this->createMock(PasswordHasherInterface::class);
        $hasher->expects(self::once())->method('hash')->with('guess');
        $hashers = $this->createMock(PasswordHasherFactoryInterface::class);
        $hashers->method('getPasswordHasher')->willReturn($hasher);
        $badge = new UserBadge('nobody@tideway.example', static fn () => throw new UserNotFoundException());
        $event = new CheckPassportEvent(
            $this->createMock(AuthenticatorInterface::class), new Passport($badge, new PasswordCredentials('guess')),
        );
        $this->expectException(UserNotFoundException::class);
        (new EvenSignIn($hashers))->check($event);
    }

    public function testAGuessAtAnUnknownAddressAndAtAKnownOneIsAnsweredAlike(): void
    {
        $answers = [];
        foreach (['nobody@tideway.example', self::TECHNICIAN] as $email) {
            $page = $this->get('/sign-in');
            $this->browser->submit($page->selectButton('Sign in')->form(), ['email' => $email, 'password' => 'a wrong guess']);
            $answers[] = [$this->statusCode(), str_replace($email, '', $this->page())];
            $this->browser->restart();
        }
        $withoutToken = static fn (string $page) => preg_replace(
            '/(content|value)="[^"]{20,}"/',
            '',
            (string) preg_replace('/X-Csrf-Token[^}]*/', '', $page),
        );
        self::assertSame($answers[0][0], $answers[1][0]);
        self::assertSame($withoutToken($answers[0][1]), $withoutToken($answers[1][1]));
    }

    /** @return array<string, array{string, array<string, mixed>}> */
    public static function notUtf8(): array
    {
        return [
            'a field of a form' => ['/jobs/{job}', ['call_form' => ['place' => "Quay \xff"]]],
            'a name of a field' => ['/settings/house', ['limits' => ["a\xff" => '1']]],
            'a note' => ['/jobs/{job}/look/runs/{run}/findings/{id}', ['kind' => 'crack', 'reading_from' => '1', 'note' => "\xc3\x28"]],
            'a reason' => ['/jobs/{job}/judge/findings/{id}/opinions/{id}', ['need' => 'watch', 'reason' => "\xe2\x28\xa1"]],
        ];
    }

    /** @param array<string, mixed> $fields */
    #[DataProvider('notUtf8')]
    public function testTextThatIsNotUtf8IsRefusedAtTheBorder(string $address, array $fields): void
    {
        $this->asInUse();
        $this->signIn();
        $job = $this->job();
        $this->send(strtr($address, ['{job}' => $job->id, '{run}' => $this->lastRun($job)->id, '{id}' => Id::fresh()]), $fields);
        self::assertSame(400, $this->statusCode());
        self::assertStringContainsString('Nothing was stored', $this->page());
    }

    public function testFilesThatAreNotUtf8AreRefusedAndTheJobFileIsAlwaysWritten(): void
    {
        $this->signIn();
        $job = $this->job();
        $run = $this->lastRun($job);
        $this->send('/import', [], ['file' => $this->upload('{"format":"jurvex-job","version":1,"job":"'."\xff".'"}', 'job.json')]);
        $jobFile = $this->statusCode();
        $this->send('/jobs/'.$job->id.'/look/runs/'.$run->id.'/readings', [], [
            'readings' => $this->upload("0,1,0,0,\xff", 'readings.csv'),
        ]);
        self::assertSame([422, 422], [$jobFile, $this->statusCode()]);
        if (TestDatabase::isShared()) {
            return;
        }
        // As an earlier release may have stored it; the other database takes no such text.
        $this->manager()->getConnection()->executeStatement("UPDATE job SET notes = CAST(X'41FF42' AS TEXT) WHERE id = ?", [$job->id]);
        $this->manager()->clear();
        $this->get('/jobs/'.$job->id.'/job.json');
        self::assertSame(200, $this->statusCode());
        self::assertStringContainsString("A\u{fffd}B", $this->page());
    }

    /** @return array<string, array{string, bool}> */
    public static function returnAddresses(): array
    {
        return [
            'home' => ['/', true], 'a stage' => ['/jobs/{job}/look?run=1', true], 'nothing' => ['', false],
            'another host' => ['//evil.example/', false], 'a backslash' => ['/\\evil.example', false],
            'a tab that browsers drop' => ["/\t/evil.example", false], 'a new line' => ["/\n", false],
            'another scheme' => ['https://evil.example/', false], 'a script' => ['javascript:alert(1)', false],
            'no page of ours' => ['/nowhere/at/all', false], 'one that only takes entries' => ['/sign-out', false],
        ];
    }

    #[DataProvider('returnAddresses')]
    public function testReturnAddressesArePathsOfOurs(string $given, bool $taken): void
    {
        $given = str_replace('{job}', Id::fresh(), $given);
        $back = self::getContainer()->get(ReturnAddress::class);
        self::assertSame($taken ? $given : '/settings', $back->of($given, 'settings'));
        $this->signIn();
        $this->send('/settings/mine', ['back' => $given, 'theme' => 'dark']);
        self::assertResponseRedirects($taken ? $given : '/settings');
    }

    public function testASessionEndsWhenNobodyUsedItForAsLongAsTheConfigurationSays(): void
    {
        foreach (['+3590 seconds' => true, '+3610 seconds' => false] as $later => $goesOn) {
            $session = new Session(new MockArraySessionStorage('jurvex'));
            $session->start();
            $session->set('who', 'ana');
            $request = new Request(cookies: ['jurvex' => $session->getId()]);
            $request->setSession($session);
            $clock = self::createStub(ClockInterface::class);
            $clock->method('now')->willReturn(new \DateTimeImmutable($later));
            (new SessionAge($clock, 3600))->end(
                new RequestEvent(self::createStub(HttpKernelInterface::class), $request, HttpKernelInterface::MAIN_REQUEST),
            );
            self::assertSame($goesOn, $session->has('who'), $later);
        }
    }

    public function testANewPasswordAndSigningOutEverywhereEndTheOtherSessions(): void
    {
        $this->signIn();
        $this->get('/');
        $other = $this->browser->getCookieJar()->all();
        $this->browser->restart();
        $this->signIn();
        $this->get('/');
        foreach (['short' => 'jurvex-demo', 'a long enough one' => 'not it at all'] as $new => $now) {
            $this->send('/settings/password', ['now' => $now, 'new' => $new]);
            self::assertSame(422, $this->statusCode());
        }
        $this->send('/settings/password', ['now' => 'jurvex-demo', 'new' => 'a long enough one']);
        self::assertResponseRedirects('/settings');
        $this->get('/');
        self::assertSame(200, $this->statusCode(), 'this session goes on');
        $mine = $this->browser->getCookieJar()->all();
        $this->be($other);
        $this->get('/');
        self::assertResponseRedirects(null, 302, 'the other one has ended');
        $this->be($mine);
        $this->send('/settings/sign-out-everywhere', []);
        $this->be($mine);
        $this->get('/');
        self::assertResponseRedirects(null, 302, 'on this device, too');
    }

    public function testTheOfficeEndsTheSessionsOfALostDeviceAndNobodyElseDoes(): void
    {
        $this->signIn();
        $lost = $this->browser->getCookieJar()->all();
        $this->get('/settings/people');
        self::assertSame(403, $this->statusCode());
        $this->signIn(self::OTHER_FIRM);
        $foreign = $this->browser->getCookieJar()->all();
        $this->browser->getCookieJar()->clear();
        $this->signIn(self::OFFICE);
        $people = $this->get('/settings/people')->filter('.entries li');
        $of = static fn (string $who) => $people->reduce(static fn (Crawler $row) => str_contains($row->text(), $who))->filter('form');
        self::assertStringNotContainsString('lantern', $people->text());
        self::assertCount(0, $of(self::OFFICE), 'not oneself');
        $this->browser->submit($of(self::TECHNICIAN)->form());
        self::assertResponseRedirects('/settings/people');
        $this->be($lost);
        $this->get('/');
        self::assertResponseRedirects(null, 302, 'the lost device is out');
        $this->be($foreign);
        $this->get('/');
        self::assertSame(200, $this->statusCode(), 'nobody else is');
    }

    public function testSearchFindsWhatIsTypedAndNothingElse(): void
    {
        $this->signIn();
        $job = $this->job('Boat');
        foreach (['A_1' => ['A_1', 'AB1'], '100%' => ['100%', '100 m'], '!_' => ['a!_b', 'a!cb']] as $typed => [$is, $isNot]) {
            foreach ([$is => 1, $isNot => 0] as $number => $found) {
                $job = $this->job('Boat');
                $job->call()->customerNumber = (string) $number;
                $job->answerCall($job->call());
                $this->manager()->flush();
                $page = $this->get('/?find='.rawurlencode($typed));
                self::assertSame(
                    $found,
                    $page->filter('section')->first()->filter('a[href*="'.$job->id.'"]')->count(),
                    $typed.' in '.$number,
                );
            }
        }
    }

    public function testOfAMovedJobOnlyIdentifiersAreKept(): void
    {
        $this->signIn();
        $job = $this->job('Boat');
        $this->fill($this->get('/jobs/'.$job->id), 'Save the call', ['call_form[place]' => 'Pottery studio, 4 Quay Lane']);
        $this->manager()->clear();
        $kept = $this->manager()->getRepository(Correction::class)->findBy(['jobId' => $job->id], ['id' => 'DESC'])[0];
        [$before, $after] = $kept->changes['property'];
        self::assertIsString($before);
        self::assertIsString($after);
        self::assertNotSame($before, $after);
        self::assertStringNotContainsString('firm', (string) json_encode($kept->changes));
    }

    public function testWhatIsKeptOfCorrectionsGrowsWithWhatChanged(): void
    {
        $pass = $this->job()->passes()[0];
        $kept = [];
        foreach ([40, 80] as $many) {
            while (\count($pass->entries()) < $many) {
                $pass->enter(Id::fresh(), new LogEntry(EntryKind::Felt, (float) \count($pass->entries()), null, 'drag'));
                $this->manager()->flush();
            }
            $size = $this->manager()->getConnection()->fetchOne(
                'SELECT SUM(LENGTH(CAST(changes AS TEXT))) FROM correction WHERE entry_id = ?', [$pass->id],
            );
            $kept[] = is_numeric($size) ? (int) $size : 0;
        }
        self::assertLessThan(2.2 * $kept[0], $kept[1]);
    }

    /** @param array<Cookie> $cookies */
    private function be(array $cookies): void
    {
        $this->browser->getCookieJar()->clear();
        array_map($this->browser->getCookieJar()->set(...), $cookies);
    }
}
