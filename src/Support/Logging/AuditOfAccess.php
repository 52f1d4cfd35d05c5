<?php

declare(strict_types=1);

namespace App\Support\Logging;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\HttpKernel\KernelEvents;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use Symfony\Component\Security\Http\Event\LoginFailureEvent;
use Symfony\Component\Security\Http\Event\LoginSuccessEvent;
use Symfony\Component\Security\Http\Event\LogoutEvent;

/** Who signed in and out, who failed to, and who was refused. */
final readonly class AuditOfAccess
{
    private const FORBIDDEN = 403;

    public function __construct(private Audit $audit)
    {
    }

    #[AsEventListener]
    public function signedIn(LoginSuccessEvent $event): void
    {
        $user = $event->getUser();
        $this->audit->note('signed_in', ['who' => $user->getUserIdentifier()], $user instanceof OfAFirm ? $user : null);
    }

    #[AsEventListener]
    public function failed(LoginFailureEvent $event): void
    {
        $badge = $event->getPassport()?->getBadge(UserBadge::class);
        $who = $badge instanceof UserBadge ? $badge->getUserIdentifier() : null;
        try {
            $user = $event->getPassport()?->getUser();
        } catch (AuthenticationException) {
            // Nobody signs in with this address: it is of no firm.
            $user = null;
        }
        $this->audit->note(
            'sign_in_failed', ['who' => $who, 'why' => $event->getException()->getMessageKey()], $user instanceof OfAFirm ? $user : null,
        );
    }

    #[AsEventListener]
    public function signedOut(LogoutEvent $event): void
    {
        $user = $event->getToken()?->getUser();
        $this->audit->note('signed_out', ['who' => $user?->getUserIdentifier()], $user instanceof OfAFirm ? $user : null);
    }

    // Before the firewall makes a sign-in page of it.
    #[AsEventListener(KernelEvents::EXCEPTION, priority: 10)]
    public function refused(ExceptionEvent $event): void
    {
        $error = $event->getThrowable();
        $isForbidden = $error instanceof HttpExceptionInterface && self::FORBIDDEN === $error->getStatusCode();
        if ($error instanceof AccessDeniedException || $isForbidden) {
            $this->audit->note('refused', ['method' => $event->getRequest()->getMethod(), 'path' => $event->getRequest()->getPathInfo()]);
        }
    }
}
