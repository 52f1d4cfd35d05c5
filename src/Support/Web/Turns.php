<?php

declare(strict_types=1);

namespace App\Support\Web;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\FinishRequestEvent;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\KernelEvents;
use Symfony\Component\Lock\LockFactory;
use Symfony\Component\Lock\LockInterface;

/**
 * Lets the requests that change one job come one after the other, so that each sees what the one before has stored: the
 * same new entry sent five times at once is there once.
 */
final class Turns
{
    /** The part of an address that says what is changed: the job, else the entry. */
    private const OF = ['job', 'id'];

    private ?LockInterface $turn = null;

    public function __construct(private readonly LockFactory $locks)
    {
    }

    // After the firewall, so that nobody waits or makes wait who may not; before the job is read.
    #[AsEventListener(KernelEvents::REQUEST, priority: 4)]
    public function take(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if (!$event->isMainRequest() || $request->isMethodSafe()) {
            return;
        }
        foreach (self::OF as $name) {
            $what = $request->attributes->get($name);
            if (\is_string($what)) {
                $this->turn = $this->locks->createLock('turn-'.$what);
                $this->turn->acquire(true);

                return;
            }
        }
    }

    #[AsEventListener(KernelEvents::FINISH_REQUEST)]
    public function giveBack(FinishRequestEvent $event): void
    {
        if ($event->isMainRequest()) {
            $this->turn?->release();
            $this->turn = null;
        }
    }
}
