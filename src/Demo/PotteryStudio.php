<?php

declare(strict_types=1);

namespace App\Demo;

use App\Firm\Firm;
use App\Record\Cleared;
use App\Record\FlowResult;
use App\Record\Ground;
use App\Record\HeightBy;
use App\Record\Job;
use App\Record\Leave;
use App\Record\Opening;
use App\Record\OpeningKind;
use App\Record\OpeningState;
use App\Record\Run;
use App\Record\Tool;
use App\Record\WaterAtOpening;
use App\Record\Why;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Mend\Way;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Triage\Answer;

/**
 * A repeat stoppage, looked at before and after cutting; the line does not pass and its last metres were not reached.
 *
 * @phpstan-import-type Found from DemoEntries
 */
final readonly class PotteryStudio
{
    public function __construct(private DemoEntries $demo)
    {
    }

    public function build(Firm $firm): void
    {
        $job = $this->demo->job($firm, '26-0412', Why::RepeatStoppage, 'Pottery studio, 4 Quay Lane', 'Ilse Varga', 0, 1, [
            'backsUp' => 'Glaze sink and toilet back up, third time this year. Kitchen drains.',
            'ordered' => 'Clear the line and look at all of it to the main.',
            'notOrdered' => 'The kitchen line.', 'yearBuilt' => 1938,
            'bring' => '13 mm cable with small and large blade, 60 m rod, locator', 'customerNumber' => 'PO 77',
        ]);
        $yard = $this->demo->opening($job, OpeningKind::Cleanout, 'Yard cleanout by the kiln shed', 100, 0.6);
        $vent = $this->demo->opening(
            $job, OpeningKind::RoofVent, 'Vent over the glaze room', 75, 5.2, OpeningState::Usable,
            'In dry weather only',
        );
        $this->demo->ask($vent, Leave::Given, 'Ilse Varga', '-1 day');
        $floor = $this->demo->opening($job, OpeningKind::FloorDrain, 'Floor drain by the sink', 50, 0.4, OpeningState::TooSmall);
        $job->property()->draw(DemoMaps::potteryStudio($yard, $vent, $floor));
        foreach (['glaze' => Answer::BacksUp, 'toilet' => Answer::BacksUp, 'kitchen' => Answer::Drains] as $place => $answer) {
            $job->site()->see($place, $answer, $this->demo->now);
        }
        $this->lookAndCut($job, $yard);
        $this->lookAgain($firm, $job, $yard);
    }

    private function lookAndCut(Job $job, Opening $yard): void
    {
        $this->demo->run(
            $job, $yard, '-3 hours', Material::CastIron, 100, 31.4,
            [
                ...$this->line(),
                [Kind::RootClump, 24.8, ['size' => 75, 'clock_from' => 11, 'clock_to' => 2, 'at_joint' => true]],
                [Kind::CannotGoFurther, 24.9, ['facts' => ['cause' => 'roots']]],
            ],
            EndReason::CannotPass, 24.9,
        );
        $this->demo->pass(
            $job, $yard, '-2 hours', Tool::Cable, 'Small blade', 25.5, ['drag', 'grabs'], WaterAtOpening::Dropping,
            'Hair roots, finger long',
        );
        $this->demo->pass(
            $job, $yard, '-100 minutes', Tool::Cable, 'Large blade', 31.0, ['drag', 'spins'], WaterAtOpening::Gone,
            'A handful of root cords, clay shard',
        );
        $this->demo->test($job, '-90 minutes', 5, FlowResult::Holds, 'Level fell to the invert at once');
        $job->outcome()->sayCleared(Cleared::Yes, 'Root ring left at the joint at 24.8 m.');
    }

    private function lookAgain(Firm $firm, Job $job, Opening $yard): void
    {
        $after = $this->demo->run(
            $job, $yard, '-70 minutes', Material::CastIron, 100, 31.4,
            [
                ...$this->line(), ...$this->demo->joints(26.0, 26.5),
                [Kind::RootThreads, 17.6, ['size' => 8, 'clock_from' => 12, 'at_joint' => true]],
                [Kind::OffsetJoint, 22.4, [
                    'size' => 9,
                    'unit' => 'mm',
                    'clock_from' => 6,
                    'facts' => ['facing' => 'with_flow', 'camera_passed' => 'yes'],
                ]],
                [Kind::RootClump, 24.8, ['size' => 55, 'clock_from' => 11, 'clock_to' => 2, 'at_joint' => true, 'photo' => 26]],
                [Kind::CannotGoFurther, 26.9, [
                    'facts' => ['cause' => 'rod_jammed'],
                    'note' => 'Rod jams on the way in; the yard main is 4.5 m on',
                ]],
            ],
            EndReason::CannotPass, 26.9,
        );
        $this->markIt($job, $after);
        $job->outcome()->recommend(
            Way::Digs, 'The low spot is one hole of four and a half metres under the slab; the roots are cut until then.',
        );
        $job->outcome()->advise(
            'Renew the clay pipe at 24.8 m and take the low spot out in the same visit. Until then keep glaze slops out of the sink.',
            'Cut roots',
            $firm->today($this->demo->now)->modify('+9 months'),
        );
    }

    private function markIt(Job $job, Run $run): void
    {
        $site = DemoSite::potteryStudio();
        $job->property()->drawSite($site->plan);
        $this->demo->mark(
            $run, 9.4, [1.27, 1.28, 1.28], Ground::Slab, 'A', $site->taped(9.4, 'Kiln shed corner', 'Studio SE corner', 'Gate post'),
        );
        $this->demo->mark(
            $run, 13.1, [1.28, 1.28, 1.29], Ground::Slab, 'B', $site->taped(13.1, 'Kiln shed corner', 'Gate post', 'Studio SE corner'),
        );
        $this->demo->mark(
            $run, 24.8, [1.60, 1.62, 1.63], Ground::Lawn, 'C', $site->taped(24.8, 'Gate post', 'Lamp post', 'Plum tree'),
        );
        $this->demo->height($job, 'Crest', 'B', -0.14, HeightBy::Laser);
        $this->demo->height($job, 'A', 'Crest', 0.14, HeightBy::Laser);
        $this->demo->height($job, 'B', 'C', 0.21, HeightBy::Laser);
    }

    /** @return list<Found> what both looks saw */
    private function line(): array
    {
        return [
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
            [Kind::Transition, 14.0, ['facts' => ['material_after' => 'clay'], 'size' => 100]], ...$this->demo->joints(15.2, 24.8),
        ];
    }
}
