<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** Whether a place that stands behind a name is of what is named next. */
final readonly class OfNext
{
    /** "A root intrusion": the name begins and ends so many words behind "a". */
    private const ONE_WORDS = 4;

    public function __construct(private Sentence $sentence, private Vacancy $vacancy, private Between $between)
    {
    }

    /** "roots at the top, at 29 feet a root intrusion" */
    public function isBeforeOne(Place $place): bool
    {
        $next = $place->last + 1;
        $name = $this->sentence->is('articles', $next) ? $this->sentence->named->next($next, $next + self::ONE_WORDS) : null;
        // "roots at six, a big mass of roots six point eight": that has another.
        $isOwn = static fn (Atom $atom) => true === $atom->amount?->mayBeAlong() && $atom->first > $name
            && $atom->first - $name <= self::ONE_WORDS;

        return null !== $name && [] === array_filter($this->sentence->atoms, $isOwn);
    }

    /** Whether a place behind a name, which ends before a word, is of what comes next. */
    public function is(int $from, Place $place, bool $isAt): bool
    {
        // "a lip that's catching paper, first clay joint at 33 has roots"
        return $this->isOfNextJoint($from, $place)
            // "that's an offset, third one's at forty one"
            || null !== $this->sentence->begins('counted_on', $from)
            || $this->vacancy->isOfNone($place)
            // "a little bit of root, and we've got another joint at eleven feet, that one's clean"
            || $this->sentence->has('next_joint', $from, $place->first) && $this->vacancy->isClean($place)
            // "there's a break, and after that it's dropped at twenty"
            || $this->between->isThen($from, $place->first)
            // "everything's nice until we get out to 24 feet"
            || $this->sentence->isAfter('good_until', $place->first)
            // "back to clay, and the first joint at 43 has roots", "at sixteen and it has roots, eighteen feet has roots"
            || $this->sentence->is('has', $place->last + 1) && (!$isAt || $this->sentence->isAfter('intro', $place->first));
    }

    private function isOfNextJoint(int $from, Place $place): bool
    {
        // … and not "roots in the first joint at 28"
        $isLed = fn (int $end, int $begin) => $begin >= $from && $end > $begin && !$this->sentence->is('known', $begin - 1)
            && !$this->sentence->is('in_it', $begin - 1)
            && $this->sentence->begins('at', $end + 1) === $place->first - 1;

        return [] !== array_filter($this->sentence->marks('intro'), $isLed, \ARRAY_FILTER_USE_BOTH);
    }

    /** Whether what stands behind a place that nothing ties says that it is of what is named next. */
    public function opens(Place $place, bool $isAt): bool
    {
        $next = $place->last + 1;
        // "a little water, about ten feet in there's a coupling": that ties nothing.
        $isRough = null !== $this->sentence->begins('roughly', $place->first - 1)
            && $this->sentence->begins('at', $place->first - 2) !== $place->first - 1;
        // "a root, five metres, six metres …", as the counter goes by
        $isCounted = true === $this->sentence->atomAt($next)?->amount?->mayBeAlong() && [] === Listed::at($this->sentence, $place->first);
        // "eleven feet and there's the second"
        $isShownNext = $this->sentence->is('and', $next) && $this->sentence->beginsAny(['here', 'intro'], $next + 1);

        // "there's a few left in it, at 25 you've got another joint", from whoever tells the place first
        $isLed = $this->sentence->isPlaceLed && $this->sentence->isShownAgain($next);

        $isOther = $this->isOtherClause($place);

        return (!$isAt || $isRough || $isLed || $isOther)
            && ($isCounted || $isShownNext || $isOther || $this->vacancy->isClean($place) || $this->vacancy->isOut($place)
            || $this->sentence->endsThere($next)
            || $this->sentence->beginsAny(
                ['here', 'intro', 'another', 'deny', 'presence', 'closes', 'reached', 'move', 'is_where'], $next,
            ));
    }

    /** "it's scaly, and at nine feet there's a wye", "it goes to plastic, and at 25 you see another band" */
    private function isOtherClause(Place $place): bool
    {
        // "a small root mass, from four to eleven feet the pipe's half full of sand"
        if (null !== $place->to && $this->sentence->is('known', $place->last + 1) && $this->sentence->is('of_the_line', $place->last + 2)) {
            return true;
        }
        // "they've all got roots, but at 28 you see it's dry"
        $isBegun = fn (int $at) => $this->sentence->isAfter('contrast', $at) || $this->sentence->is('and', $at - 1);

        // "it's got roots at every joint, and from thirty to forty it's better"
        $led = [...$this->sentence->leadingTo('at', $place->first), ...$this->sentence->leadingTo('from', $place->first)];

        return [] !== array_filter($led, $isBegun)
            && (null !== $this->sentence->begins('intro', $place->last + 1) || $this->sentence->is('speakers', $place->last + 1)
                || $this->sentence->is('subjects', $place->last + 1));
    }
}
