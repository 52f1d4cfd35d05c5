<?php

declare(strict_types=1);

namespace App\Record;

use App\Firm\Firm;
use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Clear\Machine;
use Jurvex\Core\Judge\HouseRules;
use Jurvex\Core\Judge\School;
use Jurvex\Core\Triage\DangerSign;

/** One job, from the call to the hand-over. */
#[ORM\Entity(repositoryClass: JobRepository::class)]
#[ORM\Index(columns: ['firm_id', 'planned_on', 'turn'])]
#[ORM\Index(columns: ['firm_id', 'upkeep_due_on'])]
#[ORM\Index(columns: ['firm_id', 'handed_over_at', 'id'])]
class Job
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

    /** @var array<string, array<string, array{by: string, at: string}>> */
    #[ORM\Column(type: 'json', options: ['default' => '[]'])]
    private array $gates = [];

    /** @var array<string, string> what was seen at the places of the line map: answers by node */
    #[ORM\Column(type: 'json', options: ['default' => '[]'])]
    private array $seen = [];

    /** @var list<array{run: string, watched: string, seen: string, by: string, at: string}> */
    #[ORM\Column(type: 'json', options: ['default' => '[]'])]
    private array $madeTests = [];

    /** @var array<string, array{state: string, by: string, at: string}> by danger sign */
    #[ORM\Column(type: 'json', options: ['default' => '[]'])]
    private array $dangers = [];

    /** @var ?array{seed: int, difficulty: string, by: string, score: ?int, points: array<string, float|int>, minutes: float|int|null} */
    #[ORM\Column(type: 'json', nullable: true)]
    private ?array $practice = null;

    #[ORM\ManyToOne]
    private ?Opening $chosenOpening = null;

    #[ORM\Column(enumType: Zero::class)]
    private Zero $zero = Zero::Foot;

    #[ORM\Column(length: 200)]
    private string $zeroNote = '';

    #[ORM\Column(enumType: Cleared::class, nullable: true)]
    private ?Cleared $cleared = null;

    #[ORM\Column(type: 'text')]
    private string $clearedNote = '';

    /** Hazards and faults seen around the job that are not in the pipe. */
    #[ORM\Column(type: 'text')]
    private string $seenAround = '';

    #[ORM\Column(enumType: School::class, nullable: true)]
    private ?School $waterSchool = null;

    #[ORM\Column(enumType: School::class, nullable: true)]
    private ?School $rootsSchool = null;

    /** What we advise, in the technician's words for the customer. */
    #[ORM\Column(type: 'text')]
    private string $advice = '';

    #[ORM\Column(type: 'text')]
    private string $upkeep = '';

    #[ORM\Column(type: 'date_immutable', nullable: true)]
    private ?\DateTimeImmutable $upkeepDueOn = null;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $handedOverAt = null;

    /** Why an unfinished look is left unfinished. */
    #[ORM\Column(type: 'text')]
    private string $lookClosedBecause = '';

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
        $this->openings = new ArrayCollection();
        $this->passes = new ArrayCollection();
        $this->flowTests = new ArrayCollection();
        $this->stuckTools = new ArrayCollection();
        $this->runs = new ArrayCollection();
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

    /** @param ?string $answer none to take it back */
    public function see(string $node, ?string $answer): void
    {
        $seen = $this->seen;
        unset($seen[$node]);
        $this->seen = null === $answer ? $seen : [...$seen, $node => $answer];
    }

    /** @return array<string, string> */
    public function seen(): array
    {
        return $this->seen;
    }

    /** @param ?string $answer none to take it back */
    public function makeTest(string $run, string $watched, ?string $answer, string $by, \DateTimeImmutable $at): void
    {
        $others = array_values(
            array_filter($this->madeTests, static fn (array $test) => [$test['run'], $test['watched']] !== [$run, $watched]),
        );
        $this->madeTests = null === $answer
            ? $others
            : [...$others, ['run' => $run, 'watched' => $watched, 'seen' => $answer, 'by' => $by, 'at' => $at->format(\DATE_ATOM)]];
    }

    /** @return list<array{run: string, watched: string, seen: string, by: string, at: string}> */
    public function madeTests(): array
    {
        return $this->madeTests;
    }

    public function sayDanger(DangerSign $sign, DangerState $state, string $by, \DateTimeImmutable $at): void
    {
        $this->dangers = [...$this->dangers, $sign->value => ['state' => $state->value, 'by' => $by, 'at' => $at->format(\DATE_ATOM)]];
    }

    /** @return array<string, array{state: string, by: string, at: string}> */
    public function dangers(): array
    {
        return $this->dangers;
    }

    /** @return list<DangerSign> that are there and not yet made safe */
    public function presentDangers(): array
    {
        return array_values(
            array_filter(
                DangerSign::cases(),
                fn (DangerSign $sign) => DangerState::Present->value === ($this->dangers[$sign->value]['state'] ?? null),
            ),
        );
    }

    public function clearing(): ClearingDetails
    {
        return $this->clearing;
    }

    public function planClearing(ClearingDetails $clearing): void
    {
        $this->clearing = clone $clearing;
    }

    public function confirmGate(Machine $machine, string $line, bool $confirmed, string $by, \DateTimeImmutable $at): void
    {
        $gates = $this->gates;
        unset($gates[$machine->value][$line]);
        if ($confirmed) {
            $gates[$machine->value][$line] = ['by' => $by, 'at' => $at->format(\DATE_ATOM)];
        }
        $this->gates = array_filter($gates);
    }

    /** @return array<string, array<string, array{by: string, at: string}>> confirmed lines by machine */
    public function gates(): array
    {
        return $this->gates;
    }

    /** @return list<string> lines of a machine's gate that nobody has confirmed */
    public function unconfirmed(Machine $machine): array
    {
        return array_values(array_filter($machine->gate(), fn (string $line) => !isset($this->gates[$machine->value][$line])));
    }

    public function practise(Practice $practice): void
    {
        $this->practice = $practice->plain();
    }

    /** None for work that is real. */
    public function practice(): ?Practice
    {
        return null === $this->practice ? null : Practice::read($this->practice);
    }

    /** Nothing starts past a line of its gate that nobody has confirmed, or past a danger. */
    public function isShutFor(Machine $machine): bool
    {
        return [] !== $this->unconfirmed($machine) || [] !== $this->presentDangers();
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
        $this->zero = $zero;
        $this->zeroNote = $zeroNote;
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

    public function sayCleared(?Cleared $cleared, string $note): void
    {
        $this->cleared = $cleared;
        $this->clearedNote = $note;
    }

    public function cleared(): ?Cleared
    {
        return $this->cleared;
    }

    public function clearedNote(): string
    {
        return $this->clearedNote;
    }

    public function noteSeenAround(string $seen): void
    {
        $this->seenAround = $seen;
    }

    public function seenAround(): string
    {
        return $this->seenAround;
    }

    /** Judges by other schools than the firm's; none is the firm's own. */
    public function judgeBy(?School $water, ?School $roots): void
    {
        $this->firm->rules()->with($water, $roots);
        $this->waterSchool = $water;
        $this->rootsSchool = $roots;
    }

    public function waterSchool(): ?School
    {
        return $this->waterSchool;
    }

    public function rootsSchool(): ?School
    {
        return $this->rootsSchool;
    }

    public function rules(): HouseRules
    {
        return $this->firm->rules()->with($this->waterSchool, $this->rootsSchool);
    }

    public function advise(string $advice, string $upkeep, ?\DateTimeImmutable $upkeepDueOn): void
    {
        $this->advice = $advice;
        $this->upkeep = $upkeep;
        $this->upkeepDueOn = $upkeepDueOn;
    }

    public function advice(): string
    {
        return $this->advice;
    }

    public function upkeep(): string
    {
        return $this->upkeep;
    }

    public function upkeepDueOn(): ?\DateTimeImmutable
    {
        return $this->upkeepDueOn;
    }

    public function handOver(?\DateTimeImmutable $at): void
    {
        $this->handedOverAt = $at;
    }

    public function handedOverAt(): ?\DateTimeImmutable
    {
        return $this->handedOverAt;
    }

    public function closeLook(string $because): void
    {
        $this->lookClosedBecause = $because;
    }

    public function lookClosedBecause(): string
    {
        return $this->lookClosedBecause;
    }

    /** @return list<Opening> */
    public function openings(): array
    {
        return array_values($this->openings->filter(static fn (Opening $opening) => null === $opening->withdrawnAt())->toArray());
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

    /** @return list<Run> in the order in which they were made */
    public function runs(): array
    {
        return array_values($this->runs->toArray());
    }
}
