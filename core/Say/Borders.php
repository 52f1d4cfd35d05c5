<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** What begins and ends at each word that was said. */
final readonly class Borders
{
    /** A place behind one of these is of what was said before. */
    private const TIE_PLACE = ['at', 'to', 'from', 'told', 'was', 'presence', 'reached'];

    /** @var array<int, int> first words of names by their last words */
    public array $named;
    /** @var array<int, true> first words of names */
    public array $starts;
    /** @var array<int, true> first words of materials */
    public array $materials;
    /** @var array<int, int> first words of materials by their last words */
    private array $made;
    /** @var array<int, Atom> amounts by their first word */
    public array $from;
    /** @var array<int, Atom> amounts by their last word */
    public array $until;
    /** @var array<int, int> last words of what leads a place, by first word */
    private array $at;
    /** @var array<int, true> first words of what is tied to what stands before it */
    public array $tied;

    /**
     * @param list<Atom> $atoms what things are, in their order
     * @param array<string, array<int, int>> $marks how they are said: last word by first word, by role
     */
    public function __construct(private Speech $speech, array $atoms, array $marks)
    {
        $this->at = ($marks['at'] ?? []) + ($marks['from'] ?? []);
        $names = array_filter($atoms, static fn (Atom $atom) => Atom::KIND === $atom->role);
        $materials = array_filter($atoms, static fn (Atom $atom) => Atom::MATERIAL === $atom->role);
        $amounts = array_filter($atoms, static fn (Atom $atom) => Atom::AMOUNT === $atom->role);
        $this->named = array_column($names, 'first', 'last');
        $this->starts = array_fill_keys(array_column($names, 'first'), true);
        $this->materials = array_fill_keys(array_column($materials, 'first'), true);
        $this->made = array_column($materials, 'first', 'last');
        $this->from = array_column($amounts, null, 'first');
        $this->until = array_column($amounts, null, 'last');
        $tied = [];
        foreach (self::TIE_PLACE as $role) {
            foreach ($marks[$role] ?? [] as $end) {
                $tied[$end + 1] = true;
            }
        }
        $this->tied = $tied;
    }

    /** Whether what is named first among some words has its place behind it: "there's a root at forty". */
    public function isPlaced(int $from, int $to): bool
    {
        foreach ($this->named as $last => $first) {
            if ($first >= $from && $first <= $to) {
                return isset($this->at[$last + 1], $this->from[$this->at[$last + 1] + 1]);
            }
        }

        return false;
    }

    /** Whether a name or a material ends right before a word. */
    public function isBehindName(int $word): bool
    {
        return isset($this->named[$word - 1]) || isset($this->made[$word - 1]);
    }

    public function text(int $i): string
    {
        return $this->speech->words[$i]->text ?? '';
    }

    public function is(string $table, int $i): bool
    {
        return isset($this->speech->words[$i]->tables[$table]);
    }
}
