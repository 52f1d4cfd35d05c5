<?php

declare(strict_types=1);

namespace App\Demo;

use App\Firm\Account;
use App\Firm\Firm;
use App\Firm\Role;
use App\Firm\StartingKit;
use App\Record\CallSheet;
use App\Record\Cleared;
use App\Record\FlowResult;
use App\Record\FlowTest;
use App\Record\FlowTestDetails;
use App\Record\Ground;
use App\Record\Job;
use App\Record\Leave;
use App\Record\LoggedFinding;
use App\Record\Mark;
use App\Record\MarkDetails;
use App\Record\Opening;
use App\Record\OpeningDetails;
use App\Record\OpeningKind;
use App\Record\OpeningState;
use App\Record\OverHead;
use App\Record\Paint;
use App\Record\Pass;
use App\Record\PassDetails;
use App\Record\PictureReader;
use App\Record\Property;
use App\Record\Run;
use App\Record\RunDetails;
use App\Record\Tool;
use App\Record\WaterAtOpening;
use App\Record\Why;
use App\Record\Zero;
use App\Support\Database\Id;
use App\Work\Tracks;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Input\Input;
use Jurvex\Core\LineMap\Faces;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Practice\Line;
use Jurvex\Core\Practice\LineMaker;
use Jurvex\Core\Practice\SimulatedReel;
use Jurvex\Core\Reel\Reading;
use Jurvex\Core\Reel\ReadingFormat;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Run\Travel;
use Jurvex\Core\Triage\Answer;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;

/**
 * The demo: an invented harbour town, two firms, jobs in every state. All people, firms, streets and places are made up.
 *
 * @phpstan-type Found array{Kind, float, array<string, mixed>}
 */
final class DemoWorld
{
    public const PASSWORD = 'jurvex-demo';
    private const CLAY_PIPE_M = 1.2;
    /** How the demo's reels are: the rod goes slowly, lies a little in waves, and is read twice a second. */
    private const ROD_M_PER_S = 0.2;
    private const EVERY_S = 0.5;
    private const SLACK = 0.01;
    private const NOISE_M = 0.004;

    private \DateTimeImmutable $now;

    public function __construct(
        private readonly EntityManagerInterface $manager,
        private readonly UserPasswordHasherInterface $hasher,
        private readonly Tracks $tracks,
    ) {
    }

    public function build(\DateTimeImmutable $now): void
    {
        $this->now = $now;
        $tideway = $this->firm(
            'Tideway Drains',
            ['ana' => ['Ana Terek', Role::Technician, UnitSystem::Metric], 'office' => ['Ruben Solle', Role::Office, UnitSystem::Metric]],
            'tideway.example',
        );
        $lantern = $this->firm(
            'Lantern Drain Service',
            [
                'bo' => ['Bo Hallin', Role::Technician, UnitSystem::FeetAndInches],
                'office' => ['Mina Kray', Role::Office, UnitSystem::FeetAndInches],
            ],
            'lantern.example',
        );
        $this->potteryStudio($tideway);
        $this->campSite($tideway);
        $this->teaRoom($tideway);
        $this->animalClinic($tideway);
        $this->bakery($tideway);
        $this->terracedHouse($tideway);
        $this->boatShed($tideway);
        $this->cannery($tideway);
        $this->cooperage($tideway);
        $this->lampStore($tideway);
        $this->sailLoft($lantern);
        $this->netStore($lantern);
        $this->manager->flush();
    }

