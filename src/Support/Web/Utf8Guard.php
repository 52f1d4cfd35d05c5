<?php

declare(strict_types=1);

namespace App\Support\Web;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;
use Symfony\Component\HttpKernel\KernelEvents;

/** Refuses every request with text in its fields, its address or its files' names that is not UTF-8. */
final class Utf8Guard
{
    // Before anything reads a field.
    #[AsEventListener(KernelEvents::REQUEST, priority: 120)]
    public function refuse(RequestEvent $event): void
    {
        if (!$event->isMainRequest()) {
            return;
        }
        $request = $event->getRequest();
        $given = [rawurldecode($request->getPathInfo()), $request->query->all(), $request->request->all(), $request->files->all()];
        array_walk_recursive($given, self::check(...));
    }

    private static function check(mixed $value, int|string $name): void
    {
        $text = $value instanceof UploadedFile ? $value->getClientOriginalName() : $value;
        if (!mb_check_encoding((string) $name, 'UTF-8') || (\is_string($text) && !mb_check_encoding($text, 'UTF-8'))) {
            throw new BadRequestHttpException('error.not_utf8');
        }
    }
}
