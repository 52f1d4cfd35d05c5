<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** One sentence: its words, what things are in it, and how they are said. */
final readonly class Sentence
{
    /** A place farther behind a name than so many words is of what comes next, where a place came before the name. */
    private const NAME_TO_PLACE = 3;

    /** @var list<array{int, int}> */
    private array $parts;

    /**
     * @param int $first its first word
     * @param int $last its last word
     * @param list<Atom> $atoms
     * @param array<string, array<int, int>> $marks last word by first word, by role
     */
    public function __construct(
        private Speech $speech, private Lexicon $lexicon, public int $first, public int $last, public array $atoms, private array $marks,
    ) {
        $this->parts = $this->cut();
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
        return $this->lexicon->has($table, $this->text($i));
    }

    /** Whether it ends as a question does. */
    public function isAsked(): bool
    {
        return '?' === $this->text($this->last);
    }

    /** @param ?int $from first word of the part that is asked about; none for all of it */
    public function has(string $role, ?int $from = null, ?int $to = null): bool
    {
        foreach ($this->marks[$role] ?? [] as $begin => $end) {
            if ($begin >= ($from ?? $this->first) && $end <= ($to ?? $this->last)) {
                return true;
            }
        }

        return false;
    }

    /** @return array<int, int> last word by first word */
    public function marks(string $role): array
    {
        return $this->marks[$role] ?? [];
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

    /** The last word of a phrase of a role that begins at a word; none where none does. */
    public function begins(string $role, int $i): ?int
    {
        return $this->marks[$role][$i] ?? null;
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

    public function atomAt(int $i): ?Atom
    {
        foreach ($this->atoms as $atom) {
            if ($atom->first === $i) {
                return $atom;
            }
        }

        return null;
    }

    /** @return array{int, int} the part around a word */
    public function part(int $i): array
    {
        foreach ($this->parts() as $part) {
            if ($part[0] <= $i && $part[1] >= $i) {
                return $part;
            }
        }

        return [$this->first, $this->last];
    }

    /** @return list<array{int, int}> first and last word of each of its parts: what stands between commas, "and" and "there's" */
    public function parts(): array
    {
        return $this->parts;
    }

    /** @return list<array{int, int}> */
    private function cut(): array
    {
        $taken = [];
        foreach ($this->atoms as $atom) {
            $taken += array_fill_keys(range($atom->first + 1, max($atom->first + 1, $atom->last)), $atom->last > $atom->first);
        }
        $parts = [];
        $begin = $this->first;
        for ($i = $this->first; $i <= $this->last; ++$i) {
            if ($taken[$i] ?? false) {
                continue;
            }
            $isBorder = $this->isComma($i) || $this->is('and', $i) && !$this->isAfter('between', $i, 6);
            $opens = $this->beginsAny(['here', 'intro', 'contrast'], $i) || $this->isNextPlace($begin, $i) || $this->isLead($begin, $i);
            if (($isBorder || $opens) && $i > $begin) {
                $parts[] = [$begin, $i - 1];
                $begin = $i;
            }
        }
        $parts[] = [$begin, $this->last];

        return $parts;
    }

    /** "eleven feet here's a branch": a place without a word before it leads what it is followed by. */
    private function isLead(int $begin, int $i): bool
    {
        $amount = $this->atomAt($i)?->amount;
        $isNamed = [] !== array_filter(
            $this->atoms, static fn (Atom $atom) => Atom::KIND === $atom->role && $atom->first >= $begin && $atom->last < $i,
        );
        $isAnother = null !== $amount && $isNamed && $this->is('articles', $amount->last + 1);

        return Unit::Large === $amount?->unit
            && ($isAnother || $this->beginsAny(['here', 'intro'], $amount->last + 1) || $this->is('leads', $amount->last + 1))
            && !$this->isAfter('at', $i) && !$this->isAfter('to', $i) && !$this->isAfter('from', $i) && !$this->isAfter('between', $i, 6);
    }

    /** "roots at 30 feet at 40 feet an offset": another place opens another part. */
    private function isNextPlace(int $begin, int $i): bool
    {
        $isPlace = fn (int $at) => Unit::Large === $this->atomAt($at)?->amount?->unit;
        $end = $this->marks['at'][$i] ?? null;
        if (null === $end || !$isPlace($end + 1)) {
            return false;
        }
        $order = '';
        $named = $begin;
        foreach ($this->atoms as $atom) {
            if ($atom->first >= $begin && $atom->last < $i) {
                $named = Atom::KIND === $atom->role ? $atom->last : $named;
                $order .= Unit::Large === $atom->amount?->unit ? 'p' : (Atom::KIND === $atom->role ? 'k' : '');
            }
        }

        $isFar = $i - $named > self::NAME_TO_PLACE;

        return str_ends_with($order, 'kp') || str_starts_with($order, 'p') && str_ends_with($order, 'k') && $isFar;
    }
}
