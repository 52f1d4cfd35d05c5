<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** One sentence: its words, what things are in it, and how they are said. */
final readonly class Sentence
{
    /** A place farther behind a name than so many words is of what comes next, where a place came before the name. */
    private const NAME_TO_PLACE = 3;
    /** A place leads a name so many words behind it. */
    private const PLACE_TO_NAME = 4;
    /** A smaller number without a unit counts something. */
    private const LEAST_BARE = 8;

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

    /** The amount that ends right before a word. */
    public function amountBefore(int $i): ?Amount
    {
        foreach ($this->atoms as $atom) {
            if (null !== $atom->amount && $atom->last === $i - 1) {
                return $atom->amount;
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
        $begin = $lead = $this->first;
        $list = 0;
        for ($i = $this->first; $i <= $this->last; ++$i) {
            if ($taken[$i] ?? false) {
                continue;
            }
            $isBorder = $this->isComma($i) || $this->is('and', $i) && !$this->isAfter('between', $i, 6);
            $list = null === $this->amountBefore($i) ? Listed::at($this, $i) : $list - 1;
            $isListed = null !== $this->amountBefore($i) && $list > 0;
            $opens = $isListed || $this->beginsAny(['here', 'intro', 'contrast'], $i) || $this->isNextPlace($lead, $i)
                || $this->isLead($begin, $i);
            if (($isBorder || $opens) && $i > $begin) {
                $parts[] = [$begin, $i - 1];
                // What follows a place that stands alone is led by it.
                $lead = $this->isBarePlace($begin, $i - 1) ? $begin : $i;
                $begin = $i;
            }
        }
        $parts[] = [$begin, $this->last];

        return $parts;
    }

    /** "at twenty" */
    private function isBareAt(Atom $atom): bool
    {
        return Unit::None === $atom->amount?->unit && $atom->amount->value >= self::LEAST_BARE && $this->isAfter('at', $atom->first);
    }

    private function isBarePlace(int $from, int $to): bool
    {
        $here = array_values(array_filter($this->atoms, static fn (Atom $atom) => $atom->first >= $from && $atom->last <= $to));

        return 1 === \count($here) && ($this->isBareAt($here[0]) || self::isPlace($here[0])) && $to - $here[0]->last <= 1;
    }

    /** "eleven feet here's a branch": a place without a word before it leads what it is followed by. */
    private function isLead(int $begin, int $i): bool
    {
        $amount = $this->atomAt($i)?->amount;
        $isNamed = [] !== array_filter(
            $this->atoms, static fn (Atom $atom) => Atom::KIND === $atom->role && $atom->first >= $begin && $atom->last < $i,
        );
        $isAnother = null !== $amount && $isNamed && $this->is('articles', $amount->last + 1);

        $leads = null !== $amount && (Unit::None === $amount->unit || $isAnother || $this->is('leads', $amount->last + 1)
            || $this->beginsAny(['here', 'intro', 'another'], $amount->last + 1));

        return $leads && self::isPlace($this->atomAt($i)) && !$this->isAfter('at', $i) && !$this->isAfter('to', $i)
            && !$this->isAfter('from', $i) && !$this->isAfter('between', $i, 6);
    }

    /**
     * "at 12 feet a wye at 28 feet a lateral with roots at 36 feet a crack": where places lead, the next one leads what is named behind
     * it.
     */
    private function isLed(int $i): bool
    {
        $end = $this->atomAt($i)->last ?? $i;
        $isOwn = false;
        foreach ($this->atoms as $atom) {
            if ($atom->first > $end && Atom::KIND === $atom->role) {
                return !$isOwn && $atom->first - $end <= self::PLACE_TO_NAME;
            }
            $isOwn = $isOwn || $atom->first > $end && self::isPlace($atom);
        }

        return false;
    }

    /** "is the line", "is your wye" */
    public function isThere(int $i): bool
    {
        return $this->is('is', $i) && ($this->is('articles', $i + 1) || $this->is('known', $i + 1));
    }

    /** "with roots": named along with what was named before. */
    private function isWith(int $begin, int $named): bool
    {
        return $named - 1 > $begin && $this->is('with', $named - 1);
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
        $end = $this->marks['at'][$i] ?? null;
        $place = null === $end ? null : $this->atomAt($end + 1);
        $opens = null !== $place && $this->beginsAny(['here', 'intro'], $place->last + 1);
        $isBare = $opens && Unit::None === $place->amount?->unit && $place->amount->value >= self::LEAST_BARE;
        if (null === $end || !$isBare && !self::isPlace($place)) {
            return false;
        }
        $order = '';
        $named = $begin;
        foreach ($this->atoms as $atom) {
            if ($atom->first >= $begin && $atom->last < $i) {
                // "from the manhole, eight inch clay, at 12 feet a wye": the first name has no place.
                $order = 'k' === $order && self::isPlace($atom) && $atom->first - $named > self::NAME_TO_PLACE + 1 ? '' : $order;
                $named = Atom::KIND === $atom->role ? $atom->last : $named;
                $order .= self::isPlace($atom) || $this->isBareAt($atom) ? 'p' : (Atom::KIND === $atom->role ? 'k' : '');
            }
        }

        $isFar = $i - $named > self::NAME_TO_PLACE || $this->isWith($begin, $named) && $this->isLed($end + 1);

        $isIntroduced = $opens && (str_contains($order, 'kp') || str_starts_with($order, 'pk') || '' !== $order && $isFar);
        // "at five feet is the line from the house"
        if ($isIntroduced || '' !== $order && $this->isThere(($place->last ?? $end) + 1)) {
            return true;
        }

        return str_ends_with($order, 'kp') || str_starts_with($order, 'p') && str_ends_with($order, 'k') && $isFar;
    }
}
