<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\Job;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Judge\Need;
use Jurvex\Core\Judge\PlacedVerdict;
use Jurvex\Core\Judge\Stretch;
use Jurvex\Core\Judge\Verdict;
use Jurvex\Core\Looks\Portion;
use Jurvex\Core\Looks\UnitedLine;
use Jurvex\Core\Run\Boundary;
use Jurvex\Core\Run\Division;

/** What is known of a property's line from all looks together. */
final readonly class LineRecord
{
    /** Two counters do not differ by more than this at one place. */
    private const DOUBTFUL_M = 1.5;

    /** None when nothing was looked at. */
    public ?Verdict $verdict;

    /** @var \WeakMap<Portion, list<Stretch>> worked out once for each portion */
    private \WeakMap $stretches;

    /**
     * @param array<string, JudgedRun> $runs by run, oldest first
     * @param list<LineFinding> $findings that are there
     * @param list<LineFinding> $gone what a later look found no more
     * @param list<Portion> $portions by opening and way
     */
    public function __construct(public array $runs, public array $findings, public array $gone, public array $portions)
    {
        $this->stretches = new \WeakMap();
        $this->verdict = [] === $runs ? null : $this->whole();
    }

    /** @return list<JudgedRun> a job's own, oldest first */
    public function runsOf(Job $job): array
    {
        return array_values(array_filter($this->runs, static fn (JudgedRun $line) => $line->run->job === $job));
    }

    /** A job's run that somebody wants to see: the latest where it is none of the job's, none where there is none. */
    public function runOrLatest(Job $job, ?string $id): ?JudgedRun
    {
        $runs = $this->runsOf($job);
        $wanted = $this->runs[$id ?? ''] ?? null;

        return $wanted?->run->job === $job ? $wanted : $runs[\count($runs) - 1] ?? null;
    }

    /** @return list<LineFinding> all but the plain joints, in their places: opening by opening, along the way of the camera */
    public function told(): array
    {
        $told = array_values(array_filter($this->findings, static fn (LineFinding $each) => Kind::SoundJoint !== $each->finding->kind));
        $places = array_map($this->onItsWay(...), $told);
        asort($places);

        return array_map(static fn (int $i) => $told[$i], array_keys($places));
    }

    /** @return array{int, float} which portion's way it lies on, and metres along that; behind all of them where it lies on none */
    private function onItsWay(LineFinding $each): array
    {
        foreach ($this->portions as $i => $portion) {
            $place = $portion->run->onRun($each->pipe, $each->at, $each->at);
            if (null !== $place) {
                return [$i, $place[0]->metres];
            }
        }

        return [\count($this->portions), $each->at];
    }

    /** @return list<LineFinding> all but the plain joints, worst first */
    public function ranked(): array
    {
        return self::worstFirst($this->told());
    }

    /** @return list<LineFinding> what a reader should know of, worst first: not the plain joints, bends and sound tie-ins */
    public function notable(): array
    {
        return self::worstFirst(array_filter(
            $this->findings,
            static fn (LineFinding $each) => !$each->finding->kind->isPlain() && Need::Leave !== $each->judgement->counts(),
        ));
    }

    public function isWhollySeen(): bool
    {
        return [] === array_filter($this->portions, static fn (Portion $portion) => !$portion->isWhollySeen());
    }

    /** @return list<LineFinding> the worst, worst first, of those that need anything done */
    public function worst(int $most): array
    {
        $pressing = array_filter(
            $this->findings, static fn (LineFinding $each) => ($each->judgement->counts()?->level() ?? 0) >= Need::KeepClean->level(),
        );

        return \array_slice(self::worstFirst($pressing), 0, $most);
    }

    /** @return list<Doubt> the same kind of trouble seen from elsewhere near by: nobody but the technician knows whether it is one thing */
    public function doubts(): array
    {
        $doubts = $alike = [];
        // From one opening one way a look tells itself what is one thing.
        foreach ($this->hasSeveralPortions() ? [...$this->findings, ...$this->gone] : [] as $each) {
            if (!$each->finding->kind->isPlain()) {
                $alike[$each->pipe.' '.$each->finding->kind->trouble()][] = $each;
            }
        }
        foreach ($alike as $troubles) {
            usort($troubles, static fn (LineFinding $one, LineFinding $other) => $one->at <=> $other->at);
            foreach ($troubles as $i => $one) {
                for ($j = $i + 1; isset($troubles[$j]) && $one->gapTo($troubles[$j]) <= self::DOUBTFUL_M; ++$j) {
                    $other = $troubles[$j];
                    $apart = $one->gapTo($other);
                    $isThere = null === $one->goneSince || null === $other->goneSince;
                    if ($isThere && $apart > UnitedLine::SAME_PLACE_M && $one->isSeenFromElsewhereThan($other)) {
                        $doubts[] = Doubt::between($one, $other, $apart);
                    }
                }
            }
        }

        return $doubts;
    }

    /** Another utility runs through the pipe: nobody cuts or jets here. */
    public function hasCrossBore(): bool
    {
        return [] !== array_filter($this->findings, static fn (LineFinding $each) => Kind::CrossBore === $each->finding->kind);
    }

    /** How many findings wait for another look. */
    public function waiting(): int
    {
        return \count(array_filter($this->findings, static fn (LineFinding $each) => $each->judgement->asksForAnotherLook()));
    }

    /** Of one portion: what was seen from there, and what nobody saw of it. */
    public function verdictOf(Portion $portion): Verdict
    {
        if (1 === \count($this->portions)) {
            return $this->verdict ?? $this->whole();
        }

        $worst = array_reduce(
            $this->stretchesOf($portion),
            static fn (Verdict $worst, Stretch $stretch) => $worst->worse($stretch->verdict),
            $portion->isWhollySeen() ? Verdict::Passes : Verdict::NotFullySeen,
        );

        return array_reduce(
            array_filter($this->findings, static fn (LineFinding $each) => $each->isSeenBy($portion->runs)),
            static fn (Verdict $worst, LineFinding $each) => $worst->worse(Verdict::on($each->judgement)), $worst,
        );
    }

    /** @return list<Stretch> of a portion, with what any look found on its way */
    public function stretchesOf(Portion $portion): array
    {
        return $this->stretches[$portion] ??= $this->divided($portion);
    }

    /** @return list<Stretch> */
    private function divided(Portion $portion): array
    {
        $divisions = $found = [];
        foreach ($this->findings as $joint) {
            foreach ([$joint, ...$joint->beside] as $each) {
                [$verdict, $boundary] = [Verdict::on($each->judgement), Boundary::at($each->finding->kind)];
                // Most of a line is sound joints, which neither cut a stretch nor weigh in its verdict.
                if (Verdict::Passes === $verdict && null === $boundary) {
                    continue;
                }
                $place = $portion->run->onRun($each->pipe, $each->at, $each->at + $each->finding->lengthMetres());
                if (null === $place || $place[0]->metres > $portion->end->metres + UnitedLine::SAME_PLACE_M) {
                    continue;
                }
                $found[] = new PlacedVerdict($each->finding->id, $place[0], $place[1], $verdict);
                if (null !== $boundary) {
                    $divisions[] = new Division($place[0], $boundary);
                }
            }
        }

        return $portion->stretches($divisions, $found);
    }

    /** Whether distances from different openings or ways are told, so that each must say from where. */
    public function hasSeveralPortions(): bool
    {
        return \count($this->portions) > 1;
    }

    /** How many findings cannot wait. */
    public function count(Need $need): int
    {
        return \count(array_filter($this->findings, static fn (LineFinding $each) => $each->judgement->counts() === $need));
    }

    private function whole(): Verdict
    {
        $worst = $this->isWhollySeen() ? Verdict::Passes : Verdict::NotFullySeen;
        foreach ($this->findings as $each) {
            $worst = $worst->worse(Verdict::on($each->judgement));
        }

        return $worst;
    }

    /**
     * By class, then by size.
     *
     * @param array<LineFinding> $findings
     *
     * @return list<LineFinding>
     */
    private static function worstFirst(array $findings): array
    {
        $findings = array_values($findings);
        $keys = [];
        foreach ($findings as $each) {
            $keys[] = [-$each->judgement->rank(), -($each->finding->size->value ?? 0.0), \count($keys)];
        }
        array_multisort($keys, $findings);

        return $findings;
    }
}
