<?php

declare(strict_types=1);

namespace App\Support\Web;

use App\Support\Time\SystemClock;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Types\Types;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\HttpKernel\KernelEvents;

/**
 * An entry of a browser's queue whose answer was lost on the way back is sent again: it is made once, whatever it does,
 * undoing included.
 */
final readonly class TakenOnce
{
    private const NAME = 'X-Queued-Id';
    /** A browser that was away for longer begins anew, in days. */
    private const KEPT_DAYS = 90;
    private const TIDIED_EVERY = 200;

    public function __construct(private Connection $connection, private Security $security, private SystemClock $clock)
    {
    }

    // In its turn (see Turns), so that the same entry on two connections is known by the second.
    #[AsEventListener(KernelEvents::REQUEST, priority: 3)]
    public function know(RequestEvent $event): void
    {
        $hash = $this->hash($event);
        $known = 'SELECT 1 FROM taken_entry WHERE hash = ?';
        if (null !== $hash && false !== $this->connection->fetchOne($known, [$hash])) {
            $event->setResponse(new JsonResponse(['stored' => true]));
        }
    }

    // After QueuedAnswers, which tells an entry that was taken from one that has to wait.
    #[AsEventListener(KernelEvents::RESPONSE, priority: -1)]
    public function keep(ResponseEvent $event): void
    {
        $response = $event->getResponse();
        $hash = $response->isSuccessful() || $response->isRedirection() ? $this->hash($event) : null;
        if (null === $hash) {
            return;
        }
        $now = $this->clock->now();
        $this->connection->executeStatement(
            'INSERT INTO taken_entry (hash, taken_at) VALUES (?, ?) ON CONFLICT DO NOTHING', [$hash, $now],
            [Types::STRING, Types::DATETIME_IMMUTABLE],
        );
        if (0 !== random_int(0, self::TIDIED_EVERY)) {
            return;
        }
        $this->connection->executeStatement(
            'DELETE FROM taken_entry WHERE taken_at < ?', [$now->modify('-'.self::KEPT_DAYS.' days')], [Types::DATETIME_IMMUTABLE],
        );
    }

    private function hash(RequestEvent|ResponseEvent $event): ?string
    {
        $request = $event->getRequest();
        $id = $request->headers->get(self::NAME);
        $who = $this->security->getUser()?->getUserIdentifier();

        return !$event->isMainRequest() || $request->isMethodSafe() || null === $id || null === $who
            ? null : hash('sha256', $who.'|'.$id);
    }
}
