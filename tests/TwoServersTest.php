<?php

declare(strict_types=1);

namespace App\Tests;

use App\Support\Database\Id;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;

/** Two application servers behind nginx on one PostgreSQL: whoever signed in at one is known to the other, and either may die. */
final class TwoServersTest extends TestCase
{
    use RealServer;

    private const POSTS = 60;
    private const KILLED_AT = 20;

    private Filesystem $files;
    private string $folder;
    /** @var array<string, Process> */
    private array $processes = [];

    protected function setUp(): void
    {
        if (!TestDatabase::isShared()) {
            self::markTestSkipped('One file serves one server.');
        }
        $this->files = new Filesystem();
        $this->folder = sys_get_temp_dir().'/jurvex-two-'.bin2hex(random_bytes(4));
        $this->files->mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        if (TestDatabase::isShared()) {
            array_map(self::end(...), $this->processes);
            $this->files->remove($this->folder);
        }
    }

    public function testOneThatDiesAmongEntriesLosesNoneAndShowsNoneTwice(): void
    {
        $database = TestDatabase::copy('two_servers');
        try {
            foreach (['a', 'b'] as $name) {
                $this->processes[$name] = $this->pool($name, $database);
            }
            $this->processes['nginx'] = $this->nginx();
            $jar = tempnam($this->folder, 'jar') ?: '/dev/null';
            [$address, $csrf] = $this->benchOfSomeJob($jar);
            $before = $database->count('logged_finding');
            $served = $sent = [];
            for ($i = 0; $i < self::POSTS; ++$i) {
                if (self::KILLED_AT === $i) {
                    self::assertSame(['a.sock', 'b.sock'], $this->sorted($served), 'Both have served until now.');
                    $served = [];
                    $this->dieSoon('a');
                }
                $sent[] = $id = Id::fresh();
                $served[] = $this->untilTaken($jar, $address.'/findings/'.$id, (string) ($i / 100), $csrf);
            }
            self::assertContains('b.sock', $served);
            /** @var list<string> $rows */
            $rows = $database->connection()->fetchFirstColumn('SELECT id FROM logged_finding');
            self::assertSame([], array_diff($sent, $rows), 'Lost.');
            self::assertSame($before + self::POSTS, \count($rows), 'Twice.');
            $list = $this->curl($jar, str_replace('/look/runs/', '/look?all=1&run=', $address));
            self::assertSame([], array_filter($sent, static fn (string $id) => 1 !== substr_count($list, 'id="f-'.$id.'"')));
        } finally {
            array_map(self::end(...), $this->processes);
            $this->processes = [];
            $database->remove();
        }
    }

    /**
     * As a browser's queue does: sent again under its identifier until somebody says that it is stored.
     *
     * @param non-empty-string $jar
     */
    private function untilTaken(string $jar, string $address, string $place, string $csrf): string
    {
        for ($try = 0; $try < 20; ++$try) {
            $curl = self::request($jar, $address, ['kind' => 'crack', 'reading_from' => $place, 'facts[crack_state]' => 'closed'], $csrf);
            $by = '';
            curl_setopt($curl, \CURLOPT_HEADERFUNCTION, static function (\CurlHandle $of, string $line) use (&$by): int {
                $by = str_starts_with($line, 'X-Served-By: ') ? basename(trim($line)) : $by;

                return \strlen($line);
            });
            $answer = curl_exec($curl);
            $status = curl_getinfo($curl, \CURLINFO_RESPONSE_CODE);
            if (\in_array($status, [200, 201], true)) {
                self::assertSame(basename($address), $this->decoded((string) $answer)['id'], (string) $answer);

                return $by;
            }
            self::assertContains($status, [0, 502, 504], (string) $answer);
            usleep(50_000);
        }
        self::fail('Nobody took it.');
    }

    /** Ended from outside, in the middle of whatever it is storing then. */
    private function dieSoon(string $name): void
    {
        $group = (string) $this->processes[$name]->getPid();
        (new Process(['setsid', '-f', 'sh', '-c', 'sleep 0.03; kill -KILL -- -'.$group]))->run();
    }

    private function pool(string $name, TestDatabase $database): Process
    {
        $me = (string) (posix_getpwuid(posix_geteuid())['name'] ?? 'root');
        $this->files->dumpFile($this->folder."/$name.conf", <<<CONF
            [global]
            error_log = {$this->folder}/$name.log
            daemonize = no
            [www]
            user = $me
            listen = {$this->folder}/$name.sock
            listen.mode = 0666
            pm = static
            pm.max_children = 2
            clear_env = no
            CONF);
        $server = new Process([
            'setsid', is_executable('/usr/sbin/php-fpm8.2') ? '/usr/sbin/php-fpm8.2' : 'php-fpm8.2', '--allow-to-run-as-root',
            '-d', 'opcache.enable=1', '--fpm-config', $this->folder."/$name.conf",
        ], self::ROOT, [
            'APP_ENV' => 'prod', 'APP_DEBUG' => '0', 'APP_SECRET' => 'for-two-servers', 'DATABASE_URL' => $database->url,
        ], null, 120);

        return $this->started($server, fn () => file_exists($this->folder."/$name.sock"));
    }

    private function nginx(): Process
    {
        $me = (string) (posix_getpwuid(posix_geteuid())['name'] ?? 'root');
        [$in, $port, $root] = [$this->folder, self::port(), (string) realpath(self::ROOT)];
        $this->files->dumpFile($in.'/nginx.conf', <<<CONF
            pid $in/nginx.pid; error_log $in/nginx.log; user $me; worker_processes 1; daemon off;
            events { worker_connections 64; }
            http {
                include /etc/nginx/mime.types;
                access_log off;
                client_body_temp_path $in/body; proxy_temp_path $in/proxy; fastcgi_temp_path $in/fastcgi;
                uwsgi_temp_path $in/uwsgi; scgi_temp_path $in/scgi;
                upstream servers { server unix:$in/a.sock fail_timeout=60s max_fails=1; server unix:$in/b.sock; }
                server {
                    listen 127.0.0.1:$port;
                    root $root/public;
                    add_header X-Served-By \$upstream_addr always;
                    location / { try_files \$uri /index.php\$is_args\$args; }
                    location = /index.php {
                        include /etc/nginx/fastcgi_params; fastcgi_param HTTP_HOST \$host:$port;
                        fastcgi_param SCRIPT_FILENAME $root/public/index.php; fastcgi_pass servers;
                        fastcgi_buffers 32 64k; fastcgi_buffer_size 64k;
                    }
                }
            }
            CONF);

        return $this->started(
            new Process(['setsid', is_executable('/usr/sbin/nginx') ? '/usr/sbin/nginx' : 'nginx', '-c', $in.'/nginx.conf'], timeout: 120),
            fn () => '' !== $this->curl('/dev/null', '/sign-in'),
        );
    }

    /** @param \Closure(): bool $isThere */
    private function started(Process $process, \Closure $isThere): Process
    {
        $process->start();
        for ($wait = 0; $wait < 100; ++$wait) {
            usleep(100_000);
            if ($isThere()) {
                return $process;
            }
        }
        self::fail($process->getErrorOutput());
    }

    /**
     * @param list<string> $names
     *
     * @return list<string>
     */
    private function sorted(array $names): array
    {
        $names = array_values(array_unique($names));
        sort($names);

        return $names;
    }
}
