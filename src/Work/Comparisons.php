<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\Job;
use App\Record\PairSaid;
use App\Record\Run;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Compare\Comparison;
use Jurvex\Core\Compare\Fit;
use Jurvex\Core\Compare\HandPairs;
use Jurvex\Core\Compare\Seen;
use Jurvex\Core\Sketch\RunSpan;
use Jurvex\Core\Sketch\Source;

/** Lays looks at a property over each other. */
final readonly class Comparisons
{
    /** From elsewhere so many things must pair before two looks are taken for one stretch. */
    private const LEAST_PAIRS = 3;
    /** So many earlier looks from elsewhere are tried, the latest first. */
    private const MOST_TRIED = 3;

    public function __construct(private Fits $fits, private EntityManagerInterface $manager)
    {
    }

    /**
     * Of each opening and way that the job looked from, its last look over the one before it: from there, or else from elsewhere
     * over the same stretch.
     *
     * @return list<LookPair>
     */
    public function of(Job $job, LineRecord $record): array
    {
        $last = [];
        foreach ($record->runsOf($job) as $line) {
            if ([] !== $line->record->findings) {
                $last[$line->run->portion()] = $line;
            }
        }
        $pairs = array_map(fn (JudgedRun $after) => $this->withTheOneBefore($after, $record), array_values($last));

        return array_values(array_filter($pairs, static fn (?LookPair $pair) => null !== $pair));
    }

    public function between(JudgedRun $before, JudgedRun $after): LookPair
    {
        $isTurned = $before->record->travel !== $after->record->travel;
        $seen = Seen::by($before->record);
        $seen = $isTurned ? $seen->reversed($before->record->reached->metres) : $seen;
        $other = Seen::by($after->record);
        $fit = $this->fits->of($seen, $other);
        $byMap = [] === $fit->pairs ? self::byTheMap($before->run, $after->run, $before->record->reached->metres) : null;

        return new LookPair(
            $before, $after, Comparison::of($seen, $other, $this->hand($after->run->job), $byMap ?? $this->orByZero($fit, $before, $after)),
            null !== $byMap, $isTurned,
        );
    }

    /** Where nothing pairs, from one opening one way the zeros that were said tell how distances go together. */
    private function orByZero(Fit $fit, JudgedRun $before, JudgedRun $after): Fit
    {
        return [] === $fit->pairs && $before->run->portion() === $after->run->portion()
            ? Fit::by(MappedRuns::leadOf($after->run) - MappedRuns::leadOf($before->run), 1.0) : $fit;
    }

    private function withTheOneBefore(JudgedRun $after, LineRecord $record): ?LookPair
    {
        $earlier = array_filter(
            array_reverse($record->runs), static fn (JudgedRun $each) => $each !== $after && [] !== $each->record->findings
                && $each->run->startedAt <= $after->run->startedAt && null !== $each->run->endReason(),
        );
        foreach ($earlier as $before) {
            if ($before->run->portion() === $after->run->portion()) {
                return $this->between($before, $after);
            }
        }
        foreach (\array_slice($earlier, 0, self::MOST_TRIED) as $before) {
            $pair = $this->between($before, $after);
            if ($pair->isByMap || \count($pair->comparison->fit->pairs) >= self::LEAST_PAIRS) {
                return $pair;
            }
        }

        return null;
    }

    /** How their distances go together where both ways come through one pipe, and all before it is measured or seen. */
    private static function byTheMap(Run $before, Run $after, float $reached): ?Fit
    {
        $onward = self::sure($after);
        foreach (self::sure($before) as $id => $one) {
            $other = $onward[$id] ?? null;
            if (null !== $other) {
                // Where the pipe begins for a camera that goes with the look after, by the counter of the look before.
                $begins = $one->down === $other->down ? $one->from : $reached - $one->to;

                return Fit::by($other->from - $begins, 1.0);
            }
        }

        return null;
    }

    /** @return array<string, RunSpan> the pipes on a run's way, by pipe, as far as their lengths are known */
    private static function sure(Run $run): array
    {
        $sure = [];
        foreach (MappedRuns::wayOf($run)->spans ?? [] as $span) {
            if ($span->pipe->length->source->isWeakerThan(Source::Measured)) {
                break;
            }
            $sure[$span->pipe->id] = $span;
        }

        return $sure;
    }

    private function hand(Job $job): HandPairs
    {
        $same = $apart = [];
        foreach ($this->manager->getRepository(PairSaid::class)->findBy(['job' => $job], ['id' => 'ASC']) as $said) {
            if ($said->isSame()) {
                $same[$said->beforeId] = $said->afterId;
            } else {
                $apart[] = [$said->beforeId, $said->afterId];
            }
        }

        return new HandPairs($same, $apart);
    }
}
