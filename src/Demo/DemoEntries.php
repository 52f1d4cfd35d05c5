<?php

declare(strict_types=1);

namespace App\Demo;

use App\Firm\Firm;
use App\Record\CallSheet;
use App\Record\FlowResult;
use App\Record\FlowTest;
use App\Record\FlowTestDetails;
use App\Record\Ground;
use App\Record\HeightBy;
use App\Record\HeightDetails;
use App\Record\HeightMeasured;
use App\Record\Job;
use App\Record\Leave;
use App\Record\LoggedFinding;
use App\Record\Mark;
use App\Record\MarkDetails;
use App\Record\Opening;
use App\Record\OpeningDetails;
use App\Record\OpeningKind;
use App\Record\OpeningState;
use App\Record\OutsidePipe;
use App\Record\OutsidePipeDetails;
use App\Record\OverHead;
use App\Record\Paint;
use App\Record\Pass;
use App\Record\PassDetails;
use App\Record\PictureReader;
use App\Record\Property;
use App\Record\Run;
use App\Record\RunDetails;
use App\Record\Signal;
use App\Record\Supports;
use App\Record\Tool;
use App\Record\UpkeepPlan;
use App\Record\WaterAtOpening;
use App\Record\Why;
use App\Record\Zero;
use App\Support\Database\Id;
use App\Work\Tracks;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Clear\Blockage;
use Jurvex\Core\Clear\Head;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Input\Input;
use Jurvex\Core\LineMap\Faces;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Practice\Line;
use Jurvex\Core\Practice\SimulatedReel;
use Jurvex\Core\Reel\Reading;
use Jurvex\Core\Reel\ReadingFormat;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Run\Travel;
use Jurvex\Core\Site\TapedTo;
use Jurvex\Core\Upkeep\UpkeepWork;

/**
 * Jobs of the demo with their entries, made as a technician's day would make them.
 *
 * @phpstan-type Found array{Kind, float, array<string, mixed>}
 */
