<?php

declare(strict_types=1);

namespace App\Record;

use App\Firm\Account;
use Doctrine\Bundle\DoctrineBundle\Attribute\AsDoctrineListener;
use Doctrine\ORM\Event\OnFlushEventArgs;
use Doctrine\ORM\Events;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\SecurityBundle\Security;

/** Keeps what a job's record said before every change of it. */
#[AsDoctrineListener(Events::onFlush)]
final readonly class CorrectionKeeper
{
    /** How a stand-in machine stands just now was said by nobody. */
    private const NO_RECORD = ['standIn'];

    public function __construct(private Security $security, private ClockInterface $clock)
    {
    }

    public function onFlush(OnFlushEventArgs $event): void
    {
        $manager = $event->getObjectManager();
        $work = $manager->getUnitOfWork();
        foreach ($work->getScheduledEntityUpdates() as $entry) {
            if (!$entry instanceof JobEntry) {
                continue;
            }
            $changes = [];
            foreach ($work->getEntityChangeSet($entry) as $field => $change) {
                if (\is_array($change) && !\in_array($field, self::NO_RECORD, true)) {
                    $changes[$field] = Difference::between($change[0], $change[1]);
                }
            }
            if ([] === $changes) {
                continue;
            }
            $account = $this->security->getUser();
            $correction = new Correction(
                $entry->job()->id, $entry->id(), (new \ReflectionClass($entry))->getShortName(), $changes,
                $account instanceof Account ? $account->name() : '', $this->clock->now(),
            );
            $manager->persist($correction);
            $work->computeChangeSet($manager->getClassMetadata(Correction::class), $correction);
        }
    }
}
