<?php

declare(strict_types=1);

namespace App\Support\Web;

use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Answers that are files, and answers to whoever holds a link. */
final class Download
{
    /** @param string|resource $content */
    public static function file(
        mixed $content, string $type, string $name, string $disposition = HeaderUtils::DISPOSITION_ATTACHMENT,
    ): Response {
        $headers = [
            'Content-Type' => $type, 'Content-Disposition' => HeaderUtils::makeDisposition($disposition, $name),
            'Cache-Control' => 'private, no-store',
        ];

        return \is_string($content)
            ? new Response($content, 200, $headers)
            : new StreamedResponse(static fn () => fpassthru($content), 200, $headers);
    }

    /** Nobody finds it who was not given its address, and the address goes nowhere else. */
    public static function unlisted(Response $response): Response
    {
        $response->headers->set('X-Robots-Tag', 'noindex, nofollow');
        $response->headers->set('Referrer-Policy', 'no-referrer');
        $response->headers->set('Cache-Control', 'private, no-store');

        return $response;
    }
}
