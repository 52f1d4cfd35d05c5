<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Extent;
use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Sureness;
use Jurvex\Core\Measure\SizeUnit;

/**
 * What one or more sentences come to: an entry that a person may accept. It grows while more is said of it.
 *
 * @phpstan-type Plain array{
 *     kind: string, from_m?: float, to_m?: float, size?: float, unit?: string, clock_from?: float, clock_to?: float,
 *     facts?: array<string, string>, depth_m?: float, depth_to_m?: float, sureness?: string, at_s?: float, place_by?: string, said: string,
 * }
 */
final class Entry
{
    public const MARK = 'mark';
    public const REACHED = 'reached';
    /** Between the sentences that it is from. */
    private const BETWEEN = ' … ';
    /** Nearer than this one kind in one run is one thing, in metres. */
    public const SAME_PLACE_M = 0.5;
    /** What is told to be another one is so many metres from the last. */
    private const APART_M = 0.15;
    private const SAME_DEPTH_M = 0.02;
    private const TOLD_AGAIN_S = 8.0;
    /** Whoever talks on without a pause says no sentence: of more words than that it keeps so many on each side of its own. */
    private const LONG_WORDS = 45;
    private const WORDS_BESIDE = 10;
    /** Of what goes on along the pipe what is told within it is no other one: "the bottom's all gone at twenty". */
    private const ONE_ALL_ALONG = [Kind::LowSpot, Kind::Blister, Kind::WornInvert];

    public ?float $fromM = null;
    public ?float $toM = null;
    public ?PlaceBy $placeBy = null;
    public ?float $clockFrom = null;
    public ?float $clockTo = null;
    public ?float $size = null;
    public ?SizeUnit $unit = null;
    public ?float $depthM = null;
    public ?float $depthToM = null;
    public Sureness $sureness = Sureness::Clear;
    public Telling $telling = Telling::Shown;
    /** Whether its place was told by the counter as it went by. */
    public bool $isCounted = false;
    /** Whether only the farthest place of its run can be it. */
    public bool $isOutlet = false;
    /** @var list<int> the words by which it is named */
    private array $named = [];

    /**
     * @param string $kind a kind of finding, a mark, or how far the tool has come
     * @param int $run which of the runs that were talked through
     * @param ?float $atS when it was said, in seconds
     * @param string $said the words that it is from
     * @param array<string, string> $facts
     */
    public function __construct(
        public string $kind, public readonly int $run, public readonly ?float $atS, public string $said, public bool $isGeneral = false,
        public array $facts = [],
    ) {
    }

    public static function of(Mention $mention, int $run, ?float $atS, string $said): self
    {
        $entry = new self($mention->kind->value ?? self::MARK, $run, $atS, $said, $mention->isGeneral);
        $entry->hear($mention);
        $entry->depthM = $mention->depth?->from;
        $entry->depthToM = $mention->depth?->to;
        $entry->sureness = $mention->sureness;
        $entry->isOutlet = Outlets::NAMED === $mention->by;

        return $entry;
    }

    /** Leaves of a long breath what stands around its own words. */
    public function quote(Speech $speech): void
    {
        if ([] !== $this->named && substr_count($this->said, ' ') > self::LONG_WORDS) {
            $this->said = implode(self::BETWEEN, $speech->around($this->named, self::WORDS_BESIDE));
        }
    }

    /** By which it is known again when the same words are read with more behind them. */
    public function key(): string
    {
        return \sprintf('%.2f %s', $this->atS ?? 0.0, self::MARK === $this->kind ? self::MARK : 'finding');
    }

    /** Of a transition: the pipe behind it is another than was said, or not known. */
    public function become(?string $material): void
    {
        unset($this->facts['material_after']);
        $this->facts += null === $material ? [] : ['material_after' => $material];
        [$this->size, $this->unit] = [null, null];
    }

    /** Whether its place was said, or read off, of itself. */
    public function isPlacedItself(): bool
    {
        return null !== $this->fromM && PlaceBy::Carried !== $this->placeBy;
    }

    /** The same, or where it ends was said. */
    public function isPlacedForSure(): bool
    {
        return $this->isPlacedItself() || null !== $this->fromM && null !== $this->toM;
    }

    public function placeAt(float $from, ?float $to, PlaceBy $by): void
    {
        [$this->fromM, $this->toM, $this->placeBy] = [$from, $to === $from ? null : $to, $by];
    }

    /** It goes from one place to the other, whichever lies before. */
    public function stretch(float $one, float $other): void
    {
        $this->placeAt(min($one, $other), max($one, $other), $this->placeBy ?? PlaceBy::Said);
    }

