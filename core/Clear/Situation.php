<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

use Jurvex\Core\Finding\Material;
use Jurvex\Core\Flow\Manning;
use Jurvex\Core\Flow\Water;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\Travel;

/** All that a clearing plan hangs on. */
final readonly class Situation
{
    /** From here on nobody reaches a tool that sticks: a house value. */
    private const FAR_M = 15.0;
    private const SMALL_LINE_MM = 76.0;
    /** A fall from which a tool runs away and is heavy to draw back, in percent: a house value. */
    private const STEEP_PERCENT = 10.0;

    /**
     * @param Length $near near estimate of the stoppage, from the foot of the drop
     * @param Length $far far estimate
     * @param Length $overrun past it
     * @param float $flow of the jetter, in L/min
     * @param bool $noWater no water may be let in
     * @param bool $fragile fibre, iron rusted through, broken clay
     * @param bool $weakFar a weak pipe where nobody could reach a tool that sticks
     * @param bool $crossBore another utility is seen in the pipe
     * @param Travel $travel which way the tool works
     * @param bool $trap a trap lies between the opening and the stoppage
     * @param ?Length $end tap or tank, into which no tool goes
     * @param ?Length $deposit thickness of an even ring, under half of the bore
     * @param ?list<Head> $heads classes that the kit has; none for all
     * @param float $solids share of the flow that may be solids
     * @param list<WeakSpot> $weakSpots on the way, as looks and map know it, in their order
     * @param array<string, HeadReach> $reaches of the kit's pieces, by class of head; none where nobody knows the way
     * @param ?float $fall of the line at the stoppage, as a tangent
     * @param ?float $steepest fall on the way, in percent
     * @param float $pourMinutes how long water is run from above to take along what a jet's own water leaves
     */
    public function __construct(
        public Blockage $blockage,
        public Length $near,
        public Length $far,
        public Length $overrun,
        public Length $bore,
        public Material $material,
        public float $flow,
        public bool $roofVent = false,
        public bool $noWater = false,
        public bool $fragile = false,
        public bool $weakFar = false,
        public bool $crossBore = false,
        public bool $gas = false,
        public bool $chemicals = false,
        public bool $frost = false,
        public ?WorkRates $rates = null,
        public Travel $travel = Travel::Downstream,
        public bool $trap = false,
        public ?Length $end = null,
        public ?Length $deposit = null,
        public ?array $heads = null,
        public float $solids = 0.05,
        public array $weakSpots = [],
        public array $reaches = [],
        public ?float $fall = null,
        public ?float $steepest = null,
        public float $pourMinutes = 5.0,
    ) {
    }

    /** Fragile by what was said, by what it is made of, or by what was seen on the way. */
    public function isFragile(): bool
    {
        return $this->fragile || Material::BituminisedFibre === $this->material || [] !== $this->weakSpots();
    }

    /** @return list<WeakSpot> on the way to where the work ends: a tool passes them, or works there */
    public function weakSpots(): array
    {
        $end = $this->past()->metres;

        return array_values(array_filter($this->weakSpots, static fn (WeakSpot $spot) => $spot->from->metres <= $end));
    }

    /** Nobody could reach a tool that stuck in a weak pipe: told, or roots or a break in one far away or down a steep way. */
    public function isWeakFar(): bool
    {
        return $this->weakFar || ($this->isFragile() && $this->blockage->isRoots() && $this->isOutOfHand($this->far->metres))
            || [] !== array_filter(
                $this->weakSpots(),
                fn (WeakSpot $spot) => $spot->what->mayHoldATool() && $this->isOutOfHand($spot->to->metres),
            );
    }

    public function isFar(): bool
    {
        return $this->far->metres >= self::FAR_M;
    }

    public function isSteep(): bool
    {
        return null !== $this->steepest && $this->steepest >= self::STEEP_PERCENT;
    }

    /** So far, or down so steep a way, that nobody gets at a tool there. */
    private function isOutOfHand(float $metres): bool
    {
        return $metres >= self::FAR_M || $this->isSteep();
    }

    /** Whether anything is known of where the stoppage is; else it may be anywhere on the way. */
    public function isPlaceKnown(): bool
    {
        return $this->near->metres > 0 || $this->overrun->metres > 0;
    }

    /** Past the stoppage by the overrun, and never into the tap or the tank. */
    public function past(): Length
    {
        return Length::metres(min($this->far->metres + $this->overrun->metres, $this->end->metres ?? \INF));
    }

    /** How far a head goes in: as far as the work does, and never beyond its reach. */
    public function pastWith(Head $head): Length
    {
        $reach = $this->reaches[$head->value] ?? null;

        return null === $reach || null === $reach->by ? $this->past() : Length::metres(min($this->past()->metres, $reach->to->metres));
    }

    /** Whether a head gets to the far estimate and out again, as far as anybody knows. */
    public function isReachedBy(Head $head): bool
    {
        $reach = $this->reaches[$head->value] ?? null;
        // A leader only goes to where the others begin.
        $there = Length::metres(min(Head::BendLeader === $head ? $this->near->metres : $this->far->metres, $this->past()->metres));

        return null === $reach || $reach->worksAt($there);
    }

    /** @return ?HeadReach of the heads at hand the one that comes out most heavily; none where nobody knows the way */
    public function heaviestPull(): ?HeadReach
    {
        $known = array_filter($this->reaches, static fn (HeadReach $reach) => null !== $reach->pull);
        usort($known, static fn (HeadReach $a, HeadReach $b) => $b->pull / max(1e-9, $b->limit) <=> $a->pull / max(1e-9, $a->limit));

        return $known[0] ?? null;
    }

    /** @return ?bool whether the pump's water carries what is loosened; none where nobody knows the fall */
    public function carries(): ?bool
    {
        if (null === $this->fall) {
            return null;
        }

        return $this->fall > 0
            && (new Manning($this->bore, $this->fall, Manning::USUAL_ROUGHNESS))->carries(Water::perSecond($this->flow));
    }

    /** Weak enough for gentle tools only. */
    public function isWeak(): bool
    {
        return $this->isFragile() || $this->weakFar;
    }

    /** From a roof vent and in a narrow line only the small machine is used. */
    public function isSmall(): bool
    {
        return $this->roofVent || $this->bore->inMillimetres() <= self::SMALL_LINE_MM;
    }

    /** Whether bore, pump and pipe take a head that turns as a whole, or a cone of water in front. */
    public function takesRotaries(): bool
    {
        return !$this->isSmall() && !$this->isWeak() && $this->flow >= Head::WholeHeadRotary->leastFlow();
    }
}