    /** A repeat stoppage, looked at before and after cutting; the line does not pass and its last metres were not reached. */
    private function potteryStudio(Firm $firm): void
    {
        $job = $this->job($firm, '26-0412', Why::RepeatStoppage, 'Pottery studio, 4 Quay Lane', 'Ilse Varga', 0, 1, [
            'backsUp' => 'Glaze sink and toilet back up, third time this year. Kitchen drains.',
            'ordered' => 'Clear the line and look at all of it to the main.',
            'notOrdered' => 'The kitchen line.', 'yearBuilt' => 1938,
            'bring' => '13 mm cable with small and large blade, 60 m rod, locator', 'customerNumber' => 'PO 77',
        ]);
        $yard = $this->opening($job, OpeningKind::Cleanout, 'Yard cleanout by the kiln shed', 100, 0.6);
        $vent = $this->opening(
            $job, OpeningKind::RoofVent, 'Vent over the glaze room', 75, 5.2, OpeningState::Usable,
            'In dry weather only',
        );
        $this->ask($vent, Leave::Given, 'Ilse Varga', '-1 day');
        $floor = $this->opening($job, OpeningKind::FloorDrain, 'Floor drain by the sink', 50, 0.4, OpeningState::TooSmall);
        $job->property()->draw(DemoMaps::potteryStudio($yard, $vent, $floor));
        foreach (['glaze' => Answer::BacksUp, 'toilet' => Answer::BacksUp, 'kitchen' => Answer::Drains] as $place => $answer) {
            $job->site()->see($place, $answer, $this->now);
        }
        $line = [
            [Kind::Sludge, 2.5, ['to_m' => 4.2, 'size' => 18]], [Kind::Transition, 6.2, [
                'facts' => ['material_after' => 'pvc_welded'],
                'size' => 102,
            ]],
            [Kind::TieIn, 8.6, [
                'clock_from' => 11,
                'size' => 78,
                'facts' => ['condition' => 'sound', 'whose' => 'glaze sink', 'known_how' => 'ran_that_fixture'],
            ]],
            [Kind::LowSpot, 9.4, [
                'to_m' => 13.1,
                'deepest_m' => 11.2,
                'size' => 31,
                'facts' => ['water' => 'off', 'minutes_off' => 14, 'lens_under' => 'no', 'deposit_in_it' => 'none'],
            ]],
            [Kind::Transition, 14.0, ['facts' => ['material_after' => 'clay'], 'size' => 100]], ...$this->joints(15.2, 24.8),
        ];
        $this->run(
            $job, $yard, '-3 hours', Material::CastIron, 100, 31.4,
            [
                ...$line,
                [Kind::RootClump, 24.8, ['size' => 75, 'clock_from' => 11, 'clock_to' => 2, 'at_joint' => true]],
                [Kind::CannotGoFurther, 24.9, ['facts' => ['cause' => 'roots']]],
            ],
            EndReason::CannotPass, 24.9,
        );
        $this->pass(
            $job, $yard, '-2 hours', Tool::Cable, 'Small blade', 25.5, ['drag', 'grabs'], WaterAtOpening::Dropping,
            'Hair roots, finger long',
        );
        $this->pass(
            $job, $yard, '-100 minutes', Tool::Cable, 'Large blade', 31.0, ['drag', 'spins'], WaterAtOpening::Gone,
            'A handful of root cords, clay shard',
        );
        $this->test($job, '-90 minutes', 5, FlowResult::Holds, 'Level fell to the invert at once');
        $job->outcome()->sayCleared(Cleared::Yes, 'Root ring left at the joint at 24.8 m.');
        $after = $this->run(
            $job, $yard, '-70 minutes', Material::CastIron, 100, 31.4,
            [
                ...$line, ...$this->joints(26.0, 26.5),
                [Kind::RootThreads, 17.6, ['size' => 8, 'clock_from' => 12, 'at_joint' => true]],
                [Kind::OffsetJoint, 22.4, [
                    'size' => 9,
                    'unit' => 'mm',
                    'clock_from' => 6,
                    'facts' => ['facing' => 'with_flow', 'camera_passed' => 'yes'],
                ]],
                [Kind::RootClump, 24.8, ['size' => 55, 'clock_from' => 11, 'clock_to' => 2, 'at_joint' => true, 'photo' => true]],
                [Kind::CannotGoFurther, 26.9, [
                    'facts' => ['cause' => 'rod_jammed'],
                    'note' => 'Rod jams on the way in; the yard main is 4.5 m on',
                ]],
            ],
            EndReason::CannotPass, 26.9,
        );
        $this->mark($after, 9.4, [1.27, 1.28, 1.28], Ground::Slab, 2.10, 'kiln shed corner', 3.45, 'drain pipe');
        $this->mark($after, 13.1, [1.30, 1.31, 1.32], Ground::Slab, 4.62, 'kiln shed corner', 2.08, 'gate post');
        $this->mark($after, 24.8, [1.60, 1.62, 1.63], Ground::Lawn, 5.90, 'gate post', 3.30, 'lamp post');
        $job->outcome()->advise(
            'Renew the clay pipe at 24.8 m and take the low spot out in the same visit. Until then keep glaze slops out of the sink.',
            'Cut roots',
            $firm->today($this->now)->modify('+9 months'),
        );
    }

