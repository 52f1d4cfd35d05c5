<?php

declare(strict_types=1);

namespace App\Demo;

use App\Firm\Firm;
use App\Record\CallSheet;
use App\Record\Job;
use App\Record\LoggedFinding;
use App\Record\Opening;
use App\Record\OpeningDetails;
use App\Record\Property;
use App\Record\Run;
use App\Record\RunDetails;
use App\Record\Zero;
use App\Support\Database\Id;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Run\EndReason;

/** Jobs for what is measured: a line of 58 m with as many findings as wanted. */
final readonly class BenchJobs
{
    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /** @param int $findings on each of its runs */
    public function withRun(Firm $firm, int $number, int $findings, int $runs = 1): Run
    {
        $sheet = new CallSheet();
        $sheet->number = \sprintf('25-%04d', $number);
        $sheet->place = 'House '.$number.', Long Row';
        $sheet->customer = 'Customer '.$number;
        $sheet->plannedOn = new \DateTimeImmutable('-'.(1 + $number % 700).' days');
        $now = new \DateTimeImmutable('-1 day');
        $job = new Job(Id::fresh(), new Property(Id::fresh(), $firm, $sheet->place), $sheet, $now, 'Tideway Drains');
        $job->outcome()->advise('', 'Jet the line', new \DateTimeImmutable('+'.($number % 400 - 20).' days'));
        $job->outcome()->handOver(0 === $number % 4 ? null : $now);
        $details = new OpeningDetails();
        $details->place = 'Yard';
        $opening = new Opening(Id::fresh(), $job, $details);
        $setUp = new RunDetails();
        [$setUp->material, $setUp->boreMm, $setUp->expectedM] = [Material::Clay, 100.0, 60.0];
        array_map($this->manager->persist(...), [$job, $opening]);
        for ($look = 1; $look <= $runs; ++$look) {
            $run = new Run(Id::fresh(), $job, $opening, $now->modify($look - $runs.' months'), $setUp);
            $run->end(0 === $number % 3 ? EndReason::CannotPass : EndReason::MainReached, 58.0, '', $now);
            $this->manager->persist($run);
            foreach ($this->findings($findings) as $finding) {
                $this->manager->persist(new LoggedFinding($finding->id, $run, $finding, $now));
            }
        }
        $this->manager->flush();
        $job->chooseOpening($opening, Zero::Foot, '');

        return $run ?? throw new \LogicException('A job of the benchmark has a run.');
    }

    /** @return iterable<Finding> of every family, spread over 58 m */
    private function findings(int $count): iterable
    {
        $kinds = [
            [Kind::SoundJoint, []], [Kind::RootThreads, ['size' => 8, 'clock_from' => 12]],
            [Kind::Crack, ['clock_from' => 3, 'facts' => ['crack_state' => 'closed']]], [Kind::SoundJoint, []],
            [Kind::Grease, ['size' => 15]], [Kind::TieIn, ['size' => 75, 'clock_from' => 2]],
            [Kind::OffsetJoint, ['size' => 12, 'facts' => ['facing' => 'with_flow']]], [Kind::SoundJoint, []],
            [Kind::LowSpot, ['length' => 0.1, 'size' => 10, 'facts' => ['water' => 'off']]],
            [Kind::Scale, ['size' => 20]],
        ];
        for ($i = 0; $i < $count; ++$i) {
            [$kind, $more] = $kinds[$i % \count($kinds)];
            $from = 58 * $i / $count;
            if (isset($more['length'])) {
                $more['to_m'] = $from + $more['length'];
                unset($more['length']);
            }
            yield Finding::read(new Input(['id' => Id::fresh(), 'kind' => $kind->value, 'from_m' => $from, ...$more]));
        }
    }
}
