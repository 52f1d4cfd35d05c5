<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Run\EndReason;

/** Reads what is said of each run as a whole: one material and one end at most, and each time that the water was turned. */
final readonly class RunTalk
{
    /** A material stands within so many words of "this is": "this is a four inch cast iron line". */
    private const WITHIN = 5;
    /** Into what it goes is said so many words behind. */
    private const INTO = 5;
    /** What is said so many words from a material is of it. */
    private const NEAR = 10;
    /** "Four inch cast iron", "clay, a hundred and fifty": so many words are between them. */
    private const BORE_WORDS = 2;
    private const MILLIMETRE_M = 0.001;
    /** A run did not end where something was found farther on, in metres. */
    private const FARTHER_M = 0.5;
    private const ENDS = [
        'tap' => EndReason::MainReached, 'end_of_line' => EndReason::EndOfLine, 'cannot_go_further' => EndReason::CannotPass,
    ];
    private const STOPS = [EndReason::RodOut, EndReason::Jammed, EndReason::UnderWater];

    /** @param list<Entry> $entries of this run */
    private function __construct(private int $run, private array $entries, private UnitSystem $units, private Reel $reel)
    {
    }

    /**
     * @param UnitSystem $units in which a place without a unit is
     * @param list<Entry> $entries what was found, as the narration reads it
     *
     * @return list<OfRun> in the order of time
     */
    public static function read(Reading $reading, UnitSystem $units, array $entries, Reel $reel): array
    {
        $runs = array_values(array_unique(array_map(static fn (Entry $entry) => $entry->run, $entries)));
        sort($runs);
        $sentences = self::ofEach([] === $runs ? [0] : $runs, $reading->sentences());
        $all = [];
        foreach ($sentences as $run => $spoken) {
            $ours = array_values(array_filter($entries, static fn (Entry $entry) => $run === $entry->run));
            $isFirst = $run === array_key_first($sentences);
            array_push($all, ...RunBegins::read($spoken, $run, $isFirst), ...(new self($run, $ours, $units, $reel))->all($spoken));
        }
        usort($all, static fn (OfRun $one, OfRun $other) => $one->atS <=> $other->atS);

        return $all;
    }

    /**
     * What is said between two runs of which something was found is of the later one.
     *
     * @param non-empty-list<int> $runs of which something was found
     * @param list<Sentence> $sentences
     *
     * @return array<int, list<Sentence>> by run
     */
    private static function ofEach(array $runs, array $sentences): array
    {
        $of = array_fill_keys($runs, []);
        $said = 0;
        foreach ($sentences as $sentence) {
            $said += $sentence->has('run') ? 1 : 0;
            while (\count($runs) > 1 && $runs[0] < $said) {
                array_shift($runs);
            }
            $of[$runs[0]][] = $sentence;
        }

        return $of;
    }

    /**
     * @param list<Sentence> $sentences
     *
     * @return list<OfRun>
     */
    private function all(array $sentences): array
    {
        $changes = array_filter($this->entries, static fn (Entry $entry) => Kind::Transition->value === $entry->kind);
        $changedS = [] === $changes ? \INF : min(array_map(static fn (Entry $entry) => $entry->atS ?? 0.0, $changes));
        $pipe = $water = [];
        $material = null;
        $ends = $this->named();
        foreach ($sentences as $sentence) {
            if ($sentence->has('question') || $sentence->isAsked()) {
                continue;
            }
            // "it's cast iron for the first eleven feet, and then … it's clay": the clay is not at zero.
            $named = $sentence->named->materials();
            $material ??= $named[0]->meaning ?? null;
            $isAtZero = [] !== $named && ($sentence->atS($named[0]->first) ?? 0.0) < $changedS && $named[0]->meaning === $material;
            $pipe = [] === $pipe && $isAtZero ? $this->pipe($sentence, $named) : $pipe;
            if ($sentence->has('deny')) {
                continue;
            }
            array_push($water, ...$this->water($sentence, end($water) ?: null));
            array_push($ends, ...$this->stopped($sentence));
        }

        return [...$pipe, ...$water, ...$this->last($ends)];
    }

    /**
     * Of "this is four inch cast iron" what it is made of and how wide it is, unless it is said to become that.
     *
     * @param non-empty-list<Atom> $named materials of the sentence
     *
     * @return list<OfRun>
     */
    private function pipe(Sentence $sentence, array $named): array
    {
        if (isset($named[1]) && $named[1]->first - $named[0]->last <= self::NEAR) {
            return [];
        }
        // Whoever talks on without a pause says more in one breath than this.
        $isNear = static fn (string $role) => $sentence->has($role, $named[0]->first - self::NEAR, $named[0]->last + self::NEAR);
        // "into a four inch cast iron", and not "going in the front cleanout, and it's cast iron"
        $isInto = $sentence->has('into', $named[0]->first - self::INTO, $named[0]->last + self::NEAR);
        if ($isInto || $isNear('deny') || $isNear('from_material')) {
            return [];
        }
        foreach ($sentence->marks('made_of') as $end) {
            if ($named[0]->first > $end && $named[0]->first - $end <= self::WITHIN) {
                $material = $this->said(OfRun::MATERIAL, $named[0]->meaning, $sentence, $named[0]->first);
                $bore = $this->bore($sentence, $named[0]);

                return null === $bore ? [$material] : [$material, $this->said(OfRun::BORE, $bore, $sentence, $named[0]->first)];
            }
        }

        return [];
    }

    /** @return ?string the bore that is said beside what a pipe is made of, in mm */
    private function bore(Sentence $sentence, Atom $material): ?string
    {
        foreach ((new Measures($sentence, $this->units))->bores as $bore) {
            $between = $bore->last < $material->first ? $material->first - $bore->last : $bore->first - $material->last;
            if ($between > 0 && $between - 1 <= self::BORE_WORDS) {
                return (string) round($bore->value / self::MILLIMETRE_M, 1);
            }
        }

        return null;
    }

    /** @return list<OfRun> */
    private function water(Sentence $sentence, ?OfRun $before): array
    {
        $said = [];
        foreach ($sentence->atoms as $atom) {
            $isWater = Atom::FACT === $atom->role && str_starts_with($atom->meaning, 'water=');
            $value = substr($atom->meaning, \strlen('water='));
            if ($isWater && !$sentence->isAfter('asks_for', $atom->first, 2) && $value !== $before?->value) {
                $said[] = $before = $this->said(OfRun::WATER, $value, $sentence, $atom->first);
            }
        }

        return $said;
    }

    private function said(string $what, string $value, Sentence $sentence, int $word): OfRun
    {
        return new OfRun($what, $value, $sentence->atS($word), $sentence->said(), run: $this->run);
    }

    /** @return list<OfRun> ends that are findings, too */
    private function named(): array
    {
        $ends = [];
        foreach ($this->entries as $entry) {
            $reason = self::ENDS[$entry->kind] ?? null;
            if (null !== $reason) {
                $ends[] = new OfRun(OfRun::END, $reason->value, $entry->atS, $entry->said, $entry->fromM, $entry->placeBy, $this->run);
            }
        }

        return $ends;
    }

    /** @return list<OfRun> ends that are none: the rod is out, or goes no farther, or nothing is to be seen any more */
    private function stopped(Sentence $sentence): array
    {
        $ends = [];
        $placeM = (new Measures($sentence, $this->units))->places[0]->from ?? null;
        foreach (self::STOPS as $reason) {
            foreach (array_keys($sentence->marks('ended_'.$reason->value)) as $first) {
                $atS = $sentence->atS($first);
                $by = null === $placeM ? PlaceBy::Reel : PlaceBy::Said;
                $at = $placeM ?? $this->reel->at($atS);
                $ends[] = new OfRun(OfRun::END, $reason->value, $atS, $sentence->said(), $at, $by, $this->run);
            }
        }

        return $ends;
    }

    /**
     * @param list<OfRun> $ends
     *
     * @return list<OfRun> the last of them, unless the look went on
     */
    private function last(array $ends): array
    {
        usort($ends, static fn (OfRun $one, OfRun $other) => $one->atS <=> $other->atS);
        $last = end($ends);
        if (false === $last) {
            return [];
        }
        // "we're at the main, I can't get the camera to turn": it was reached all the same.
        $isReached = static fn (OfRun $end) => EndReason::MainReached->value === $end->value && null !== $end->fromM
            && null !== $last->fromM && abs($end->fromM - $last->fromM) <= self::FARTHER_M;
        $last = array_values(array_filter($ends, $isReached))[0] ?? $last;
        foreach ($this->entries as $entry) {
            $isLater = ($entry->atS ?? 0.0) > ($last->atS ?? 0.0) && null !== $last->fromM;
            if ($isLater && ($entry->toM ?? $entry->fromM ?? 0.0) > $last->fromM + self::FARTHER_M) {
                return [];
            }
        }

        return [$last];
    }
}
