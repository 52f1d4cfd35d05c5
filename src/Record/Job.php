<?php

declare(strict_types=1);

namespace App\Record;

use App\Firm\Account;
use App\Firm\Firm;
use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Judge\HouseRules;
use Jurvex\Core\Judge\Need;
use Jurvex\Core\Judge\School;

/** One job, from the call to the hand-over. */
#[ORM\Entity(repositoryClass: JobRepository::class)]
#[ORM\Index(columns: ['firm_id', 'planned_on', 'turn'])]
#[ORM\Index(columns: ['firm_id', 'upkeep_due_on'])]
#[ORM\Index(columns: ['firm_id', 'handed_over_at', 'id'])]
class Job implements JobEntry
{
    // Never without one; the database cannot say so of a column that was added to a table with rows.
    #[ORM\ManyToOne(cascade: ['persist'])]
    private Property $property;

    #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
    public readonly Firm $firm;

    #[ORM\Embedded(columnPrefix: false)]
    private CallSheet $call;

    #[ORM\Embedded(columnPrefix: 'clearing_')]
    private ClearingDetails $clearing;

    /** @var ?array{seed: int, difficulty: string, by: string, score: ?int, points: array<string, float|int>, minutes: float|int|null} */
    #[ORM\Column(type: 'json', nullable: true)]
    private ?array $practice = null;

    #[ORM\ManyToOne]
    private ?Opening $chosenOpening = null;

    #[ORM\ManyToOne]
    private ?Account $assignee = null;

    #[ORM\Column(enumType: Zero::class)]
    private Zero $zero = Zero::Foot;

    #[ORM\Column(length: 200)]
    private string $zeroNote = '';

    #[ORM\Embedded(columnPrefix: false)]
    private Outcome $outcome;

    /** @var Collection<int, SeenPlace> */
    #[ORM\OneToMany(targetEntity: SeenPlace::class, mappedBy: 'job', cascade: ['persist'])]
    private Collection $seenPlaces;

    /** @var Collection<int, TestMade> */
    #[ORM\OneToMany(targetEntity: TestMade::class, mappedBy: 'job', cascade: ['persist'])]
    #[ORM\OrderBy(['at' => 'ASC', 'id' => 'ASC'])]
    private Collection $testsMade;

    /** @var Collection<int, DangerSaid> */
    #[ORM\OneToMany(targetEntity: DangerSaid::class, mappedBy: 'job', cascade: ['persist'])]
    private Collection $dangersSaid;

    /** @var Collection<int, PreUseCheck> */
    #[ORM\OneToMany(targetEntity: PreUseCheck::class, mappedBy: 'job', cascade: ['persist'])]
    private Collection $checks;

    /** @var Collection<int, GateLine> */
    #[ORM\OneToMany(targetEntity: GateLine::class, mappedBy: 'job', cascade: ['persist'])]
    private Collection $gateLines;

    /** @var Collection<int, Opening> */
    #[ORM\OneToMany(targetEntity: Opening::class, mappedBy: 'job')]
    #[ORM\OrderBy(['id' => 'ASC'])]
    private Collection $openings;

    /** @var Collection<int, Pass> */
    #[ORM\OneToMany(targetEntity: Pass::class, mappedBy: 'job')]
    #[ORM\OrderBy(['loggedAt' => 'ASC', 'id' => 'ASC'])]
    private Collection $passes;

    /** @var Collection<int, FlowTest> */
    #[ORM\OneToMany(targetEntity: FlowTest::class, mappedBy: 'job')]
    #[ORM\OrderBy(['loggedAt' => 'ASC', 'id' => 'ASC'])]
    private Collection $flowTests;

    /** @var Collection<int, StuckTool> */
    #[ORM\OneToMany(targetEntity: StuckTool::class, mappedBy: 'job')]
    #[ORM\OrderBy(['beganAt' => 'ASC', 'id' => 'ASC'])]
    private Collection $stuckTools;

    /** @var Collection<int, OutsidePipe> */
    #[ORM\OneToMany(targetEntity: OutsidePipe::class, mappedBy: 'job')]
    #[ORM\OrderBy(['loggedAt' => 'ASC', 'id' => 'ASC'])]
    private Collection $outsidePipes;

