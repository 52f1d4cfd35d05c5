<?php

declare(strict_types=1);

namespace App\Tests;

use App\Firm\AccessFor;
use App\Firm\AccessLink;
use App\Firm\Account;
use App\Firm\Firm;
use App\Firm\Passwords;
use App\Firm\Role;
use App\Firm\SignedIn;
use App\Record\Job;
use App\Support\Database\Id;
use Jurvex\Core\Measure\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Mime\Email;

/** A firm's people: asked in, given a role, signed out, disabled; and what was done, for its owner. */
final class PeopleTest extends ApplicationTestCase
{
    private const PASSWORD = 'a long walk by the harbour';

    public function testSomebodyIsAskedInByALinkThatWorksOnce(): void
    {
        $this->signIn(self::OFFICE);
        $this->fill($this->get('/settings/people'), 'Ask them in', ['name' => 'Teo Marsh', 'email' => 'teo@tideway.example']);
        $link = $this->linkIn(self::getMailerMessage());
        self::assertSelectorTextSame('.told-link', $link);
        self::assertStringContainsString('Teo Marsh', $this->get('/settings/people')->filter('main')->text());
        // Neither the page nor the database holds the link once it was shown.
        self::assertStringNotContainsString(basename($link), $this->page());

        $this->get('/sign-out');
        $this->browser->restart();
        $page = $this->get((string) parse_url($link, \PHP_URL_PATH));
        $this->fill($page, 'Join', ['password' => 'password123']);
        self::assertStringContainsString('one of the commonest', $this->page());
        $this->fill($this->get((string) parse_url($link, \PHP_URL_PATH)), 'Join', ['password' => self::PASSWORD]);
        self::assertResponseRedirects('/');
        self::assertStringContainsString('Teo Marsh', $this->get('/')->text());
        $this->get((string) parse_url($link, \PHP_URL_PATH));
        self::assertSame(404, $this->statusCode());
        $this->get('/settings/people');
        self::assertSame(403, $this->statusCode(), 'A technician manages nobody.');
    }

    public function testTheOfficeAsksNobodyInAboveItself(): void
    {
        $this->signIn(self::OFFICE);
        $invite = ['name' => 'Max', 'email' => 'max@tideway.example'];
        foreach (['owner', 'office'] as $role) {
            $this->send('/settings/people/invite', $invite + ['role' => $role]);
            self::assertSame(403, $this->statusCode(), $role);
        }
        foreach ([['name' => ''], ['email' => 'no address'], ['email' => self::TECHNICIAN]] as $wrong) {
            $this->send('/settings/people/invite', $wrong + $invite);
            self::assertSame(422, $this->statusCode());
            self::assertEmailCount(0);
        }
        $owner = $this->account(self::OWNER)->id;
        foreach (['sign-out', 'disable', 'role'] as $act) {
            $this->send('/settings/people/'.$owner.'/'.$act, ['role' => 'technician']);
            self::assertSame(403, $this->statusCode(), $act);
        }
    }

    public function testAForgottenPasswordIsChosenAnewByALinkAndNobodyLearnsWhichAddressesThereAre(): void
    {
        $this->browser->setServerParameter('REMOTE_ADDR', '10.'.random_int(0, 255).'.'.random_int(0, 255).'.9');
        $this->fill($this->get('/forgotten'), 'Send me a link', ['email' => 'nobody'.random_int(0, 9999).'@tideway.example']);
        $unknown = $this->page();
        self::assertEmailCount(0);
        // One address is asked for a few times an hour only, so it is one of this test's own.
        $account = new Account($this->job()->firm, 'p'.random_int(0, 999_999).'@tideway.example', 'Pia', Role::Technician);
        self::getContainer()->get(Passwords::class)->give($account, self::PASSWORD);
        $this->manager()->persist($account);
        $this->manager()->flush();
        $this->fill($this->get('/forgotten'), 'Send me a link', ['email' => $account->email]);
        $same = static fn (string $page) => preg_replace('~csrf" content="[^"]+|X-Csrf-Token": "[^"]+|data-at="\d+~', '', $page);
        self::assertSame($same($unknown), $same($this->page()));
        $link = (string) parse_url($this->linkIn(self::getMailerMessage()), \PHP_URL_PATH);
        $this->fill($this->get($link), 'Change password', ['password' => 'short']);
        self::assertSame(422, $this->statusCode());
        $this->fill($this->get($link), 'Change password', ['password' => 'another walk by the harbour']);
        self::assertResponseRedirects('/sign-in');
        $this->get($link);
        self::assertSame(404, $this->statusCode());
        $this->fill($this->get('/sign-in'), 'Sign in', ['email' => $account->email, 'password' => 'another walk by the harbour']);
        self::assertResponseRedirects('http://localhost/');
    }