    /** The same thing named again: what is said of it now completes what was said before. */
    public function join(Mention $mention, string $said): void
    {
        $this->kind = $this->isSameEnd($mention) ? Kind::Tap->value : $this->kind;
        if ($this->isGeneral && !$mention->isGeneral && null !== $mention->kind) {
            [$this->kind, $this->isGeneral] = [$mention->kind->value, false];
        }
        // What is said of it in one breath takes no doubt away.
        $isOneBreath = \in_array($said, explode(self::BETWEEN, $this->said), true);
        $this->sureness = $isOneBreath ? $this->sureness : $mention->sureness;
        if ('off' === ($mention->facts['water'] ?? '') && null !== $mention->size) {
            [$this->size, $this->unit] = [null, null];
        }
        $this->facts = [...$this->facts, ...array_intersect_key($mention->facts, ['water' => true])];
        // "now this is plastic … at twelve we go into clay": the last pipe counts; and not "the whole cast iron is shot"
        $isTold = null === $this->fromM || null !== $mention->place || PipeChange::OTHER !== $mention->by && !$mention->isKnown;
        if ($isTold && $mention->becomesOther($this->facts)) {
            $this->become($mention->facts[Fact::MaterialAfter->value] ?? null);
        }
        $this->hear($mention);
        $this->said .= $isOneBreath ? '' : self::BETWEEN.$said;
    }

    /** The same thing named again at a place, of which the end may be new. */
    public function joinAt(Mention $mention, string $said, ?float $from, ?float $to, ?PlaceBy $by): void
    {
        $this->join($mention, $said);
        $isWhole = null === $this->toM || $this->endsAt($to) || abs($from - ($this->fromM ?? $from)) <= self::SAME_PLACE_M
            // "31, 34, I'm out of it at 37, so that's a belly from 28 to 37"
            || $from <= $this->fromM && $to >= $this->toM;
        if ($isWhole && null !== $to && null !== $from && null !== $by) {
            $this->placeAt($from, $to, $by);
        }
    }

    /** Whether a mention without a place is this, which has none either; "a line on the left, and one on the right" are two. */
    public function isNowhereToo(Mention $mention): bool
    {
        // "there's a tap … it's good to the manhole" are two.
        $isOne = $this->kind === $mention->kind?->value || 'name' !== $mention->by && $this->isSameEnd($mention);

        return null === $this->fromM && $isOne && !$mention->becomesOther($this->facts)
            // "grease on the bottom, grease on the top": it is all over.
            && (Family::Deposit === $mention->kind?->family()
                || null === $mention->clock || null === $this->clockFrom || $this->clockFrom === $mention->clock->from);
    }

    /** Roots of which no more is said are any roots. */
    public function isOfKind(Mention $mention): bool
    {
        return $this->kind === $mention->kind?->value
            || (($mention->isGeneral || $this->isGeneral) && Family::Roots === $mention->kind?->family()
                && Family::Roots === Kind::tryFrom($this->kind)?->family());
    }

    /** @return bool whether a mention at a place is this thing again */
    public function isAlso(Mention $mention, ?float $from, ?float $to): bool
    {
        $isThis = null !== $from && $this->isAt($from, $to)
            && ($this->isOfKind($mention) && !OtherPipe::is($this, $mention, $from)
                || $this->isSameEnd($mention) && !$this->isApart($from));

        return $isThis && (null === $this->clockFrom || null === $mention->clock
            || abs($this->clockFrom - $mention->clock->from) < 0.01 || $mention->clock->holdsHour($this->clockFrom));
    }

    /** Whether it lies so far from a place that another one may be there; what may be long, and is not told to be one more, reaches it. */
    public function isApart(?float $from, bool $isOneMore = false): bool
    {
        $isPoint = null === $this->toM && ($isOneMore || Extent::Stretch !== Kind::tryFrom($this->kind)?->extent());

        return $isPoint && null !== $from && null !== $this->fromM && abs($from - $this->fromM) > self::APART_M;
    }

    /** "it stopped at 25, so about a six foot crack" */
    public function isSummedUpBy(Mention $mention): bool
    {
        return null !== $this->toM && $this->isOfKind($mention);
    }

    /** "this one's capped off": a tie-in of which that is said leads nowhere. */
    public function cap(): void
    {
        $this->kind = Kind::TieIn->value === $this->kind ? Kind::DeadLeg->value : $this->kind;
    }