    /** @var Collection<int, Run> */
    #[ORM\OneToMany(targetEntity: Run::class, mappedBy: 'job')]
    #[ORM\OrderBy(['startedAt' => 'ASC', 'id' => 'ASC'])]
    private Collection $runs;

    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)]
        public readonly string $id,
        Property $property,
        CallSheet $call,
        #[ORM\Column]
        public readonly \DateTimeImmutable $openedAt,
        /** The firm that did the work, as the report names it. */
        #[ORM\Column(length: 120)]
        public readonly string $doneBy,
    ) {
        $this->property = $property;
        $this->firm = $property->firm;
        $this->call = $call;
        $this->clearing = new ClearingDetails();
        $this->outcome = new Outcome();
        $this->seenPlaces = new ArrayCollection();
        $this->testsMade = new ArrayCollection();
        $this->dangersSaid = new ArrayCollection();
        $this->gateLines = new ArrayCollection();
        $this->checks = new ArrayCollection();
        $this->openings = new ArrayCollection();
        $this->passes = new ArrayCollection();
        $this->flowTests = new ArrayCollection();
        $this->stuckTools = new ArrayCollection();
        $this->outsidePipes = new ArrayCollection();
        $this->runs = new ArrayCollection();
    }

    public function id(): string
    {
        return $this->id;
    }

    public function job(): self
    {
        return $this;
    }

    public function property(): Property
    {
        return $this->property;
    }

    /** @throws \DomainException when the property is another firm's */
    public function moveTo(Property $property): void
    {
        if ($property->firm !== $this->firm) {
            throw new \DomainException('A property of another firm cannot be a job\'s.');
        }
        $this->property = $property;
    }

    /** What was seen and said on site. */
    public function site(): SiteEvidence
    {
        return new SiteEvidence($this, $this->seenPlaces, $this->testsMade, $this->dangersSaid, $this->gateLines, $this->checks);
    }

    public function outcome(): Outcome
    {
        return $this->outcome;
    }

    public function clearing(): ClearingDetails
    {
        return $this->clearing;
    }

    public function planClearing(ClearingDetails $clearing): void
    {
        $this->clearing = clone $clearing;
    }

    public function practise(Practice $practice): void
    {
        $this->practice = $practice->plain();
    }

    /** Whether a reel or a machine may be simulated here; on a real job none is. */
    public function mayBeSimulated(): bool
    {
        return null !== $this->practice || $this->firm->isMadeUp();
    }

    /** None for work that is real. */
    public function practice(): ?Practice
    {
        return null === $this->practice ? null : Practice::read($this->practice);
    }

    public function assign(?Account $person): void
    {
        $this->assignee = $person;
    }

    /** Who goes; none where nobody was given it yet. */
    public function assignee(): ?Account
    {
        return $this->assignee;
    }

    public function call(): CallSheet
    {
        return $this->call;
    }

    public function answerCall(CallSheet $call): void
    {
        $this->call = clone $call;
    }

    /** @throws \DomainException when the opening is another job's */
    public function chooseOpening(?Opening $opening, Zero $zero, string $zeroNote): void
    {
        if (null !== $opening && $opening->job !== $this) {
            throw new \DomainException('An opening of another job cannot be chosen.');
        }
        $this->chosenOpening = $opening;
        [$this->zero, $this->zeroNote] = [$zero, $zeroNote];
    }

    public function chosenOpening(): ?Opening
    {
        return $this->chosenOpening;
    }

    public function zero(): Zero
    {
        return $this->zero;
    }

    public function zeroNote(): string
    {
        return $this->zeroNote;
    }

    /** Judges by other schools than the firm's; none is the firm's own. */
    public function judgeBy(?School $water, ?School $roots): void
    {
        $this->firm->rules()->with($water, $roots);
        $this->outcome->judgeBy($water, $roots);
    }

    public function rules(): HouseRules
    {
        return $this->firm->rules()->with($this->outcome->waterSchool(), $this->outcome->rootsSchool());
    }

    /** @return list<Opening> */
    public function openings(): array
    {
        return array_values($this->openings->filter(static fn (Opening $opening) => null === $opening->withdrawnAt())->toArray());
    }

    /** @return list<Opening> that need something done before they serve */
    public function poorOpenings(): array
    {
        return array_values(array_filter(
            $this->openings(), static fn (Opening $opening) => $opening->details()->need()->level() > Need::Leave->level(),
        ));
    }

    /** @return list<Pass> */
    public function passes(): array
    {
        return array_values($this->passes->filter(static fn (Pass $pass) => null === $pass->withdrawnAt())->toArray());
    }

    /** The tool that is in the line now; none when none is. */
    public function openPass(): ?Pass
    {
        return array_values(array_filter($this->passes(), static fn (Pass $pass) => $pass->isOpen()))[0] ?? null;
    }

    /** @return list<FlowTest> */
    public function flowTests(): array
    {
        return array_values($this->flowTests->filter(static fn (FlowTest $test) => null === $test->withdrawnAt())->toArray());
    }

    /** @return list<StuckTool> */
    public function stuckTools(): array
    {
        return array_values($this->stuckTools->toArray());
    }

    /** @return list<OutsidePipe> */
    public function outsidePipes(): array
    {
        return array_values($this->outsidePipes->filter(static fn (OutsidePipe $pipe) => null === $pipe->withdrawnAt())->toArray());
    }

    /** @return list<Run> in the order in which they were made */
    public function runs(): array
    {
        return array_values($this->runs->toArray());
    }

    /** When its last look began; none where it has not looked. */
    public function lastLookedAt(): ?\DateTimeImmutable
    {
        $runs = $this->runs();

        return [] === $runs ? null : $runs[\count($runs) - 1]->startedAt;
    }

    /** The run that somebody wants to see: the latest where it is none of the job's, none where there is none. */
    public function runOrLatest(?string $id): ?Run
    {
        $runs = $this->runs();

        return array_values(array_filter($runs, static fn (Run $run) => $run->id === $id))[0] ?? ($runs[\count($runs) - 1] ?? null);
    }
}
