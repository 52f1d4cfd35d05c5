<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** What is named in a sentence, and where: what was found, and what the pipe is made of. */
final readonly class Named
{
    /** @var list<Atom> what was found, be it there or not */
    public array $names;
    /** @var list<Atom> */
    private array $materials;

    /** @param list<Atom> $atoms what things are in the sentence, in their order */
    public function __construct(private array $atoms)
    {
        $this->names = array_values(array_filter($atoms, static fn (Atom $atom) => Atom::KIND === $atom->role));
        $this->materials = array_values(array_filter($atoms, static fn (Atom $atom) => Atom::MATERIAL === $atom->role));
    }

    /** Where the last name before a word ends; none where there is none. */
    public function before(int $i): ?int
    {
        $end = null;
        foreach ($this->names as $name) {
            $end = $name->last < $i ? $name->last : $end;
        }

        return $end;
    }

    /** Where the name begins that ends right before a word; none where none does. */
    public function beginsBefore(int $i): ?int
    {
        $name = array_values(array_filter($this->names, static fn (Atom $name) => $name->last === $i - 1))[0] ?? null;

        return $name?->first;
    }

    /** Where the first name between two words begins; none where there is none. */
    public function next(int $from, int $to): ?int
    {
        foreach ($this->names as $name) {
            if ($name->first >= $from && $name->last <= $to) {
                return $name->first;
            }
        }

        return null;
    }

    /** Whether a name, or the side of what was named, ends right before a word: "crack bottom" before its number. */
    public function endsBefore(int $i): bool
    {
        foreach ($this->atoms as $atom) {
            if ($atom->last === $i - 1 && (\in_array($atom->amount?->unit, [Unit::Clock, Unit::Percent], true)
                || \in_array($atom->role, [Atom::KIND, Atom::CLOCK, Atom::MATERIAL], true))) {
                return true;
            }
        }

        return false;
    }

    /** Whether a word stands in a name, be it of anything or of nothing. */
    public function holds(int $i): bool
    {
        foreach ($this->atoms as $atom) {
            if ($atom->first <= $i && $atom->last >= $i && \in_array($atom->role, [Atom::KIND, Atom::NONE], true)) {
                return true;
            }
        }

        return false;
    }

    /** The material that was named last before a word. */
    public function material(int $before): ?string
    {
        return \array_slice($this->materials($before), -1)[0]->meaning ?? null;
    }

    /** Whether a material ends right before a word. */
    public function isMaterialBefore(int $i): bool
    {
        return \in_array($i - 1, array_column($this->materials, 'last'), true);
    }

    /** @return list<Atom> each material that is named, or of these those before a word */
    public function materials(int $before = \PHP_INT_MAX): array
    {
        return array_values(array_filter($this->materials, static fn (Atom $atom) => $atom->last < $before));
    }
}
