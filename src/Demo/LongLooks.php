<?php

declare(strict_types=1);

namespace App\Demo;

use App\Firm\Firm;
use App\Record\OpeningKind;
use App\Record\OpeningState;
use App\Record\Why;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\LineMap\Faces;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Practice\LineMaker;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Run\Travel;

/**
 * Long looks of the first firm: many findings, a roof vent, a line seen from two openings.
 *
 * @phpstan-import-type Found from DemoEntries
 */
final readonly class LongLooks
{
    public function __construct(private DemoEntries $demo)
    {
    }

    public function build(Firm $firm): void
    {
        $this->cannery($firm);
        $this->cooperage($firm);
        $this->lampStore($firm);
    }

    /** Sixty metres in one look, with all that can be found in an old yard line. */
    private function cannery(Firm $firm): void
    {
        $job = $this->demo->job(
            $firm, '26-0344', Why::AfterCleaning, 'Cannery yard, 1 Salt Pans', 'Cannery Yard Association', -84, 1,
            ['ordered' => 'Look at the whole yard line.', 'yearBuilt' => 1928, 'bring' => '80 m rod, locator'],
        );
        $chamber = $this->demo->opening($job, OpeningKind::Chamber, 'Chamber by the weigh-house', 300, 1.3);
        $line = LineMaker::made(344, Length::metres(60.0), 40, 2, 2, 2)->record;
        $this->demo->run(
            $job, $chamber, '-84 days', $line->material, $line->bore?->inMillimetres() ?? 100.0, 60.0,
            self::foundOn($line), EndReason::MainReached, 60.0,
        );
        $job->outcome()->advise(
            'Mend what presses, then have the yard line looked at every two years.',
            'Look at the yard line',
            $firm->today($this->demo->now)->modify('+20 months'),
        );
        $job->outcome()->handOver($this->demo->now->modify('-83 days'));
    }

    /** From two ends: down to a bend that no rod passes, and up from the chamber to the same tie-in. */
    private function cooperage(Firm $firm): void
    {
        $job = $this->demo->job(
            $firm, '26-0351', Why::RepeatStoppage, 'Cooperage, 8 Hoop Lane', 'Anders Brill', -70, 1,
            ['ordered' => 'Find out why it comes back.', 'yearBuilt' => 1949],
        );
        $cleanout = $this->demo->opening($job, OpeningKind::Cleanout, 'Cleanout under the bench', 100, 0.5);
        $chamber = $this->demo->opening($job, OpeningKind::Chamber, 'Chamber in Hoop Lane', 225, 1.0,
            OpeningState::Usable, '', Faces::Upstream);
        $job->property()->draw(DemoMaps::cooperage($cleanout, $chamber));
        $this->demo->run($job, $cleanout, '-70 days', Material::CastIron, 100, null, [
            [Kind::Scale, 1.5, ['to_m' => 4.0, 'size' => 18]], [Kind::TieIn, 8.0, [
                'clock_from' => 10,
                'size' => 78,
                'facts' => ['condition' => 'sound', 'whose' => 'steam box', 'known_how' => 'assumed'],
            ]],
            [Kind::Bend, 11.6, ['size' => 88]], [Kind::CannotGoFurther, 11.6, ['facts' => ['cause' => 'tight_bend']]],
        ], EndReason::CannotPass, 11.6);
        $this->demo->run($job, $chamber, '-69 days', Material::Clay, 100, null, [
            [Kind::LowSpot, 2.0, [
                'to_m' => 3.4,
                'deepest_m' => 2.6,
                'size' => 22,
                'facts' => ['water' => 'off', 'minutes_off' => 25],
            ]], [Kind::RootCords, 5.4, ['size' => 30, 'clock_from' => 12, 'at_joint' => true]],
            [Kind::Bend, 6.4, ['size' => 88]], [Kind::TieIn, 10.0, [
                'clock_from' => 2,
                'size' => 78,
                'facts' => ['condition' => 'sound', 'whose' => 'steam box', 'known_how' => 'assumed'],
            ]], [Kind::EndOfLine, 18.0, []],
        ], EndReason::EndOfLine, 18.0, Travel::Upstream);
        $job->outcome()->advise('The bend keeps paper back. Take it out and lay two gentle ones.', '', null);
        $job->outcome()->handOver($this->demo->now->modify('-69 days'));
    }

    /** Down a roof vent, round a bend at its foot, and along the line. */
    private function lampStore(Firm $firm): void
    {
        $job = $this->demo->job(
            $firm, '26-0362', Why::BeforePurchase, 'Lamp store, 5 Anchor Steps', 'Signe Holt', -55, 1,
            ['ordered' => 'Look at the line; there is no cleanout.', 'yearBuilt' => 1966],
        );
        $vent = $this->demo->opening($job, OpeningKind::RoofVent, 'Vent over the store', 100, 0.0,
            OpeningState::Usable, 'In dry weather only');
        $this->demo->run($job, $vent, '-55 days', Material::PvcWelded, 100, null, [
            [Kind::Bend, 5.6, ['size' => 90]], [Kind::TieIn, 7.9, [
                'clock_from' => 3,
                'size' => 52,
                'facts' => ['condition' => 'sound', 'whose' => 'basin', 'known_how' => 'assumed'],
            ]],
            [Kind::Transition, 9.2, ['facts' => ['material_after' => 'clay'], 'size' => 100]], [
                Kind::LowSpot,
                11.0,
                ['to_m' => 12.6, 'deepest_m' => 11.7, 'size' => 16, 'facts' => ['water' => 'off', 'minutes_off' => 20]],
            ],
            [Kind::RootThreads, 14.8, ['size' => 8, 'clock_from' => 11, 'at_joint' => true]], [Kind::Tap, 17.2, []],
        ], EndReason::MainReached, 17.2, verticalM: 5.6);
        $job->outcome()->advise('Have a cleanout built at the foot of the vent.', '', null);
        $job->outcome()->handOver($this->demo->now->modify('-54 days'));
    }

    /** @return list<Found> all that is in a line that was made up */
    private static function foundOn(RunRecord $line): array
    {
        return array_map(static fn (Finding $finding) => [$finding->kind, $finding->from->metres, array_filter([
            'to_m' => $finding->to?->metres, 'deepest_m' => $finding->deepest?->metres,
            'size' => $finding->size?->value, 'unit' => $finding->size?->unit->value,
            'clock_from' => $finding->clockFrom?->hours, 'at_joint' => $finding->atJoint, 'facts' => $finding->facts,
        ], static fn (mixed $value) => null !== $value)], $line->findings);
    }
}
