<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

use Jurvex\Core\Finding\Material;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\Travel;

/** All that a clearing plan hangs on. */
final readonly class Situation
{
    /** From here on nobody reaches a tool that sticks: a house value. */
    private const FAR_M = 15.0;
    private const SMALL_LINE_MM = 76.0;

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
    ) {
    }

    /** Fragile by what was said, or by what it is made of. */
    public function isFragile(): bool
    {
        return $this->fragile || Material::BituminisedFibre === $this->material;
    }

    /** Nobody could reach a tool that stuck in a weak pipe: told, or roots in one far away. */
    public function isWeakFar(): bool
    {
        return $this->weakFar || ($this->isFragile() && $this->blockage->isRoots() && $this->far->metres >= self::FAR_M);
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
