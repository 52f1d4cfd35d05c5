<?php

declare(strict_types=1);

namespace App\HandOver\LongWork;

use App\Firm\Account;
use App\Record\Job;
use App\Record\LongKind;
use App\Record\LongState;
use App\Record\LongWork;
use App\Support\Files\Store;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Process\PhpExecutableFinder;
use Symfony\Component\Process\Process;

/** Takes long work in, has it done by itself, and keeps what came of it for a week. */
final readonly class LongWorks
{
    /** After so long without a word of it, work that runs is taken for ended. */
    public const PATIENCE_S = 300;
    private const KEPT_DAYS = 7;
    private const MOST_SHOWN = 5;

    public function __construct(
        private EntityManagerInterface $manager, private MessageBusInterface $bus, private ClockInterface $clock,
        private string $projectDir, private bool $startsLongWork, private Store $longWork,
    ) {
    }

    /**
     * Asked twice with one identifier it is done once.
     *
     * @param array<string, string> $form how it is wanted
     * @param ?string $given a file that it works on, which is taken away from where it is
     */
    public function ask(
        string $id, LongKind $kind, Account $account, string $server, ?Job $job = null, array $form = [], ?string $given = null,
    ): LongWork {
        $known = $this->manager->find(LongWork::class, $id);
        if (null !== $known) {
            return $known;
        }
        $this->sweep();
        $work = new LongWork($id, $account, $kind, $this->clock->now(), $server, $job, $form);
        if (null !== $given) {
            $this->longWork->put($work->id, $given);
            @unlink($given);
        }
        $this->manager->persist($work);
        $this->manager->flush();
        $this->bus->dispatch(new DoLongWork($work->id));
        $this->start();

        return $work;
    }

    /** Has somebody see to what waits; one that sees to it already is enough. */
    public function start(): void
    {
        if (!$this->startsLongWork) {
            return;
        }
        // It may use as much memory as the server that starts it.
        $process = new Process([
            (new PhpExecutableFinder())->find() ?: 'php', '-d', 'memory_limit='.\ini_get('memory_limit'), 'bin/console', 'jurvex:long-work',
        ], $this->projectDir);
        $process->disableOutput();
        // It goes on when the request that started it is over.
        $process->setOptions(['create_new_console' => true]);
        $process->start();
    }

    public function isLost(LongWork $work): bool
    {
        return $work->isLost($this->clock->now(), self::PATIENCE_S);
    }

    /** @return list<LongWork> what was made of a job and is still kept, the latest first */
    public function of(Job $job): array
    {
        return $this->manager->getRepository(LongWork::class)->findBy(
            ['job' => $job, 'kind' => [LongKind::Pdf, LongKind::Everything]], ['askedAt' => 'DESC'], self::MOST_SHOWN,
        );
    }

    /** Told past the entities: those of an import are not to be stored before all of it is read. */
    public function hear(LongWork $work, int $done, int $steps): void
    {
        $this->manager->createQuery(
            'UPDATE '.LongWork::class.' w SET w.state = :state, w.done = :done, w.steps = :steps, w.heardAt = :now WHERE w.id = :id',
        )->execute(['state' => LongState::Running, 'done' => $done, 'steps' => $steps, 'now' => $this->clock->now(), 'id' => $work->id]);
    }

    private function sweep(): void
    {
        /** @var list<LongWork> $old */
        $old = $this->manager->createQueryBuilder()->select('w')->from(LongWork::class, 'w')->where('w.askedAt < :before')
            ->setParameter('before', $this->clock->now()->modify('-'.self::KEPT_DAYS.' days'))->getQuery()->getResult();
        foreach ($old as $work) {
            $this->longWork->remove($work->id);
            $this->manager->remove($work);
        }
    }
}
