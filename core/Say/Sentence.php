<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** One sentence: its words, what things are in it, and how they are said. */
final readonly class Sentence
{
    /** What is named so many words behind "another" is what is there. */
    private const NAMED_BEHIND = 3;

    /** @var list<array{int, int}> first and last word of each of its parts: what stands between commas, "and" and "there's" */
    public array $parts;

    /** @var array<int, Atom> by their first word */
    private array $atomsAt;

    /** @var array<int, Atom> amounts by their last word */
    private array $amounts;

    public Named $named;

    /**
     * @param int $first its first word
     * @param int $last its last word
     * @param list<Atom> $atoms
     * @param array<string, array<int, int>> $marks last word by first word, by role
     * @param bool $isPlaceLed whether places are told before what is at them in all that is said
     */
    public function __construct(
        private Speech $speech, private Lexicon $lexicon, public int $first, public int $last, public array $atoms, private array $marks,
        public bool $isPlaceLed,
    ) {
        $this->atomsAt = array_column($atoms, null, 'first');
        $this->amounts = array_column(array_filter($atoms, static fn (Atom $atom) => null !== $atom->amount), null, 'last');
        $this->named = new Named($atoms);
        $this->parts = Parts::of($this);
    }

    public function text(int $i): string
    {
        return $i < $this->first || $i > $this->last ? '' : $this->speech->words[$i]->text;
    }

    public function said(): string
    {
        return $this->speech->said($this->first, $this->last);
    }

    public function atS(int $i): ?float
    {
        return $this->speech->words[$i]->atS;
    }

    public function isComma(int $i): bool
    {
        return ',' === $this->text($i);
    }

    public function is(string $table, int $i): bool
    {
        return $i >= $this->first && $i <= $this->last && isset($this->speech->words[$i]->tables[$table]);
    }

    public function isMany(int $i): bool
    {
        return $this->lexicon->isMany($this->text($i));
    }

    /** Whether any word from one to another stands in a table. */
    public function isAny(string $table, int $from, int $to): bool
    {
        for ($i = $from; $i <= $to; ++$i) {
            if ($this->is($table, $i)) {
                return true;
            }
        }

        return false;
    }

    /** Whether it ends as a question does. */
    public function isAsked(): bool
    {
        return '?' === $this->text($this->last);
    }

    /**
     * @param string|list<string> $roles of which one is looked for
     * @param ?int $from first word of the part that is asked about; none for all of it
     */
    public function has(string|array $roles, ?int $from = null, ?int $to = null): bool
    {
        foreach ((array) $roles as $role) {
            foreach ($this->marks[$role] ?? [] as $begin => $end) {
                if ($begin >= ($from ?? $this->first) && $end <= ($to ?? $this->last)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return array<int, int> last word by first word */
    public function marks(string $role): array
    {
        return $this->marks[$role] ?? [];
    }

    /** @return array<string, array<int, int>> last word by first word, of each role that begins so, by the rest of its name */
    public function marksOf(string $kind): array
    {
        $roles = array_filter($this->marks, static fn (string $role) => str_starts_with($role, $kind), \ARRAY_FILTER_USE_KEY);

        return array_combine(array_map(static fn (string $role) => substr($role, \strlen($kind)), array_keys($roles)), $roles);
    }

    /** Whether a phrase of a role ends right before a word; commas and an article between do not part them. */
    public function isAfter(string $role, int $i, int $words = 1): bool
    {
        foreach ($this->marks[$role] ?? [] as $begin => $end) {
            if ($end < $i && $end >= $i - $words && $begin >= $this->first) {
                return true;
            }
        }

        return false;
    }

    /** "that's your kitchen", "it's a crack": whether a name is told to be what was named before. */
    public function isToldToBe(int $name): bool
    {
        return $this->isAfter('they_are', $name) || null !== $this->begins('they_are', $name);
    }

    /** "roots at eleven": whether nothing but "at" stands between a name and a word. */
    public function isAtOfName(int $word): bool
    {
        return [] !== array_filter($this->leadingTo('at', $word), $this->named->endsBefore(...));
    }

    /** @return int the first word of what there is so much of: "half an inch of silt", "a quarter inch offset" */
    public function behindSize(Amount $size): int
    {
        return $size->last + ($this->is('of', $size->last + 1) ? 2 : 1);
    }

    /** @return list<int> where the phrases of a role begin that end right before a word */
    public function leadingTo(string $role, int $word): array
    {
        return array_keys($this->marks($role), $word - 1, true);
    }

    /** @return list<int> where each "there's" begins that opens what is named at a word, no farther before it than so many words */
    public function introsOf(int $name, int $words): array
    {
        return array_keys(array_filter($this->marks('intro'), static fn (int $end) => $end < $name && $name - $end <= $words));
    }

    /** Whether a "there's" that opens what is named at a word, no farther before it than so many words, begins behind another word. */
    public function isShownSince(int $since, int $name, int $words): bool
    {
        return [] !== array_filter($this->introsOf($name, $words), static fn (int $begin) => $begin > $since);
    }

    public function isInside(string $role, int $i): bool
    {
        foreach ($this->marks[$role] ?? [] as $begin => $end) {
            if ($begin <= $i && $end >= $i) {
                return true;
            }
        }

        return false;
    }

    /** The last word of a phrase of a role that begins at a word; none where none does. */
    public function begins(string $role, int $i): ?int
    {
        return $this->marks[$role][$i] ?? null;
    }

    /**
     * @param list<string> $roles
     *
     * @return int the last word of the longest phrase of any of them that begins at a word; that word where none does
     */
    public function longest(array $roles, int $i): int
    {
        $end = $i;
        foreach ($roles as $role) {
            $last = $this->marks[$role][$i] ?? $i;
            $end = $last > $end ? $last : $end;
        }

        return $end;
    }

    /** @param list<string> $roles */
    public function beginsAny(array $roles, int $i): bool
    {
        foreach ($roles as $role) {
            if (isset($this->marks[$role][$i])) {
                return true;
            }
        }

        return false;
    }

    /** The last word of an amount in which a word stands; none where it stands in none. */
    public function amountEnd(int $i): ?int
    {
        foreach ($this->atoms as $atom) {
            if (null !== $atom->amount && $atom->first <= $i && $atom->last >= $i) {
                return $atom->last;
            }
        }

        return null;
    }

    /** The amount that ends right before a word. */
    public function amountBefore(int $i): ?Amount
    {
        return ($this->amounts[$i - 1] ?? null)?->amount;
    }

    public function atomAt(int $i): ?Atom
    {
        return $this->atomsAt[$i] ?? null;
    }

    /** "there's another one", and not "there's another root" */
    public function isShownAgain(int $i): bool
    {
        $shown = $this->begins('intro', $i);
        $end = null === $shown ? null : $this->begins('another', $i) ?? $this->begins('another', $shown + 1);

        return null !== $end && null === $this->named->next($end + 1, $end + self::NAMED_BEHIND);
    }

    /** @return array{int, int} the part around a word */
    public function part(int $i): array
    {
        foreach ($this->parts as $part) {
            if ($part[0] <= $i && $part[1] >= $i) {
                return $part;
            }
        }

        return [$this->first, $this->last];
    }

    /** Whether "it clears" or "we come out of it" stands behind a place. */
    public function endsThere(int $i): bool
    {
        return $this->is('subjects', $i) && $this->beginsAny(['ends', 'runs_to'], $i + 1);
    }

    /** @return int the first word from there on that is more than "okay", "alright so", "okay and now"; and not "and then" */
    public function behindCuts(int $i): int
    {
        $end = $this->begins('cut', $i) ?? ($this->is('all_well', $i) ? $i : null);
        if (null === $end || $this->is('and', $i)) {
            return $i;
        }
        $next = $end + ($this->is('and', $end + 1) ? 2 : 1);

        return max($end + 1, null === $this->begins('cut', $next) ? 0 : $this->behindCuts($next));
    }

    /** Whether no word of it is left from there on. */
    public function isDone(int $i): bool
    {
        return $i > $this->last || $i === $this->last && $this->speech->words[$i]->isStop();
    }

    /** Whether nothing more is said behind a word at all. */
    public function isEnd(int $i): bool
    {
        return !isset($this->speech->words[$i + 1]);
    }

    /** "is the line", "is your wye" */
    public function isThere(int $i): bool
    {
        return $this->is('is', $i) && ($this->is('articles', $i + 1) || $this->is('known', $i + 1));
    }
}
