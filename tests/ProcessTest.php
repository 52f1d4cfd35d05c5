<?php

declare(strict_types=1);

namespace App\Tests;

use App\Support\Database\Id;
use Jurvex\Core\Calc\Catalogue;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** What only shows with whole processes: the command line, and a server that dies. */
final class ProcessTest extends TestCase
{
    private const ROOT = __DIR__.'/..';
    private const PORT = 8399;

    public function testACalculationIsCalledFromTheCommandLine(): void
    {
        $one = $this->calc(['grade'], '{"percent": 2}');
        self::assertSame([0, ''], [$one->getExitCode(), $one->getErrorOutput()]);
        self::assertSame(20.0, $this->decoded($one->getOutput())['mm_per_m']);

        $bad = $this->calc(['counter'], '{"reading_m": 1, "counter_factor": 0}');
        self::assertSame([2, ''], [$bad->getExitCode(), $bad->getOutput()]);
        self::assertSame(
            ['error' => 'out_of_range', 'at' => 'counter_factor', 'message' => '"counter_factor" is outside of what can be.'],
            $this->decoded($bad->getErrorOutput()),
        );

        $unknown = $this->calc(['slope'], '{}');
        self::assertSame([2, 'unknown_calculation'], [$unknown->getExitCode(), $this->decoded($unknown->getErrorOutput())['error']]);
        self::assertSame('bad_json', $this->decoded($this->calc(['grade'], '{')->getErrorOutput())['error']);

        $lines = $this->calc(['grade', '--lines'], "{\"percent\": 1}\n[]\n{\"degrees\": 0}\n");
        $answers = array_map($this->decoded(...), explode("\n", trim($lines->getOutput())));
        self::assertSame([2, 10.0, 'bad_json', 0.0], [
            $lines->getExitCode(),
            $answers[0]['mm_per_m'],
            $answers[1]['error'],
            $answers[2]['percent'],
        ]);

        $listed = $this->calc(['--list'], '')->getOutput();
        foreach (Catalogue::complete()->names() as $name) {
            self::assertMatchesRegularExpression('/^'.$name.' — \S.+$/mu', $listed);
            self::assertStringNotContainsString('calc.'.$name, $listed, 'it has its words');
        }
    }

    public function testAServerKilledInAStreamOfEntriesHasEveryOneThatItAcknowledged(): void
    {
        $database = self::ROOT.'/var/data/killed.db';
        array_map(unlink(...), glob($database.'*') ?: []);
        copy(self::ROOT.'/var/data/test.db', $database);
        $server = $this->serve($database);
        $jar = tempnam(sys_get_temp_dir(), 'jurvex') ?: '/dev/null';
        $day = $this->signIn($jar);
        preg_match_all('~/jobs/([0-9a-f-]{36})/look"~', $day, $jobs);
        $acknowledged = [];
        $address = '';
        foreach ($jobs[1] as $job) {
            $look = $this->curl($jar, '/jobs/'.$job.'/look');
            if (preg_match('~data-url="([^"]+)"~', $look, $found) && preg_match('~name="csrf" content="([^"]+)"~', $look, $token)) {
                [$address, $csrf] = [$found[1], $token[1]];
                break;
            }
        }
        self::assertNotSame('', $address);
        $killAt = microtime(true) + 1.5;
        for ($i = 0; $i < 2000; ++$i) {
            if (microtime(true) > $killAt && $server->isRunning()) {
                $server->signal(\SIGKILL);
            }
            $id = Id::fresh();
            $answer = $this->curl(
                $jar,
                $address.'/findings/'.$id,
                ['kind' => 'crack', 'reading_from' => (string) ($i / 100), 'facts[crack_state]' => 'closed'],
                $csrf ?? '',
            );
            if ('' === $answer) {
                break;
            }
            self::assertSame($id, $this->decoded($answer)['id'], $answer);
            $acknowledged[] = $id;
        }
        $server->wait();
        self::assertSame(\SIGKILL, $server->getTermSignal());
        self::assertGreaterThan(5, \count($acknowledged));

        $again = $this->serve($database);
        $this->signIn($jar);
        $list = $this->curl($jar, str_replace('/look/runs/', '/look?all=1&run=', $address));
        $again->stop(1);
        $missing = array_filter($acknowledged, static fn (string $id) => !str_contains($list, 'id="f-'.$id.'"'));
        self::assertSame([], $missing);
        $check = new \PDO('sqlite:'.$database);
        self::assertSame('ok', ($check->query('PRAGMA integrity_check') ?: null)?->fetchColumn());
        array_map(unlink(...), glob($database.'*') ?: []);
    }

    private function serve(string $database): Process
    {
        $server = new Process(
            [\PHP_BINARY, '-d', 'variables_order=EGPCS', '-S', '127.0.0.1:'.self::PORT, '-t', 'public', 'config/router.php'],
            self::ROOT,
            ['APP_ENV' => 'prod', 'APP_DEBUG' => '0', 'APP_SECRET' => 'for-a-killed-server', 'DATABASE_URL' => 'sqlite:///'.$database],
            null, 120,
        );
        $server->start();
        for ($wait = 0; $wait < 100; ++$wait) {
            usleep(100_000);
            if ('' !== $this->curl('/dev/null', '/sign-in')) {
                return $server;
            }
        }
        self::fail('The server did not start: '.$server->getErrorOutput());
    }

    /** @param non-empty-string $jar */
    private function signIn(string $jar): string
    {
        preg_match('~name="csrf" content="([^"]+)"~', $this->curl($jar, '/sign-in'), $token);
        $this->curl($jar, '/sign-in', ['email' => 'ana@tideway.example', 'password' => 'jurvex-demo', '_token' => $token[1] ?? '']);

        return $this->curl($jar, '/');
    }

    /**
     * @param non-empty-string      $jar
     * @param array<string, string> $fields
     */
    private function curl(string $jar, string $path, array $fields = [], string $token = ''): string
    {
        $curl = curl_init('http://127.0.0.1:'.self::PORT.$path);
        self::assertNotFalse($curl);
        curl_setopt_array($curl, [
            \CURLOPT_RETURNTRANSFER => true, \CURLOPT_COOKIEFILE => $jar, \CURLOPT_COOKIEJAR => $jar,
            \CURLOPT_TIMEOUT => 10,
            \CURLOPT_HTTPHEADER => '' === $token ? [] : ['X-Csrf-Token: '.$token, 'X-Requested-With: XMLHttpRequest'],
        ]);
        if ([] !== $fields) {
            curl_setopt($curl, \CURLOPT_POSTFIELDS, http_build_query($fields));
        }
        $answer = curl_exec($curl);

        return \is_string($answer) ? $answer : '';
    }

    /** @param list<string> $arguments */
    private function calc(array $arguments, string $input): Process
    {
        $process = new Process([\PHP_BINARY, 'bin/console', 'jurvex:calc', ...$arguments], self::ROOT, ['APP_ENV' => 'test']);
        $process->setInput($input);
        $process->run();

        return $process;
    }

    /** @return array<mixed> */
    private function decoded(string $json): array
    {
        $values = json_decode($json, true, 64, \JSON_THROW_ON_ERROR);
        self::assertIsArray($values);

        return $values;
    }
}
