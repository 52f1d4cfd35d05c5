<?php

declare(strict_types=1);

namespace App\Firm;

use App\Support\Wording\Languages;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\KernelEvents;

/** Whoever is signed in is spoken to in their own language; everybody else in what their browser asks for. */
final readonly class OwnLanguage
{
    public function __construct(private Security $security, private Languages $languages)
    {
    }

    // After the firewall has read who is signed in.
    #[AsEventListener(KernelEvents::REQUEST, priority: 7)]
    public function speak(RequestEvent $event): void
    {
        if ($event->isMainRequest()) {
            $account = $this->security->getUser();
            $this->languages->speak($account instanceof Account ? $account->language() : null);
        }
    }
}
