<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** What is said behind a word that cuts, such as "so", "then" and "okay". */
final readonly class BehindCut
{
    /** "So there's a real bad crack": so many words behind a cut. */
    private const NAMED_WORDS = 6;
    /** "And I'm gonna keep pushing": so many words behind "and". */
    private const MOVE_WORDS = 4;
    /** One of these behind a place tells what is there, or that nothing is. */
    private const TELLING = ['ends', 'closes', 'deny', 'out_again', 'landmark', 'reached', 'another'];

    /** @param array<string, array<int, int>> $marks how things are said: last word by first word, by role */
    public function __construct(private Speech $speech, private Borders $words, private array $marks)
    {
    }

    /** @return int the first word behind "okay", "okay so", "alright and now" */
    public function next(int $cut): int
    {
        $next = ($this->marks['cut'][$cut] ?? $cut) + 1;
        $led = $next + ($this->words->is('and', $next) ? 1 : 0);

        return isset($this->marks['cut'][$led]) ? $this->next($led) : $next;
    }

    /** "eighteen okay there's a joint with roots", and not "between twenty and thirty two feet, then there's a crack" */
    public function isShown(int $cut, int $first): bool
    {
        $next = $this->next($cut);
        // … and not "water at twenty, and then we're out of it at 31"
        $over = ($this->marks['closes'][$next] ?? $cut) + 1;
        $isOver = $over > $next && !isset($this->words->from[($this->marks['at'][$over] ?? $over) + 1]);

        return isset($this->marks['intro'][$next]) || isset($this->words->starts[$next]) || $isOver
            // "seventeen feet, okay, a few roots", and not "four metres, then a rest bend at five"
            || !isset($this->marks['contrast'][$cut]) && $this->words->is('articles', $next)
                && isset($this->words->starts[$next + 2]) && !isset($this->words->from[$next + 1])
            // "twenty eight okay the pipe's underwater"
            || isset($this->words->starts[$next + 1]) && ($this->words->is('articles', $next)
                // "seven metres, now it's starting to hold water", and not "the laundry ties in sixteen feet, then it dumps into …"
                || $this->words->is('subjects', $next) && !isset($this->words->named[$first - 1]));
    }

    /** Whether anything is named a few words behind a cut. */
    public function isNamed(int $cut): bool
    {
        $next = $this->next($cut);
        $words = array_flip(range($next, $next + self::NAMED_WORDS));

        return [] !== array_intersect_key($this->words->starts + $this->words->materials, $words);
    }

    /** Whether what is named behind it has its place right behind it: "okay, there's a root at forty". */
    public function isPlaced(int $cut): bool
    {
        return $this->words->isPlaced($cut, $cut + self::NAMED_WORDS);
    }

    /** "and then we keep going" */
    private function isMoving(int $begin): bool
    {
        return [] !== array_intersect_key($this->marks['move'] ?? [], array_flip(range($begin, $begin + self::MOVE_WORDS)));
    }

    /** "roots at seventeen, then at 23, and then at 29", and not "a crack at seventeen, then at 23 there's a hole" */
    public function goesOnWithList(int $cut): bool
    {
        $next = ($this->marks['cut'][$cut] ?? $cut) + 1;
        $before = $this->words->until[$cut - ($this->words->is('and', $cut - 1) ? 2 : 1)] ?? null;
        $place = $this->words->from[($this->marks['at'][$next] ?? $next - 1) + 1] ?? null;
        if (null === $place?->amount || !$place->amount->mayBePlace() && !isset($this->words->tied[$place->first])
            || !$this->words->is('lists_places', $next - 1) || !$this->isOfNamed($before)
            || $place->amount->value <= ($before?->amount->value ?? 0.0)) {
            return false;
        }
        $behind = $place->last + 1;
        if (isset($this->marks['cut'][$behind])) {
            return !$this->isShown($behind, $place->first) || !$this->isNamed($behind) || $this->isMoving($behind)
                // "… then thirty, okay, there's a root at forty"
                || $this->isPlaced($behind);
        }

        if (!isset($this->speech->words[$behind]) || $this->speech->words[$behind - 1]->isStop()) {
            return true;
        }
        // "… and I'm gonna keep pushing", "… and after that"
        $isNext = $this->words->is('and', $behind)
            && (isset($this->marks['beside'][$behind + 1]) || $this->words->is('subjects', $behind + 1) && $this->isMoving($behind));

        return $isNext || $this->isTalk($behind, $behind + self::NAMED_WORDS);
    }

    /** Whether a place is of what was named right before it. */
    private function isOfNamed(?Atom $place): bool
    {
        return null !== $place?->amount && Unit::Clock !== $place->amount->unit
            && ($place->amount->mayBePlace() || isset($this->words->tied[$place->first]))
            && (isset($this->words->tied[$place->first]) || isset($this->words->named[$place->first - 1])
                || $this->words->is('lists_places', $place->first - 1));
    }

    /** Whether nothing is told between two words of what is there: "then 22, there's always a little bit of water in this type of pipe". */
    private function isTalk(int $from, int $to): bool
    {
        foreach (range($from, $to) as $i) {
            $isTold = isset($this->words->starts[$i]) || isset($this->words->materials[$i]) || isset($this->words->from[$i])
                || $this->words->is('nothing_there', $i) || $this->words->is('all_well', $i);
            foreach (self::TELLING as $role) {
                $isTold = $isTold || isset($this->marks[$role][$i]);
            }
            if ($isTold) {
                return false;
            }
        }

        return true;
    }
}
