<?php

declare(strict_types=1);

namespace App\Demo;

use App\Firm\Firm;
use App\Record\Cleared;
use App\Record\FlowResult;
use App\Record\Leave;
use App\Record\OpeningKind;
use App\Record\OpeningState;
use App\Record\Supports;
use App\Record\Tool;
use App\Record\WaterAtOpening;
use App\Record\Why;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\LineMap\Faces;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Run\Travel;
use Jurvex\Core\Triage\Answer;

/**
 * Jobs of the first firm, in several states.
 *
 * @phpstan-import-type Found from DemoEntries
 */
final readonly class TidewayJobs
{
    public function __construct(private DemoEntries $demo)
    {
    }

    public function build(Firm $firm): void
    {
        $this->campSite($firm);
        $this->teaRoom($firm);
        $this->animalClinic($firm);
        $this->bakery($firm);
        $this->terracedHouse($firm);
        $this->boatShed($firm);
    }

    private function campSite(Firm $firm): void
    {
        $job = $this->demo->job($firm, '26-0413', Why::Stoppage, 'Wash block, Gannet Point camp-site', 'Gannet Point', 0, 2, [
            'backsUp' => 'All showers since last night, toilets drain slowly.',
            'ordered' => 'Clear the wash block line.', 'notOrdered' => 'Camera look.',
            'bring' => 'Jetter, 45 L/min, wall cleaner, 300 L of water',
        ]);
        $chamber = $this->demo->opening($job, OpeningKind::Chamber, 'Chamber at the path', 300, 0.9, OpeningState::Usable, '', Faces::Both);
        $job->property()->draw(DemoMaps::campSite($chamber));
        $job->site()->see('showers', Answer::BacksUp, $this->demo->now);
        $job->site()->see('toilets', Answer::Slow, $this->demo->now);
        $this->demo->pass($job, $chamber, '-20 minutes', Tool::Jet, 'Piercer', 18.5, ['stops_dead'], WaterAtOpening::Standing, '');
    }

    private function teaRoom(Firm $firm): void
    {
        $this->demo->job($firm, '26-0414', Why::BeforePurchase, 'Lighthouse tea room, Upper Mole', 'Oskar Wenn', 0, 3, [
            'ordered' => 'Look at the whole line before the sale on Friday.', 'yearBuilt' => 1961,
            'bring' => '30 m rod, locator, small skid', 'contact' => 'Key with the harbour office',
        ]);
    }

    /** A sound line that is kept clean. */
    private function animalClinic(Firm $firm): void
    {
        $job = $this->demo->job(
            $firm, '26-0287', Why::AfterCleaning, 'Animal clinic, 17 Rope Walk', 'Rope Walk Clinic', -160, 1,
            ['ordered' => 'Jet the wash-room line and look at it.', 'yearBuilt' => 1994],
        );
        $opening = $this->demo->opening($job, OpeningKind::PulledToilet, 'Toilet, ground floor', 100, 0.5);
        $this->demo->pass($job, $opening, '-160 days', Tool::Jet, 'Free spinner', 19.4, ['free'], WaterAtOpening::Gone, 'Hair and soap');
        $job->outcome()->sayCleared(Cleared::Yes, '');
        $this->demo->run($job, $opening, '-160 days', Material::PvcGasketed, 102, null, [
            [Kind::Bend, 1.1, ['size' => 45]], [Kind::Grease, 4.0, ['to_m' => 9.5, 'size' => 14]], [
                Kind::TieIn,
                9.8,
                [
                    'clock_from' => 2,
                    'size' => 52,
                    'facts' => ['condition' => 'sound', 'whose' => 'dog bath', 'known_how' => 'ran_that_fixture'],
                ],
            ],
            [Kind::Bend, 14.3, ['size' => 22]], [Kind::Tap, 19.4, []],
        ], EndReason::MainReached, 19.4);
        $job->outcome()->advise(
            'The line is sound. Hair and soap gather in it: have it jetted every six months.',
            'Jet the wash-room line',
            $firm->today($this->demo->now)->modify('+12 days'),
        );
        $job->outcome()->handOver($this->demo->now->modify('-160 days'));
    }

    private function bakery(Firm $firm): void
    {
        $job = $this->demo->job(
            $firm, '26-0310', Why::RepeatStoppage, 'Bakery, 2 Mill Steps', 'Tove Marsh', -118, 1,
            ['backsUp' => 'Floor drain of the bakehouse.', 'ordered' => 'Clear it and say why it comes back.', 'yearBuilt' => 1952],
        );
        $trap = $this->demo->opening($job, OpeningKind::YardTrap, 'Yard trap behind the oven', 100, 0.8);
        $this->demo->pass($job, $trap, '-118 days', Tool::Jet, 'Piercer', 11.0, ['stops_dead'], WaterAtOpening::Standing, '');
        $this->demo->pass(
            $job, $trap, '-118 days', Tool::Jet, 'Braked spinner', 15.2, ['drag', 'free'], WaterAtOpening::Gone,
            'Fat in lumps, flour paste',
        );
        $this->demo->test($job, '-118 days', 5, FlowResult::Slow, '');
        $job->outcome()->sayCleared(Cleared::Partly, 'Hardened grease left at the crown.');
        $this->demo->run($job, $trap, '-118 days', Material::CastIron, 100, null, [
            [Kind::Grease, 3.4, ['to_m' => 10.8, 'size' => 32]], [Kind::WornInvert, 5.0, [
                'to_m' => 9.0,
                'size' => 20,
                'facts' => ['wear' => 'thin'],
            ]],
            [Kind::SightLimited, 10.8, ['to_m' => 12.0]], [Kind::Transition, 12.0, [
                'facts' => ['material_after' => 'concrete'],
                'size' => 150,
            ]], [Kind::Tap, 15.2, []],
        ], EndReason::MainReached, 15.2);
        $job->outcome()->advise(
            'Fit a grease trap; wipe trays before washing.',
            'Jet the bakehouse line',
            $firm->today($this->demo->now)->modify('-6 days'),
        );
        $job->outcome()->handOver($this->demo->now->modify('-118 days'));
    }

    /** Looked at against the flow from the chamber; the rest waits for the neighbour. */
    private function terracedHouse(Firm $firm): void
    {
        $job = $this->demo->job(
            $firm, '26-0405', Why::BeforePurchase, 'Terraced house, 12 Net Row', 'Pia Sandor', -2, 1,
            ['ordered' => 'Whole line from the chamber to the house.', 'yearBuilt' => 1911, 'bring' => '30 m rod'],
        );
        $chamber = $this->demo->opening(
            $job, OpeningKind::Chamber, 'Chamber in the back lane', 225, 1.1, OpeningState::Usable,
            'Stands on number 14', Faces::Both,
        );
        $this->demo->ask($chamber, Leave::Asked, 'Number 14', '-3 days', true);
        $job->property()->draw(DemoMaps::terracedHouse($chamber));
        $this->demo->run($job, $chamber, '-2 days', Material::Clay, 100, 17.5, [
            ...$this->demo->joints(1.2, 10.8),
            [Kind::Crack, 3.6, ['to_m' => 4.8, 'clock_from' => 10, 'facts' => ['crack_state' => 'closed']]],
            [Kind::SeparatedJoint, 7.2, ['size' => 22, 'facts' => ['soil_seen' => 'yes'], 'clock_from' => 12]], [
                Kind::LowSpot,
                8.4,
                [
                    'to_m' => 10.4,
                    'deepest_m' => 9.6,
                    'size' => 70,
                    'facts' => ['water' => 'off', 'minutes_off' => 20, 'lens_under' => 'yes'],
                ],
            ],
            [Kind::RootCords, 10.8, [
                'size' => 30,
                'clock_from' => 1,
                'at_joint' => true,
            ]], [Kind::CannotGoFurther, 11.4, ['facts' => ['cause' => 'offset']]],
        ], EndReason::CannotPass, 11.4, Travel::Upstream);
    }

    /** A job that failed: the cable broke in the line. */
    private function boatShed(Firm $firm): void
    {
        $job = $this->demo->job(
            $firm, '26-0409', Why::Stoppage, 'Boat shed, Slipway 3', 'Harl & Daughters', -1, 1,
            ['backsUp' => 'Slop sink full since Sunday.', 'ordered' => 'Clear it.', 'yearBuilt' => 1957, 'bring' => 'Retriever, 50 m rod'],
        );
        $opening = $this->demo->opening($job, OpeningKind::Cleanout, 'Cleanout under the slop sink', 75, 1.4);
        $this->demo->pass(
            $job, $opening, '-1 day', Tool::Cable, 'Chain flail', 8.2, ['grabs', 'stops_dead'],
            WaterAtOpening::Standing, 'Nothing: the head stayed in the pipe',
        );
        $this->demo->outside($job, '-1 day', 'Under the boat-shed floor, along the piles', 5.2, 78, 38, Supports::FarApart);
        $job->outcome()->sayCleared(Cleared::No, 'Cable broke at 8.2 m.');
        $this->demo->run($job, $opening, '-1 day', Material::BituminisedFibre, 100, null, [
            [Kind::Blister, 2.0, ['to_m' => 6.5, 'size' => 25, 'clock_from' => 12]], [Kind::OutOfRound, 5.0, ['to_m' => 7.4, 'size' => 11]],
            [Kind::BrokenCable, 8.2, ['size' => 40, 'facts' => ['moves' => 'blocks_camera'], 'clock_from' => 6]],
        ], EndReason::CannotPass, 8.2);
    }
}
