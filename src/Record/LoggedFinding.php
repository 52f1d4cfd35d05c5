<?php

declare(strict_types=1);

namespace App\Record;

use App\Support\Database\Withdrawable;
use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Sureness;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\SizeUnit;

/** A finding as it was logged on a run. It is never changed: a correction is a new one that replaces it. */
#[ORM\Entity(repositoryClass: FindingRepository::class)]
#[ORM\Index(columns: ['run_id', 'withdrawn_at', 'from_m'])]
class LoggedFinding implements JobEntry
{
    use Withdrawable;

    #[ORM\Column(enumType: Kind::class)]
    public readonly Kind $kind;

    #[ORM\Column]
    public readonly float $fromM;

    #[ORM\Column(nullable: true)]
    public readonly ?float $toM;

    #[ORM\Column(nullable: true)]
    public readonly ?float $deepestM;

    #[ORM\Column(enumType: Sureness::class)]
    public readonly Sureness $sureness;

    #[ORM\Column(nullable: true)]
    public readonly ?float $clockFrom;

    #[ORM\Column(nullable: true)]
    public readonly ?float $clockTo;

    #[ORM\Column(nullable: true)]
    public readonly ?float $size;

    #[ORM\Column(enumType: SizeUnit::class, nullable: true)]
    public readonly ?SizeUnit $unit;

    #[ORM\Column]
    public readonly bool $atJoint;

    /** @var array<string, string|float> */
    #[ORM\Column(type: 'json')]
    public readonly array $facts;

    #[ORM\Column(type: 'text')]
    public readonly string $note;

    /**
     * @param ?float $readingM what the counter showed
     * @param ?float $invertOnScreen where the bottom of the pipe stood on the picture, on the clock
     * @param ?string $replaces the finding that this one corrects
     * @param ?bool $drawnBack whether it was logged on the way back; none when nobody said
     * @param ?float $recordedS seconds into the recording
     */
    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        public readonly Run $run,
        Finding $finding,
        #[ORM\Column]
        public readonly \DateTimeImmutable $loggedAt,
        #[ORM\Column(nullable: true)]
        public readonly ?float $readingM = null,
        #[ORM\Column(nullable: true)]
        public readonly ?float $invertOnScreen = null,
        #[ORM\Column(length: 36, nullable: true)]
        public readonly ?string $replaces = null,
        #[ORM\Column(nullable: true)]
        public readonly ?bool $drawnBack = null,
        #[ORM\Column(nullable: true)]
        public readonly ?float $recordedS = null,
    ) {
        $this->kind = $finding->kind;
        $this->fromM = $finding->from->metres;
        $this->toM = $finding->to?->metres;
        $this->deepestM = $finding->deepest?->metres;
        $this->sureness = $finding->sureness;
        $this->clockFrom = $finding->clockFrom?->hours;
        $this->clockTo = $finding->clockTo?->hours;
        $this->size = $finding->size?->value;
        $this->unit = $finding->size?->unit;
        $this->atJoint = $finding->atJoint;
        $this->facts = $finding->facts;
        $this->note = $finding->note;
    }

    public function finding(): Finding
    {
        return Finding::read(new Input([
            'id' => $this->id, 'kind' => $this->kind->value, 'from_m' => $this->fromM, 'to_m' => $this->toM,
            'deepest_m' => $this->deepestM, 'sureness' => $this->sureness->value, 'clock_from' => $this->clockFrom,
            'clock_to' => $this->clockTo, 'size' => $this->size, 'unit' => $this->unit?->value, 'at_joint' => $this->atJoint,
            'facts' => $this->facts, 'note' => $this->note,
        ]));
    }

    /** The same at another counter factor. */
    public function recounted(string $id, float $times): self
    {
        return new self(
            $id, $this->run, $this->finding()->recounted($id, $times), $this->loggedAt, $this->readingM, $this->invertOnScreen,
            $this->id, $this->drawnBack, $this->recordedS,
        );
    }

    public function id(): string
    {
        return $this->id;
    }

    public function job(): Job
    {
        return $this->run->job;
    }
}
