<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** Cuts a sentence into what belongs together: at commas, at "and" and "there's", and where another place leads what is named next. */
final readonly class Parts
{
    /** A place farther behind a name than so many words is of what comes next, where a place came before the name. */
    private const NAME_TO_PLACE = 3;
    /** A place leads a name so many words behind it. */
    private const PLACE_TO_NAME = 4;
    private const MANY_PLACES = 3;
    /** Such as "wye on the right at". */
    private const NAMED_TO_PLACE = 5;
    /** Such as "a whole bunch". */
    private const WORDS_TO_ANOTHER = 4;

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
        $taken = [];
        foreach ($this->sentence->atoms as $atom) {
            $taken += array_fill_keys(range($atom->first + 1, max($atom->first + 1, $atom->last)), $atom->last > $atom->first);
        }
        $parts = [];
        $begin = $lead = $this->sentence->first;
        $listEnd = 0;
        $isNamedFirst = $this->isNamedFirst();
        for ($i = $this->sentence->first; $i <= $this->sentence->last; ++$i) {
            if ($taken[$i] ?? false) {
                continue;
            }
            $isBorder = $this->sentence->isComma($i) || $this->sentence->is('and', $i) && !$this->sentence->isAfter('between', $i, 6);
            // Each of a list after its first.
            $isListed = $i <= $listEnd && null !== $this->sentence->amountBefore($i);
            $listed = Listed::at($this->sentence, $i);
            $listEnd = [] === $listed ? $listEnd : end($listed)->last;
            $opens = $isNamedFirst ? $this->isNextName($begin, $i)
                : $isListed || $this->sentence->beginsAny(['here', 'intro', 'contrast'], $i) && !$this->isStretchHere($i)
                    || $this->isNextPlace($lead, $i) || $this->isLead($begin, $i);
            if (($isBorder || $opens) && $i > $begin) {
                $parts[] = [$begin, $i - 1];
                // What follows a place that stands alone is led by it.
                $lead = $i > $listEnd && $this->isBarePlace($begin, $i - 1) ? $begin : $i;
                $begin = $i;
            }
        }
        $parts[] = [$begin, $this->sentence->last];

        return $parts;
    }

    /** "roots at nine roots at twelve wye on the right at seventeen crack bottom twenty five": each name goes before its place. */
    private function isNamedFirst(): bool
    {
        $pairs = 0;
        $name = null;
        foreach ($this->sentence->atoms as $atom) {
            if (Atom::KIND === $atom->role) {
                $name = $atom;
            } elseif ($this->isOfName($atom)) {
                // The first place has a name before it, as all that follow.
                if (null === $name || $atom->first - $name->last > self::NAMED_TO_PLACE) {
                    return false;
                }
                $name = null;
                ++$pairs;
            }
        }

        return $pairs >= self::MANY_PLACES;
    }

    /** A place, be it noted down without "at": "crack bottom twenty five". */
    private function isOfName(Atom $atom): bool
    {
        $isNoted = $this->sentence->isBehindName($atom->first) || $this->sentence->isAfter('starts', $atom->first)
            || $this->sentence->isAfter('ends', $atom->first);

        return self::isPlace($atom) || $this->isBareAt($atom) || $isNoted && true === $atom->amount?->mayBePlace();
    }

    /** Another name, behind one with its place. */
    private function isNextName(int $begin, int $i): bool
    {
        $isPlaced = [] !== array_filter($this->sentence->atoms, fn (Atom $atom) => $atom->first > $begin && $atom->last < $i
            && $this->isOfName($atom));

        return $isPlaced && Atom::KIND === $this->sentence->atomAt($i)?->role;
    }

    /** "rotted out right here from six to eight feet": the stretch is of what was named before. */
    private function isStretchHere(int $i): bool
    {
        $here = $this->sentence->begins('here', $i);
        $from = null === $here ? null : $this->sentence->begins('from', $here + 1);

        return null !== $from && null !== $this->sentence->atomAt($from + 1)?->amount;
    }

    /** "at twenty" */
    private function isBareAt(Atom $atom): bool
    {
        return true === $atom->amount?->mayBePlace() && $this->sentence->isAfter('at', $atom->first);
    }

    private function isBarePlace(int $from, int $to): bool
    {
        $here = array_values(array_filter($this->sentence->atoms, static fn (Atom $atom) => $atom->first >= $from && $atom->last <= $to));

        return 1 === \count($here) && ($this->isBareAt($here[0]) || self::isPlace($here[0])) && $to - $here[0]->last <= 1;
    }

    /** "same deal", and "a whole bunch more of them" */
    private function isAnother(int $i): bool
    {
        for ($end = $i + self::WORDS_TO_ANOTHER; $i < $end && $this->sentence->is('before_names', $i); ++$i) {
            if (null !== $this->sentence->begins('another', $i + 1)) {
                return true;
            }
        }

        return null !== $this->sentence->begins('another', $i);
    }

    /** "eleven feet here's a branch": a place without a word before it leads what it is followed by. */
    private function isLead(int $begin, int $i): bool
    {
        $amount = $this->sentence->atomAt($i)?->amount;
        $isNamed = [] !== array_filter(
            $this->sentence->atoms, static fn (Atom $atom) => Atom::KIND === $atom->role && $atom->first >= $begin && $atom->last < $i,
        );
        $isAnother = null !== $amount && $isNamed && $this->sentence->is('articles', $amount->last + 1);

        $leads = null !== $amount && (Unit::None === $amount->unit || $isAnother || $this->sentence->is('leads', $amount->last + 1)
            || $this->sentence->beginsAny(['here', 'intro', 'another'], $amount->last + 1));

        foreach (['at' => 1, 'to' => 1, 'from' => 1, 'between' => 6] as $role => $words) {
            $leads = $leads && !$this->sentence->isAfter($role, $i, $words);
        }

        // "twenty one is roots again"
        $next = ($amount->last ?? 0) + 1;
        $isKind = $this->sentence->is('is', $next) && Atom::KIND === $this->sentence->atomAt($next + 1)?->role;
        // "twenty six same deal"
        $isBare = true === $amount?->mayBePlace() && ($isKind || $this->isAnother($next));

        return $leads && ($isBare || self::isPlace($this->sentence->atomAt($i))) || $this->isRightBefore($begin, $i);
    }

    /** "roots at ten feet …, sixteen feet roots": behind a name with its place, another place is of the name right behind it. */
    private function isRightBefore(int $begin, int $i): bool
    {
        $place = $this->sentence->atomAt($i);
        if (!self::isPlace($place) || $this->sentence->isAfter('for', $i) || $this->sentence->isAfter('to', $i)) {
            return false;
        }
        $isNamed = $isPlaced = $leads = false;
        foreach ($this->sentence->atoms as $atom) {
            $isBefore = $atom->first >= $begin && $atom->last < $i;
            $isNamed = $isNamed || $isBefore && Atom::KIND === $atom->role;
            $isPlaced = $isPlaced || $isBefore && self::isPlace($atom);
            $leads = $leads || Atom::KIND === $atom->role && $atom->first === ($place->last ?? $i) + 1;
        }

        return $isNamed && $isPlaced && $leads;
    }

    /**
     * "at 12 feet a wye at 28 feet a lateral with roots at 36 feet a crack": where places lead, the next one leads what is named behind
     * it.
     */
    private function isLed(int $i): bool
    {
        $end = $this->sentence->atomAt($i)->last ?? $i;
        $isOwn = false;
        foreach ($this->sentence->atoms as $atom) {
            if ($atom->first > $end && Atom::KIND === $atom->role) {
                return !$isOwn && $atom->first - $end <= self::PLACE_TO_NAME;
            }
            $isOwn = $isOwn || $atom->first > $end && self::isPlace($atom);
        }

        return false;
    }

    /** "at 10 feet …, at 20 feet …, at 24 feet it goes to clay": many places, and something named behind the last of them. */
    private function isLedThroughout(): bool
    {
        $places = 0;
        $last = $name = null;
        foreach ($this->sentence->atoms as $atom) {
            if (self::isPlace($atom) && $this->sentence->isAfter('at', $atom->first)) {
                if (0 === $places && null !== $name && $atom->first - $name->last <= self::NAME_TO_PLACE) {
                    return false;
                }
                ++$places;
            }
            $name = Atom::KIND === $atom->role ? $atom : $name;
            $last = Atom::KIND === $atom->role || self::isPlace($atom) ? $atom : $last;
        }

        return $places >= self::MANY_PLACES && Atom::KIND === $last?->role;
    }

    /** "with roots": named along with what was named before. */
    private function isWith(int $begin, int $named): bool
    {
        return $named - 1 > $begin && $this->sentence->is('with', $named - 1);
    }

    /** Feet and metres; and nobody counts in tenths. */
    private static function isPlace(?Atom $atom): bool
    {
        $amount = $atom?->amount;

        return null !== $amount && (Unit::Large === $amount->unit || $amount->isTenths());
    }

    /** "roots at 30 feet at 40 feet an offset": another place opens another part. */
    private function isNextPlace(int $begin, int $i): bool
    {
        $end = $this->sentence->begins('at', $i);
        $place = null === $end ? null : $this->sentence->atomAt($end + 1);
        $opens = null !== $place
            && ($this->sentence->beginsAny(['here', 'intro'], $place->last + 1) || $this->isAnother($place->last + 1));
        $isBare = $opens && true === $place->amount?->mayBePlace();
        if (null === $end || !$isBare && !self::isPlace($place)) {
            return false;
        }
        $order = '';
        $named = $begin;
        foreach ($this->sentence->atoms as $atom) {
            if ($atom->first >= $begin && $atom->last < $i) {
                // "from the manhole, eight inch clay, at 12 feet a wye": the first name has no place.
                $order = 'k' === $order && self::isPlace($atom) && $atom->first - $named > self::NAME_TO_PLACE + 1 ? '' : $order;
                $named = Atom::KIND === $atom->role ? $atom->last : $named;
                $order .= self::isPlace($atom) || $this->isBareAt($atom) ? 'p' : (Atom::KIND === $atom->role ? 'k' : '');
            }
        }

        $isFar = $i - $named > self::NAME_TO_PLACE || $this->isWith($begin, $named) && $this->isLed($end + 1) || $this->isLedThroughout();

        $isIntroduced = $opens && (str_contains($order, 'kp') || str_starts_with($order, 'pk') || '' !== $order && $isFar);
        // "at five feet is the line from the house"
        if ($isIntroduced || '' !== $order && $this->sentence->isThere(($place->last ?? $end) + 1)) {
            return true;
        }

        return str_ends_with($order, 'kp') || str_starts_with($order, 'p') && str_ends_with($order, 'k') && $isFar;
    }
}