    public function testALinkEndsByItself(): void
    {
        $at = new \DateTimeImmutable('2031-05-01 10:00');
        $firm = new Firm('F', 'UTC');
        $reset = AccessLink::toANewPassword('h', new Account($firm, 'a@b.example', 'A', Role::Technician), $at);
        $join = AccessLink::toJoin('h', $firm, 'a@b.example', 'A', Role::Office, $at);
        self::assertSame([true, false, true, false], [
            $reset->isOpen($at->modify('+59 minutes')), $reset->isOpen($at->modify('+1 hour')),
            $join->isOpen($at->modify('+6 days')), $join->isOpen($at->modify('+7 days')),
        ]);
        $firm->access()->close($at);
        self::assertFalse($join->isOpen($at));
        self::assertSame(AccessFor::Join, $join->for);
    }

    public function testASessionIsListedAndEndedFromElsewhere(): void
    {
        $this->browser->setServerParameter('HTTP_USER_AGENT', 'Mozilla/5.0 (Linux; Android 15) Chrome/140.0 Mobile Safari/537.36');
        $this->signIn();
        $this->get('/settings');
        $session = $this->manager()->getRepository(SignedIn::class)->findOneBy([], ['id' => 'DESC'])->id ?? self::fail();
        self::assertStringContainsString('Chrome · Android', $this->page());
        $technician = $this->browser->getCookieJar()->all();
        $this->browser->getCookieJar()->clear();
        $this->signIn(self::OFFICE);
        $person = '/settings/people/'.$this->account(self::TECHNICIAN)->id;
        self::assertStringContainsString('Chrome · Android', $this->get($person)->filter('main')->text());
        $this->send($person.'/sessions/'.$session.'/end', []);
        self::assertResponseRedirects($person);
        $this->browser->getCookieJar()->clear();
        array_map($this->browser->getCookieJar()->set(...), $technician);
        $this->get('/');
        self::assertResponseRedirects('http://localhost/sign-in');
    }

    /** @return iterable<string, array{string}> */
    public static function tooOld(): iterable
    {
        yield 'unused for longer than the firm has it' => ['UPDATE signed_in SET seen_at = :then WHERE seen_at > :then'];
        yield 'older than the firm has it' => ['UPDATE signed_in SET since = :then WHERE since > :then'];
    }

    #[DataProvider('tooOld')]
    public function testASessionEndsByItsAge(string $sql): void
    {
        $this->signIn(self::OWNER);
        $this->send('/settings/sessions', ['idle_hours' => '13', 'days' => '30']);
        self::assertStringContainsString('Nothing was changed', $this->get('/settings')->text());
        $this->send('/settings/sessions', ['idle_hours' => '2', 'days' => '1']);
        $this->get('/');
        self::assertSame(200, $this->statusCode());
        $then = new \DateTimeImmutable(str_contains($sql, 'seen_at') ? '-121 minutes' : '-25 hours', new \DateTimeZone('UTC'));
        $this->manager()->getConnection()->executeStatement($sql, ['then' => $then->format('Y-m-d H:i:s')]);
        $this->get('/');
        self::assertResponseRedirects('http://localhost/sign-in');
    }

    public function testWhoeverIsDisabledIsOutAtOnceAndInAgainWhenEnabled(): void
    {
        $this->signIn();
        $this->get('/');
        $technician = $this->browser->getCookieJar()->all();
        $person = '/settings/people/'.$this->account(self::TECHNICIAN)->id;
        $this->signIn(self::OWNER);
        $this->send($person.'/disable', []);
        self::assertStringContainsString('disabled since', $this->get('/settings/people')->text());
        $this->browser->getCookieJar()->clear();
        array_map($this->browser->getCookieJar()->set(...), $technician);
        $this->get('/');
        self::assertResponseRedirects('http://localhost/sign-in');
        $this->browser->setServerParameter('REMOTE_ADDR', '10.'.random_int(0, 255).'.'.random_int(0, 255).'.8');
        $signIn = fn () => $this->fill($this->get('/sign-in'), 'Sign in', ['email' => self::TECHNICIAN, 'password' => 'jurvex-demo']);
        $signIn();
        self::assertStringContainsString('You cannot sign in any more', $this->browser->followRedirect()->text());
        $this->browser->getCookieJar()->clear();
        $this->signIn(self::OWNER);
        $this->send($person.'/enable', []);
        $this->browser->getCookieJar()->clear();
        $signIn();
        self::assertResponseRedirects('http://localhost/');
    }

