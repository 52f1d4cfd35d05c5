<?php

declare(strict_types=1);

namespace App\Support\Logging;

use Psr\Log\LoggerInterface;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\RequestStack;

/** Says in a log of its own who did what with the firm's data: signing in, refusals, exports, share links. */
final readonly class Audit
{
    public function __construct(private LoggerInterface $auditLogger, private Security $security, private RequestStack $requests)
    {
    }

    /** @param array<string, ?string> $about such as which job; never a password or a link's key */
    public function note(string $what, array $about = []): void
    {
        $request = $this->requests->getMainRequest();
        $this->auditLogger->info($what, [
            'who' => $this->security->getUser()?->getUserIdentifier(), 'from' => $request?->getClientIp(), ...$about,
        ]);
    }
}
