<?php

declare(strict_types=1);

namespace App\Tests;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** A server whose requests may use 128 MB each takes the largest file of each kind that is allowed. */
#[Group('any-database')]
final class MemoryTest extends TestCase
{
    use RealServer;

    private const READINGS_BYTES = 3_990_000;
    private const ROWS = 5_000;
    private const PICTURES = 20;
    private const LONGEST_S = 120;

    public function testTheLargestOfEachKindIsTaken(): void
    {
        $database = TestDatabase::copy('memory');
        $server = $this->serve($database);
        $jar = tempnam(sys_get_temp_dir(), 'jurvex') ?: '/dev/null';
        try {
            preg_match('~name="csrf" content="([^"]+)"~', $this->signIn($jar), $token);
            [$job, $run] = $this->someRun($database);
            $files = [
                '/import' => ['file', self::jobFile()],
                $job.'/hand-over/findings' => [
                    'file',
                    "kind,from_m,note\n".str_repeat('crack,12.5,'.str_repeat('x', 300)."\n", self::ROWS),
                ],
                $job.'/look/runs/'.$run.'/readings' => ['readings', self::readings()],
            ];
            foreach ($files as $address => [$field, $content]) {
                $path = (string) tempnam(sys_get_temp_dir(), 'jurvex');
                file_put_contents($path, $content);
                $curl = self::request($jar, $address, [
                    'run' => $run, $field => new \CURLFile($path, 'application/octet-stream', 'large'),
                ], $token[1] ?? '');
                $answer = curl_exec($curl);
                unlink($path);
                self::assertSame(
                    303,
                    curl_getinfo($curl, \CURLINFO_RESPONSE_CODE),
                    $address.': '.substr(strip_tags((string) $answer), 0, 1500),
                );
                $watched = parse_url((string) curl_getinfo($curl, \CURLINFO_REDIRECT_URL), \PHP_URL_PATH);
                if (\is_string($watched) && str_starts_with($watched, '/long-work/')) {
                    $this->waitUntilTaken($jar, $watched);
                }
            }
        } finally {
            self::end($server);
            $database->remove();
        }
    }

    /**
     * The server has started it by itself, with no more memory than it has.
     *
     * @param non-empty-string $jar
     */
    private function waitUntilTaken(string $jar, string $address): void
    {
        $begun = hrtime(true);
        do {
            usleep(200_000);
            $curl = self::request($jar, $address, [], '');
            $page = (string) curl_exec($curl);
        } while (str_contains($page, '<progress') && hrtime(true) - $begun < self::LONGEST_S * 1e9);
        self::assertSame(302, curl_getinfo($curl, \CURLINFO_RESPONSE_CODE), substr(strip_tags($page), 0, 1500));
    }

    /** @return array{string, string} */
    private function someRun(TestDatabase $database): array
    {
        $query = "SELECT job_id, run.id FROM run JOIN job ON job.id = run.job_id WHERE place LIKE 'Boat%'";
        $row = $database->connection()->fetchNumeric($query);
        \assert(\is_array($row) && \is_string($row[0]) && \is_string($row[1]));

        return ['/jobs/'.$row[0], $row[1]];
    }

    private static function readings(): string
    {
        $lines = '';
        for ($i = 0; \strlen($lines) < self::READINGS_BYTES; ++$i) {
            $lines .= \sprintf("%.2f,%.3f,1.20,0.0,lens=0.10\n", $i / 5, 30 * abs(sin($i / 9000)));
        }

        return $lines;
    }

    /** Four megabytes of findings and as many pictures as make some sixty more. */
    private static function jobFile(): string
    {
        $file = (array) json_decode((string) file_get_contents(__DIR__.'/fixtures/job-version-1.json'), true, 64, \JSON_THROW_ON_ERROR);
        \assert(\is_array($file['runs']) && \is_array($file['runs'][0]) && \is_array($file['runs'][0]['findings']));
        $one = $file['runs'][0]['findings'][0];
        \assert(\is_array($one) && \is_string($one['id']));
        $findings = [];
        for ($i = 0; $i < self::ROWS; ++$i) {
            $id = substr($one['id'], 0, -8).\sprintf('%08x', $i);
            $findings[] = [...$one, 'id' => $id, 'replaces' => null, 'opinions' => [], 'photo' => null];
        }
        $picture = self::picture();
        for ($i = 0; $i < self::PICTURES; ++$i) {
            $findings[$i]['photo'] = $picture;
        }
        $file['runs'][0]['findings'] = $findings;

        return str_replace(['"facts":[]', '"changes":[]'], ['"facts":{}', '"changes":{}'], json_encode($file, \JSON_THROW_ON_ERROR));
    }

    /** Noise, which no JPEG makes small: about a megabyte. */
    private static function picture(): string
    {
        $canvas = imagecreatetruecolor(1600, 1200);
        \assert(false !== $canvas);
        mt_srand(1);
        for ($y = 0; $y < 1200; $y += 2) {
            for ($x = 0; $x < 1600; $x += 2) {
                imagefilledrectangle($canvas, $x, $y, $x + 1, $y + 1, mt_rand(0, 0xFFFFFF));
            }
        }
        ob_start();
        imagejpeg($canvas, null, 82);

        return base64_encode((string) ob_get_clean());
    }
}
