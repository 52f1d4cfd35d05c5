<?php

declare(strict_types=1);

namespace App\Work;

use Jurvex\Core\Cable\CablePlan;
use Jurvex\Core\Clear\Left;
use Jurvex\Core\Clear\Outlook;
use Jurvex\Core\Clear\Plan;
use Jurvex\Core\Clear\Situation;
use Jurvex\Core\Jet\Tank;
use Jurvex\Core\Measure\Length;

/** Both plans with the cable's own arithmetic, ready to be shown. */
final readonly class ClearingPlan
{
    /**
     * @param array{cable: Plan, jet: Plan} $plans
     * @param Length $target bore at the stoppage
     * @param ?Length $cutter largest that gets there; none when none does
     * @param array{Length, Length} $sizes thinnest and thickest cable for the narrowest bore on the way
     * @param array<string, WaysOut> $waysOut by machine, of plans whose tools do not get there or not out again
     * @param array<string, string> $pieces of the firm's kit, by class of head
     */
    public function __construct(
        public Situation $situation, public array $plans, public PlanGround $ground, public CablePlan $cable,
        public Length $target, public ?Length $cutter, public array $sizes, public Length $narrowest, public array $pieces,
        public array $waysOut, private Tank $tank,
    ) {
    }

    /** What one of the plans does, and what it leaves; none of one that is refused. */
    public function outlook(Plan $plan): ?Outlook
    {
        return Outlook::of($plan, $this->situation);
    }

    /** What it leaves, unless that is a ring where the cutter is as wide as the bore. */
    public function leaves(Plan $plan): ?Left
    {
        $left = $this->outlook($plan)?->leaves;

        return Left::Ring === $left && !$this->leavesRing() ? null : $left;
    }

    /** How often the tank is filled again. */
    public function refills(Plan $plan): int
    {
        return $this->tank->refills($plan->pumpMinutes());
    }

    /** Down to the line at the chosen opening. */
    public function drop(): Length
    {
        return $this->cable->drop;
    }

    /** Whether the widest cutter that gets there is narrower than the bore. */
    public function leavesRing(): bool
    {
        return ($this->ringLeft()->metres ?? 0.0) > 0;
    }

    public function ringLeft(): ?Length
    {
        return null === $this->cutter ? null : Length::metres($this->target->metres - $this->cutter->metres);
    }

    public function sweptPercent(): ?float
    {
        return null === $this->cutter ? null : 100 * CablePlan::swept($this->cutter, $this->target);
    }
}
