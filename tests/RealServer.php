<?php

declare(strict_types=1);

namespace App\Tests;

use Symfony\Component\Process\Process;

/** A server of its own on a copy of the tests' database, spoken to as a browser does. */
trait RealServer
{
    private const ROOT = __DIR__.'/..';

    /** Another one beside, where the same tests go on another database meanwhile. */
    private static function port(): int
    {
        return TestDatabase::isShared() ? 8396 : 8399;
    }

    private function serve(TestDatabase $database, int $workers = 1): Process
    {
        $environment = [
            'APP_ENV' => 'prod', 'APP_DEBUG' => '0', 'APP_SECRET' => 'for-a-killed-server', 'DATABASE_URL' => $database->url,
        ];
        // PHP forks helpers only for two and more.
        $environment += $workers > 1 ? ['PHP_CLI_SERVER_WORKERS' => (string) $workers] : [];
        // In a group of its own, so that its helpers end with it.
        $server = new Process([
            'setsid', \PHP_BINARY, '-d', 'variables_order=EGPCS', '-d', 'memory_limit=128M', '-d', 'upload_max_filesize=512M',
            '-d', 'post_max_size=520M', '-d', 'opcache.enable_cli=1', '-S', '127.0.0.1:'.self::port(), '-t', 'public', 'config/router.php',
        ], self::ROOT, $environment, null, 120);
        $server->disableOutput();
        $server->start();
        for ($wait = 0; $wait < 100; ++$wait) {
            usleep(100_000);
            if ('' !== $this->curl('/dev/null', '/sign-in')) {
                return $server;
            }
        }
        self::end($server);
        self::fail('The server did not start.');
    }

    private static function end(Process $server): void
    {
        $group = $server->getPid();
        if (null !== $group) {
            posix_kill(-$group, \SIGKILL);
        }
        while ($server->isRunning()) {
            usleep(10_000);
        }
    }

    /** @param non-empty-string $jar */
    private function signIn(string $jar): string
    {
        preg_match('~name="csrf" content="([^"]+)"~', $this->curl($jar, '/sign-in'), $token);
        $this->curl($jar, '/sign-in', ['email' => 'ana@tideway.example', 'password' => 'jurvex-demo', '_token' => $token[1] ?? '']);

        return $this->curl($jar, '/');
    }

    /**
     * @param non-empty-string $jar
     * @param array<string, mixed> $fields
     */
    private function curl(string $jar, string $path, array $fields = [], string $token = ''): string
    {
        $answer = curl_exec(self::request($jar, $path, $fields, $token));

        return \is_string($answer) ? $answer : '';
    }

    /**
     * @param non-empty-string $jar
     * @param array<string, mixed> $fields
     */
    private static function request(string $jar, string $path, array $fields, string $token): \CurlHandle
    {
        $curl = curl_init('http://127.0.0.1:'.self::port().$path);
        self::assertNotFalse($curl);
        curl_setopt_array($curl, [
            \CURLOPT_RETURNTRANSFER => true, \CURLOPT_COOKIEFILE => $jar, \CURLOPT_COOKIEJAR => $jar, \CURLOPT_TIMEOUT => 120,
            \CURLOPT_HTTPHEADER => '' === $token ? [] : ['X-Csrf-Token: '.$token, 'X-Requested-With: XMLHttpRequest'],
        ]);
        if ([] !== $fields) {
            $hasFile = [] !== array_filter($fields, static fn (mixed $value) => $value instanceof \CURLFile);
            curl_setopt($curl, \CURLOPT_POSTFIELDS, $hasFile ? $fields : http_build_query($fields));
        }

        return $curl;
    }

    /**
     * @param non-empty-string $jar
     *
     * @return array{string, string} address of a run that is open, and the session's token
     */
    private function benchOfSomeJob(string $jar): array
    {
        preg_match_all('~/jobs/([0-9a-f-]{36})/look"~', $this->signIn($jar), $jobs);
        foreach ($jobs[1] as $job) {
            $look = $this->curl($jar, '/jobs/'.$job.'/look');
            if (preg_match('~data-url="([^"]+)"~', $look, $found) && preg_match('~name="csrf" content="([^"]+)"~', $look, $token)) {
                return [$found[1], $token[1]];
            }
        }
        self::fail('No job of the day has a run.');
    }

    /** @return array<mixed> */
    private function decoded(string $json): array
    {
        $values = json_decode($json, true, 64, \JSON_THROW_ON_ERROR);
        self::assertIsArray($values);

        return $values;
    }
}