final readonly class DemoEntries
{
    private const CLAY_PIPE_M = 1.2;
    /** How the demo's reels are: the rod goes slowly, lies a little in waves, and is read twice a second. */
    private const ROD_M_PER_S = 0.2;
    private const EVERY_S = 0.5;
    private const SLACK = 0.01;
    private const NOISE_M = 0.004;
    private const FLOW_L_MIN = 45.0;

    public function __construct(
        private EntityManagerInterface $manager,
        private Tracks $tracks,
        public \DateTimeImmutable $now,
    ) {
    }

    /**
     * @param array<string, mixed> $more fields of the call sheet
     * @param ?Property $property where there were jobs before; none for a new one
     */
    public function job(
        Firm $firm, string $number, Why $why, string $place, string $customer, int $inDays, int $turn, array $more,
        ?Property $property = null,
    ): Job {
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
            Id::fresh(), $property ?? new Property(Id::fresh(), $firm, $sheet->place), $sheet,
            $this->now->modify(min($inDays, 0) - 1 .' days'), $firm->name,
        );
        $this->manager->persist($job);

        return $job;
    }

    public function opening(
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

    public function ask(Opening $opening, Leave $leave, string $whom, string $when, bool $neighbour = false): void
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
    public function pass(
        Job $job, Opening $opening, string $when, Tool $tool, string $head, float $inM, array $felt,
        WaterAtOpening $water, string $cameBack,
    ): void {
        $details = new PassDetails();
        [
            $details->tool, $details->head, $details->inM, $details->felt, $details->water, $details->cameBack,
        ] = [$tool, $head, $inM, $felt, $water, $cameBack];
        $this->manager->persist(new Pass(Id::fresh(), $job, $opening, $this->now->modify($when), $details));
    }

    /** A nozzle drawn back through a deposit, with all that the shop's own record asks for. */
    public function worked(
        Job $job, Opening $opening, string $when, string $head, Head $class, Blockage $blockage, float $from, float $to, float $minutes,
    ): void {
        $details = new PassDetails();
        [$details->tool, $details->head, $details->headClass, $details->blockage] = [Tool::Jet, $head, $class, $blockage];
        [$details->inM, $details->outM, $details->minutesBack, $details->flowLMin] = [$to, $from, $minutes, self::FLOW_L_MIN];
        [$details->felt, $details->water] = [['drag', 'free'], WaterAtOpening::Gone];
        $this->manager->persist(new Pass(Id::fresh(), $job, $opening, $this->now->modify($when), $details));
    }

    public function plan(Property $property, UpkeepWork $work, int $everyMonths, int $inDays, string $note): void
    {
        $due = $property->firm->today($this->now)->modify($inDays.' days');
        $this->manager->persist(new UpkeepPlan(Id::fresh(), $property, $work, $everyMonths, $due, $note));
    }

    public function test(Job $job, string $when, float $minutes, FlowResult $result, string $note): void
    {
        $details = new FlowTestDetails();
        [$details->minutes, $details->result, $details->note] = [$minutes, $result, $note];
        $this->manager->persist(new FlowTest(Id::fresh(), $job, $this->now->modify($when), $details));
    }

    public function outside(Job $job, string $when, string $place, float $lengthM, float $boreMm, float $fallMm, Supports $supports): void
    {
        $details = new OutsidePipeDetails();
        [$details->place, $details->lengthM, $details->boreMm, $details->fallMm] = [$place, $lengthM, $boreMm, $fallMm];
        [$details->material, $details->supports] = [Material::PvcWelded, $supports];
        $this->manager->persist(new OutsidePipe(Id::fresh(), $job, $this->now->modify($when), $details));
    }

    /** @param list<Found> $found */
    public function run(
        Job $job, Opening $opening, string $when, Material $material, float $boreMm, ?float $expectedM, array $found,
        EndReason $reason, float $reachedM, Travel $travel = Travel::Downstream, float $verticalM = 0.0,
    ): Run {
        $details = new RunDetails();
        [$details->material, $details->boreMm, $details->expectedM, $details->travel] = [$material, $boreMm, $expectedM, $travel];
        $start = $this->now->modify($when);
        $run = new Run(Id::fresh(), $job, $opening, $start, $details);
        $findings = array_map(self::found(...), $found);
        $record = new RunRecord(
            $findings, $material, Length::millimetres($boreMm), $travel, null, Length::metres($reachedM), $reason,
        );
        $line = new Line($record, Length::metres(max($reachedM, $expectedM ?? 0.0)), vertical: $verticalM);
        $reel = new SimulatedReel($line, Length::metres($reachedM), slack: self::SLACK, noise: self::NOISE_M);
        $readings = $reel->inAndBack(self::ROD_M_PER_S, self::EVERY_S);
        $run->simulate();
        $this->manager->persist($run);
        $this->tracks->take($run, Id::fresh(), implode("\n", array_map(ReadingFormat::write(...), $readings)));
        $run->turnWater(false, $start->modify('+10 minutes'));
        $run->end($reason, $reachedM, '', $start->modify('+40 minutes'));
        foreach ($findings as $i => $finding) {
            $cords = $found[$i][2]['photo'] ?? 0;
            $this->log($run, $finding, $readings, \is_int($cords) ? $cords : 0);
        }

        return $run;
    }

    /** @param array{Kind, float, array<string, mixed>} $found */
    private static function found(array $found): Finding
    {
        [$kind, $from, $more] = $found;

        return Finding::read(new Input([
            'id' => Id::fresh(), 'kind' => $kind->value, 'from_m' => $from, ...array_diff_key($more, ['photo' => true]),
        ]));
    }

    /**
     * Logged drawing back, when the head came by.
     *
     * @param list<Reading> $readings in and back
     * @param int $cords roots in its picture; 0 for no picture
     */
    private function log(Run $run, Finding $finding, array $readings, int $cords): void
    {
        $at = self::cameBackTo($readings, $finding->from->metres);
        $this->manager->persist(new LoggedFinding(
            $finding->id, $run, $finding, $run->startedAt->modify('+'.(int) (600 + $at->seconds).' seconds'),
            round($finding->from->metres, 2), drawnBack: true, recordedS: $at->seconds,
        ));
        if ($cords > 0) {
            $this->manager->persist(PictureReader::fromBytes($finding->id, DemoPicture::rootsInClay($cords)));
        }
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
    public function joints(float $from, float $to): array
    {
        $joints = [];
        for ($at = $from; $at <= $to + 1e-9; $at += self::CLAY_PIPE_M) {
            $joints[] = [Kind::SoundJoint, round($at, 2), []];
        }

        return $joints;
    }

    /**
     * @param list<float> $depths
     * @param list<TapedTo> $taped two or three
     */
    public function mark(Run $run, float $at, array $depths, Ground $ground, string $letter, array $taped): void
    {
        $details = new MarkDetails();
        [$details->atM, $details->depthsM, $details->ground, $details->letter] = [$at, $depths, $ground, $letter];
        [$details->tieOneM, $details->tieOneTo] = [$taped[0]->taped->metres, $taped[0]->name];
        [$details->tieTwoM, $details->tieTwoTo] = [$taped[1]->taped->metres, $taped[1]->name];
        if (isset($taped[2])) {
            [$details->tieThreeM, $details->tieThreeTo] = [$taped[2]->taped->metres, $taped[2]->name];
        }
        [$details->overHead, $details->signal, $details->paint] = [OverHead::Nothing, Signal::Steady, Paint::Cross];
        $this->manager->persist(new Mark(Id::fresh(), $run, $this->now->modify('-30 minutes'), $details));
    }

    public function height(Job $job, string $from, string $to, float $up, HeightBy $how): void
    {
        $details = new HeightDetails();
        [$details->fromPoint, $details->toPoint, $details->upM, $details->how] = [$from, $to, $up, $how];
        $this->manager->persist(new HeightMeasured(Id::fresh(), $job, $this->now->modify('-25 minutes'), $details));
    }
}
