<?php

declare(strict_types=1);

namespace App\HandOver;

use App\Record\Job;
use App\Record\JobPicture;
use App\Work\ClearedProof;
use App\Work\JudgedRun;
use App\Work\LineFinding;
use App\Work\LineRecord;
use App\Work\LookPair;
use App\Work\MarkedGround;
use App\Work\MendPlan;
use App\Work\PlaceHistory;
use App\Work\RingLeft;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Judge\Need;
use Jurvex\Core\Judge\Verdict;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Ribbon\Ribbon;
use Jurvex\Core\Site\SiteDrawing;

/** All that a job's report rests on. */
final readonly class Report
{
    private const SITE_WIDTH = 720.0;
    private const SITE_TALLEST = 420.0;

    /** @var list<LineFinding> what a reader should know of, worst first */
    public array $notable;

    /**
     * @param LineRecord $record of the property from all its looks: what is said of the line rests on it
     * @param list<JudgedRun> $runs of the job, in the order in which they were made
     * @param array<string, Ribbon> $ribbons by run
     * @param ?MarkedGround $marked none where nothing was marked
     * @param array<string, RingLeft> $rings what the cutters left on the wall, by pass
     * @param list<MendPlan> $mends how what is judged to be mended can be
     * @param ?ClearedProof $cleared none where no tool was in the line
     * @param list<string> $why it stopped, as far as anything shows it
     * @param string $useAdvice how to use it from now on
     * @param list<PlaceHistory> $histories what grows, as far as looks on several days tell
     * @param list<LookPair> $pairs the job's looks over the ones before them
     * @param array<string, list<Ribbon>> $pairRibbons before and after, by the run after
     * @param list<JobPicture> $pictures of the place and its openings
     */
    public function __construct(
        public Job $job, public LineRecord $record, public array $runs, public array $ribbons, public ?MarkedGround $marked,
        public array $mends,
        public UnitSystem $units, public ?ClearedProof $cleared, public array $rings, public array $why, public string $useAdvice,
        public array $histories = [],
        public array $pairs = [], public array $pairRibbons = [], public array $pictures = [],
    ) {
        $this->notable = $record->notable();
    }

    /** @return list<JudgedRun> the job's own, and the earlier ones that they are laid over */
    public function looks(): array
    {
        $looks = [];
        foreach ($this->runs as $line) {
            $looks[$line->run->id] = $line;
        }
        foreach ($this->pairs as $pair) {
            $looks[$pair->before->run->id] = $pair->before;
        }

        return array_values($looks);
    }

    /** The plan of the site; none where nothing stands on it or nothing was marked. */
    public function site(): ?SiteDrawing
    {
        return null === $this->marked || $this->marked->plan->isBlank()
            ? null : $this->marked->drawing($this->units, self::SITE_WIDTH, self::SITE_TALLEST);
    }

    /** None when nothing was looked at. */
    public function verdict(): ?Verdict
    {
        return $this->record->verdict;
    }

    /** The worst class of the whole line. */
    public function worstNeed(): ?Need
    {
        return array_reduce(
            $this->notable,
            static fn (?Need $worst, LineFinding $each) => $each->judgement->counts()?->worse($worst) ?? $worst,
            null,
        );
    }

    /** Another utility runs through the pipe. */
    public function hasCrossBore(): bool
    {
        return [] !== array_filter($this->notable, static fn (LineFinding $each) => Kind::CrossBore === $each->finding->kind);
    }

    /** Code of what to advise where the technician has not said it: never that nothing is to be done about what nobody saw. */
    public function advice(): string
    {
        $worst = $this->worstNeed();
        $presses = null !== $worst && $worst->level() >= Need::KeepClean->level();

        return match (true) {
            null === $this->verdict() => 'look',
            !$presses && Verdict::NotFullySeen === $this->verdict() => $this->record->isWhollySeen() ? 'look_again' : 'see_the_rest',
            default => $worst->value ?? Need::Leave->value,
        };
    }
}
