<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Sureness;
use Jurvex\Core\Measure\SizeUnit;

/** Something that was named in a sentence, with what was said of it there. */
final class Mention
{
    /** No line that lacks fall has as much, in percent. */
    private const STEEPEST = 10.0;
    /** What every material of that plastic begins with. */
    private const PVC = 'pvc';

    public Sureness $sureness = Sureness::Clear;
    public ?Place $place = null;
    public ?Place $clock = null;
    public ?float $size = null;
    public ?SizeUnit $unit = null;
    /** Of a mark: how deep. */
    public ?Place $depth = null;
    /** Of a transition: both pipes were named, in the order of the run. */
    public bool $isInOrder = false;
    /** Named again rather than anew. */
    public bool $isAgain = false;
    /** Named as another one: "there's another root". */
    public bool $isOther = false;
    /** Whether somebody says so, with no place, among talk and without showing it. */
    public bool $isOnlySaid = false;
    /** Whether it is named as what everybody knows by now: "the crack". */
    public bool $isKnown = false;
    /** Whether it is said how long it is altogether: "so seven feet of belly". */
    public bool $isSum = false;
    /** Whether it was only said how far it has been seen. */
    public bool $goesOn = false;
    /** Whether nobody goes farther for its being far enough: "that's as far as we go". */
    public bool $isFarEnough = false;

    /**
     * @param ?Kind $kind none for a mark
     * @param int $first its first word
     * @param int $last its last word
     * @param bool $isGeneral whether no more was said than that there are roots
     * @param string $by how it was named where that matters: by its water and not by the pipe's shape, by the name of where it leads
     * @param array<string, string> $facts
     */
    public function __construct(
        public ?Kind $kind, public readonly int $first, public readonly int $last, public bool $isGeneral = false,
        public readonly string $by = '', public array $facts = [],
    ) {
    }

    /** A kind of the tables, with its facts and its side. */
    public static function of(Atom $atom): self
    {
        $parts = explode('+', $atom->meaning);
        $kind = Kind::from(array_shift($parts));
        $facts = [];
        $clock = null;
        foreach ($parts as $part) {
            if (str_starts_with($part, 'clock=')) {
                $clock = new Place((float) substr($part, 6), null, $atom->first, $atom->last);
            } elseif (str_contains($part, '=')) {
                [$fact, $value] = explode('=', $part);
                $facts[$fact] = $value;
            }
        }
        $by = implode('', array_filter($parts, static fn (string $part) => !str_contains($part, '=')));
        $mention = new self($kind, $atom->first, $atom->last, Kind::RootCords === $kind, $by, $facts);
        $mention->clock = $clock;

        return $mention;
    }

    /** The same at another place, of which so many words tell; nothing else that was said of it goes along. */
    public function againAt(Place $place, ?int $first = null, ?int $last = null): self
    {
        $again = new self($this->kind, $first ?? $place->first, $last ?? $place->last, $this->isGeneral);
        $again->place = $place;

        return $again;
    }

    /** "now we're in plastic, and it's back to clay at twelve": whether the pipe becomes one thing there and another here. */
    public function isOtherPipe(self $other): bool
    {
        return $this->kind === $other->kind && $this->becomesOther($other->facts);
    }

    /** @param array<string, string> $facts of a change of pipe */
    public function becomesOther(array $facts): bool
    {
        $material = Fact::MaterialAfter->value;
        $pipes = array_filter([$this->facts[$material] ?? null, $facts[$material] ?? null]);
        // How plastic is joined may be told later.
        $known = array_map(static fn (string $pipe) => str_starts_with($pipe, self::PVC) ? self::PVC : $pipe, $pipes);

        return 2 === \count($known) && 1 < \count(array_unique($known));
    }

    public function isWater(): bool
    {
        return 'water' === $this->by;
    }

    /** @return bool whether it can be of that size, and had none */
    public function measure(Amount $amount): bool
    {
        $unit = match ($amount->unit) {
            Unit::Percent => SizeUnit::Percent,
            Unit::Degrees => SizeUnit::Degrees,
            Unit::Small, Unit::Large => SizeUnit::Millimetres,
            default => null,
        };
        // "it's a third full, there's no fall on it"
        $isFull = Kind::ShortFall === $this->kind && $amount->value > self::STEEPEST;
        if (null === $unit || null !== $this->size || $isFull || !\in_array($unit, $this->kind?->units() ?? [], true)) {
            return false;
        }
        $size = SizeUnit::Millimetres === $unit ? 1000 * $amount->value : $amount->value;
        [$this->size, $this->unit] = $size > $unit->most() ? [null, null] : [$size, $unit];

        return null !== $this->size;
    }

    /** @return bool whether it is something that can be asked of its kind */
    public function tell(string $fact, string $value): bool
    {
        $known = Fact::tryFrom($fact);
        if (null === $known || null === $this->kind || !\in_array($known, $this->kind->facts(), true)) {
            return false;
        }
        $this->facts[$fact] ??= $value;

        return true;
    }
}
