<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** What is named once and is there more than once, each time on a side that is told. */
final readonly class Sided
{
    /** What is named so many words behind a place has it. */
    private const NAMED_WORDS = 3;
    /** "A wye on the left that's running, and another one on the right": so many words behind a name. */
    private const OPPOSITE_WORDS = 16;

    public function __construct(private Sentence $sentence)
    {
    }

    /**
     * "tie-ins at eight on the left, twelve on the right and twenty on the left", "at nine feet nine o'clock and at 33 feet three o'clock".
     *
     * @param ?Place $first of what may be at more
     * @param list<Place> $free at which nothing is
     *
     * @return list<Mention>
     */
    public function others(Mention $mention, ?Place $first, array $free): array
    {
        $sided = [];
        $last = null !== $first && $first->first > $mention->last ? $first->last : null;
        while (null !== $last && null !== ($side = $this->sideAt($last + 1))) {
            $next = $side->last + ($this->sentence->isComma($side->last + 1) || $this->sentence->is('and', $side->last + 1) ? 2 : 1);
            $next = ($this->sentence->begins('at', $next) ?? $next - 1) + 1;
            $places = array_filter($free, static fn (Place $place) => $place->first === $next);
            $place = reset($places);
            $other = false === $place ? null : $this->sideAt($place->last + 1);
            $last = null === $other ? null : $place->last;
            if (null !== $other && null === $this->sentence->named->next($other->last, $other->last + self::NAMED_WORDS)) {
                $another = $mention->againAt($place, $place->first, $other->last);
                $another->clock = $other;
                $sided[] = $another;
            }
        }

        return $sided;
    }

    /**
     * "at fourteen there's a wye on the left, and another one on the right": one more at the same place.
     *
     * @param list<Mention> $mentions with their places
     *
     * @return list<Mention>
     */
    public function opposite(array $mentions): array
    {
        $opposite = [];
        foreach ($mentions as $i => $mention) {
            $until = min($mention->last + self::OPPOSITE_WORDS, ($mentions[$i + 1]->first ?? $this->sentence->last + 1) - 1);
            for ($one = $mention->last + 1; $one < $until; ++$one) {
                $side = $this->sentence->is('pronouns', $one) ? $this->sideAt($one + 1) : null;
                if (null !== $side && $side->last <= $until && $this->isOpposite($mention, $side) && !$this->hasOwnPlace($mention, $one)) {
                    $another = new Mention($mention->kind, $one, $side->last, $mention->isGeneral);
                    $another->place = $mention->place;
                    $another->clock = $side;
                    $opposite[] = $another;
                }
            }
        }

        return $opposite;
    }

    /** Whether what is on a side is no more than another one of what was named on another side right before. */
    private function isOpposite(Mention $mention, Place $side): bool
    {
        $next = $side->last + 1;
        $at = ($this->sentence->begins('at', $next) ?? $next - 1) + 1;

        return null !== $mention->clock && $mention->clock->from !== $side->from && null !== $mention->kind
            && !\in_array($mention->kind, Others::ONCE, true)
            && null === $this->sentence->named->next($next, $next + self::NAMED_WORDS)
            && null === $this->sentence->amountBefore($side->first) && null === $this->sentence->atomAt($at)?->amount;
    }

    /** "a junction to the left, and at two point seven there's one to the right" */
    private function hasOwnPlace(Mention $mention, int $one): bool
    {
        $isOwn = static fn (Atom $atom) => true === $atom->amount?->mayBeAlong() && $atom->first > $mention->last && $atom->last < $one
            && !($atom->first >= $mention->place?->first && $atom->last <= $mention->place?->last);

        return [] !== array_filter($this->sentence->atoms, $isOwn);
    }

    /**
     * "another one on the left".
     *
     * @param list<Mention> $mentions
     *
     * @return ?Place the first side between two words that none of these has
     */
    public function free(array $mentions, int $from, int $to): ?Place
    {
        foreach ($this->sentence->atoms as $atom) {
            $isHere = Atom::CLOCK === $atom->role && $atom->first >= $from && $atom->last <= $to;
            if ($isHere && [] === array_filter($mentions, static fn (Mention $each) => $each->clock?->first === $atom->first)) {
                return new Place((float) $atom->meaning, null, $atom->first, $atom->last);
            }
        }

        return null;
    }

    /** @return ?Place the hour of "on the left", "nine o'clock", with its words */
    private function sideAt(int $word): ?Place
    {
        $hour = $this->sentence->atomAt(($this->sentence->begins('at', $word) ?? $word - 1) + 1);
        if (Unit::Clock === $hour?->amount?->unit) {
            return new Place($hour->amount->value, null, $hour->first, $hour->last);
        }
        $end = $this->sentence->begins('to_a_side', $word);
        $sides = null === $end ? [] : array_filter($this->sentence->atoms, static fn (Atom $atom) => Atom::CLOCK === $atom->role
            && $atom->first >= $word && $atom->last <= $end);
        $side = end($sides);

        return false === $side ? null : new Place((float) $side->meaning, null, $side->first, (int) $end);
    }
}
