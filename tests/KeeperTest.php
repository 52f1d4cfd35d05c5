<?php

declare(strict_types=1);

namespace App\Tests;

use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;

/** What the server's keeper needs: whether it works, what it does, copies of all data. */
final class KeeperTest extends ApplicationTestCase
{
    public function testTheServerSaysWhetherItWorksAndNumbersItsAnswers(): void
    {
        $this->get('/health');
        self::assertSame(200, $this->statusCode());
        self::assertSame(['status' => 'ok', 'database' => true, 'files' => true, 'room' => true], json_decode($this->page(), true));
        $one = $this->browser->getResponse()->headers->get('X-Request-Number');
        $this->get('/health');
        self::assertNotSame($one, $this->browser->getResponse()->headers->get('X-Request-Number'));
    }

    public function testNumbersAreToldAtTheKeepersAddressOnly(): void
    {
        foreach (['/metrics/', '/metrics/guess'] as $address) {
            $this->get($address);
            self::assertContains($this->statusCode(), [404, 302], $address);
        }
        $_ENV['METRICS_KEY'] = 'watch';
        $this->open();
        $this->get('/metrics/watch');
        unset($_ENV['METRICS_KEY']);
        self::assertSame(200, $this->statusCode());
        foreach (['jurvex_jobs', 'jurvex_findings_last_hour', 'jurvex_long_work_waiting'] as $name) {
            self::assertMatchesRegularExpression('/^'.$name.' \d+$/m', $this->page());
        }
    }

    public function testACopyOfAllDataIsTriedOutAndPutBack(): void
    {
        $files = new Filesystem();
        $folder = sys_get_temp_dir().'/jurvex-keeper-'.bin2hex(random_bytes(4));
        [$one, $two] = [TestDatabase::copy('keeper_one'), TestDatabase::blank('keeper_two')];
        try {
            $made = self::console($one, 'jurvex:backup', $folder);
            self::assertSame(0, $made->getExitCode(), $made->getOutput());
            $copy = (string) current(glob($folder.'/jurvex-*') ?: []);

            self::assertSame(1, self::console($one, 'jurvex:restore', $copy)->getExitCode(), 'Not over data that are there.');
            $back = self::console($two, 'jurvex:restore', $copy);
            self::assertSame(0, $back->getExitCode(), $back->getOutput());
            self::assertGreaterThan(0, $one->count('logged_finding'));
            self::assertSame($one->count('logged_finding'), $two->count('logged_finding'));

            file_put_contents($copy.'/'.(TestDatabase::isShared() ? 'jurvex.dump' : 'jurvex.db'), 'spoiled');
            $refused = self::console($two, 'jurvex:restore', $copy, '--over');
            self::assertSame(1, $refused->getExitCode());
            self::assertStringContainsString('Nothing was changed', $refused->getOutput());
        } finally {
            $files->remove($folder);
            $one->remove();
            $two->remove();
        }
    }

    public function testAllDataMoveToAnotherDatabaseWholeOrNotAtAll(): void
    {
        $home = TestDatabase::copy('keeper_one');
        $file = TestDatabase::file('keeper_away');
        $again = TestDatabase::blank('keeper_two');
        try {
            $jobs = $home->connection()->fetchFirstColumn('SELECT id FROM job ORDER BY id');
            self::assertGreaterThan(5, \count($jobs));
            foreach ([[$home, $file], [$file, $again]] as [$from, $to]) {
                $moved = self::console($from, 'jurvex:move', $to->url);
                self::assertSame(0, $moved->getExitCode(), $moved->getOutput());
            }
            foreach ([0, 5] as $i) {
                [$before, $after] = array_map(static fn (TestDatabase $each) => self::console(
                    $each, 'jurvex:job:export', \is_string($jobs[$i]) ? $jobs[$i] : '',
                )->getOutput(), [$home, $again]);
                self::assertStringContainsString('"format": "jurvex-job"', $before);
                self::assertSame($before, $after);
            }
            self::assertSame($home->count('said_words'), $again->count('said_words'));
            // What is there already is never mixed with what comes.
            self::assertSame(1, self::console($file, 'jurvex:move', $home->url)->getExitCode());
            // Something that points to what is not there: nothing of it comes.
            $file->connection()->executeStatement('PRAGMA foreign_keys = OFF');
            $file->connection()->executeStatement('DELETE FROM firm');
            $again->remove();
            $refused = self::console($file, 'jurvex:move', TestDatabase::blank('keeper_two')->url);
            self::assertSame(1, $refused->getExitCode(), $refused->getOutput());
            self::assertStringContainsString('Nothing was moved', $refused->getOutput());
            self::assertSame(0, $again->count('job'));
        } finally {
            array_map(static fn (TestDatabase $each) => $each->remove(), [$home, $file, $again]);
        }
    }

    private static function console(TestDatabase $database, string ...$arguments): Process
    {
        $process = new Process([\PHP_BINARY, 'bin/console', ...$arguments], \dirname(__DIR__), [
            'APP_ENV' => 'test', 'APP_DEBUG' => '0', 'DATABASE_URL' => $database->url,
        ], timeout: 120);
        $process->run();

        return $process;
    }
}
