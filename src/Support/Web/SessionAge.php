<?php

declare(strict_types=1);

namespace App\Support\Web;

use App\Support\Time\SystemClock;
use Psr\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\KernelEvents;

/** Ends a session that nobody used for as long as the configuration says; PHP alone only may sweep it away some time later. */
final readonly class SessionAge
{
    public function __construct(
        #[Autowire(service: SystemClock::class)] private ClockInterface $clock,
        #[Autowire('%session_idle_s%')] private int $idleSeconds,
    ) {
    }

    // After the session is there, before the firewall reads who is signed in.
    #[AsEventListener(KernelEvents::REQUEST, priority: 20)]
    public function end(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if (!$event->isMainRequest() || !$request->hasPreviousSession()) {
            return;
        }
        $session = $request->getSession();
        // Only a session that has been read knows when it was used last.
        $session->start();
        $lastUsed = $session->getMetadataBag()->getLastUsed();
        if ($lastUsed > 0 && $this->clock->now()->getTimestamp() - $lastUsed > $this->idleSeconds) {
            $session->invalidate();
        }
    }
}
