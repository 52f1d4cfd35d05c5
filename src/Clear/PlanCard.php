<?php

declare(strict_types=1);

namespace App\Clear;

use Jurvex\Core\Clear\Plan;

/** One plan as its screen shows it. */
final readonly class PlanCard
{
    /**
     * @param list<string> $blockers why it is not to be done from here
     * @param list<string> $waysOut what would get there
     * @param string $missing heads that nothing of the kit stands in for
     * @param list<HeadSteps> $steps
     * @param list<ReasonText> $reasons
     */
    public function __construct(
        public Plan $plan, public array $blockers, public array $waysOut, public string $missing, public array $steps,
        public array $reasons,
    ) {
    }
}
