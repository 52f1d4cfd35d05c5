<?php

declare(strict_types=1);

namespace App\Record;

use App\Firm\Account;
use Doctrine\Bundle\DoctrineBundle\Attribute\AsDoctrineListener;
use Doctrine\ORM\Event\OnFlushEventArgs;
use Doctrine\ORM\Events;
use Symfony\Bundle\SecurityBundle\Security;

/** Keeps what a job's record said before every change of it. */
#[AsDoctrineListener(Events::onFlush)]
final readonly class CorrectionKeeper
{
    public function __construct(private Security $security)
    {
    }

    public function onFlush(OnFlushEventArgs $event): void
    {
        $manager = $event->getObjectManager();
        $work = $manager->getUnitOfWork();
        foreach ($work->getScheduledEntityUpdates() as $entry) {
            $job = self::jobOf($entry);
            if (null === $job || !isset($entry->id) || !\is_string($entry->id)) {
                continue;
            }
            $changes = [];
            foreach ($work->getEntityChangeSet($entry) as $field => $change) {
                if (\is_array($change)) {
                    $changes[$field] = [self::plain($change[0]), self::plain($change[1])];
                }
            }
            $account = $this->security->getUser();
            $correction = new Correction(
                $job->id, $entry->id, (new \ReflectionClass($entry))->getShortName(), $changes,
                $account instanceof Account ? $account->name : '', new \DateTimeImmutable(),
            );
            $manager->persist($correction);
            $work->computeChangeSet($manager->getClassMetadata(Correction::class), $correction);
        }
    }

    private static function jobOf(object $entry): ?Job
    {
        return match (true) {
            $entry instanceof Job => $entry,
            $entry instanceof Opening, $entry instanceof Pass, $entry instanceof FlowTest, $entry instanceof StuckTool, $entry instanceof Run => $entry->job,
            $entry instanceof LoggedFinding, $entry instanceof Mark => $entry->run->job,
            default => null,
        };
    }

    private static function plain(mixed $value): mixed
    {
        return match (true) {
            $value instanceof \BackedEnum => $value->value,
            $value instanceof \DateTimeInterface => $value->format(\DATE_ATOM),
            $value instanceof Opening => $value->id,
            default => $value,
        };
    }
}
