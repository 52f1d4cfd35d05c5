<?php

declare(strict_types=1);

namespace App\Demo;

use App\Firm\Firm;
use App\Record\CallSheet;
use App\Record\Job;
use App\Record\Property;
use App\Record\Run;
use App\Support\Database\Id;
use App\Work\Tracks;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Practice\LineMaker;
use Jurvex\Core\Practice\SimulatedReel;
use Jurvex\Core\Reel\Reading;
use Jurvex\Core\Reel\ReadingFormat;
use Jurvex\Core\Triage\Answer;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;

/** Fills a scratch database for bin/bench and prints the addresses to measure, a line `name address` each. */
#[AsCommand('jurvex:bench:fill', 'Fills a scratch database for the benchmark')]
final class FillBenchCommand extends Command
{
    private const JOBS = 2000;
    private const FINDINGS = 50;
    private const LONG_RUN = 300;
    private const RUNS = 5;
    /** Of the property that is looked at over the years. */
    private const LOOKS = 20;
    private const LONGEST_RUN = 5000;
    private const PACK = 10;
    private const READINGS = 10_000;
    private const BATCH = 600;
    private const LINE_M = 58.0;

    public function __construct(
        private readonly EntityManagerInterface $manager,
        private readonly UrlGeneratorInterface $urls,
        private readonly Tracks $tracks,
        private readonly BenchJobs $jobs,
    ) {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $firm = $this->manager->getRepository(Firm::class)->findOneBy(['name' => 'Tideway Drains'])
            ?? throw new \RuntimeException('The demo data is not loaded.');
        for ($i = 0; $i < self::JOBS; ++$i) {
            $this->jobs->withRun($this->manager->getReference(Firm::class, $firm->id) ?? $firm, $i, self::FINDINGS);
            if (0 === $i % self::PACK) {
                $this->manager->flush();
                $this->manager->clear();
            }
        }
        $long = $this->jobs->withRun($this->manager->getReference(Firm::class, $firm->id) ?? $firm, self::JOBS, self::LONG_RUN);
        $stored = $this->jobs->withRun($this->manager->getReference(Firm::class, $firm->id) ?? $firm, self::JOBS + 1, self::FINDINGS);
        $of = $this->manager->getReference(Firm::class, $firm->id) ?? $firm;
        $longest = $this->jobs->withRun($of, self::JOBS + 2, self::LONGEST_RUN);
        $looked = $this->jobs->withRun($of, self::JOBS + 3, intdiv(self::LONG_RUN, self::RUNS), self::RUNS);
        $years = $this->jobs->withRun($of, self::JOBS + 4, self::FINDINGS, self::LOOKS);
        $this->manager->flush();
        $this->fillReel($long);
        $mapped = $this->jobWithMap($this->manager->getReference(Firm::class, $firm->id) ?? $firm);
        $this->manager->flush();
        $pages = [
            'bare' => ['bare', null], 'home' => ['day', null], 'look' => ['look', $long->job],
            'judge' => ['judge', $long->job], 'report' => ['report', $long->job],
            'five-runs' => ['judge', $looked->job], 'map' => ['way_in', $mapped],
            'stoppage' => ['stoppage', $mapped], 'jet' => ['jet_bench', $long->job], 'plan' => ['clear_plan', $mapped],
            'jet-map' => ['jet_bench', $mapped],
            'due' => ['due', null],
            'judge5000' => ['judge', $longest->job], 'report5000' => ['report', $longest->job],
        ];
        foreach ($pages as $name => [$route, $job]) {
            $output->writeln($name.' '.$this->urls->generate($route, null === $job ? [] : ['job' => $job->id]));
        }
        $output->writeln('property '.$this->urls->generate('property', ['property' => $years->job->property()->id]));
        $output->writeln('batch '.$this->urls->generate('look', ['job' => $stored->job->id]).'/runs/'.$stored->id.'/readings/');
        $output->writeln('store '.$this->urls->generate('look', ['job' => $stored->job->id]).'/runs/'.$stored->id.'/findings/');

        return Command::SUCCESS;
    }

    private function fillReel(Run $run): void
    {
        foreach (array_chunk($this->readings(), self::BATCH) as $batch) {
            $this->tracks->take($run, Id::fresh(), implode("\n", array_map(ReadingFormat::write(...), $batch)));
            $this->manager->flush();
        }
    }

    /** @return list<Reading> ten thousand, in and back over a line with two low spots */
    private function readings(): array
    {
        $line = LineMaker::made(300, Length::metres(self::LINE_M), 0, 2, 2, 0);
        $reel = new SimulatedReel($line, $line->length, slack: 0.01, noise: 0.004);

        return \array_slice($reel->inAndBack(2.02 * self::LINE_M / self::READINGS, 1.0), 0, self::READINGS);
    }

    /** A property of 300 pipes with 60 fixtures and 20 openings. */
    private function jobWithMap(Firm $firm): Job
    {
        $sheet = new CallSheet();
        [$sheet->number, $sheet->place, $sheet->customer] = ['25-9999', 'Long drains', 'Customer'];
        $job = new Job(
            Id::fresh(), new Property(Id::fresh(), $firm, $sheet->place), $sheet, new \DateTimeImmutable('-1 day'),
            'Tideway Drains',
        );
        $job->property()->draw(LargeMap::sketch());
        foreach ($job->property()->sketch()->places() as $i => $place) {
            if (0 === $i % 3 && null !== $place->level) {
                $job->site()->see($place->id, [Answer::Slow, Answer::Drains][$i % 2], $job->openedAt);
            }
        }
        $this->manager->persist($job);

        return $job;
    }
}
