<?php

declare(strict_types=1);

namespace App\Support\Web;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\HttpKernel\KernelEvents;

/**
 * What a browser asks for or sends by itself changes nothing of who is signed in on it: its answer may arrive after the one that
 * somebody signs in with, and would put an older session in the place of that.
 */
final readonly class QuietRequests
{
    private const HEADERS = ['X-Queued', 'X-Along'];

    // After the framework has put the session's cookie on the answer.
    #[AsEventListener(KernelEvents::RESPONSE, priority: -1100)]
    public function leaveTheSession(ResponseEvent $event): void
    {
        $request = $event->getRequest();
        $isQuiet = [] !== array_filter(self::HEADERS, static fn (string $name) => $request->headers->has($name));
        if ($event->isMainRequest() && $isQuiet && $request->hasSession()) {
            $event->getResponse()->headers->removeCookie($request->getSession()->getName());
        }
    }
}
