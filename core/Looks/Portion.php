<?php

declare(strict_types=1);

namespace Jurvex\Core\Looks;

use Jurvex\Core\Judge\PlacedVerdict;
use Jurvex\Core\Judge\Stretch;
use Jurvex\Core\Judge\Stretches;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\Boundary;
use Jurvex\Core\Run\Coverage;
use Jurvex\Core\Run\Division;
use Jurvex\Core\Run\Sight;
use Jurvex\Core\Run\SightSpan;

/** What is seen of the line from one opening one way, by all looks together; in distances from that opening. */
final readonly class Portion
{
    /** What is shorter nobody can tell from nothing. */
    private const HAIR_M = 0.005;

    /**
     * @param LaidRun $run the one that got farthest: the portion is told by its distances
     * @param list<string> $runs all that tell of it
     * @param Length $end how far it goes, as far as anybody knows
     * @param Boundary $ends what it ends at
     * @param list<SightSpan> $gaps what nobody has seen well
     * @param bool $isOpenEnded whether the line goes on beyond what anybody has seen, nobody knows how far
     */
    private function __construct(
        public LaidRun $run, public array $runs, public Length $end, public Boundary $ends, public array $gaps, public bool $isOpenEnded,
    ) {
    }

    /** @param non-empty-list<LaidRun> $runs of the portion */
    public static function of(array $runs, UnitedLine $line): self
    {
        $farthest = $runs[0];
        foreach ($runs as $run) {
            $farthest = $run->record->reached->metres > $farthest->record->reached->metres ? $run : $farthest;
        }
        $isComplete = [] !== array_filter($runs, static fn (LaidRun $run) => true === $run->record->ended?->isComplete());
        $reached = $farthest->record->reached;
        $mapped = self::mapped($farthest);
        $end = $isComplete ? $reached->metres : max($reached->metres, $mapped ?? $farthest->record->length()->metres);
        $gaps = self::gaps($farthest, $end, $line);
        $isOpen = !$isComplete && null === $mapped && Coverage::of($farthest->record)->openEnded;
        $ends = $end > $reached->metres ? Boundary::LineEnd : Boundary::ofRun($farthest->record->ended);

        return new self($farthest, array_map(static fn (LaidRun $run) => $run->id, $runs), Length::metres($end), $ends, $gaps, $isOpen);
    }

    /**
     * Its stretches: cut where the map has something that divides a line, and where somebody saw such a thing.
     *
     * @param list<Division> $seen what divides it, as it was seen, in any order
     * @param list<PlacedVerdict> $found in any order
     *
     * @return list<Stretch>
     */
    public function stretches(array $seen, array $found): array
    {
        $end = $this->end->metres - UnitedLine::SAME_PLACE_M;
        $inside = array_filter($this->divided($seen), static fn (Division $each) => $each->at->metres < $end);
        usort($found, static fn (PlacedVerdict $a, PlacedVerdict $b) => $a->from->metres <=> $b->from->metres);

        return Stretches::between(
            [new Division(Length::metres(0), Boundary::Zero), ...array_values($inside), new Division($this->end, $this->ends)],
            $found, $this->gaps, $this->run->record->reached, $this->isOpenEnded,
        );
    }

    /**
     * @param list<Division> $seen
     *
     * @return list<Division> with those of the map, each place once: what was seen there counts
     */
    private function divided(array $seen): array
    {
        foreach ($this->run->pieces as $piece) {
            if ($piece->isSure && null !== $piece->ends) {
                $seen[] = new Division(Length::metres($piece->to), $piece->ends);
            }
        }
        $divided = [];
        foreach ($seen as $division) {
            $isNew = $division->at->metres > UnitedLine::SAME_PLACE_M;
            foreach ($divided as $known) {
                $isNew = $isNew && abs($known->at->metres - $division->at->metres) > UnitedLine::SAME_PLACE_M;
            }
            if ($isNew) {
                $divided[] = $division;
            }
        }
        usort($divided, static fn (Division $a, Division $b) => $a->at->metres <=> $b->at->metres);

        return $divided;
    }

    public function isWhollySeen(): bool
    {
        return [] === $this->gaps && !$this->isOpenEnded;
    }

    /** Where the map ends along the way; none where the way is not sure, or leads off the map. */
    private static function mapped(LaidRun $run): ?float
    {
        $known = null;
        foreach ($run->pieces as $piece) {
            if ($piece->isSure) {
                $known = $piece->to;
            }
        }

        return $known;
    }

    /** @return list<SightSpan> */
    private static function gaps(LaidRun $run, float $end, UnitedLine $line): array
    {
        $gaps = [];
        foreach ($run->pieces as $piece) {
            $at = $piece->from;
            $to = min($piece->to, $end);
            if ($to <= $at) {
                continue;
            }
            foreach (self::along($piece, $line) as [$from, $until, $sight]) {
                if ($from >= $to) {
                    break;
                }
                $gaps = self::with($gaps, $at, min($from, $to), Sight::Unreached);
                $gaps = Sight::Seen === $sight ? $gaps : self::with($gaps, max($at, $from), min($until, $to), $sight);
                $at = max($at, $until);
            }
            $gaps = self::with($gaps, $at, $to, Sight::Unreached);
        }

        return $gaps;
    }

    /** @return list<array{float, float, Sight}> what anybody saw of a piece, in metres of the run, in order */
    private static function along(LaidPiece $piece, UnitedLine $line): array
    {
        $seen = [];
        foreach ($line->coverage as $span) {
            if ($span->lies($piece->pipe)) {
                $ends = [$piece->onRun($span->from), $piece->onRun($span->to)];
                $seen[] = [min($ends), max($ends), $span->sight];
            }
        }
        sort($seen);

        return $seen;
    }

    /**
     * @param list<SightSpan> $gaps
     *
     * @return list<SightSpan>
     */
    private static function with(array $gaps, float $from, float $to, Sight $sight): array
    {
        if ($to - $from < self::HAIR_M) {
            return $gaps;
        }
        $last = end($gaps);
        if (false !== $last && $last->sight === $sight && abs($last->to->metres - $from) < self::HAIR_M) {
            array_pop($gaps);
            $from = $last->from->metres;
        }

        return [...$gaps, new SightSpan(Length::metres(max(0.0, $from)), Length::metres($to), $sight)];
    }
}
