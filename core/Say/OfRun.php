<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Run\EndReason;

/** What is said of a run as a whole: what the pipe is made of where it begins, whether water runs, and why it ended. */
final readonly class OfRun
{
    public const MATERIAL = 'material';
    public const WATER = 'water';
    public const END = 'end';
    /** A material stands within so many words of "this is": "this is a four inch cast iron line". */
    private const WITHIN = 5;
    /** A run did not end where something was found farther on, in metres. */
    private const FARTHER_M = 0.5;
    private const ENDS = [
        'tap' => EndReason::MainReached, 'end_of_line' => EndReason::EndOfLine, 'cannot_go_further' => EndReason::CannotPass,
    ];

    /**
     * @param string $value a material, `on` or `off`, or the reason of an end
     * @param ?float $atS when it was said, in seconds
     * @param string $said the words that it is from
     * @param ?float $fromM where it ended, in metres from zero, as far as that is known
     */
    public function __construct(
        public string $what, public string $value, public ?float $atS, public string $said, public ?float $fromM = null,
        public ?PlaceBy $placeBy = null,
    ) {
    }

    /**
     * Of the first run that is talked through.
     *
     * @param UnitSystem $units in which a place without a unit is
     * @param list<Entry> $entries what was found, as the narration reads it
     *
     * @return list<self> in the order of time: one material and one end at most, and each time that the water was said to be on or off
     */
    public static function read(Speech $speech, Lexicon $lexicon, UnitSystem $units, array $entries, Reel $reel): array
    {
        $run = $entries[0]->run ?? 0;
        $ours = array_values(array_filter($entries, static fn (Entry $entry) => $run === $entry->run));
        $changes = array_filter($ours, static fn (Entry $entry) => Kind::Transition->value === $entry->kind);
        $changedS = [] === $changes ? \INF : min(array_map(static fn (Entry $entry) => $entry->atS ?? 0.0, $changes));
        $found = ['material' => [], 'water' => [], 'end' => self::named($ours)];
        foreach (Reading::of($speech, $lexicon)->sentences() as $sentence) {
            if ($sentence->has('deny') || $sentence->has('question') || $sentence->isAsked()) {
                continue;
            }
            $atS = $sentence->atS($sentence->first) ?? 0.0;
            $material = [] === $found['material'] && $atS < $changedS ? self::material($sentence) : null;
            $found['material'] = [...$found['material'], ...array_filter([$material])];
            $found['water'] = [...$found['water'], ...self::water($sentence, end($found['water']) ?: null)];
            $found['end'] = [...$found['end'], ...self::stopped($sentence, $units, $reel)];
        }
        $all = [...$found['material'], ...$found['water'], ...self::last($found['end'], $ours)];
        usort($all, static fn (self $one, self $other) => $one->atS <=> $other->atS);

        return $all;
    }

    /** By which it is known again. */
    public function key(): string
    {
        return \sprintf('%.2f %s', $this->atS ?? 0.0, $this->what);
    }

    /** "this is four inch cast iron", unless it is said to become that. */
    private static function material(Sentence $sentence): ?self
    {
        $named = array_values(array_filter($sentence->atoms, static fn (Atom $atom) => Atom::MATERIAL === $atom->role));
        if (1 !== \count($named) || $sentence->has('into') || $sentence->has('from_material')) {
            return null;
        }
        foreach ($sentence->marks('made_of') as $end) {
            if ($named[0]->first > $end && $named[0]->first - $end <= self::WITHIN) {
                return new self(self::MATERIAL, $named[0]->meaning, $sentence->atS($named[0]->first), $sentence->said());
            }
        }

        return null;
    }

    /** @return list<self> */
    private static function water(Sentence $sentence, ?self $before): array
    {
        $said = [];
        foreach ($sentence->atoms as $atom) {
            $isWater = Atom::FACT === $atom->role && str_starts_with($atom->meaning, 'water=');
            $value = substr($atom->meaning, \strlen('water='));
            if ($isWater && !$sentence->isAfter('asks_for', $atom->first, 2) && $value !== $before?->value) {
                $said[] = $before = new self(self::WATER, $value, $sentence->atS($atom->first), $sentence->said());
            }
        }

        return $said;
    }

    /**
     * @param list<Entry> $entries
     *
     * @return list<self> ends that are findings, too
     */
    private static function named(array $entries): array
    {
        $ends = [];
        foreach ($entries as $entry) {
            if (isset(self::ENDS[$entry->kind])) {
                $ends[] = new self(self::END, self::ENDS[$entry->kind]->value, $entry->atS, $entry->said, $entry->fromM, $entry->placeBy);
            }
        }

        return $ends;
    }

    /** @return list<self> ends that are none: the rod is out, or goes no farther */
    private static function stopped(Sentence $sentence, UnitSystem $units, Reel $reel): array
    {
        $ends = [];
        $placeM = (new Measures($sentence, $units))->places[0]->from ?? null;
        foreach (['rod_out', 'jammed'] as $reason) {
            foreach (array_keys($sentence->marks('ended_'.$reason)) as $first) {
                $atS = $sentence->atS($first);
                $by = null === $placeM ? PlaceBy::Reel : PlaceBy::Said;
                $ends[] = new self(self::END, $reason, $atS, $sentence->said(), $placeM ?? $reel->at($atS), $by);
            }
        }

        return $ends;
    }

    /**
     * @param list<self> $ends
     * @param list<Entry> $entries
     *
     * @return list<self> the last of them, unless the look went on
     */
    private static function last(array $ends, array $entries): array
    {
        usort($ends, static fn (self $one, self $other) => $one->atS <=> $other->atS);
        $last = end($ends);
        if (false === $last) {
            return [];
        }
        foreach ($entries as $entry) {
            $isLater = ($entry->atS ?? 0.0) > ($last->atS ?? 0.0) && null !== $last->fromM;
            if ($isLater && ($entry->toM ?? $entry->fromM ?? 0.0) > $last->fromM + self::FARTHER_M) {
                return [];
            }
        }

        return [$last];
    }
}
