<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Kind;

/** Two that are named one after the other with no place between, of which the second says more of the first. */
final readonly class OneThing
{
    private const COMING_WORDS = 10;
    private const WHERE_WORDS = 14;
    private const CLOSER_WORDS = 7;
    private const VAGUE_WORDS = 16;
    private const TAP_WORDS = 5;
    private const DESCRIBED_WORDS = 8;
    private const WATER_WORDS = 4;
    private const SETTLED_WORDS = 14;

    public function __construct(private Sentence $sentence)
    {
    }

    /** @return bool whether the second is of the first, which has what it says then */
    public function join(Mention $one, Mention $more): bool
    {
        // "a break and that's mud": what is seen through it.
        if ($this->isBehindIt($one, $more)) {
            $one->tell(Fact::SoilSeen->value, 'yes');

            return true;
        }
        if ($this->isTapItself($one, $more)) {
            $one->kind = Kind::Tap;

            return true;
        }
        // "holding half an inch of water behind it"
        $isHeld = Kind::StandingWater === $one->kind && Kind::LowSpot === $more->kind && $more->first <= $one->last;
        if ($isHeld || $this->isCloser($one, $more)) {
            $one->kind = $more->kind;
            $one->isGeneral = false;

            return true;
        }

        // "a piece of his cable in there, it's broken off"
        if (Kind::BrokenCable === $one->kind && Kind::BrokenPipe === $more->kind && $more->first - $one->last <= self::CLOSER_WORDS
            && $this->sentence->isAfter('they_are', $more->first, 2)) {
            return true;
        }

        if ($this->isSettled($one, $more) || $this->isHole($one, $more)) {
            $one->kind = Kind::LowSpot === $more->kind ? $one->kind : $more->kind;

            return true;
        }

        return $this->isComing($one, $more) || $this->isCap($one, $more) || $this->isRoomOf($one, $more) || $this->isWaterOf($one, $more)
            || $this->isWhere($one, $more) || $this->isCrushed($one, $more) || $this->isHowHigh($one, $more);
    }

    /** "the silt gets deeper, it's up to half" */
    private function isHowHigh(Mention $one, Mention $more): bool
    {
        return Family::Deposit === $one->kind?->family() && Kind::LowSpot === $more->kind && $more->isWater()
            && $more->first - $one->last <= self::CLOSER_WORDS && $this->sentence->is('likened', $more->first)
            && !$this->sentence->isAny('water', $more->first, $more->last);
    }

    /** "there's a deformed section, it's been crushed by something" */
    private function isCrushed(Mention $one, Mention $more): bool
    {
        return Kind::OutOfRound === $one->kind && Kind::BrokenPipe === $more->kind && $more->first - $one->last <= self::WATER_WORDS
            && ($this->sentence->is('likened', $more->first) || $this->sentence->isAfter('they_are', $more->first, 2));
    }

    /** "a hole where the bottom's worn through", "a hole in the top where a piece has fallen in" */
    public function isWhere(Mention $one, Mention $more): bool
    {
        return Kind::Hole === $one->kind && \in_array($more->kind, [Kind::WornInvert, Kind::BrokenPipe], true)
            && $more->first - $one->last <= self::WHERE_WORDS
            && ($this->sentence->isAny('where', $one->last + 1, $more->first - 1)
                // "a hole that's rusted through on the bottom"
                || null !== $this->sentence->begins('they_are', $one->last + 1) || $this->sentence->is('relates', $one->last + 1));
    }

    /** "the pipe's sagged, and there's standing water" */
    private function isWaterOf(Mention $one, Mention $more): bool
    {
        return Kind::LowSpot === $one->kind && Kind::LowSpot === $more->kind && !$one->isWater() && $more->isWater()
            && $this->sentence->isAny('and', $one->last + 1, $more->first)
            && $more->first - $one->last <= self::WATER_WORDS && !$this->sentence->has('another', $one->last + 1, $more->last);
    }

    /** "there's a ninety going up, that's the toilet": where the line goes, and nothing that ties in. */
    private function isRoomOf(Mention $one, Mention $more): bool
    {
        // "a turn, that's where the kitchen ties in"
        return Kind::Bend === $one->kind && Kind::TieIn === $more->kind && $more->first - $one->last <= self::CLOSER_WORDS
            && !$this->sentence->isAny('where', $one->last + 1, $more->last)
            && ($this->sentence->isAfter('they_are', $more->first, 2) || null !== $this->sentence->begins('they_are', $more->first));
    }

    /** "the pipe has settled there, so there's a lip": it has stepped, and holds no water. */
    private function isSettled(Mention $one, Mention $more): bool
    {
        $low = Kind::LowSpot === $one->kind ? $one : $more;
        $other = $low === $one ? $more : $one;

        return Kind::LowSpot === $low->kind && Kind::OffsetJoint === $other->kind && !$low->isWater()
            && $this->sentence->has('settles', $low->first, $low->last) && $more->first - $one->last <= self::SETTLED_WORDS;
    }

    /** "there's a piece of pipe missing, that's a hole" */
    private function isHole(Mention $one, Mention $more): bool
    {
        return Kind::BrokenPipe === $one->kind && Kind::Hole === $more->kind && $more->first - $one->last <= self::CLOSER_WORDS
            && $this->sentence->isAfter('they_are', $more->first, 2) && !$this->sentence->isAny('and', $one->last + 1, $more->first - 1);
    }

    /**
     * "there's a flat spot, and it's got water in it".
     *
     * @return bool whether the second is of the first, which is low then
     */
    public function isFlat(Mention $one, Mention $more): bool
    {
        $isFlat = [Kind::ShortFall, Kind::LowSpot] === [$one->kind, $more->kind]
            || [Kind::LowSpot, Kind::ShortFall] === [$one->kind, $more->kind];
        $isNear = $isFlat && $more->first - $one->last <= self::CLOSER_WORDS;
        $one->kind = $isNear ? Kind::LowSpot : $one->kind;

        return $isNear;
    }

    /** "there's a tee going up, that's a cleanout" */
    public function isOpeningItself(Mention $one, Mention $other): bool
    {
        return Kind::TieIn === $one->kind && Kind::OpeningSeen === $other->kind
            && $this->sentence->isAfter('they_are', $other->first) && $other->first - $one->last <= self::CLOSER_WORDS;
    }

    /** "a root as thick as my thumb coming in on the right": the root is, and nothing that ties in. */
    private function isComing(Mention $one, Mention $more): bool
    {
        return \in_array($one->kind?->family(), [Family::Roots, Family::Deposit], true) && Kind::TieIn === $more->kind
            // "a root that comes in"
            && ($this->sentence->isAny('coming', $more->first, $more->first + 1) || $this->sentence->is('pronouns', $more->first))
            && $more->first - $one->last <= self::COMING_WORDS
            && ($this->sentence->part($one->first) === $this->sentence->part($more->first)
                // "there's roots, and they're coming in from the left"
                || $this->sentence->isAny('of_many', $one->last + 1, $more->first - 1));
    }

    /** "a junction that goes nowhere, it's capped off": that ends, and not the line. */
    private function isCap(Mention $one, Mention $more): bool
    {
        $isCapped = \in_array($one->kind, [Kind::DeadLeg, Kind::TieIn], true) && Kind::EndOfLine === $more->kind
            && $this->sentence->has('capped', $more->first, $more->last);
        $one->kind = $isCapped ? Kind::DeadLeg : $one->kind;

        return $isCapped;
    }

    private function isBehindIt(Mention $one, Mention $more): bool
    {
        $isOpen = Kind::WornInvert === $one->kind || \in_array(Fact::SoilSeen, $one->kind?->facts() ?? [], true);

        return $isOpen && Kind::Sediment === $more->kind
            && $more->first - $one->last <= self::CLOSER_WORDS
            // "a hole, and you can see mud"
            && ($this->sentence->isAfter('they_are', $more->first, 2) || $this->sentence->isAfter('one_sees', $more->first));
    }

    /** "a root on the right, fine root", "a junction on the left, dead end there", "something stuck in it, it's plaster" */
    private function isCloser(Mention $one, Mention $more): bool
    {
        $isRoots = $one->isGeneral && self::areRoots($one, $more);
        $isTieIn = Kind::TieIn === $one->kind && Kind::DeadLeg === $more->kind;
        $between = [$one->last + 1, $more->first - 1];
        // "debris, it's a piece of two by four"
        $isThing = (Kind::UnknownObject === $one->kind && \in_array($more->kind?->family(), Overlaps::CAN_BE_STUCK, true)
            || Kind::Sediment === $one->kind && Family::Object === $more->kind?->family()
            && $this->sentence->has(['describes', 'likely'], $one->last + 1, $more->last))
            && ($this->sentence->has('likely', $one->first, $more->last) || $this->sentence->has('made_of', ...$between));

        // "see how the pipe drops down right there, that's an offset"
        $isDrop = Kind::LowSpot === $one->kind && Kind::OffsetJoint === $more->kind && $this->sentence->isAfter('they_are', $more->first);

        // "an obstruction, and what I'm seeing there looks like a chunk of concrete"
        $isVague = $isThing && 'vague' === $one->by;

        return ($isRoots || $isTieIn || $isThing || $isDrop)
            && $more->first - $one->last <= ($isVague ? self::VAGUE_WORDS : self::CLOSER_WORDS)
            && ($isVague || !$this->sentence->isAny('and', ...$between)) && !$this->sentence->has('another', ...$between)
            && !$this->sentence->isAny('more', ...$between);
    }

    /** "the tap, which is a saddle", "there's the wye at the main" */
    private function isTapItself(Mention $one, Mention $other): bool
    {
        $isNear = $other->first - $one->last <= self::TAP_WORDS && !$this->sentence->has('intro', $one->last, $other->first);

        // "our tap, and you can see it's a wye connection"
        // "it's a factory wye, that's your tap"
        $isIt = Kind::Tap === $other->kind && $other->first - $one->last <= self::TAP_WORDS
            && ($this->sentence->isAfter('they_are', $other->first, 2) || null !== $this->sentence->begins('they_are', $other->first));
        $isNear = $isNear || $isIt || $this->sentence->isAfter('describes', $other->first);

        // "it comes to the tap, and it's a nice clean wye"
        $isNear = $isNear || $other->first - $one->last <= self::DESCRIBED_WORDS
            && $this->sentence->has('describes', $one->last + 1, $other->first);

        // "there's the tap, it's coming in at the top of the main"
        $isTwice = Kind::Tap === $one->kind && Kind::Tap === $other->kind && $other->first - $one->last <= self::COMING_WORDS
            && null !== $this->sentence->begins('they_are', $one->last + 1);

        return $isTwice || Kind::Tap === $one->kind && Kind::TieIn === $other->kind && $isNear
            || Kind::TieIn === $one->kind && Kind::Tap === $other->kind && $isNear
            && ($this->sentence->isAfter('at', $other->first) || null !== $this->sentence->begins('at', $other->first) || $isIt);
    }

    public static function areRoots(Mention $one, Mention $other): bool
    {
        return Family::Roots === $one->kind?->family() && Family::Roots === $other->kind?->family();
    }
}
