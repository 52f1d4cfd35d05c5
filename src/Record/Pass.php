<?php

declare(strict_types=1);

namespace App\Record;

use App\Support\Database\Id;
use App\Support\Database\Withdrawable;
use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Clear\EntryKind;
use Jurvex\Core\Clear\LogEntry;
use Jurvex\Core\Clear\Marks;
use Jurvex\Core\Clear\RunLog;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Ribbon\DrawnPass;
use Jurvex\Core\Ribbon\FeltAt;

/** A logged pass of a clearing tool. */
#[ORM\Entity]
class Pass implements JobEntry
{
    use OfJob;
    use Withdrawable;

    #[ORM\Embedded(columnPrefix: false)]
    private PassDetails $details;

    /** Whether the tool is still in the line. */
    #[ORM\Column(options: ['default' => false])]
    private bool $open = false;

    /** @var list<array{id: string, kind: string, seconds: float|int, metres: float|int|null, said: string}> */
    #[ORM\Column(type: 'json', options: ['default' => '[]'])]
    private array $entries = [];

    /** @var ?array<mixed> */
    #[ORM\Column(type: 'json', nullable: true)]
    private ?array $standIn = null;

    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\ManyToOne(inversedBy: 'passes'), ORM\JoinColumn(nullable: false)]
        public readonly Job $job,
        #[ORM\ManyToOne]
        public readonly ?Opening $opening,
        #[ORM\Column]
        public readonly \DateTimeImmutable $loggedAt,
        PassDetails $details,
    ) {
        $this->details = $details;
    }

    /** Begins a pass that is logged while it is made; it says how it stands with every entry. */
    public static function begin(string $id, Job $job, ?Opening $opening, \DateTimeImmutable $now, PassDetails $details): self
    {
        $pass = new self($id, $job, $opening, $now, $details);
        $pass->open = true;

        return $pass;
    }

    /** Whether it has not begun, and stands on a page for one that will. */
    public function isAhead(): bool
    {
        return Id::AHEAD === $this->id;
    }

    public function isOpen(): bool
    {
        return $this->open;
    }

    /** The same entry sent twice is there once. */
    public function enter(string $entry, LogEntry $what): void
    {
        if (!$this->knows($entry)) {
            $this->entries = [...$this->entries, [
                'id' => $entry, 'kind' => $what->kind->value, 'seconds' => $what->seconds, 'metres' => $what->metres,
                'said' => $what->said,
            ]];
        }
    }

    public function knows(string $entry): bool
    {
        return \in_array($entry, array_column($this->entries, 'id'), true);
    }

    /** The last one is taken back; what was said stays said. */
    public function takeBackLast(): void
    {
        $last = array_key_last($this->made());
        if (null !== $last) {
            $this->entries = array_values(array_diff_key($this->entries, [$last => true]));
        }
    }

    public function last(): ?LogEntry
    {
        $last = array_key_last($this->made());

        return null === $last ? null : $this->entries()[$last];
    }

    /** @return array<int, array{kind: string}> all but the words themselves */
    private function made(): array
    {
        return array_filter($this->entries, static fn (array $row) => EntryKind::Said->value !== $row['kind']);
    }

    /** @return list<LogEntry> in their order */
    public function entries(): array
    {
        return array_map(
            static fn (array $row) => new LogEntry(
                EntryKind::from($row['kind']),
                (float) $row['seconds'],
                null === $row['metres'] ? null : (float) $row['metres'],
                $row['said'],
            ),
            $this->entries,
        );
    }

    /** @return list<array{id: string, kind: string, seconds: float, metres: ?float, said: string}> as a job file has them */
    public function plainEntries(): array
    {
        return array_map(static fn (array $row) => [
            ...$row, 'seconds' => (float) $row['seconds'], 'metres' => null === $row['metres'] ? null : (float) $row['metres'],
        ], $this->entries);
    }

    public function log(Marks $marks): RunLog
    {
        return new RunLog($this->entries(), $marks);
    }

    /** Of the water at the opening below its rim, as it was measured last; none while nobody did. */
    public function level(): ?Length
    {
        return $this->log(Marks::at([]))->level();
    }

    public function seconds(\DateTimeImmutable $now): float
    {
        return max(0.0, (float) $now->format('U.v') - (float) $this->loggedAt->format('U.v'));
    }

    public function close(): void
    {
        $this->open = false;
        $this->standIn = null;
    }

    /** @param ?array<mixed> $standIn how the stand-in machine of this pass stands */
    public function keepStandIn(?array $standIn): void
    {
        $this->standIn = $standIn;
    }

    /** @return ?array<mixed> none where a real machine runs */
    public function standIn(): ?array
    {
        return $this->standIn;
    }

    /** The details say what the log says by now. */
    public function follow(Marks $marks): void
    {
        $details = clone $this->details;
        $details->follow($this->log($marks), $this->fromZero(...));
        $this->details = $details;
    }

    public function describe(PassDetails $details): void
    {
        $this->details = clone $details;
    }

    public function details(): PassDetails
    {
        return $this->details;
    }

    /** A distance of the pass as one from the foot of the drop. */
    public function alongTheLine(float $metres): Length
    {
        return Length::metres(max(0.0, $metres - (Zero::Rim === $this->job->zero() ? $this->drop() : 0.0)));
    }

    /** How much of the tool is in, as a distance from the job's zero. */
    public function fromZero(Length $in): Length
    {
        return Length::metres(max(0.0, $in->metres - (Zero::Rim === $this->job->zero() ? 0.0 : $this->drop())));
    }

    private function drop(): float
    {
        return $this->opening?->details()->dropM ?? 0.0;
    }

    public function onTheLine(): DrawnPass
    {
        return new DrawnPass(
            Length::metres($this->details->outM),
            Length::metres($this->details->inM ?? $this->details->outM),
            array_map(static fn (array $felt) => new FeltAt(Length::metres($felt['at_m']), $felt['felt']), $this->details->feltAt),
        );
    }
}
