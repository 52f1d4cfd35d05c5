<?php

declare(strict_types=1);

namespace App\Record;

use App\Support\Database\Id;
use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reel\Counter;
use Jurvex\Core\Run\EndReason;

/** One travel of the camera from one opening. */
#[ORM\Entity]
#[ORM\Index(columns: ['firm_id', 'started_at', 'id'])]
class Run implements JobEntry
{
    use OfJob;

    /** As its job has it: by this the newest looks of a firm are found among all that were ever made. */
    #[ORM\Column(length: 36, options: ['default' => ''])]
    public readonly string $firmId;

    #[ORM\Embedded(columnPrefix: false)]
    private RunDetails $details;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $waterOffAt = null;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $endedAt = null;

    #[ORM\Column(enumType: EndReason::class, nullable: true)]
    private ?EndReason $endReason = null;

    #[ORM\Column(nullable: true)]
    private ?float $reachedM = null;

    #[ORM\Column(type: 'text')]
    private string $endNote = '';

    #[ORM\Column(nullable: true)]
    private ?float $deepestM = null;

    #[ORM\Column(length: 200, nullable: true)]
    private ?string $videoName = null;

    #[ORM\Column(length: 100, nullable: true)]
    private ?string $videoType = null;

    /** Whether any of its readings come from a reel that stands in for a real one. */
    #[ORM\Column(options: ['default' => false])]
    private bool $simulated = false;

    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\ManyToOne(inversedBy: 'runs'), ORM\JoinColumn(nullable: false)]
        public readonly Job $job,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        public readonly Opening $opening,
        #[ORM\Column]
        public readonly \DateTimeImmutable $startedAt,
        RunDetails $details,
    ) {
        $this->details = $details;
        $this->firmId = $job->firm->id;
    }

    /** Whether it has not begun, and stands on a page for one that will. */
    public function isAhead(): bool
    {
        return Id::AHEAD === $this->id;
    }

    /** Runs from one opening one way, the same on every visit. */
    public function portion(): string
    {
        return $this->opening->onEveryVisit().'/'.$this->details->travel->value;
    }

    public function details(): RunDetails
    {
        return $this->details;
    }

    public function describe(RunDetails $details): void
    {
        $this->details = clone $details;
    }

    public function turnWater(bool $on, \DateTimeImmutable $at): void
    {
        $details = clone $this->details;
        $details->waterOn = $on;
        $this->details = $details;
        $this->waterOffAt = $on ? null : $at;
    }

    /**
     * When an entry was made that may have had to wait for a signal; never before the run, never in the future.
     *
     * @param string $milliseconds since 1970, by the clock of the screen; what is no such number counts from now
     */
    public function whenSaid(string $milliseconds, \DateTimeImmutable $now): \DateTimeImmutable
    {
        // To the millisecond: of two entries in one second the later one is the last.
        $isTime = 1 === preg_match('/^\d{13}$/', $milliseconds);
        $said = $isTime ? new \DateTimeImmutable('@'.substr_replace($milliseconds, '.', -3, 0)) : $now;

        return max($this->startedAt, min($now, $said));
    }

    public function waterOffAt(): ?\DateTimeImmutable
    {
        return $this->waterOffAt;
    }

    public function end(EndReason $reason, float $reachedM, string $note, \DateTimeImmutable $at): void
    {
        $this->endReason = $reason;
        $this->reachedM = $reachedM;
        $this->endNote = $note;
        $this->endedAt = $at;
    }

    public function simulate(): void
    {
        $this->simulated = true;
    }

    public function isSimulated(): bool
    {
        return $this->simulated;
    }

    /** How far the reel has said that the camera was. */
    public function wentTo(float $metres): void
    {
        $this->deepestM = max($this->deepestM ?? 0.0, $metres);
    }

    public function deepestM(): ?float
    {
        return $this->deepestM;
    }

    /** Attaches a recording; it is kept as it came. */
    public function attachVideo(?string $name, ?string $type): void
    {
        $this->videoName = $name;
        $this->videoType = $type;
    }

    public function videoName(): ?string
    {
        return $this->videoName;
    }

    public function videoType(): ?string
    {
        return $this->videoType;
    }

    public function goOn(): void
    {
        $this->endReason = null;
        $this->endedAt = null;
    }

    public function endedAt(): ?\DateTimeImmutable
    {
        return $this->endedAt;
    }

    public function endReason(): ?EndReason
    {
        return $this->endReason;
    }

    public function reachedM(): ?float
    {
        return $this->reachedM;
    }

    public function endNote(): string
    {
        return $this->endNote;
    }

    public function counter(): Counter
    {
        return new Counter(
            $this->details->counterFactor ?? 1.0,
            Length::metres($this->details->cableOutAtZeroM ?? 0.0),
            Length::metres($this->details->cableLengthM ?? 0.0),
        );
    }
}
