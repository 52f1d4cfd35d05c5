<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/**
 * Which place of a sentence what is named in it is at: the one before a name or the one behind it, whichever of all ways costs least.
 *
 * Names and places keep their order, so the best way up to a name goes on from the best ways up to the one before it.
 */
final readonly class Alignment
{
    /** "That's at twenty feet": so many words before the place. */
    private const PUT_WORDS = 2;
    /** "A hole on the right side at twenty": so many words behind a name. */
    private const AT_WORDS = 6;
    /** What each of all that is named costs there. */
    private const OF_ALL = 4;
    /** At a number that the counter had gone by before its own was read off. */
    private const COUNTED = 12;

    private Ties $ties;
    private Vacancy $vacancy;
    /** The place right before the sentence, where it waits for what is named first in it. */
    private ?Place $waiting;

    /** @var list<list<array{Place, int}>> before the first name, between each and the next, behind the last; with what each costs left */
    private array $between;

    /**
     * @param list<Mention> $mentions in their order; what has its place keeps it
     * @param list<Place> $places in their order
     * @param ?Place $pending one before the sentence that waits for what is named next
     * @param bool $isCarried whether one that was said before the sentence holds for what has none
     */
    public function __construct(
        private Sentence $sentence, private array $mentions, private array $places, private ?Place $pending, private bool $isCarried,
    ) {
        $this->ties = new Ties($sentence, InTurn::placesFirst($sentence, $mentions, $places));
        $this->vacancy = new Vacancy($sentence);
        $between = [];
        for ($i = 0; $i <= \count($mentions); ++$i) {
            $from = 0 === $i ? $sentence->first : $mentions[$i - 1]->last;
            $to = $mentions[$i]->first ?? $sentence->last + 1;
            $here = array_values(array_filter($places, static fn (Place $place) => $place->first >= $from && $place->first < $to));
            $last = $i === \count($mentions) ? end($here) : null;
            $between[] = array_map(fn (Place $place) => [$place, $this->vacancy->cost($place, $place === $last)], $here);
        }
        $this->between = $between;
        $this->waiting = $pending?->last === $sentence->first - 1 && !$this->hasOwn() ? $pending : null;
    }

    /** @return list<?Place> of each name; none also where it is at the pending one */
    public function places(): array
    {
        $fits = [null];
        foreach (array_keys($this->mentions) as $i) {
            $fits = $this->cheapest($i, $fits);
        }
        $best = null;
        foreach (array_filter($fits) as $fit) {
            $cost = $fit->cost + $this->leftOver($fit, null);
            $best = null === $best || $cost < $best[0] ? [$cost, $fit] : $best;
        }

        return array_map(fn (?Place $place) => $place === $this->pending ? null : $place, null === $best ? [] : $best[1]->places());
    }

    /**
     * @param array<?Fit> $befores all that the name before may have
     *
     * @return array<string, Fit> of each way that a name may have the cheapest
     */
    private function cheapest(int $i, array $befores): array
    {
        $cheapest = [];
        $own = $this->own($this->mentions[$i]);
        foreach ($befores as $before) {
            foreach ($this->ways($i, $before, $own) as $fit) {
                $key = $fit->side->name.$fit->place?->first;
                if (!isset($cheapest[$key]) || $fit->cost < $cheapest[$key]->cost) {
                    $cheapest[$key] = $fit;
                }
            }
        }

        return $cheapest;
    }

    /**
     * What a name costs at a place of its own, whatever the name before it has.
     *
     * @return array{?Place, ?Place, int, int, int} the last place before it, the next one behind it, and at neither, at one, at the other
     */
    private function own(Mention $mention): array
    {
        if (null !== $mention->place) {
            return [null, null, 0, 0, 0];
        }
        [$last, $next] = $this->around($mention);
        $atNext = null === $next ? 0 : $this->ties->behind($mention, $next)
            + (null !== $last && $this->isPassed($next) ? self::COUNTED : 0);

        return [
            $last, $next, $this->ties->nowhere($mention, $this->isCarried && null === $last),
            null === $last ? 0 : $this->ties->before($mention, $last) + ($this->isCountedBy($mention, $last, $next) ? self::COUNTED : 0),
            $this->isOfAll($mention) ? min($atNext, self::OF_ALL) : $atNext,
        ];
    }

    /** "a few roots, and forty feet, forty five, and I'm looking at the main": the counter goes by. */
    private function isPassed(Place $place): bool
    {
        $one = $this->sentence->atomAt($place->first)?->amount;
        $other = $this->sentence->atomAt($place->last + 1)?->amount;

        return $this->sentence->is('and', $place->first - 1) && null !== $one && true === $other?->mayBeAlong()
            && $other->value / $other->each > $one->value / $one->each;
    }

    /** "thirty four, thirty five, okay, there's another crack thirty six": the counter went by, and is read off right behind the name. */
    private function isCountedBy(Mention $mention, Place $last, ?Place $next): bool
    {
        // … and not "back to clay at eight, and there's roots, nine and a half the next joint"
        $isCounting = null !== $this->sentence->amountBefore($last->first)
            || ($this->sentence->atomAt($last->first)->last ?? $last->last) < $last->last;

        // "fifty five, sixty, and that's the main right there at sixty two, you see …"
        $here = $this->sentence->begins('right_here', $mention->last + 1);
        $isHere = null !== $here && null !== $next && $this->sentence->begins('at', $here + 1) === $next->first - 1;
        $isRead = $next?->first === $mention->last + 1 && $next->last >= $this->sentence->last - 1 || $isHere;

        return $isCounting && null !== $next && $isRead && $next->from > $last->from
            && $this->sentence->isInside('counted_off', $last->last);
    }

    /** "there's a hole, and there's a root growing down through it, and we're at 44 feet": both are, however far behind that is told. */
    private function isOfAll(Mention $mention): bool
    {
        $place = $this->places[0] ?? null;
        $last = $this->mentions[\count($this->mentions) - 1] ?? null;
        if (null === $place || null === $last || 1 !== \count($this->places) || $last->last > $place->first || null !== $this->pending) {
            return false;
        }
        $isTold = $this->sentence->isAfter('reached', $place->first) || $this->sentence->isAfter('puts', $place->first, self::PUT_WORDS);

        return $isTold && !$this->sentence->has(['move', 'arrives'], $mention->last + 1, $place->first);
    }

    /**
     * @param array{?Place, ?Place, int, int, int} $own
     *
     * @return list<Fit>
     */
    private function ways(int $i, ?Fit $before, array $own): array
    {
        $mention = $this->mentions[$i];
        if (null !== $mention->place) {
            return [$this->fit($i, $before, Side::Same, $mention->place, 0)];
        }
        [$last, $next, $nowhere, $atLast, $atNext] = $own;
        // What goes over another name's head goes only with it.
        $isOver = Side::Behind === $before?->side && $before->place === $next;
        if ($isOver && null !== $next) {
            $cost = $atNext + $this->ties->together($this->mentions[$i - 1], $mention);

            return [$this->fit($i, $before, Side::Behind, $next, $cost)];
        }
        // "the separation's under your driveway, it's six feet deep": the depth is where that was named before.
        $isOfKnown = null === $mention->kind && Side::None === $before?->side && $this->mentions[$i - 1]->isKnown;
        $ways = [$this->fit($i, $before, Side::None, null, $isOfKnown ? 0 : $nowhere)];
        if (null !== $last && $last !== $before?->place) {
            $ways[] = $this->fit($i, $before, Side::Before, $last, $atLast);
        }
        // "after that it's plastic all the way to the tap at 71": no place behind it, but for "and that's twenty feet".
        if (null !== $next && (PipeChange::BEHIND !== $mention->by || $this->sentence->isAfter('puts', $next->first, self::PUT_WORDS))) {
            $ways[] = $this->fit($i, $before, Side::Behind, $next, $atNext);
        }
        if (null !== $before?->place) {
            $cost = $this->ties->same($mention, $this->mentions[$i - 1], $before->place);
            $ways[] = $this->fit($i, $before, Side::Same, $before->place, $cost);
        }

        return $ways;
    }

    private function fit(int $i, ?Fit $before, Side $side, ?Place $place, int $cost): Fit
    {
        $turned = null === $before ? 0 : $before->side->turnedTo($side);

        return new Fit($side, $place, ($before->cost ?? 0) + $cost + $turned + $this->leftOver($before, $i, $place), $before);
    }

    /** @return array{?Place, ?Place} the last place before a name and the next one behind it */
    private function around(Mention $mention): array
    {
        [$last, $next] = [$this->pending, null];
        foreach ($this->places as $place) {
            $last = $place->first < $mention->first ? $place : $last;
            $next ??= $place->first > $mention->first ? $place : null;
        }

        return [$last, $next];
    }

    /** "… then thirty, okay, there's a root hung up at forty": what is named first is said to be elsewhere. */
    private function hasOwn(): bool
    {
        $name = $this->mentions[0]->last ?? \PHP_INT_MAX;
        $next = $this->mentions[1]->first ?? \PHP_INT_MAX;

        return [] !== array_filter($this->places, fn (Place $place) => $place->first > $name && $place->first < $next
            && $place->first - $name <= self::AT_WORDS && $this->sentence->isAfter('at', $place->first));
    }

    /** @param ?int $behind the name behind them; none at the end of the sentence */
    private function leftOver(?Fit $before, ?int $behind, ?Place $taken = null): int
    {
        $number = $behind ?? \count($this->mentions);
        $here = $this->between[$number];
        // A place that stands right before the sentence is of what is named first in it.
        $waiting = 0 === $number && $this->waiting !== $taken ? $this->waiting : null;
        $cost = null === $waiting ? 0 : $this->vacancy->cost($waiting, false);
        foreach ($here as [$place, $vacant]) {
            $cost += $place === $before?->place || $place === $taken ? 0 : $vacant;
        }

        return $cost;
    }
}
