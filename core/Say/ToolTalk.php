<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Clear\EntryKind;
use Jurvex\Core\Measure\UnitSystem;

/** Reads what is said while a clearing tool is in the line: how far it is, what the hand feels, the water, what came back. */
final class ToolTalk
{
    /** How many turns stands within so many words of them. */
    private const NEAR = 2;
    /** Hotter water is none, in °C; and a place is no degree. */
    private const HOTTEST_C = 120.0;

    /** @var list<Pressed> */
    private array $pressed = [];

    private function __construct(private readonly UnitSystem $units)
    {
    }

    /**
     * @param Lexicon $lexicon of what is said with a tool
     * @param UnitSystem $units in which a place without a unit is
     *
     * @return list<Pressed> in their order; of one part of a sentence the place comes first
     */
    public static function read(string $text, Lexicon $lexicon, UnitSystem $units): array
    {
        $talk = new self($units);
        foreach (Reading::of(Speech::written($text, $lexicon), $lexicon)->sentences() as $sentence) {
            if (!$sentence->isAsked()) {
                $talk->hear($sentence);
            }
        }

        return $talk->pressed;
    }

    private function hear(Sentence $sentence): void
    {
        $isBack = $sentence->has('came_back');
        $begin = \count($this->pressed);
        foreach ($sentence->parts as [$from, $to]) {
            if ($sentence->has('elsewhere', $from, $to)) {
                continue;
            }
            $atoms = array_values(array_filter($sentence->atoms, static fn (Atom $atom) => $atom->first >= $from && $atom->last <= $to));
            $this->place($sentence, $atoms, $from, $to);
            foreach ($atoms as $i => $atom) {
                $pressed = self::isDenied($sentence, $atoms, $i, $from) ? null : match ($atom->role) {
                    Atom::FACT => $this->deed($sentence, $atom, $atoms),
                    Atom::KIND => $isBack || 'nothing' === $atom->meaning ? new Pressed(EntryKind::CameBack, said: $atom->meaning) : null,
                    Atom::AMOUNT => $this->measured($sentence, $atom, $from, $to),
                    default => null,
                };
                // "it let go, it drained" is said once.
                if (null !== $pressed && !\in_array($pressed, \array_slice($this->pressed, $begin))) {
                    $this->pressed[] = $pressed;
                }
            }
        }
    }

    /** @param list<Atom> $atoms of one part of the sentence */
    private function place(Sentence $sentence, array $atoms, int $from, int $to): void
    {
        $at = null;
        foreach ($this->readOff($sentence, $atoms) as $amount) {
            $at = $this->isPlace($sentence, $amount, $from, $to) ? $amount : $at;
        }
        if (null === $at) {
            return;
        }
        $before = end($this->pressed);
        if ($sentence->has('sorry') && false !== $before && EntryKind::At === $before->kind) {
            array_pop($this->pressed);
        }
        $this->pressed[] = new Pressed(EntryKind::At, Unit::None === $at->unit ? $at->value * $this->units->one()->metres : $at->value);
    }

    /**
     * @param list<Atom> $atoms
     *
     * @return list<Amount> what is read off in two numbers is one: "at six twenty"
     */
    private function readOff(Sentence $sentence, array $atoms): array
    {
        $amounts = array_values(array_filter(array_map(static fn (Atom $atom) => $atom->amount, $atoms)));
        $paired = new PairedNumbers($sentence, $this->units, new Depth($sentence, $amounts, $this->units->one()->metres, null));
        for ($i = 0; $i < \count($amounts) - 1; ++$i) {
            $joined = $paired->joined($amounts[$i], $amounts[$i + 1], $amounts[$i + 2] ?? null);
            if (null !== $joined) {
                array_splice($amounts, $i, 2, [$joined]);
            }
        }

        return $amounts;
    }

    private function isPlace(Sentence $sentence, Amount $amount, int $from, int $to): bool
    {
        // "sixty feet of cable out", not "sixty feet of hose in the truck"
        $out = $sentence->begins('out', $amount->last + 1);
        $isOut = null !== $out && !$sentence->is('articles', $out + 1);
        $isOther = !$isOut && $sentence->beginsAny(['relative', 'times'], $amount->last + 1)
            || $sentence->isAfter('relative', $amount->first);
        if ($amount->value < 0 || $isOther || $sentence->has('moved', $from, $to)) {
            return false;
        }
        $isAll = $amount->first === $sentence->first && $amount->last === $sentence->last;

        return match ($amount->unit) {
            Unit::Large => true,
            Unit::None => ($isAll || $sentence->isAfter('at', $amount->first)) && !$sentence->is('counted', $amount->last + 1)
                && !$this->isOfTurns($sentence, $amount),
            default => false,
        };
    }

    private function isOfTurns(Sentence $sentence, Amount $amount): bool
    {
        foreach ($sentence->atoms as $atom) {
            $isNear = abs($atom->first - $amount->last) <= self::NEAR || abs($amount->first - $atom->last) <= 1;
            if (str_starts_with($atom->meaning, 'turn_') && $isNear) {
                return true;
            }
        }

        return false;
    }

    /** @param list<Atom> $atoms of one part of the sentence */
    private function deed(Sentence $sentence, Atom $atom, array $atoms): Pressed
    {
        [$kind, $said] = explode('=', $atom->meaning.'=');
        $kind = EntryKind::from($kind);
        if (EntryKind::TurnLeft !== $kind && EntryKind::TurnRight !== $kind) {
            return new Pressed($kind, said: $said);
        }
        $turns = $sentence->has('twice', ...$sentence->part($atom->first)) ? '2' : '';
        foreach ($atoms as $each) {
            $isNear = abs($each->last - $atom->first) <= self::NEAR || abs($each->first - $atom->last) <= self::NEAR;
            if (Unit::None === $each->amount?->unit && $isNear && $each->amount->value >= 1) {
                $turns = (string) (int) $each->amount->value;
            }
        }

        return new Pressed($kind, said: $turns);
    }

    /** A level below the rim, how far it moved, how hot the water is. */
    private function measured(Sentence $sentence, Atom $atom, int $from, int $to): ?Pressed
    {
        $amount = $atom->amount;
        if (null === $amount) {
            return null;
        }
        $isLength = $amount->unit->isLength();

        return match (true) {
            $isLength && $sentence->has('moved', $from, $to) => new Pressed(EntryKind::Moved, $amount->value),
            Unit::Small === $amount->unit && $sentence->has('level', $from, $to) => new Pressed(EntryKind::Level, $amount->value),
            Unit::Degrees === $amount->unit => $this->heat($amount->value),
            default => null,
        };
    }

    private function heat(float $degrees): ?Pressed
    {
        $celsius = UnitSystem::Metric === $this->units ? $degrees : ($degrees - 32) / 1.8;

        return $celsius > 0 && $celsius <= self::HOTTEST_C ? new Pressed(EntryKind::Heat, $celsius) : null;
    }

    /**
     * "not grabbing any more": what is denied is the next thing that is named.
     *
     * @param list<Atom> $atoms of one part of the sentence
     */
    private static function isDenied(Sentence $sentence, array $atoms, int $i, int $from): bool
    {
        $since = $i > 0 ? $atoms[$i - 1]->last + 1 : $from;

        return $atoms[$i]->first > $since && $sentence->has('deny', $since, $atoms[$i]->first - 1);
    }
}
