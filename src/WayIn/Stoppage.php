<?php

declare(strict_types=1);

namespace App\WayIn;

use Jurvex\Core\Triage\Check;
use Jurvex\Core\Triage\MadeTest;
use Jurvex\Core\Triage\Triage;

/** Where a job's stoppage may be, after all that was seen and tried. */
final readonly class Stoppage
{
    /** Chance of the likeliest pipe. */
    private float $most;

    /**
     * @param array<string, array{share: float, near: ?float, far: ?float, way: ?string}>                                                         $likeliest      by pipe, with its distance from the opening
     * @param list<array{id: string, test: ?MadeTest, gain: float, meanings: array<string, array{chance: float, suspect: string, share: float}>}> $next           best check first; looks and made tests
     * @param list<list<string>>                                                                                                                  $contradictions checks that no one stoppage explains together
     */
    public function __construct(public Triage $triage, public array $likeliest, public array $next, public array $contradictions, public ?string $from)
    {
        $this->most = max(1e-9, ...array_values($triage->chances));
    }

    /** Shade of a pipe on the map: its chance against the likeliest one's. */
    public function shade(string $pipe): float
    {
        return round(($this->triage->chances[$pipe] ?? 0.0) / $this->most, 3);
    }
}
