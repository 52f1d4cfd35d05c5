<?php

declare(strict_types=1);

namespace App\Support\Web;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Symfony\Component\HttpKernel\KernelEvents;
use Symfony\Component\Security\Csrf\CsrfToken;
use Symfony\Component\Security\Csrf\CsrfTokenManagerInterface;

/** Refuses every request that changes something and does not bring the session's token, in the form or as a header. */
final readonly class CsrfGuard
{
    public const TOKEN_ID = 'jurvex';

    public function __construct(private CsrfTokenManagerInterface $tokens)
    {
    }

    // After the session and the route, before the firewall: signing in is guarded too.
    #[AsEventListener(KernelEvents::REQUEST, priority: 16)]
    public function refuseStrangers(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if (!$event->isMainRequest() || $request->isMethodSafe()) {
            return;
        }
        // PHP drops the fields of what is over its limit, the token among them.
        $most = UploadedFile::getMaxFilesize();
        if ((int) $request->headers->get('Content-Length') > $most && 0 === $request->request->count() && 0 === $request->files->count()) {
            throw new HttpException(413);
        }
        $given = $request->headers->get('X-Csrf-Token') ?? $request->request->get('_token');
        if (!\is_string($given) || !$this->tokens->isTokenValid(new CsrfToken(self::TOKEN_ID, $given))) {
            throw new AccessDeniedHttpException('error.page_too_old');
        }
    }
}
