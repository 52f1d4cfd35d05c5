<?php

declare(strict_types=1);

namespace App\Demo;

use App\Firm\Firm;
use App\Firm\Kit;
use App\Firm\StartingKit;
use Jurvex\Core\Sketch\ReachFinder;
use Jurvex\Core\Sketch\TriageView;
use Jurvex\Core\Triage\Checks;
use Jurvex\Core\Triage\MadeTest;
use Jurvex\Core\Triage\Tables;
use Jurvex\Core\Triage\Triage;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Measures triage, and the reach from every opening with every tool and head, on a large map. */
#[AsCommand('jurvex:bench:map', 'Measures triage and reach on a map of 300 pipes')]
final class BenchMapCommand extends Command
{
    private const ROUNDS = 9;
    private const BOUND_MS = 300.0;

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $times = [];
        $rigs = Kit::rigs(StartingKit::of(new Firm('Bench', 'UTC')), true);
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            // A new sketch each time: nothing that the last round worked out is left.
            $sketch = LargeMap::sketch();
            $start = hrtime(true);
            $tables = Tables::usual();
            $checks = new Checks(
                $sketch->tree() ?? throw new \LogicException('The large map has pipes.'),
                (new TriageView($sketch))->points([]),
                $tables,
            );
            $priors = (new TriageView($sketch))->priors($tables);
            \assert([] !== $priors);
            $triage = new Triage($priors, $checks->looks());
            $triage->nextCheck();
            array_map(static fn (MadeTest $test) => $triage->expectedGain($checks->test($test)), $checks->possibleTests([]));
            (new ReachFinder($sketch, $rigs))->reachedByAny();
            $times[] = (hrtime(true) - $start) / 1e6;
        }
        sort($times);
        $median = $times[intdiv(self::ROUNDS, 2)];
        $output->writeln(
            \sprintf(
                'triage and reach, %d pipes, %d openings, %d tools and heads: median %.0f ms, bound %.0f ms %s',
                \count(LargeMap::sketch()->pipes), \count(LargeMap::sketch()->openings()), \count($rigs), $median,
                self::BOUND_MS, $median <= self::BOUND_MS ? 'kept' : 'OVER',
            ),
        );

        return Command::SUCCESS;
    }
}
