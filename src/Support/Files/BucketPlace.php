<?php

declare(strict_types=1);

namespace App\Support\Files;

use Aws\S3\Exception\S3Exception;
use Aws\S3\S3ClientInterface;
use Psr\Http\Message\StreamInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** A part of a bucket that speaks S3. Only this application asks it: whoever may see a file is known here alone. */
final readonly class BucketPlace implements StorePlace
{
    private const PIECE = 65_536;
    private const TOLD = ['ContentLength' => 'Content-Length', 'ContentRange' => 'Content-Range', 'ETag' => 'ETag'];

    public function __construct(private S3ClientInterface $bucket, private string $name, private string $prefix)
    {
    }

    public function room(): float
    {
        return \INF;
    }

    public function answer(string $name, string $type, Request $request): Response
    {
        $range = $request->headers->get('Range', '');
        $isPart = 1 === preg_match('/^bytes=(\d+-\d*|-\d+)$/', (string) $range);
        try {
            $found = $this->bucket->getObject([
                'Bucket' => $this->name, 'Key' => $this->prefix.'/'.$name, '@http' => ['stream' => true],
                ...$isPart ? ['Range' => $range] : [],
            ]);
        } catch (S3Exception $refused) {
            if (Response::HTTP_REQUESTED_RANGE_NOT_SATISFIABLE !== $refused->getStatusCode()) {
                throw $refused;
            }

            return new Response(status: Response::HTTP_REQUESTED_RANGE_NOT_SATISFIABLE);
        }
        $body = $found['Body'];
        \assert($body instanceof StreamInterface);
        $response = new StreamedResponse(static function () use ($body): void {
            while (!$body->eof()) {
                echo $body->read(self::PIECE);
                flush();
            }
        }, $isPart ? Response::HTTP_PARTIAL_CONTENT : Response::HTTP_OK, [
            'Content-Type' => $type, 'Accept-Ranges' => 'bytes', 'Cache-Control' => 'private',
        ]);
        foreach (self::TOLD as $told => $header) {
            if (\is_scalar($found[$told] ?? null)) {
                $response->headers->set($header, (string) $found[$told]);
            }
        }

        return $response;
    }
}
