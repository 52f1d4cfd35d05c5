<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** Where one sentence ends and another begins: at a stop, and at words such as "so", "okay" and "next". */
final readonly class Cuts
{
    /** Another run begins so many words behind what was named in the one before. */
    private const RUN_WORDS = 10;

    private Borders $words;
    private BehindCut $behind;
    /** @var array<int, true> first words behind the place where something ends */
    private array $over;

    /**
     * @param list<Atom> $atoms what things are, in their order
     * @param array<string, array<int, int>> $marks how they are said: last word by first word, by role
     */
    public function __construct(private Speech $speech, private array $atoms, private array $marks)
    {
        $this->words = new Borders($speech, $atoms, $marks);
        $this->behind = new BehindCut($speech, $this->words, $marks);
        $over = [];
        foreach ($marks['ends'] ?? [] as $end) {
            $place = $this->words->from[($marks['at'][$end + 1] ?? $end) + 1] ?? null;
            $over += true === $place?->amount?->mayBePlace() ? [$place->last + 1 => true] : [];
        }
        $this->over = $over;
    }

    /** @return non-empty-list<int> the first word of each sentence */
    public function begins(): array
    {
        [$inside, $behind] = $this->whole();
        $cuts = (new RepeatedCuts($this->words, $this->atoms, $this->marks))->all();
        foreach ($this->marks['as_well'] ?? [] as $last) {
            $cuts += true === ($this->words->from[$last + 1] ?? null)?->amount?->mayBeAlong() ? [$last + 1 => true] : [];
        }
        // "there's a crack, and that's it, let me try from the other end": the crack was in the run before.
        $cuts += array_fill_keys($this->otherRuns(), true);
        $begins = [0];
        $opened = [];
        foreach (array_keys($this->speech->words) as $i) {
            // "okay so" opens once.
            $isOpened = !isset($inside[$i]) && !isset($opened[$i]) && $this->isMeant($i);
            $isCut = $isOpened || isset($behind[$i]) || isset($cuts[$i]) || $this->isBehindEnd($i);
            $opened += $isOpened ? array_fill_keys(range($i, $this->behind->next($i) - 1), true) : [];
            $at = $isCut && !isset($cuts[$i]) ? $this->placeLeadingFrom($i) ?? $i : $i;
            if ($at > end($begins) && ($isCut || $this->speech->words[$i - 1]->isStop())) {
                $begins[] = $at;
            }
        }

        return $begins;
    }

    /** @return array{array<int, true>, array<int, true>} the words within what nothing cuts, and those behind what is whole by itself */
    private function whole(): array
    {
        $inside = $behind = [];
        foreach ($this->atoms as $atom) {
            for ($i = Atom::NONE === $atom->role ? $atom->first : $atom->first + 1; $i <= $atom->last; ++$i) {
                $inside[$i] = true;
            }
        }
        // "we're coming out now, and that's 31"
        foreach ($this->marks['out_again'] ?? [] as $first => $last) {
            $isPlaced = isset($this->words->from[$last + 1]) || $this->words->is('and', $last + 1);
            $inside += $isPlaced && $last > $first ? array_fill_keys(range($first + 1, $last), true) : [];
        }
        foreach ($this->marks['all_well'] ?? [] as $first => $last) {
            $inside += array_fill_keys(range($first, $last), true);
            $behind[$last + 1] = true;
        }

        return [$inside, $behind];
    }

    /** Whether a word such as "so" opens what comes next. */
    private function isMeant(int $i): bool
    {
        // "the next pipe", and "it's now cracked"
        $isWithin = $this->words->is('articles', $i - 1)
            || str_contains($this->words->text($i - 1), "'") && $this->words->is('subjects', $i - 1);
        // "at twenty we go to clay"
        $isChange = isset($this->words->until[$i - 1], $this->words->materials[($this->marks['changes'][$i] ?? -2) + 1]);

        return isset($this->marks['cut'][$i]) && !$isWithin && !$isChange
            && !$this->isPlacedBehind($i) && !$this->isAim($i) && !$this->isOfPlace($i) && !$this->behind->goesOnWithList($i);
    }

    /** @return ?int where the place begins that stands before a cut and leads what is told behind it */
    private function placeLeadingFrom(int $cut): ?int
    {
        $place = $this->words->until[$cut - 1] ?? null;
        // "offset joint, ten feet, half inch, then …"
        $first = false === $place?->amount?->mayBeAlong() ? null : $place?->first;
        // "twenty six twenty seven still in it"
        $pair = null === $first ? null : $this->words->until[$first - 1] ?? null;
        $isPair = Unit::None === $pair?->amount?->unit && $pair->amount->value + 1.0 === ($this->words->from[$first]->amount->value ?? 0.0);
        $first = $isPair ? $pair->first : $first;
        // "number three there's mud"
        $isNumbered = null !== $first && $this->words->is('numbered', $first - 1);
        // "the locator says twenty two inches, so that's a shovel job"
        $isDepth = null !== $first && \in_array($first - 1, $this->marks['depth'] ?? [], true);
        // "a break at twenty, no wait, 21, okay, …", "a root at eight, let's keep going, …"
        $isBefore = \in_array($first - 1, $this->marks['sorry'] ?? [], true) || isset($this->marks['move'][$cut]);
        // "a break twenty one feet, so that's that", "here it goes to clay, twelve feet, so there's a crack at thirty"
        $isOfName = $isBefore || null !== $first && $this->words->isBehindName($first)
            && (isset($this->marks['intro'][$this->behind->next($cut)]) && !$this->behind->isNamed($cut)
                || $this->behind->isPlaced($cut));
        if ($isNumbered || $isDepth || $isOfName || null !== $first && $this->isListEnd($first)) {
            return null;
        }
        // "nine feet next joint's tight", "twenty five feet still in the water"
        // "the first joint with roots is at four, the next one's at eleven"
        // "grease at seventy feet, next one's fine"
        $isToldAt = isset($this->marks['at'][$first - 1])
            && ($this->words->is('is', $first - 2) || isset($this->words->named[$first - 2]));
        if (null === $first || isset($this->marks['intro'][$cut]) && !$isToldAt
            || isset($this->marks['goes_on'][$cut]) && !isset($this->marks['at'][$first - 1])) {
            return $first;
        }

        return $this->behind->isShown($cut, $first) && !$this->isTied($first) ? $first : null;
    }

    /** Whether a place is of what stands before it: "cast iron for eleven feet, and then there's a coupling". */
    private function isTied(int $place): bool
    {
        $isLong = $this->words->is('for', $place - 1) || $this->words->is('for', $place - 2);

        return $isLong || isset($this->words->tied[$place]) || $this->isBeginOfNamed($place)
            || $this->words->is('and', $place - 1) || $this->words->is('articles', $place - 1)
            // "clear at ten feet, then roots at fifteen"
            || isset($this->marks['at'][$place - 1]) && $this->words->is('nothing_there', $place - 2);
    }

    /** "start of the belly twenty feet": it begins there. */
    private function isBeginOfNamed(int $place): bool
    {
        $name = $this->words->named[$place - 1] ?? null;

        return null !== $name && \in_array($name - 1, $this->marks['starts'] ?? [], true);
    }

    /** "more blisters thirty three thirty six thirty eight, and then": behind a name the last of several numbers is of it, too. */
    private function isListEnd(int $first): bool
    {
        for ($many = 0, $one = $this->words->until[$first - 1] ?? null; Unit::None === $one?->amount?->unit; ++$many) {
            $first = $one->first;
            $one = $this->words->until[$first - 1] ?? null;
        }

        // "joints with roots in them thirty five thirty eight forty one"
        return $many > 1 && (isset($this->words->named[$first - 1])
            || isset($this->words->named[$first - 3]) && $this->words->is('in_it', $first - 2));
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
            array_push($begins, ...($isShown ? [] : [isset($this->words->until[$lead - 1]) ? $word : $lead]));
        }

        return $begins;
    }

    private function leads(int $word): bool
    {
        return $this->words->is('articles', $word) || $this->words->is('leads_in', $word);
    }

    /** Whether something was named a few words before. */
    private function isBehindName(int $word): bool
    {
        // "right at the start, zero point four"
        if (isset($this->words->from[$word])) {
            return false;
        }
        for ($last = $word - 1; $last >= $word - self::RUN_WORDS; --$last) {
            if (isset($this->words->named[$last])) {
                return true;
            }
        }

        return false;
    }

    /** "it clears up at thirty nine another dip at forty four": the place is where it ends, and of nothing else. */
    private function isBehindEnd(int $i): bool
    {
        return isset($this->over[$i]) && $this->words->is('one_more', $i);
    }

    /** "we're at fifteen feet now and there's a rock", and not "at fifteen feet, okay, and there's a rock" */
    private function isOfPlace(int $i): bool
    {
        $place = $this->words->until[$i - 1] ?? null;
        $next = ($this->marks['cut'][$i] ?? $i) + 1;

        return true === $place?->amount?->mayBeAlong() && isset($this->marks['at'][$place->first - 1])
            && !$this->words->is('all_well', $i)
            && $this->words->is('and', $next);
    }

    /** "it runs up to the next joint" */
    private function isAim(int $i): bool
    {
        return isset($this->words->tied[$i - 1]) && $this->words->is('articles', $i - 1);
    }

    /** "we're at the main now thirty eight and a half": behind a name and the word that would cut nothing but its place is said. */
    private function isPlacedBehind(int $cut): bool
    {
        $place = $this->words->from[($this->marks['cut'][$cut] ?? $cut) + 1] ?? null;
        if (!isset($this->words->named[$cut - 1]) || true !== $place?->amount?->mayBePlace()) {
            return false;
        }

        return !isset($this->speech->words[$place->last + 1]) || isset($this->marks['cut'][$place->last + 1])
            || $this->speech->words[$place->last]->isStop();
    }
}
