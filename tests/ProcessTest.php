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
    use RealServer;

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
        $database = TestDatabase::copy('killed');
        $server = $this->serve($database);
        $jar = tempnam(sys_get_temp_dir(), 'jurvex') ?: '/dev/null';
        [$address, $csrf] = $this->benchOfSomeJob($jar);
        $acknowledged = [];
        // It is ended from outside, in the middle of whatever it is storing then.
        $end = new Process(['kill', '-KILL', (string) $server->getPid()]);
        for ($i = 0; $i < 2000; ++$i) {
            if (8 === $i) {
                $end->start();
            }
            $id = Id::fresh();
            $entry = ['kind' => 'crack', 'reading_from' => (string) ($i / 100), 'facts[crack_state]' => 'closed'];
            $answer = $this->curl($jar, $address.'/findings/'.$id, $entry, $csrf);
            if ('' === $answer) {
                break;
            }
            self::assertSame($id, $this->decoded($answer)['id'], $answer);
            $acknowledged[] = $id;
        }
        while ($server->isRunning()) {
            usleep(10_000);
        }
        self::assertSame(\SIGKILL, $server->getTermSignal());
        self::assertGreaterThanOrEqual(8, \count($acknowledged));

        $again = $this->serve($database);
        $this->signIn($jar);
        $list = $this->curl($jar, str_replace('/look/runs/', '/look?all=1&run=', $address));
        self::end($again);
        self::assertSame([], array_filter($acknowledged, static fn (string $id) => !str_contains($list, 'id="f-'.$id.'"')));
        if (!TestDatabase::isShared()) {
            self::assertSame('ok', $database->connection()->fetchOne('PRAGMA integrity_check'));
        }
        $database->remove();
    }

    /** @param list<string> $arguments */
    private function calc(array $arguments, string $input): Process
    {
        $process = new Process([\PHP_BINARY, 'bin/console', 'jurvex:calc', ...$arguments], self::ROOT, ['APP_ENV' => 'test']);
        $process->setInput($input);
        $process->run();

        return $process;
    }
}
