<?php

declare(strict_types=1);

namespace App\Support\Logging;

use App\Support\Database\Id;
use Monolog\Attribute\AsMonologProcessor;
use Monolog\LogRecord;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\HttpKernel\KernelEvents;

/** Every request has a number of its own: in each line of the logs that is written for it, and in the head of its answer. */
#[AsMonologProcessor]
final readonly class RequestNumber
{
    private const KEY = '_number';

    public function __construct(private RequestStack $requests)
    {
    }

    public function __invoke(LogRecord $record): LogRecord
    {
        $number = $this->requests->getMainRequest()?->attributes->get(self::KEY);

        return \is_string($number) ? $record->with(extra: ['request' => $number] + $record->extra) : $record;
    }

    #[AsEventListener(KernelEvents::REQUEST, priority: 4096)]
    public function number(RequestEvent $event): void
    {
        if ($event->isMainRequest()) {
            $event->getRequest()->attributes->set(self::KEY, Id::fresh());
        }
    }

    #[AsEventListener(KernelEvents::RESPONSE)]
    public function tell(ResponseEvent $event): void
    {
        $number = $event->getRequest()->attributes->get(self::KEY);
        if ($event->isMainRequest() && \is_string($number)) {
            $event->getResponse()->headers->set('X-Request-Number', $number);
        }
    }
}
