<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** Cuts a sentence into what belongs together: at commas, at "and" and "there's", and where another place leads what is named next. */
final readonly class Parts
{
    /** A place farther behind a name than so many words is of what comes next. */
    private const NAME_TO_PLACE = 3;
    /** Such as "between 20 feet and 26". */
    private const BETWEEN_WORDS = 6;
    /** "We get into a real bad belly": so many words before a name. */
    private const SHOWN_WORDS = 6;

    private function __construct(private Sentence $sentence)
    {
    }

    /** @return list<array{int, int}> first and last word of each */
    public static function of(Sentence $sentence): array
    {
        return (new self($sentence))->cut();
    }

    /** @return list<array{int, int}> */
    private function cut(): array
    {
        $inside = [];
        foreach ($this->sentence->atoms as $atom) {
            $inside += array_fill_keys(range($atom->first + 1, max($atom->first + 1, $atom->last)), $atom->last > $atom->first);
        }
        $parts = [];
        $begin = $this->sentence->first;
        $listEnd = 0;
        for ($i = $this->sentence->first; $i <= $this->sentence->last; ++$i) {
            $listed = Listed::at($this->sentence, $i);
            $isListed = $i <= $listEnd && null !== $this->sentence->amountBefore($i);
            $listEnd = [] === $listed ? $listEnd : end($listed)->last;
            if ($i > $begin && !($inside[$i] ?? false) && ($isListed || $this->opens($begin, $i))) {
                $parts[] = [$begin, $i - 1];
                $begin = $i;
            }
        }
        $parts[] = [$begin, $this->sentence->last];

        return $parts;
    }

    /** Whether another part begins at a word of the one that begins before it. */
    private function opens(int $begin, int $i): bool
    {
        if ($this->sentence->isComma($i)
            || $this->sentence->is('and', $i) && !$this->sentence->isAfter('between', $i, self::BETWEEN_WORDS)) {
            return true;
        }
        $isShown = $this->sentence->beginsAny(['here', 'intro', 'contrast'], $i) && !$this->isStretchHere($i)
            // "35 it's still got a little bit"
            && (null !== $this->sentence->begins('another', $i) || !$this->sentence->isInside('another', $i));

        return $isShown || $this->isNextPlace($begin, $i) || $this->isOneMore($begin, $i) || $this->isBehindAnother($begin, $i);
    }

    /** "one at fourteen, one at eighteen, separated joint at 22": that has its own place. */
    private function isBehindAnother(int $begin, int $i): bool
    {
        // "and here at eighteen again, a hole at twenty"
        $again = null !== $this->sentence->begins('again', $i - 1);
        $before = $this->sentence->amountBefore($again ? $i - 1 : $i);
        if (null === $before || !$this->sentence->isAfter('at', $before->first)) {
            return false;
        }
        // "… one at twenty, we get into a low area at 24"
        $shown = $this->sentence->is('subjects', $i) ? $this->sentence->named->next($i, $i + self::SHOWN_WORDS) : null;
        $name = $this->sentence->atomAt($shown ?? $i + ($this->sentence->is('articles', $i) ? 1 : 0));
        if (Atom::KIND !== $name?->role) {
            return false;
        }
        // "at" may end its name.
        $at = $this->sentence->begins('at', $name->last + 1) ?? ($this->sentence->isAfter('at', $name->last + 1) ? $name->last : null);

        return null !== $at && null !== $this->sentence->atomAt($at + 1)?->amount
            && ($again || $this->sentence->has('another', $begin, $i - 1));
    }

    /** "roots at fourteen, one at seventeen, one at twenty" */
    private function isOneMore(int $begin, int $i): bool
    {
        $end = $this->sentence->begins('another', $i);
        if (null === $end) {
            return false;
        }
        // "third one's on the right at seventeen"
        $side = $this->sentence->atomAt($end + 1) ?? $this->sentence->atomAt($end + 2);
        $said = Atom::CLOCK === $side?->role ? $side->last : $end;
        $next = 1 + ($this->sentence->begins('at', $said + 1) ?? $said);
        if (!$this->sentence->isAfter('at', $next) || null === $this->sentence->atomAt($next)?->amount) {
            return false;
        }
        // "same thing at 22, which is what I was afraid of, same thing at 28"
        $isPlaced = static fn (Atom $atom) => $atom->first >= $begin && $atom->last < $i && true === $atom->amount?->mayBeAlong();
        if ($this->sentence->is('the_same', $i) && [] !== array_filter($this->sentence->atoms, $isPlaced)) {
            return true;
        }
        // "the first one is at six on the right, second one at eight on the left"
        $isSide = static fn (Atom $atom) => Atom::CLOCK === $atom->role && $atom->last === $i - 1;

        return null !== $this->sentence->amountBefore($i) || [] !== array_filter($this->sentence->atoms, $isSide)
            // "twelve, there's grease, same thing at sixteen"
            || $this->sentence->is('the_same', $i) && $this->sentence->named->endsBefore($i);
    }

    /** "rotted out right here from six to eight feet": the stretch is of what was named before. */
    private function isStretchHere(int $i): bool
    {
        $here = $this->sentence->begins('here', $i);
        $from = null === $here ? null : $this->sentence->begins('from', $here + 1);

        return null !== $from && null !== $this->sentence->atomAt($from + 1)?->amount;
    }

    /** "roots at 30 feet at 40 feet an offset": behind a name with its place, or far behind a name, another place opens another part. */
    private function isNextPlace(int $begin, int $i): bool
    {
        $at = $this->sentence->begins('at', $i);
        $place = $this->sentence->atomAt(null === $at ? $i : $at + 1);
        // "a root from the bottom sixty six the same thing"
        $isNumber = true === $place?->amount?->mayBePlace() || true === $place?->amount?->isTenths();
        $isShown = true === $place?->amount?->mayBeAlong() && $this->sentence->isShownAgain($place->last + 1);
        $isOfAnother = $isNumber
            && ($isShown || $this->sentence->beginsAny(['another', 'more_of_it', 'again'], $place->last + 1));
        if (null === $place || !$isOfAnother && !self::isPlace($place, null !== $at) || null === $at && $this->isLinked($i)) {
            return false;
        }
        $said = $i;
        $isNamed = $isPlaced = false;
        foreach ($this->sentence->atoms as $atom) {
            if ($atom->first >= $begin && $atom->last < $i) {
                $isNamed = $isNamed || Atom::KIND === $atom->role;
                $said = \in_array($atom->role, [Atom::KIND, Atom::CLOCK], true) ? $atom->last : $said;
                $isPlaced = $isPlaced || self::isPlace($atom, $this->sentence->isAfter('at', $atom->first));
            }
        }

        // "twenty seven the same thing thirty one same thing"
        $isAnother = $isOfAnother && $this->sentence->has('another', $begin, $i - 1);

        // "and again at two point four, three point five a connection"
        $isLeading = $this->sentence->is('articles', $place->last + 1) || Atom::KIND === $this->sentence->atomAt($place->last + 1)?->role;
        $isAnother = $isAnother || $isPlaced && $isLeading && $this->sentence->has('again', $begin, $i - 1);

        // "four feet there's roots, ten feet a few more"
        $hasMore = $this->sentence->has('more_of_it', $begin, $i - 1);
        $isMore = null === $at && ($isNamed || $hasMore) && null !== $this->sentence->begins('more_of_it', $place->last + 1);

        // "a lateral at ten feet, there's water coming out of it, nineteen feet there's another one"
        $isBehind = $isShown && ($isNumber && $isNamed
            || ($isNamed ? $this->isPlacedBefore($begin) : null !== $this->sentence->named->before($begin)));

        return $isAnother || $isMore || $isBehind || $isNamed && ($isPlaced || $i - $said > self::NAME_TO_PLACE);
    }

    /** "at ten feet that's a lateral on the right, nineteen feet there's another one": whether a place leads the part. */
    private function isPlacedBefore(int $begin): bool
    {
        return true === $this->sentence->amountBefore($begin)?->mayBeAlong();
    }

    /** Whether a place is of what stands before it: "from 30", "to 40". */
    private function isLinked(int $i): bool
    {
        foreach (['to' => 1, 'from' => 1, 'at' => 1, 'between' => self::BETWEEN_WORDS] as $role => $words) {
            if ($this->sentence->isAfter($role, $i, $words)) {
                return true;
            }
        }

        return false;
    }

    private static function isPlace(Atom $atom, bool $isAt): bool
    {
        $amount = $atom->amount;

        return null !== $amount && (Unit::Large === $amount->unit || $amount->isTenths() || $isAt && $amount->mayBePlace());
    }
}