    /** Whether it is where a stretch begins, and has no end yet. */
    public function begins(Place $stretch): bool
    {
        return null !== $this->fromM && null === $this->toM && abs($this->fromM - $stretch->from) <= self::SAME_PLACE_M;
    }

    /** Whether all of it lies within a stretch. */
    public function isCoveredBy(Place $stretch): bool
    {
        return null !== $this->fromM && $this->fromM >= $stretch->from && ($this->toM ?? $this->fromM) <= ($stretch->to ?? $stretch->from);
    }

    /** Whether it is somewhere within a stretch, and has no end yet. */
    public function isWithinStretch(Place $stretch): bool
    {
        return null === $this->toM && $this->isCoveredBy($stretch);
    }

    /** "right here is where I painted it, so it's six feet deep": a mark of which no depth was told has it now. */
    public function deepen(Mention $mention): bool
    {
        $isIts = self::MARK === $this->kind && null === $this->depthM && null === $mention->kind && null !== $mention->depth
            && (null === $mention->place || null === $this->fromM || abs($this->fromM - $mention->place->from) <= self::SAME_PLACE_M);
        if ($isIts) {
            [$this->depthM, $this->depthToM] = [$mention->depth->from, $mention->depth->to];
        }
        if ($isIts && null === $this->fromM && null !== $mention->place) {
            $this->placeAt($mention->place->from, $mention->place->to, PlaceBy::Said);
        }

        return $isIts;
    }

    /** @return bool whether a mark's depth is told once more, right behind */
    public function isReadAgain(Mention $mention, ?float $atS): bool
    {
        return null !== $this->depthM && null !== $mention->depth && abs($this->depthM - $mention->depth->from) < self::SAME_DEPTH_M
            && ($atS ?? 0.0) - ($this->atS ?? 0.0) <= self::TOLD_AGAIN_S;
    }

    /** Whether it is a stretch that ends at a place as well. */
    private function endsAt(?float $to): bool
    {
        return null !== $to && null !== $this->toM && abs($to - $this->toM) <= self::SAME_PLACE_M;
    }

    /**
     * "here it hits the city main, that's the end of the line", "… so that's as far as we go": where the line ends in the main, it is its
     * tap and nothing more.
     */
    private function isSameEnd(Mention $mention): bool
    {
        $kinds = [Kind::tryFrom($this->kind), $mention->kind];

        return \in_array(Kind::Tap, $kinds, true) && (\in_array(Kind::EndOfLine, $kinds, true) || $mention->isFarEnough);
    }

    private function isAt(float $from, ?float $to): bool
    {
        if (null === $this->fromM) {
            return false;
        }
        $end = \in_array(Kind::tryFrom($this->kind), self::ONE_ALL_ALONG, true) ? $this->toM ?? $this->fromM : $this->fromM;

        return abs($this->fromM - $from) <= self::SAME_PLACE_M || $this->endsAt($to)
            || (null !== $to && null === $this->toM && $this->fromM >= $from && $this->fromM <= $to + self::SAME_PLACE_M)
            || ($from >= $this->fromM && $from <= $end + self::SAME_PLACE_M);
    }

    private function hear(Mention $mention): void
    {
        $this->named[] = $mention->first;
        $this->facts += $mention->facts;
        if (null === $this->size && null !== $mention->size) {
            [$this->size, $this->unit] = [$mention->size, $mention->unit];
        }
        if (null === $this->clockFrom && null !== $mention->clock) {
            [$this->clockFrom, $this->clockTo] = [$mention->clock->from, $mention->clock->to];
        }
    }

    /** @return Plain what is known of it; keys of what was not said are absent */
    public function plain(): array
    {
        $told = [
            'from_m' => self::rounded($this->fromM), 'to_m' => self::rounded($this->toM),
            'size' => self::rounded($this->size), 'unit' => $this->unit?->value,
            'clock_from' => $this->clockFrom, 'clock_to' => $this->clockTo,
            'facts' => [] === $this->facts ? null : $this->facts, 'depth_m' => self::rounded($this->depthM),
            'depth_to_m' => self::rounded($this->depthToM),
            'sureness' => Sureness::Clear === $this->sureness ? null : $this->sureness->value,
            'at_s' => null === $this->atS ? null : round($this->atS, 2), 'place_by' => $this->placeBy?->value,
        ];

        /** @var Plain $plain */
        $plain = ['kind' => $this->kind, ...array_filter($told, static fn (mixed $value) => null !== $value), 'said' => $this->said];

        return $plain;
    }

    private static function rounded(?float $value): ?float
    {
        return null === $value ? null : round($value, 3);
    }
}