    public function testTheOwnerReadsWhatWasDoneAndNobodyChangesIt(): void
    {
        $this->signIn(self::OWNER);
        $this->send('/settings/people/'.$this->account(self::TECHNICIAN)->id.'/role', ['role' => 'office']);
        $this->send('/settings/house', ['water' => 'carrying', 'roots' => 'upkeep', 'limits' => ['roots_heavy_percent' => '40']]);
        $this->send('/settings/house', ['water' => 'carrying', 'roots' => 'upkeep', 'limits' => ['roots_heavy_percent' => '=41']]);
        $this->send('/settings/house', ['water' => 'grade', 'roots' => 'upkeep', 'limits' => ['roots_heavy_percent' => '41']]);
        $page = $this->get('/settings/audit')->filter('tbody')->text();
        $wanted = [
            'Role changed', 'before Technician', 'after Office', 'roots_heavy_percent 40', 'after water grade, roots_heavy_percent 41',
        ];
        foreach ($wanted as $said) {
            self::assertStringContainsString($said, $page);
        }
        $this->get('/settings/audit.csv');
        self::assertStringContainsString('role_changed,'.self::OWNER.',127.0.0.1', $this->page());
        self::assertStringNotContainsString('lantern', $this->page());
        $this->expectExceptionMessage('An audit entry stays as it is.');
        $this->manager()->getConnection()->executeStatement("UPDATE audit_entry SET who = 'nobody'");
    }

    public function testAPersonTakesTheirOwnDataAndTheOwnerTheFirms(): void
    {
        $this->signIn(self::OWNER);
        $this->get('/');
        $this->get('/settings/mine.json');
        $mine = json_decode($this->page(), true);
        self::assertIsArray($mine);
        self::assertSame(['Ines Dorval', self::OWNER, 'owner'], [$mine['name'], $mine['email'], $mine['role']]);
        self::assertNotSame([], $mine['sessions']);
        $id = Id::fresh();
        $this->send('/settings/firm-data/'.$id, []);
        self::assertResponseRedirects('/long-work/'.$id);
        self::assertSame(1, $this->doWhatWaits());
        $this->get('/long-work/'.$id.'/file');
        file_put_contents($file = (string) tempnam(sys_get_temp_dir(), 'jurvex'), $this->page());
        $zip = new \ZipArchive();
        self::assertTrue($zip->open($file));
        self::assertSame($this->manager()->getRepository(Job::class)->count(['firm' => $this->job()->firm]) + 1, $zip->numFiles);
        $this->get('/jobs/'.$this->job()->id.'/job.json');
        self::assertSame($this->page(), $zip->getFromName('jobs/'.$this->job()->id.'.json'));
        $this->signIn(self::OFFICE);
        $this->get('/long-work/'.$id.'/file');
        self::assertSame(403, $this->statusCode());
    }

    public function testAFirmIsClosedByItsNameAndOpenedAgainByTheKeeper(): void
    {
        $this->signIn(self::OWNER);
        $this->send('/settings/close', ['firm' => 'Tideway']);
        self::assertStringContainsString('Nothing was closed', $this->get('/settings')->text());
        $this->send('/settings/close', ['firm' => 'Tideway Drains']);
        $this->get('/');
        self::assertResponseRedirects('http://localhost/sign-in');
        $this->signIn();
        $this->get('/');
        self::assertResponseRedirects('http://localhost/sign-in');
        $this->job()->firm->access()->reopen();
        $this->manager()->flush();
        $this->signIn();
        $this->get('/');
        self::assertSame(200, $this->statusCode());
    }

    public function testANewInstallationIsBegunOnAPageThatClosesItself(): void
    {
        $this->get('/first');
        self::assertSame(404, $this->statusCode());
        foreach (['signed_in', 'long_work', 'account'] as $table) {
            $this->manager()->getConnection()->executeStatement('DELETE FROM '.$table);
        }
        $this->get('/sign-in');
        self::assertResponseRedirects('/first');
        $typed = [
            'firm' => 'Harbour Drains', 'zone' => 'Europe/Lisbon', 'name' => 'Ada', 'email' => 'ada@harbour.example', 'password' => 'short',
            'units' => 'feet',
        ];
        $this->fill($this->get('/first'), 'Begin', $typed);
        self::assertSame(422, $this->statusCode());
        self::assertStringContainsString('value="Harbour Drains"', $this->page());
        $this->fill($this->get('/first'), 'Begin', ['password' => self::PASSWORD] + $typed);
        self::assertResponseRedirects('/');
        $owner = $this->account('ada@harbour.example');
        self::assertSame([Role::Owner, UnitSystem::FeetAndInches], [$owner->role(), $owner->units()]);
        $this->get('/first');
        self::assertSame(404, $this->statusCode());
    }

    private function account(string $email): Account
    {
        return $this->manager()->getRepository(Account::class)->findOneBy(['email' => $email]) ?? self::fail($email);
    }

    private function linkIn(mixed $mail): string
    {
        self::assertInstanceOf(Email::class, $mail);
        self::assertSame(1, preg_match('~https?://\S+~', (string) $mail->getTextBody(), $found));

        return $found[0] ?? '';
    }
}
