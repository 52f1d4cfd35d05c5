<?php

declare(strict_types=1);

namespace App\Record;

use App\Firm\Account;
use App\Support\Files\FileError;
use Doctrine\ORM\Mapping as ORM;

/** One piece of long work: asked for by somebody, done by itself, and fetched when it is there. */
#[ORM\Entity]
#[ORM\Index(columns: ['asked_at'])]
class LongWork
{
    #[ORM\Column(enumType: LongState::class)]
    private LongState $state = LongState::Waiting;

    /** How many of its steps are done. */
    #[ORM\Column]
    private int $done = 0;

    #[ORM\Column]
    private int $steps = 1;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $heardAt = null;

    /** @var list<array{string, string, array<string, scalar>}> what is wrong with what was given in */
    #[ORM\Column(type: 'json')]
    private array $refusals = [];

    /** @param array<string, string> $form how it is wanted */
    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        public readonly Account $account,
        #[ORM\Column(enumType: LongKind::class)]
        public readonly LongKind $kind,
        #[ORM\Column]
        public readonly \DateTimeImmutable $askedAt,
        /** Scheme and name by which the server was asked: what is made answers to it too. */
        #[ORM\Column(length: 300)]
        public readonly string $server,
        #[ORM\ManyToOne]
        private ?Job $job = null,
        #[ORM\Column(type: 'json')]
        public readonly array $form = [],
    ) {
    }

    /** The job that it is about; of an import, the one that it made. */
    public function job(): ?Job
    {
        return $this->job;
    }

    public function state(): LongState
    {
        return $this->state;
    }

    public function done(): int
    {
        return $this->done;
    }

    public function steps(): int
    {
        return $this->steps;
    }

    /** Nothing was heard of it for so long that whatever did it must have been ended. */
    public function isLost(\DateTimeImmutable $now, int $patienceS): bool
    {
        return LongState::Running === $this->state && null !== $this->heardAt
            && $now->getTimestamp() - $this->heardAt->getTimestamp() > $patienceS;
    }

    public function finish(?Job $job, \DateTimeImmutable $at): void
    {
        $this->end(LongState::Done, $at);
        $this->done = $this->steps;
        $this->job ??= $job;
    }

    public function fail(\DateTimeImmutable $at): void
    {
        $this->end(LongState::Failed, $at);
    }

    /** @param list<FileError> $errors */
    public function refuse(array $errors, \DateTimeImmutable $at): void
    {
        $this->end(LongState::Refused, $at);
        $this->refusals = array_map(
            static fn (FileError $error) => [$error->at, $error->code, $error->allowed], $errors,
        );
    }

    private function end(LongState $state, \DateTimeImmutable $at): void
    {
        [$this->state, $this->heardAt] = [$state, $at];
    }

    /** @return list<FileError> */
    public function refusals(): array
    {
        return array_map(static fn (array $error) => new FileError(...$error), $this->refusals);
    }
}
