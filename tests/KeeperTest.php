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
        self::ensureKernelShutdown();
        $this->browser = self::createClient();
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
        $files->mkdir($folder);
        try {
            $console = static function (string $database, string ...$arguments) use ($folder): Process {
                $process = new Process([\PHP_BINARY, 'bin/console', ...$arguments], \dirname(__DIR__), [
                    'APP_ENV' => 'test', 'APP_DEBUG' => '0', 'DATABASE_URL' => 'sqlite:///'.$folder.'/'.$database,
                ], timeout: 120);
                $process->run();

                return $process;
            };
            self::assertSame(0, $console('one.db', 'doctrine:migrations:migrate', '-n', '-q')->getExitCode());
            self::assertSame(0, $console('one.db', 'jurvex:firm:create', 'Harbour Drains', 'Europe/Lisbon')->getExitCode());
            $made = $console('one.db', 'jurvex:backup', $folder.'/copies');
            self::assertSame(0, $made->getExitCode(), $made->getOutput());
            $copy = (string) current(glob($folder.'/copies/jurvex-*') ?: []);

            self::assertSame(1, $console('one.db', 'jurvex:restore', $copy)->getExitCode(), 'Not over data that are there.');
            $back = $console('two.db', 'jurvex:restore', $copy);
            self::assertSame(0, $back->getExitCode(), $back->getOutput());
            $firms = (new \PDO('sqlite:'.$folder.'/two.db'))->query('SELECT name FROM firm') ?: self::fail();
            self::assertSame('Harbour Drains', $firms->fetchColumn());

            file_put_contents($copy.'/jurvex.db', 'spoiled');
            $refused = $console('three.db', 'jurvex:restore', $copy);
            self::assertSame(1, $refused->getExitCode());
            self::assertStringContainsString('Nothing was changed', $refused->getOutput());
        } finally {
            $files->remove($folder);
        }
    }
}