    private function campSite(Firm $firm): void
    {
        $job = $this->job($firm, '26-0413', Why::Stoppage, 'Wash block, Gannet Point camp-site', 'Gannet Point', 0, 2, [
            'backsUp' => 'All showers since last night, toilets drain slowly.',
            'ordered' => 'Clear the wash block line.', 'notOrdered' => 'Camera look.',
            'bring' => 'Jetter, 45 L/min, wall cleaner, 300 L of water',
        ]);
        $chamber = $this->opening($job, OpeningKind::Chamber, 'Chamber at the path', 300, 0.9, OpeningState::Usable, '', Faces::Both);
        $job->property()->draw(DemoMaps::campSite($chamber));
        $job->site()->see('showers', Answer::BacksUp, $this->now);
        $job->site()->see('toilets', Answer::Slow, $this->now);
        $this->pass($job, $chamber, '-20 minutes', Tool::Jet, 'Piercer', 18.5, ['stops_dead'], WaterAtOpening::Standing, '');
    }

    private function teaRoom(Firm $firm): void
    {
        $this->job($firm, '26-0414', Why::BeforePurchase, 'Lighthouse tea room, Upper Mole', 'Oskar Wenn', 0, 3, [
            'ordered' => 'Look at the whole line before the sale on Friday.', 'yearBuilt' => 1961,
            'bring' => '30 m rod, locator, small skid', 'contact' => 'Key with the harbour office',
        ]);
    }

