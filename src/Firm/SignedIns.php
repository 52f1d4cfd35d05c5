<?php

declare(strict_types=1);

namespace App\Firm;

use App\Support\Database\Id;
use App\Support\Time\SystemClock;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\KernelEvents;
use Symfony\Component\Security\Core\Authentication\Token\Storage\TokenStorageInterface;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;

/**
 * Knows every session by a row of its own, so that it can be listed and ended from elsewhere, and ends it when nobody used it for as
 * long, or when it is as old, as the firm has it.
 */
final readonly class SignedIns
{
    private const KEY = 'signed_in';
    /** When it was used last is written down once a minute. */
    private const FRESH_S = 60;
    private const HOUR_S = 3600;
    private const DAY_S = 86_400;

    public function __construct(
        private Connection $database, private EntityManagerInterface $manager, private Security $security,
        private TokenStorageInterface $tokens, #[Autowire(service: SystemClock::class)] private ClockInterface $clock,
    ) {
    }

    // After the firewall has read who is signed in.
    #[AsEventListener(KernelEvents::REQUEST, priority: 6)]
    public function watch(RequestEvent $event): void
    {
        $account = $event->isMainRequest() ? $this->security->getUser() : null;
        $request = $event->getRequest();
        if (!$account instanceof Account || !$request->hasSession()) {
            return;
        }
        $session = $request->getSession();
        $id = $session->get(self::KEY);
        if (!\is_string($id)) {
            $session->set(self::KEY, $this->begin($account, $request));
        } elseif (!$this->goesOn($id, $account)) {
            $session->invalidate();
            $this->tokens->setToken(null);
            throw new AccessDeniedException();
        }
    }

    public static function idOf(Request $request): ?string
    {
        $id = $request->getSession()->get(self::KEY);

        return \is_string($id) ? $id : null;
    }

    /** @return list<SignedIn> the sessions of a person that go on, the latest used first */
    public function of(Account $account): array
    {
        $sessions = $this->manager->getRepository(SignedIn::class);
        $now = $this->clock->now()->getTimestamp();

        return array_values(array_filter(
            $sessions->findBy(['account' => $account, 'endedAt' => null], ['seenAt' => 'DESC']),
            static fn (SignedIn $each) => !self::isOver($account->firm, $now, $each->since->getTimestamp(), $each->seenAt->getTimestamp()),
        ));
    }

    /** Ends all of a person's but one. */
    public function endOthers(Account $account, ?string $but): void
    {
        foreach ($this->of($account) as $each) {
            if ($each->id !== $but) {
                $each->end($this->clock->now());
            }
        }
        $this->manager->flush();
    }

    private function begin(Account $account, Request $request): string
    {
        $now = $this->clock->now();
        $this->database->insert('signed_in', [
            'id' => $id = Id::fresh(), 'account_id' => $account->id, 'since' => $now, 'seen_at' => $now,
            'device' => mb_substr(mb_scrub((string) $request->headers->get('User-Agent')), 0, 300),
            'origin' => (string) $request->getClientIp(),
        ], ['since' => Types::DATETIME_IMMUTABLE, 'seen_at' => Types::DATETIME_IMMUTABLE]);

        return $id;
    }

    private function goesOn(string $id, Account $account): bool
    {
        $row = $this->database->fetchAssociative(
            'SELECT since, seen_at FROM signed_in WHERE id = ? AND account_id = ? AND ended_at IS NULL', [$id, $account->id],
        );
        if (false === $row || !\is_string($row['since']) || !\is_string($row['seen_at'])) {
            return false;
        }
        $now = $this->clock->now();
        $seen = (int) strtotime($row['seen_at'].' UTC');
        if (self::isOver($account->firm, $now->getTimestamp(), (int) strtotime($row['since'].' UTC'), $seen)) {
            return false;
        }
        if ($now->getTimestamp() - $seen >= self::FRESH_S) {
            $this->database->update('signed_in', ['seen_at' => $now], ['id' => $id], ['seen_at' => Types::DATETIME_IMMUTABLE]);
        }

        return true;
    }

    private static function isOver(Firm $firm, int $now, int $since, int $seen): bool
    {
        return $now - $seen > self::HOUR_S * $firm->access()->sessionIdleHours()
            || $now - $since > self::DAY_S * $firm->access()->sessionDays();
    }
}
