<?php

declare(strict_types=1);

namespace App\Demo;

use App\Firm\Firm;
use App\Record\OpeningKind;
use App\Record\Why;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Run\EndReason;

/**
 * Jobs of the firm that measures in feet.
 *
 * @phpstan-import-type Found from DemoEntries
 */
final readonly class LanternJobs
{
    public function __construct(private DemoEntries $demo)
    {
    }

    public function build(Firm $firm): void
    {
        $this->sailLoft($firm);
        $this->netStore($firm);
    }

    private function sailLoft(Firm $firm): void
    {
        $job = $this->demo->job(
            $firm, '26-0051', Why::FollowUp, 'Sail loft, Pepper Quay', 'Jon Askel', 0, 1,
            ['ordered' => 'Look again at the low spot, water off.', 'reportUnits' => UnitSystem::FeetAndInches, 'bring' => '200 ft rod'],
        );
        $opening = $this->demo->opening($job, OpeningKind::Cleanout, 'Cleanout at the stairs', 78, 0.3);
        $this->demo->run($job, $opening, '-40 minutes', Material::Abs, 78, 21.3, [
            [Kind::Bend, 0.6, ['size' => 90]], [Kind::LowSpot, 6.1, [
                'to_m' => 7.3,
                'deepest_m' => 6.7,
                'size' => 12,
                'facts' => ['water' => 'off', 'minutes_off' => 30],
            ]],
            [Kind::RootThreads, 12.8, [
                'size' => 5,
                'clock_from' => 12,
                'at_joint' => true,
                'sureness' => 'likely',
            ]], [Kind::EndOfLine, 21.3, []],
        ], EndReason::EndOfLine, 21.3);
    }

    private function netStore(Firm $firm): void
    {
        $this->demo->job($firm, '26-0052', Why::Stoppage, 'Net store, Lantern Street', 'Wick & Co', 1, 1, [
            'backsUp' => 'Yard gully.',
            'reportUnits' => UnitSystem::FeetAndInches,
        ]);
    }
}