    /** A sound line that is kept clean. */
    private function animalClinic(Firm $firm): void
    {
        $job = $this->job(
            $firm, '26-0287', Why::AfterCleaning, 'Animal clinic, 17 Rope Walk', 'Rope Walk Clinic', -160, 1,
            ['ordered' => 'Jet the wash-room line and look at it.', 'yearBuilt' => 1994],
        );
        $opening = $this->opening($job, OpeningKind::PulledToilet, 'Toilet, ground floor', 100, 0.5);
        $this->pass($job, $opening, '-160 days', Tool::Jet, 'Free spinner', 19.4, ['free'], WaterAtOpening::Gone, 'Hair and soap');
        $job->outcome()->sayCleared(Cleared::Yes, '');
        $this->run($job, $opening, '-160 days', Material::PvcGasketed, 102, null, [
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
            $firm->today($this->now)->modify('+12 days'),
        );
        $job->outcome()->handOver($this->now->modify('-160 days'));
    }

    private function bakery(Firm $firm): void
    {
        $job = $this->job(
            $firm, '26-0310', Why::RepeatStoppage, 'Bakery, 2 Mill Steps', 'Tove Marsh', -118, 1,
            ['backsUp' => 'Floor drain of the bakehouse.', 'ordered' => 'Clear it and say why it comes back.', 'yearBuilt' => 1952],
        );
        $trap = $this->opening($job, OpeningKind::YardTrap, 'Yard trap behind the oven', 100, 0.8);
        $this->pass($job, $trap, '-118 days', Tool::Jet, 'Piercer', 11.0, ['stops_dead'], WaterAtOpening::Standing, '');
        $this->pass(
            $job, $trap, '-118 days', Tool::Jet, 'Braked spinner', 15.2, ['drag', 'free'], WaterAtOpening::Gone,
            'Fat in lumps, flour paste',
        );
        $this->test($job, '-118 days', 5, FlowResult::Slow, '');
        $job->outcome()->sayCleared(Cleared::Partly, 'Hardened grease left at the crown.');
        $this->run($job, $trap, '-118 days', Material::CastIron, 100, null, [
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
            $firm->today($this->now)->modify('-6 days'),
        );
        $job->outcome()->handOver($this->now->modify('-118 days'));
    }

    /** Looked at against the flow from the chamber; the rest waits for the neighbour. */
    private function terracedHouse(Firm $firm): void
    {
        $job = $this->job(
            $firm, '26-0405', Why::BeforePurchase, 'Terraced house, 12 Net Row', 'Pia Sandor', -2, 1,
            ['ordered' => 'Whole line from the chamber to the house.', 'yearBuilt' => 1911, 'bring' => '30 m rod'],
        );
        $chamber = $this->opening(
            $job, OpeningKind::Chamber, 'Chamber in the back lane', 225, 1.1, OpeningState::Usable,
            'Stands on number 14', Faces::Both,
        );
        $this->ask($chamber, Leave::Asked, 'Number 14', '-3 days', true);
        $job->property()->draw(DemoMaps::terracedHouse($chamber));
        $this->run($job, $chamber, '-2 days', Material::Clay, 100, 17.5, [
            ...$this->joints(1.2, 10.8), [Kind::Crack, 3.6, ['to_m' => 4.8, 'clock_from' => 10, 'facts' => ['crack_state' => 'closed']]],
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
        $job = $this->job(
            $firm, '26-0409', Why::Stoppage, 'Boat shed, Slipway 3', 'Harl & Daughters', -1, 1,
            ['backsUp' => 'Slop sink full since Sunday.', 'ordered' => 'Clear it.', 'yearBuilt' => 1957, 'bring' => 'Retriever, 50 m rod'],
        );
        $opening = $this->opening($job, OpeningKind::Cleanout, 'Cleanout under the slop sink', 75, 1.4);
        $this->pass(
            $job, $opening, '-1 day', Tool::Cable, 'Chain flail', 8.2, ['grabs', 'stops_dead'],
            WaterAtOpening::Standing, 'Nothing: the head stayed in the pipe',
        );
        $job->outcome()->sayCleared(Cleared::No, 'Cable broke at 8.2 m.');
        $this->run($job, $opening, '-1 day', Material::BituminisedFibre, 100, null, [
            [Kind::Blister, 2.0, ['to_m' => 6.5, 'size' => 25, 'clock_from' => 12]], [Kind::OutOfRound, 5.0, ['to_m' => 7.4, 'size' => 11]],
            [Kind::BrokenCable, 8.2, ['size' => 40, 'facts' => ['moves' => 'blocks_camera'], 'clock_from' => 6]],
        ], EndReason::CannotPass, 8.2);
    }

    /** Sixty metres in one look, with all that can be found in an old yard line. */
    private function cannery(Firm $firm): void
    {
        $job = $this->job(
            $firm, '26-0344', Why::AfterCleaning, 'Cannery yard, 1 Salt Pans', 'Cannery Yard Association', -84, 1,
            ['ordered' => 'Look at the whole yard line.', 'yearBuilt' => 1928, 'bring' => '80 m rod, locator'],
        );
        $chamber = $this->opening($job, OpeningKind::Chamber, 'Chamber by the weigh-house', 300, 1.3);
        $line = LineMaker::made(344, Length::metres(60.0), 40, 2, 2, 2)->record;
        $this->run(
            $job, $chamber, '-84 days', $line->material, $line->bore?->inMillimetres() ?? 100.0, 60.0,
            self::foundOn($line), EndReason::MainReached, 60.0,
        );
        $job->outcome()->advise(
            'Mend what presses, then have the yard line looked at every two years.',
            'Look at the yard line',
            $firm->today($this->now)->modify('+20 months'),
        );
        $job->outcome()->handOver($this->now->modify('-83 days'));
    }

    /** From two ends: down to a bend that no rod passes, and up from the chamber to the same tie-in. */
    private function cooperage(Firm $firm): void
    {
        $job = $this->job(
            $firm, '26-0351', Why::RepeatStoppage, 'Cooperage, 8 Hoop Lane', 'Anders Brill', -70, 1,
            ['ordered' => 'Find out why it comes back.', 'yearBuilt' => 1949],
        );
        $cleanout = $this->opening($job, OpeningKind::Cleanout, 'Cleanout under the bench', 100, 0.5);
        $chamber = $this->opening($job, OpeningKind::Chamber, 'Chamber in Hoop Lane', 225, 1.0, OpeningState::Usable, '', Faces::Upstream);
        $job->property()->draw(DemoMaps::cooperage($cleanout, $chamber));
        $this->run($job, $cleanout, '-70 days', Material::CastIron, 100, null, [
            [Kind::Scale, 1.5, ['to_m' => 4.0, 'size' => 18]], [Kind::TieIn, 8.0, [
                'clock_from' => 10,
                'size' => 78,
                'facts' => ['condition' => 'sound', 'whose' => 'steam box', 'known_how' => 'assumed'],
            ]],
            [Kind::Bend, 11.6, ['size' => 88]], [Kind::CannotGoFurther, 11.6, ['facts' => ['cause' => 'tight_bend']]],
        ], EndReason::CannotPass, 11.6);
        $this->run($job, $chamber, '-69 days', Material::Clay, 100, null, [
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
        $job->outcome()->handOver($this->now->modify('-69 days'));
    }

    /** Down a roof vent, round a bend at its foot, and along the line. */
    private function lampStore(Firm $firm): void
    {
        $job = $this->job(
            $firm, '26-0362', Why::BeforePurchase, 'Lamp store, 5 Anchor Steps', 'Signe Holt', -55, 1,
            ['ordered' => 'Look at the line; there is no cleanout.', 'yearBuilt' => 1966],
        );
        $vent = $this->opening($job, OpeningKind::RoofVent, 'Vent over the store', 100, 0.0, OpeningState::Usable, 'In dry weather only');
        $this->run($job, $vent, '-55 days', Material::PvcWelded, 100, null, [
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
        $job->outcome()->handOver($this->now->modify('-54 days'));
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

    private function sailLoft(Firm $firm): void
    {
        $job = $this->job(
            $firm, '26-0051', Why::FollowUp, 'Sail loft, Pepper Quay', 'Jon Askel', 0, 1,
            ['ordered' => 'Look again at the low spot, water off.', 'reportUnits' => UnitSystem::FeetAndInches, 'bring' => '200 ft rod'],
        );
        $opening = $this->opening($job, OpeningKind::Cleanout, 'Cleanout at the stairs', 78, 0.3);
        $this->run($job, $opening, '-40 minutes', Material::Abs, 78, 21.3, [
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
        $this->job($firm, '26-0052', Why::Stoppage, 'Net store, Lantern Street', 'Wick & Co', 1, 1, [
            'backsUp' => 'Yard gully.',
            'reportUnits' => UnitSystem::FeetAndInches,
        ]);
    }

    /** @param array<string, array{string, Role, UnitSystem}> $people by the first part of their address */
    private function firm(string $name, array $people, string $domain): Firm
    {
        $firm = new Firm($name, 'Europe/Lisbon');
        array_map($this->manager->persist(...), [$firm, ...StartingKit::of($firm)]);
        foreach ($people as $address => [$person, $role, $units]) {
            $account = new Account($firm, $address.'@'.$domain, $person, $role);
            $account->prefer($units, $account->theme());
            $account->changePassword($this->hasher->hashPassword($account, self::PASSWORD));
            $this->manager->persist($account);
        }

        return $firm;
    }

    /** @param array<string, mixed> $more fields of the call sheet */
    private function job(Firm $firm, string $number, Why $why, string $place, string $customer, int $inDays, int $turn, array $more): Job
    {
        $sheet = new CallSheet();
        $sheet->number = $number;
        $sheet->why = $why;
        $sheet->place = $place;
        $sheet->customer = $customer;
        $sheet->plannedOn = $firm->today($this->now)->modify($inDays.' days');
        $sheet->turn = $turn;
        foreach ($more as $field => $value) {
            $sheet->{$field} = $value;
        }
        $job = new Job(
            Id::fresh(), new Property(Id::fresh(), $firm, $sheet->place), $sheet,
            $this->now->modify(min($inDays, 0) - 1 .' days'), $firm->name,
        );
        $this->manager->persist($job);

        return $job;
    }

    private function opening(
        Job $job, OpeningKind $kind, string $place, float $sizeMm, float $dropM,
        OpeningState $state = OpeningState::Usable, string $permission = '', Faces $faces = Faces::Downstream,
    ): Opening {
        $details = new OpeningDetails();
        [
            $details->kind, $details->place, $details->sizeMm, $details->dropM, $details->state, $details->permission,
            $details->faces,
        ] = [$kind, $place, $sizeMm, $dropM, $state, $permission, $faces];
        $opening = new Opening(Id::fresh(), $job, $details);
        $this->manager->persist($opening);
        if (null === $job->chosenOpening()) {
            $this->manager->flush();
            $job->chooseOpening($opening, Zero::Foot, '');
        }

        return $opening;
    }

    private function ask(Opening $opening, Leave $leave, string $whom, string $when, bool $neighbour = false): void
    {
        $details = clone $opening->details();
        [$details->leave, $details->askedWhom, $details->askedOn, $details->neighbour] = [
            $leave,
            $whom,
            new \DateTimeImmutable($this->now->modify($when)->format('Y-m-d')),
            $neighbour,
        ];
        $opening->describe($details);
    }

    /** @param list<string> $felt */
    private function pass(
        Job $job, Opening $opening, string $when, Tool $tool, string $head, float $inM, array $felt,
        WaterAtOpening $water, string $cameBack,
    ): void {
        $details = new PassDetails();
        [
            $details->tool, $details->head, $details->inM, $details->felt, $details->water, $details->cameBack,
        ] = [$tool, $head, $inM, $felt, $water, $cameBack];
        $this->manager->persist(new Pass(Id::fresh(), $job, $opening, $this->now->modify($when), $details));
    }

    private function test(Job $job, string $when, float $minutes, FlowResult $result, string $note): void
    {
        $details = new FlowTestDetails();
        [$details->minutes, $details->result, $details->note] = [$minutes, $result, $note];
        $this->manager->persist(new FlowTest(Id::fresh(), $job, $this->now->modify($when), $details));
    }

    /** @param list<Found> $found */
    private function run(
        Job $job, Opening $opening, string $when, Material $material, float $boreMm, ?float $expectedM, array $found,
        EndReason $reason, float $reachedM, Travel $travel = Travel::Downstream, float $verticalM = 0.0,
    ): Run {
        $details = new RunDetails();
        [$details->material, $details->boreMm, $details->expectedM, $details->travel] = [$material, $boreMm, $expectedM, $travel];
        $start = $this->now->modify($when);
        $run = new Run(Id::fresh(), $job, $opening, $start, $details);
        $findings = [];
        foreach ($found as [$kind, $from, $more]) {
            $findings[] = [
                Finding::read(
                    new Input([
                        'id' => Id::fresh(),
                        'kind' => $kind->value,
                        'from_m' => $from,
                        ...array_diff_key($more, ['photo' => true]),
                    ]),
                ),
                isset($more['photo']),
            ];
        }
        $record = new RunRecord(
            array_column($findings, 0), $material, Length::millimetres($boreMm), $travel, null,
            Length::metres($reachedM), $reason,
        );
        $reel = new SimulatedReel(
            new Line($record, Length::metres(max($reachedM, $expectedM ?? 0.0)), vertical: $verticalM),
            Length::metres($reachedM),
            slack: self::SLACK,
            noise: self::NOISE_M,
        );
        $readings = $reel->inAndBack(self::ROD_M_PER_S, self::EVERY_S);
        $this->manager->persist($run);
        $this->tracks->take($run, Id::fresh(), implode("\n", array_map(ReadingFormat::write(...), $readings)));
        $run->turnWater(false, $start->modify('+10 minutes'));
        $run->end($reason, $reachedM, '', $start->modify('+40 minutes'));
        foreach ($findings as [$finding, $hasPhoto]) {
            // Logged drawing back, when the head came by.
            $at = self::cameBackTo($readings, $finding->from->metres);
            $this->manager->persist(
                new LoggedFinding(
                    $finding->id, $run, $finding, $start->modify('+'.(int) (600 + $at->seconds).' seconds'),
                    round($finding->from->metres, 2), drawnBack: true, recordedS: $at->seconds,
                ),
            );
            if ($hasPhoto) {
                $this->manager->persist(PictureReader::fromBytes($finding->id, DemoPicture::rootsInClay()));
            }
        }

        return $run;
    }

    /** @param list<Reading> $readings in and back */
    private static function cameBackTo(array $readings, float $metres): Reading
    {
        foreach (array_reverse($readings) as $reading) {
            if ($reading->metres >= $metres - 0.05) {
                return $reading;
            }
        }

        return $readings[0] ?? new Reading(0, $metres);
    }

    /** @return list<Found> sound joints, a clay pipe apart */
    private function joints(float $from, float $to): array
    {
        $joints = [];
        for ($at = $from; $at <= $to + 1e-9; $at += self::CLAY_PIPE_M) {
            $joints[] = [Kind::SoundJoint, round($at, 2), []];
        }

        return $joints;
    }

    /** @param list<float> $depths */
    private function mark(
        Run $run, float $at, array $depths, Ground $ground, float $tieOne, string $from, float $tieTwo, string $andFrom,
    ): void {
        $details = new MarkDetails();
        [
            $details->atM, $details->depthsM, $details->ground, $details->tieOneM, $details->tieOneTo,
            $details->tieTwoM, $details->tieTwoTo,
        ] = [$at, $depths, $ground, $tieOne, $from, $tieTwo, $andFrom];
        $details->overHead = OverHead::Nothing;
        $details->paint = Paint::Cross;
        $this->manager->persist(new Mark(Id::fresh(), $run, $this->now->modify('-30 minutes'), $details));
    }
}
