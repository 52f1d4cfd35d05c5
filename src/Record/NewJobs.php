<?php

declare(strict_types=1);

namespace App\Record;

use App\Firm\Firm;
use Symfony\Component\Lock\LockFactory;
use Symfony\Component\Lock\LockInterface;

/** New jobs of a firm come one after the other: each has its own number, and one new place is one property. */
final readonly class NewJobs
{
    public function __construct(private LockFactory $locks)
    {
    }

    /** Waits for its turn, which ends when it is let go of. */
    public function turn(Firm $firm): LockInterface
    {
        $turn = $this->locks->createLock('new-jobs-'.$firm->id);
        $turn->acquire(true);

        return $turn;
    }
}
