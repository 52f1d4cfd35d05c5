<?php

declare(strict_types=1);

namespace App\Tests;

use App\Firm\Account;
use App\Firm\Role;
use App\Record\Job;
use App\Support\Database\Id;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\Routing\RouterInterface;

#[Group('any-database')]
final class AccessTest extends ApplicationTestCase
{
    private const OPEN = [
        'sign_in', 'forgotten', 'join', 'new_password', 'first_run',
        'shared_report', 'shared_pdf', 'shared_photo', 'shared_dig_sheet', 'shared_dig_sheet_pdf', 'calendar', 'no_signal',
        'health', 'metrics',
    ];

    public function testEveryPageButSignInAndShareLinksNeedsASession(): void
    {
        $job = $this->job();
        $asked = 0;
        foreach ($this->routes($job) as $name => [$method, $address]) {
            if (\in_array($name, self::OPEN, true)) {
                continue;
            }
            $this->browser->request('GET' === $method ? 'GET' : 'POST', $address);
            self::assertContains($this->statusCode(), 'GET' === $method ? [302] : [302, 403], $name);
            self::assertStringNotContainsString($job->call()->customer, $this->page(), $name);
            ++$asked;
        }
        self::assertGreaterThan(30, $asked);
    }

    public function testAnotherFirmsJobIsNotThereWhateverIsAskedOfIt(): void
    {
        $job = $this->job();
        $this->signIn(self::OTHER_FIRM);
        $token = $this->token();
        foreach ($this->routes($job) as $name => [$method, $address]) {
            if (!str_starts_with($address, '/jobs/'.$job->id)) {
                continue;
            }
            $this->browser->request($method, $address, ['_token' => $token, 'done' => 'yes', 'water' => 'on']);
            self::assertSame(404, $this->statusCode(), $name);
            self::assertStringNotContainsString($job->call()->customer, $this->page(), $name);
        }
        self::assertStringNotContainsString('Pottery', $this->get('/?find=Pottery')->filter('.day-list')->text());
    }

    public function testNothingIsChangedWithoutTheSessionsToken(): void
    {
        $job = $this->job();
        $this->signIn();
        foreach ([[], ['_token' => 'made-up']] as $fields) {
            $this->browser->request('POST', '/jobs/'.$job->id.'/hand-over/done', $fields + ['done' => 'yes']);
            self::assertSame(403, $this->statusCode());
        }
        $this->manager()->clear();
        self::assertNull($this->job()->outcome()->handedOverAt());
    }

    public function testSignInIsThrottled(): void
    {
        // An address of its own: the count of tries outlives the test.
        $this->browser->setServerParameter('REMOTE_ADDR', '10.'.random_int(0, 255).'.'.random_int(0, 255).'.7');
        for ($try = 0; $try < 6; ++$try) {
            $this->get('/sign-in');
            $this->browser->submitForm('Sign in', ['email' => 'nobody'.random_int(0, 1).'@tideway.example', 'password' => 'wrong']);
            $page = $this->browser->followRedirect()->filter('.error')->text();
        }
        for ($try = 0; $try < 6; ++$try) {
            $this->get('/sign-in');
            $this->browser->submitForm('Sign in', ['email' => self::OFFICE, 'password' => 'wrong']);
            $page = $this->browser->followRedirect()->filter('.error')->text();
        }
        self::assertStringContainsString('Too many failed login attempts', $page);
        $this->get('/sign-in');
        $this->browser->submitForm('Sign in', ['email' => self::OFFICE, 'password' => 'jurvex-demo']);
        self::assertStringContainsString(
            'Too many',
            $this->browser->followRedirect()->filter('.error')->text(),
            'the right password does not help for a while',
        );
    }

    public function testAnswersCarryTheHeadersThatKeepStrangersOut(): void
    {
        $this->get('/sign-in');
        $headers = $this->browser->getResponse()->headers;
        $policy = (string) $headers->get('Content-Security-Policy');
        self::assertStringContainsString("default-src 'self'", $policy);
        self::assertStringNotContainsString('unsafe', $policy);
        self::assertSame(['nosniff', 'DENY', 'same-origin'], [
            $headers->get('X-Content-Type-Options'),
            $headers->get('X-Frame-Options'),
            $headers->get('Referrer-Policy'),
        ]);
        self::assertDoesNotMatchRegularExpression('/ style="| onclick=|<style|javascript:/', $this->page());
        $options = self::getContainer()->getParameter('session.storage.options');
        self::assertSame([true, 'lax'], [$options['cookie_httponly'], $options['cookie_samesite']]);
    }

