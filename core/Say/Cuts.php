<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** Where one sentence ends and another begins: at a stop, and at words such as "so", "okay" and "next". */
final readonly class Cuts
{
    /** A place behind one of these is of what was said before. */
    private const TIE_PLACE = ['at', 'to', 'from', 'told', 'was', 'presence', 'reached'];

    /** What is named so many words behind "another" is what is there. */
    private const NAMED_BEHIND = 5;
    /** Another run begins so many words behind what was named in the one before. */
    private const RUN_WORDS = 10;
    /** In degrees: no places by themselves. */
    private const TURNS = [45.0, 90.0];

    /** @var array<int, true> last words of names */
    private array $named;
    /** @var array<int, true> first words of names */
    private array $starts;
    /** @var array<int, Atom> amounts by their first word */
    private array $from;
    /** @var array<int, Atom> amounts by their last word */
    private array $until;
    /** @var array<int, true> first words of what is tied to what stands before it */
    private array $tied;
    /** @var array<int, true> first words behind the place where something ends */
    private array $over;

    /**
     * @param list<Atom> $atoms what things are, in their order
     * @param array<string, array<int, int>> $marks how they are said: last word by first word, by role
     */
    public function __construct(private Speech $speech, private array $atoms, private array $marks, private Lexicon $lexicon)
    {
        $named = $starts = $from = $until = $tied = [];
        foreach ($atoms as $atom) {
            $named += Atom::KIND === $atom->role ? [$atom->last => true] : [];
            $starts += Atom::KIND === $atom->role ? [$atom->first => true] : [];
            if (Atom::AMOUNT === $atom->role) {
                $from[$atom->first] = $until[$atom->last] = $atom;
            }
        }
        foreach (self::TIE_PLACE as $role) {
            foreach ($marks[$role] ?? [] as $end) {
                $tied[$end + 1] = true;
            }
        }
        [$this->named, $this->starts, $this->from, $this->until, $this->tied] = [$named, $starts, $from, $until, $tied];
        $over = [];
        foreach ($marks['ends'] ?? [] as $end) {
            $place = $from[($marks['at'][$end + 1] ?? $end) + 1] ?? null;
            $over += true === $place?->amount?->mayBePlace() ? [$place->last + 1 => true] : [];
        }
        $this->over = $over;
    }

    /** @return non-empty-list<int> the first word of each sentence */
    public function begins(): array
    {
        $inside = [];
        foreach ($this->atoms as $atom) {
            for ($i = Atom::NONE === $atom->role ? $atom->first : $atom->first + 1; $i <= $atom->last; ++$i) {
                $inside[$i] = true;
            }
        }
        // "we're coming out now, and that's 31"
        foreach ($this->marks['out_again'] ?? [] as $first => $last) {
            $isPlaced = isset($this->from[$last + 1]) || $this->lexicon->has('and', $this->speech->words[$last + 1]->text ?? '');
            $inside += $isPlaced && $last > $first ? array_fill_keys(range($first + 1, $last), true) : [];
        }
        $behind = [];
        foreach ($this->marks['all_well'] ?? [] as $first => $last) {
            $inside += array_fill_keys(range($first, $last), true);
            $behind[$last + 1] = true;
        }
        $cuts = $this->ofRepeated() + $this->behindAgain();
        foreach ($this->marks['as_well'] ?? [] as $last) {
            $cuts += true === ($this->from[$last + 1] ?? null)?->amount?->mayBeAlong() ? [$last + 1 => true] : [];
        }
        // "there's a crack, and that's it, let me try from the other end": the crack was in the run before.
        $cuts += array_fill_keys($this->otherRuns(), true);
        $begins = [0];
        $opened = [];
        foreach (array_keys($this->speech->words) as $i) {
            // "the next pipe"
            $before = $this->speech->words[$i - 1]->text ?? '';
            // … and "it's now cracked"
            $isMeant = isset($this->marks['cut'][$i]) && !$this->lexicon->has('articles', $before)
                && !(str_contains($before, "'") && $this->lexicon->has('subjects', $before));
            // "okay so" opens once.
            $isOpened = $isMeant && !isset($inside[$i]) && !isset($opened[$i])
                && !$this->isPlacedBehind($i) && !$this->isAim($i) && !$this->isOfPlace($i)
                // "at twenty we go to clay"
                && !(isset($this->until[$i - 1], $this->marks['changes'][$i]) && $this->isMaterial($this->marks['changes'][$i] + 1));
            $isCut = $isOpened || isset($behind[$i]) || isset($cuts[$i]) || $this->isBehindEnd($i);
            $opened += $isOpened ? array_fill_keys(range($i, $this->behindCuts($i) - 1), true) : [];
            $at = $isCut && !isset($cuts[$i]) ? $this->placeLeadingFrom($i) ?? $i : $i;
            if ($at > end($begins) && ($isCut || $this->speech->words[$i - 1]->isStop())) {
                $begins[] = $at;
            }
        }

        return $begins;
    }

    private function isMaterial(int $word): bool
    {
        return [] !== array_filter($this->atoms, static fn (Atom $atom) => Atom::MATERIAL === $atom->role && $atom->first === $word);
    }

    /** @return int the first word behind "okay", "okay so", "alright and now" */
    private function behindCuts(int $cut): int
    {
        $next = ($this->marks['cut'][$cut] ?? $cut) + 1;
        $led = $next + ($this->lexicon->has('and', $this->speech->words[$next]->text ?? '') ? 1 : 0);

        return isset($this->marks['cut'][$led]) ? $this->behindCuts($led) : $next;
    }

    /** @return ?int where the place begins that stands before a cut and leads what is told behind it */
    private function placeLeadingFrom(int $cut): ?int
    {
        $first = ($this->until[$cut - 1] ?? null)?->first;
        // "twenty six twenty seven still in it"
        $pair = null === $first ? null : $this->until[$first - 1] ?? null;
        $isPair = Unit::None === $pair?->amount?->unit && $pair->amount->value + 1.0 === ($this->from[$first]->amount->value ?? 0.0);
        $first = $isPair ? $pair->first : $first;
        // "number three there's mud"
        $isNumbered = null !== $first && $this->lexicon->has('numbered', $this->speech->words[$first - 1]->text ?? '');
        if ($isNumbered || null !== $first && $this->isListEnd($first)) {
            return null;
        }
        // "nine feet next joint's tight", "twenty five feet still in the water"
        // "the first joint with roots is at four, the next one's at eleven"
        $isToldAt = isset($this->marks['at'][$first - 1]) && $this->lexicon->has('is', $this->speech->words[$first - 2]->text ?? '');
        if (null === $first || isset($this->marks['intro'][$cut]) && !$isToldAt
            || isset($this->marks['goes_on'][$cut]) && !isset($this->marks['at'][$first - 1])) {
            return $first;
        }
        // "eighteen okay there's a joint with roots", and not "between twenty and thirty two feet, then there's a crack"
        $next = $this->behindCuts($cut);
        $led = $this->speech->words[$next]->text ?? '';
        // … and not "water at twenty, and then we're out of it at 31"
        $over = ($this->marks['closes'][$next] ?? $cut) + 1;
        $isOver = $over > $next && !isset($this->from[($this->marks['at'][$over] ?? $over) + 1]);
        $isShown = isset($this->marks['intro'][$next]) || isset($this->starts[$next]) || $isOver
            // "seventeen feet, okay, a few roots", and not "four metres, then a rest bend at five"
            || !isset($this->marks['contrast'][$cut]) && $this->lexicon->has('articles', $led)
                && isset($this->starts[$next + 2]) && !isset($this->from[$next + 1])
            // "twenty eight okay the pipe's underwater"
            || isset($this->starts[$next + 1]) && ($this->lexicon->has('articles', $led)
                // "seven metres, now it's starting to hold water", and not "the laundry ties in sixteen feet, then it dumps into …"
                || $this->lexicon->has('subjects', $led) && !isset($this->named[$first - 1]));
        $before = $this->speech->words[$first - 1]->text ?? '';
        // "cast iron for eleven feet, and then there's a coupling"
        $isLong = $this->lexicon->has('for', $before) || $this->lexicon->has('for', $this->speech->words[$first - 2]->text ?? '');
        $isTied = $isLong || isset($this->tied[$first]) || $this->isBeginOfNamed($first) || $this->lexicon->has('and', $before) || $this->lexicon->has('articles', $before)
            // "clear at ten feet, then roots at fifteen"
            || isset($this->marks['at'][$first - 1]) && $this->lexicon->has('nothing_there', $this->speech->words[$first - 2]->text ?? '');

        return $isShown && !$isTied ? $first : null;
    }

    /** "start of the belly twenty feet": it begins there. */
    private function isBeginOfNamed(int $place): bool
    {
        foreach ($this->atoms as $atom) {
            if (Atom::KIND === $atom->role && $atom->last === $place - 1) {
                return \in_array($atom->first - 1, $this->marks['starts'] ?? [], true);
            }
        }

        return false;
    }

    /** "more blisters thirty three thirty six thirty eight, and then": behind a name the last of several numbers is of it, too. */
    private function isListEnd(int $first): bool
    {
        for ($many = 0, $one = $this->until[$first - 1] ?? null; Unit::None === $one?->amount?->unit; ++$many) {
            $first = $one->first;
            $one = $this->until[$first - 1] ?? null;
        }

        return $many > 1 && isset($this->named[$first - 1]);
    }

    /** @return array<int, true> the first word of each "forty feet the same", and the next one where another place follows */
    private function ofRepeated(): array
    {
        $cuts = [];
        foreach (['again', 'another'] as $role) {
            foreach ($this->marks[$role] ?? [] as $first => $last) {
                // "twenty one's got the same"
                $place = $this->until[$first - 1] ?? $this->until[($this->marks['presence'][$first - 1] ?? 0) - 1] ?? null;
                $isTurn = Unit::None === $place?->amount?->unit && \in_array($place->amount->value, self::TURNS, true);
                $isPlace = true === $place?->amount?->mayBeAlong() && !$isTurn;
                // "nine, eleven, some more at eleven"
                $isPlacedBehind = isset($this->marks['at'][$last]);
                if (!$isPlace || $isPlacedBehind || $this->isNamedBehind($first, $last) || isset($this->tied[$place->first])) {
                    continue;
                }
                $and = $this->lexicon->has('and', $this->speech->words[$last + 1]->text ?? '') ? 1 : 0;
                $isNext = isset($this->from[$last + 1 + $and]);
                if ($isNext || $this->isPlaceLed($place)) {
                    // "five sixty the same": five metres sixty
                    $before = $this->until[$place->first - 1] ?? $place;
                    $begin = Unit::None === $before->amount?->unit ? $before->first : $place->first;
                    $cuts += [$begin => true] + ($isNext ? [$last + 1 => true] : []);
                }
            }
        }

        return $cuts;
    }

    /** @return array<int, true> the place behind "and again from fifteen to eighteen": it is of what comes next */
    private function behindAgain(): array
    {
        $cuts = [];
        foreach ($this->marks['again'] ?? [] as $last) {
            $at = $this->marks['at'][$last + 1] ?? $this->marks['from'][$last + 1] ?? null;
            $place = null === $at ? null : $this->from[$at + 1] ?? null;
            $to = null === $place ? null : $this->marks['to'][$place->last + 1] ?? null;
            $end = null === $to ? $place : $this->from[$to + 1] ?? $place;
            $next = null === $end ? null : $this->from[$end->last + 1] ?? null;
            $cuts += true === $next?->amount?->mayBeAlong() && Unit::Large === $next->amount->unit ? [$next->first => true] : [];
        }

        return $cuts;
    }

    /** @return list<int> where each other run begins: "from the other cleanout" with "from", and not "30 feet the other cleanout" */
    private function otherRuns(): array
    {
        $begins = [];
        foreach (array_filter(array_keys($this->marks['run'] ?? []), $this->isBehindName(...)) as $word) {
            for ($lead = $word; $this->leads($lead - 1); --$lead) {
            }
            // "that's the other cleanout" shows it.
            $isShown = \in_array($lead - 1, $this->marks['intro'] ?? [], true);
            array_push($begins, ...($isShown ? [] : [isset($this->until[$lead - 1]) ? $word : $lead]));
        }

        return $begins;
    }

    private function leads(int $word): bool
    {
        $text = $this->speech->words[$word]->text ?? '';

        return $this->lexicon->has('articles', $text) || $this->lexicon->has('leads_in', $text);
    }

    /** Whether something was named a few words before. */
    private function isBehindName(int $word): bool
    {
        $from = $word - self::RUN_WORDS;
        $isNear = static fn (int $last) => $last >= $from && $last < $word;

        // "right at the start, zero point four"
        return !isset($this->from[$word]) && [] !== array_filter(array_keys($this->named), $isNear);
    }

    /** "fourteen another hole": before the next place. */
    private function isNamedBehind(int $first, int $last): bool
    {
        for ($i = $first; $i <= $last + self::NAMED_BEHIND && ($i <= $last || !isset($this->from[$i])); ++$i) {
            if (isset($this->starts[$i])) {
                return true;
            }
        }

        return false;
    }

    /** "twenty three feet there's a root, twenty nine feet there's two of them": places stand before what is there. */
    private function isPlaceLed(Atom $place): bool
    {
        $led = false;
        $isNamed = true;
        foreach ($this->atoms as $atom) {
            if ($atom->first >= $place->first) {
                break;
            }
            if (Atom::KIND === $atom->role) {
                [$led, $isNamed] = [!$isNamed, true];
            } elseif (Atom::AMOUNT === $atom->role) {
                $isNamed = true !== $atom->amount?->mayBeAlong();
            }
        }

        return $led && $isNamed;
    }

    /** "it clears up at thirty nine another dip at forty four": the place is where it ends, and of nothing else. */
    private function isBehindEnd(int $i): bool
    {
        return isset($this->over[$i]) && $this->lexicon->has('one_more', $this->speech->words[$i]->text);
    }

    /** "we're at fifteen feet now and there's a rock", and not "at fifteen feet, okay, and there's a rock" */
    private function isOfPlace(int $i): bool
    {
        $place = $this->until[$i - 1] ?? null;
        $next = ($this->marks['cut'][$i] ?? $i) + 1;

        return true === $place?->amount?->mayBeAlong() && isset($this->marks['at'][$place->first - 1])
            && !$this->lexicon->has('all_well', $this->speech->words[$i]->text)
            && $this->lexicon->has('and', $this->speech->words[$next]->text ?? '');
    }

    /** "it runs up to the next joint" */
    private function isAim(int $i): bool
    {
        return isset($this->tied[$i - 1]) && $this->lexicon->has('articles', $this->speech->words[$i - 1]->text);
    }

    /** "we're at the main now thirty eight and a half": behind a name and the word that would cut nothing but its place is said. */
    private function isPlacedBehind(int $cut): bool
    {
        $place = $this->from[($this->marks['cut'][$cut] ?? $cut) + 1] ?? null;
        if (!isset($this->named[$cut - 1]) || true !== $place?->amount?->mayBePlace()) {
            return false;
        }

        return !isset($this->speech->words[$place->last + 1]) || isset($this->marks['cut'][$place->last + 1])
            || $this->speech->words[$place->last]->isStop();
    }
}
