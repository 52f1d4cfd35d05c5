<?php

declare(strict_types=1);

namespace App\HandOver;

use App\Record\Job;
use App\Record\Mark;
use App\Work\ClearedProof;
use App\Work\JudgedRun;
use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Judge\Need;
use Jurvex\Core\Judge\Verdict;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Ribbon\Ribbon;

/** All that a job's report shows. */
final readonly class Report
{
    /** @var list<Notable> what a reader should know of, worst first: not the plain joints, bends and sound tie-ins */
    public array $notable;

    /**
     * @param list<JudgedRun> $runs in the order in which they were made
     * @param list<JudgedRun> $current the latest of each opening and direction: what is said of the line rests on these
     * @param array<string, Ribbon> $ribbons by run
     * @param list<Mark> $marks
     * @param ?ClearedProof $cleared none where no tool was in the line
     */
    public function __construct(
        public Job $job, public array $runs, public array $current, public array $ribbons, public array $marks,
        public UnitSystem $units, public ?ClearedProof $cleared,
    ) {
        $this->notable = self::worstFirst($current);
    }

    /** None when nothing was looked at. */
    public function verdict(): ?Verdict
    {
        return array_reduce(
            $this->current,
            static fn (?Verdict $worst, JudgedRun $line) => $line->verdict->whole()->worse($worst ?? Verdict::Passes),
            null,
        );
    }

    /** The worst class of the whole line. */
    public function worstNeed(): ?Need
    {
        return array_reduce(
            $this->notable,
            static fn (?Need $worst, Notable $row) => $row->judgement->counts()?->worse($worst) ?? $worst,
            null,
        );
    }

    /** Another utility runs through the pipe. */
    public function hasCrossBore(): bool
    {
        return [] !== array_filter($this->notable, static fn (Notable $row) => Kind::CrossBore === $row->finding->kind);
    }

    /**
     * @param list<JudgedRun> $current
     *
     * @return list<Notable>
     */
    private static function worstFirst(array $current): array
    {
        $rows = [];
        foreach ($current as $line) {
            foreach ($line->record->findings as $finding) {
                $judgement = $line->judgements[$finding->id];
                if (!self::isPlain($finding) && Need::Leave !== $judgement->counts()) {
                    $rows[] = new Notable($finding, $judgement);
                }
            }
        }
        usort($rows, static fn (Notable $a, Notable $b) => $b->judgement->rank() <=> $a->judgement->rank());

        return $rows;
    }

    private static function isPlain(Finding $finding): bool
    {
        return Kind::SoundJoint === $finding->kind
            || (Family::Way === $finding->kind->family() && Kind::CannotGoFurther !== $finding->kind);
    }

    /** Code of what to advise where the technician has not said it: never that nothing is to be done about what nobody saw. */
    public function advice(): string
    {
        $worst = $this->worstNeed();
        $presses = null !== $worst && $worst->level() >= Need::KeepClean->level();

        return match (true) {
            null === $this->verdict() => 'look',
            !$presses && Verdict::NotFullySeen === $this->verdict() => 'see_the_rest',
            default => $worst->value ?? Need::Leave->value,
        };
    }
}