    public function testTheHouseRulesAreTheOffices(): void
    {
        $fields = ['water' => 'grade', 'roots' => 'source', 'limits' => ['roots_heavy_percent' => '40']];
        $this->signIn();
        $this->send('/settings/house', $fields);
        self::assertSame(403, $this->statusCode());
        $this->signIn(self::OFFICE);
        $this->send('/settings/house', $fields);
        $rules = $this->job()->firm->rules();
        self::assertSame(['grade', 'source', 40.0], [$rules->water->value, $rules->roots->value, $rules->limit('roots_heavy_percent')]);
        $this->send('/settings/house', ['limits' => ['roots_heavy_percent' => 'much']] + $fields);
        self::assertSame(422, $this->statusCode());
        self::assertStringContainsString('value="much"', $this->page());
    }

    /** @return list<array{string, bool}> */
    public static function backAddresses(): array
    {
        return [['/jobs/new', true], ['//elsewhere.example', false], ['https://elsewhere.example', false], ['/\\elsewhere.example', false]];
    }

    #[DataProvider('backAddresses')]
    public function testAPreferenceLeadsBackOnlyWithinTheSite(string $back, bool $followed): void
    {
        $this->signIn();
        $this->send('/settings/mine', ['units' => 'feet', 'theme' => 'dark', 'back' => $back]);
        self::assertResponseRedirects($followed ? $back : '/settings');
        self::assertStringContainsString('data-bs-theme="dark"', $this->get('/')->outerHtml());
    }

    /** Right by route: what is not here everybody may who is signed in. */
    private const LEAST = [
        'settings_house' => Role::Office, 'settings_firm' => Role::Office, 'prices' => Role::Office, 'house_way_in' => Role::Office,
        'house_clearing' => Role::Office, 'numbers' => Role::Office, 'calendar_new' => Role::Office, 'second_answer' => Role::Office,
        'people' => Role::Office, 'people_invite' => Role::Office, 'people_uninvite' => Role::Office, 'person' => Role::Office,
        'people_sign_out' => Role::Office, 'people_end_session' => Role::Office, 'people_disable' => Role::Office,
        'people_jobs' => Role::Office,
        'board_move' => Role::Office,
        'people_role' => Role::Owner, 'audit' => Role::Owner, 'audit_csv' => Role::Owner, 'settings_sessions' => Role::Owner,
        'firm_data' => Role::Owner, 'close_firm' => Role::Owner,
    ];

    public function testEveryRouteIsForTheRolesOfTheTable(): void
    {
        $job = $this->job();
        $heights = array_flip(array_column(Role::cases(), 'value'));
        foreach ([self::TECHNICIAN, self::OFFICE, self::OWNER] as $email) {
            $this->signIn($email);
            $role = $this->manager()->getRepository(Account::class)->findOneBy(['email' => $email])?->role() ?? self::fail();
            $token = $this->token();
            foreach ($this->routes($job) as $name => [$method, $address]) {
                $least = self::LEAST[$name] ?? Role::Technician;
                // Pages that everybody may read and some may change.
                $method = \in_array($name, ['prices', 'house_way_in', 'house_clearing'], true) ? 'POST' : $method;
                // Who is over the least role may what it may: see Role.
                $isAbove = $heights[$role->value] > $heights[$least->value];
                if ($isAbove || \in_array($name, self::OPEN, true) || 1 === preg_match('/\.(pdf|zip)$/', $address)) {
                    continue;
                }
                $this->browser->request($method, $address, ['_token' => $token]);
                self::assertSame($role !== $least, 403 === $this->statusCode(), $role->value.' at '.$name);
                if ('sign_out_everywhere' === $name) {
                    $this->signIn($email);
                    $token = $this->token();
                }
            }
        }
    }

    /** @return array<string, array{string, string}> method and address of every route of ours */
    private function routes(Job $job): array
    {
        $run = $this->lastRun($job);
        $values = [
            'job' => $job->id, 'run' => $run->id, 'id' => Id::fresh(), 'finding' => Id::fresh(), 'entry' => Id::fresh(),
            'what' => 'passes', 'token' => 'x', 'format' => 'svg', 'machine' => 'jet', 'before' => Id::fresh(), 'after' => Id::fresh(),
            'property' => $job->property()->id, 'act' => 'end', 'key' => 'x', 'session' => Id::fresh(),
        ];
        $router = self::getContainer()->get(RouterInterface::class);
        $routes = [];
        foreach ($router->getRouteCollection() as $name => $route) {
            if (str_starts_with($name, '_') || 'sign_out' === $name) {
                continue;
            }
            $wanted = array_intersect_key(
                $values,
                array_fill_keys(
                    array_map(static fn (mixed $name) => \is_string($name) ? $name : '', $route->compile()->getVariables()),
                    true,
                ),
            );
            if ('people_disable' === $name) {
                $wanted['act'] = 'disable';
            }
            if (str_contains($route->getPath(), '/runs/{id}')) {
                $wanted['id'] = $run->id;
            }
            $routes[$name] = [$route->getMethods()[0], $router->generate($name, $wanted)];
        }

        return $routes;
    }
}
