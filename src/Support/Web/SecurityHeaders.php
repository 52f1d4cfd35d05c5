<?php

declare(strict_types=1);

namespace App\Support\Web;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\HttpKernel\KernelEvents;

/** Nothing from elsewhere, nothing inline, no frames. */
final class SecurityHeaders
{
    private const HEADERS = [
        'Content-Security-Policy' => "default-src 'self'; img-src 'self' data:; object-src 'none'; base-uri 'none'; "
            ."form-action 'self'; frame-ancestors 'none'",
        'X-Content-Type-Options' => 'nosniff',
        'X-Frame-Options' => 'DENY',
        'Referrer-Policy' => 'same-origin',
        'Permissions-Policy' => 'geolocation=(), microphone=(), payment=()',
        'Cross-Origin-Opener-Policy' => 'same-origin',
    ];

    #[AsEventListener(KernelEvents::RESPONSE)]
    public function add(ResponseEvent $event): void
    {
        foreach (self::HEADERS as $name => $value) {
            if (!$event->getResponse()->headers->has($name)) {
                $event->getResponse()->headers->set($name, $value);
            }
        }
    }
}
