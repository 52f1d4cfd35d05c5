<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** Where what was named before is said to be at another place: "forty feet the same", "and again from fifteen to eighteen". */
final readonly class RepeatedCuts
{
    /** What is named so many words behind "another" is what is there. */
    private const NAMED_BEHIND = 5;
    /** In degrees: no places by themselves. */
    private const TURNS = [45.0, 90.0];

    /**
     * @param list<Atom> $atoms what things are, in their order
     * @param array<string, array<int, int>> $marks how they are said: last word by first word, by role
     */
    public function __construct(private Borders $words, private array $atoms, private array $marks)
    {
    }

    /** @return array<int, true> the first words of what is cut off */
    public function all(): array
    {
        return $this->ofRepeated() + $this->behindAgain();
    }

    /** @return array<int, true> the first word of each "forty feet the same", and the next one where another place follows */
    private function ofRepeated(): array
    {
        $cuts = [];
        foreach (['again', 'another'] as $role) {
            foreach ($this->marks[$role] ?? [] as $first => $last) {
                // "twenty one's got the same"
                $place = $this->words->until[$first - 1] ?? $this->words->until[($this->marks['presence'][$first - 1] ?? 0) - 1] ?? null;
                $isTurn = Unit::None === $place?->amount?->unit && \in_array($place->amount->value, self::TURNS, true);
                $isPlace = true === $place?->amount?->mayBeAlong() && !$isTurn;
                // "nine, eleven, some more at eleven"
                $isPlacedBehind = isset($this->marks['at'][$last]);
                if (!$isPlace || $isPlacedBehind || $this->isNamedBehind($first, $last) || isset($this->words->tied[$place->first])) {
                    continue;
                }
                $and = $this->words->is('and', $last + 1) ? 1 : 0;
                $isNext = isset($this->words->from[$last + 1 + $and]);
                if ($isNext || $this->isPlaceLed($place)) {
                    // "five sixty the same": five metres sixty
                    $before = $this->words->until[$place->first - 1] ?? $place;
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
            $place = null === $at ? null : $this->words->from[$at + 1] ?? null;
            $to = null === $place ? null : $this->marks['to'][$place->last + 1] ?? null;
            $end = null === $to ? $place : $this->words->from[$to + 1] ?? $place;
            $next = null === $end ? null : $this->words->from[$end->last + 1] ?? null;
            $cuts += true === $next?->amount?->mayBeAlong() && Unit::Large === $next->amount->unit ? [$next->first => true] : [];
        }

        return $cuts;
    }

    /** "fourteen another hole": before the next place. */
    private function isNamedBehind(int $first, int $last): bool
    {
        for ($i = $first; $i <= $last + self::NAMED_BEHIND && ($i <= $last || !isset($this->words->from[$i])); ++$i) {
            if (isset($this->words->starts[$i])) {
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
}
