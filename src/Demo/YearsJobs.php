<?php

declare(strict_types=1);

namespace App\Demo;

use App\Firm\Firm;
use App\Record\Cleared;
use App\Record\Job;
use App\Record\Opening;
use App\Record\OpeningKind;
use App\Record\Property;
use App\Record\Tool;
use App\Record\WaterAtOpening;
use App\Record\Why;
use Jurvex\Core\Clear\Blockage;
use Jurvex\Core\Clear\Head;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Upkeep\UpkeepWork;

/**
 * A line that was looked at year after year: roots at two joints, one of them cut in the first year; and a café's line before and after
 * jetting.
 *
 * @phpstan-import-type Found from DemoEntries
 */
final readonly class YearsJobs
{
    private const LENGTH_M = 21.6;

    public function __construct(private DemoEntries $demo)
    {
    }

    public function build(Firm $firm): void
    {
        $this->smokehouse($firm);
        $this->cafe($firm);
    }

    private function smokehouse(Firm $firm): void
    {
        $property = null;
        foreach ([[-1090, '23-0118', 42.0, 9.0, 0.0], [-725, '24-0131', 8.0, 18.0, 0.0], [-360, '25-0126', 17.0, 29.0, 0.6]] as $visit) {
            [$days, $number, $near, $far, $zero] = $visit;
            [$job, $opening] = $this->visit($firm, $property, $number, $days);
            $property = $job->property();
            $this->demo->run($job, $opening, $days.' days', Material::Clay, 100, null, [
                ...self::moved($this->demo->joints(1.2, self::LENGTH_M - 0.6), $zero), [Kind::TieIn, 5.1 + $zero, ['size' => 78]],
                [Kind::RootCords, 8.4 + $zero, ['size' => $near, 'at_joint' => true]],
                [Kind::Bend, 11.4 + $zero, ['size' => 45]], [Kind::RootCords, 14.4 + $zero, ['size' => $far, 'at_joint' => true]],
                [Kind::Tap, self::LENGTH_M + $zero, []],
            ], EndReason::MainReached, self::LENGTH_M + $zero);
            if (-1090 === $days) {
                $this->demo->pass(
                    $job, $opening, '-1090 days +3 hours', Tool::Cable, 'Wide blade', 10.0, ['grabs', 'free'],
                    WaterAtOpening::Gone, 'Roots',
                );
                $job->outcome()->sayCleared(Cleared::Yes, 'Cut as far as the first root joint.');
            }
            $job->outcome()->advise('Have it looked at every year.', '', null);
            $job->outcome()->handOver($this->demo->now->modify($days.' days +5 hours'));
        }
        $this->demo->plan($property, UpkeepWork::Cutting, 12, 9, 'Both root joints; the key hangs in the office.');
    }

    /** @return array{Job, Opening} */
    private function visit(Firm $firm, ?Property $property, string $number, int $days): array
    {
        $job = $this->demo->job(
            $firm, $number, Why::FollowUp, 'Smokehouse, 3 Kiln Close', 'Kiln Close Smokers', $days, 1,
            ['ordered' => 'Look at the yard line.', 'yearBuilt' => 1948], $property,
        );

        return [$job, $this->demo->opening($job, OpeningKind::Cleanout, 'Cleanout at the rack', 100, 0.6)];
    }

    /** Cleared in summer, stopped again; looked at, jetted, looked at again on one day, the second camera zeroed at the rim. */
    private function cafe(Firm $firm): void
    {
        $before = $this->demo->job(
            $firm, '26-0271', Why::Stoppage, 'Café, 9 Lantern Steps', 'Steps Café', -110, 1,
            ['backsUp' => 'Kitchen sink.', 'ordered' => 'Clear it.', 'yearBuilt' => 1971],
        );
        $drain = $this->demo->opening($before, OpeningKind::FloorDrain, 'Floor drain in the kitchen', 100, 0.7);
        $this->demo->worked($before, $drain, '-110 days', 'Braked spinner', Head::BrakedSpinner, Blockage::SoftGrease, 1.0, 4.4, 2.5);
        $this->demo->worked(
            $before, $drain, '-110 days +20 minutes', 'Free spinner', Head::FreeSpinner, Blockage::HardGrease, 0.5, 4.6, 8.0,
        );
        $before->outcome()->sayCleared(Cleared::Yes, '');
        $before->outcome()->handOver($this->demo->now->modify('-110 days +3 hours'));
        $job = $this->demo->job(
            $firm, '26-0398', Why::RepeatStoppage, 'Café, 9 Lantern Steps', 'Steps Café', -20, 1,
            ['backsUp' => 'Kitchen sink and floor drain.', 'ordered' => 'Clear it and show that it is clear.', 'yearBuilt' => 1971],
            $before->property(),
        );
        $opening = $this->demo->opening($job, OpeningKind::FloorDrain, 'Floor drain in the kitchen', 100, 0.7);
        $fixed = [
            [Kind::TieIn, 3.2, ['size' => 52]], [Kind::Bend, 5.0, ['size' => 45]],
            [Kind::Transition, 7.9, ['size' => 100, 'facts' => ['material_after' => 'clay']]], ...$this->demo->joints(9.1, 16.3),
        ];
        $this->demo->run($job, $opening, '-20 days -2 hours', Material::CastIron, 100, null, [
            ...$fixed, [Kind::Grease, 1.0, ['to_m' => 4.4, 'size' => 35]],
            [Kind::RootCords, 11.5, ['size' => 40, 'at_joint' => true, 'photo' => 22]],
            [Kind::RootThreads, 13.9, ['size' => 12, 'at_joint' => true]], [Kind::Tap, 17.2, []],
        ], EndReason::MainReached, 17.2);
        $this->demo->pass(
            $job, $opening, '-20 days -1 hour', Tool::Jet, 'Braked spinner', 17.2, ['drag', 'free'], WaterAtOpening::Gone, 'Fat and roots',
        );
        $job->outcome()->sayCleared(Cleared::Yes, '');
        $this->demo->run($job, $opening, '-20 days', Material::CastIron, 100, null, [
            ...self::moved($fixed, 0.7), [Kind::RootCords, 12.2, ['size' => 15, 'at_joint' => true, 'photo' => 7]],
            [Kind::OffsetJoint, 14.6, ['size' => 9, 'facts' => ['facing' => 'with_flow', 'camera_passed' => 'yes']]], [Kind::Tap, 17.9, []],
        ], EndReason::MainReached, 17.9);
        $job->outcome()->advise('Catch the fat before it goes down; have the line jetted twice a year.', '', null);
        $this->demo->plan($job->property(), UpkeepWork::Jetting, 6, 160, 'Before nine, while the kitchen is closed.');
        $job->outcome()->handOver($this->demo->now->modify('-20 days +2 hours'));
    }

    /**
     * @param list<Found> $found
     *
     * @return list<Found> the same by a counter with its zero elsewhere
     */
    private static function moved(array $found, float $by): array
    {
        return array_map(static fn (array $each) => [$each[0], round($each[1] + $by, 2), $each[2]], $found);
    }
}
