<?php

declare(strict_types=1);

namespace App\Tests;

use App\Support\Files\Store;
use App\Support\Files\Stores;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Process\Process;

/** A folder and a bucket keep the same files in the same way. */
#[Group('any-database')]
final class StoreTest extends TestCase
{
    /** More than a bucket takes in one piece. */
    private const LARGE = 17_000_000;

    private string $folder;
    private ?Process $bucket = null;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/jurvex-store-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        $this->bucket?->stop(1);
        (new Filesystem())->remove($this->folder);
    }

    #[DataProvider('places')]
    public function testKeepsFiles(bool $isBucket): void
    {
        $store = $isBucket ? $this->bucket('stand-in') : Stores::make('', $this->folder.'/recordings');
        self::assertSame([[], false], [$store->names(), $store->has('one')]);
        self::assertGreaterThan(0, $store->room());

        $store->put('one', $this->file('0123456789'));
        $store->put('two.new', $this->file('second'));
        self::assertSame(['one', 'two.new'], $store->names());
        self::assertSame('0123456789', stream_get_contents($store->open('one')));

        // One that has the name already is gone.
        $store->rename('two.new', 'one');
        self::assertSame(['one'], $store->names());
        $store->fetch('one', $this->folder.'/fetched');
        self::assertStringEqualsFile($this->folder.'/fetched', 'second');

        $store->remove('one');
        $store->remove('one');
        self::assertSame([[], false], [$store->names(), $store->has('one')]);

        $store->put('large', $this->file(str_repeat('0123456789', intdiv(self::LARGE, 10))));
        $store->fetch('large', $this->folder.'/fetched');
        self::assertSame(self::LARGE, filesize($this->folder.'/fetched'));
    }

    #[DataProvider('places')]
    public function testAnswersThePartThatAPlayerAsksFor(bool $isBucket): void
    {
        $store = $isBucket ? $this->bucket('stand-in') : Stores::make('', $this->folder.'/recordings');
        $store->put('film', $this->file('0123456789'));
        foreach ([
            '' => [200, '0123456789', null], 'bytes=0-3' => [206, '0123', 'bytes 0-3/10'], 'bytes=7-' => [206, '789', 'bytes 7-9/10'],
            'bytes=40-' => $isBucket ? [416, '', null] : [200, '0123456789', null],
        ] as $range => [$status, $body, $part]) {
            $request = Request::create('/film', server: '' === $range ? [] : ['HTTP_RANGE' => $range]);
            $answer = $store->answer('film', 'video/webm', $request);
            if ($answer instanceof BinaryFileResponse) {
                $answer->prepare($request);
            }
            self::assertSame($status, $answer->getStatusCode(), $range);
            if (416 !== $status) {
                self::assertSame([$body, $part, 'video/webm'], [
                    self::sent($answer), $answer->headers->get('Content-Range'), $answer->headers->get('Content-Type'),
                ], $range);
            }
        }
    }

    public function testABucketThatRefusesIsNotTakenForAnEmptyOne(): void
    {
        $store = $this->bucket('somebody-else');
        $this->expectException(\Throwable::class);
        $store->put('one', $this->file('lost?'));
    }

    /** @return array<string, array{bool}> */
    public static function places(): array
    {
        return ['a folder' => [false], 'a bucket' => [true]];
    }

    private function bucket(string $key): Store
    {
        mkdir($this->folder.'/bucket');
        $port = TestDatabase::isShared() ? 8394 : 8395;
        $this->bucket = new Process(
            [\PHP_BINARY, '-S', '127.0.0.1:'.$port, \dirname(__DIR__).'/bin/bucket.php'], env: ['BUCKET_FOLDER' => $this->folder.'/bucket'],
        );
        $this->bucket->disableOutput();
        $this->bucket->start();
        for ($wait = 0; $wait < 100 && false === @fsockopen('127.0.0.1', $port); ++$wait) {
            usleep(50_000);
        }

        return Stores::make("s3://$key:secret@127.0.0.1:$port/files?region=here&tls=0", '/var/recordings');
    }

    private function file(string $content): string
    {
        $path = (string) tempnam($this->folder, 'given');
        file_put_contents($path, $content);

        return $path;
    }

    private static function sent(Response $answer): string
    {
        // What is sent piece by piece is flushed on the way.
        $sent = '';
        ob_start(static function (string $piece) use (&$sent): string {
            $sent .= $piece;

            return '';
        }, 1);
        $answer->sendContent();
        ob_end_clean();

        return $sent;
    }
}
