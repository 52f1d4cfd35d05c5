<?php

declare(strict_types=1);

namespace App\Clear;

use App\Work\ClearingPlan;

/** Both plans as their screen shows them. */
final readonly class PlanSheet
{
    /**
     * @param string $knownBy from what the place was worked out
     * @param string $onTool the stretch as it is counted on the cable or hose
     * @param string $first what comes before any force, with why; nothing where nothing does
     * @param list<PlanRow> $rows
     * @param array<string, PlanCard> $cards by machine
     */
    public function __construct(
        public ClearingPlan $plan, public string $knownBy, public string $onTool, public string $first, public array $rows,
        public array $cards,
    ) {
    }
}
