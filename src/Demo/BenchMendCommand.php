<?php

declare(strict_types=1);

namespace App\Demo;

use Jurvex\Core\Calc\Catalogue;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Measures the cheapest ways to mend a line with many repairs. */
#[AsCommand('jurvex:bench:mend', 'Measures the cheapest ways to mend a line of 20 and of 60 repairs')]
final class BenchMendCommand extends Command
{
    private const ROUNDS = 5;
    private const LENGTH_M = 120.0;

    /** Milliseconds, by how many repairs. */
    private const BOUNDS = [20 => 50.0, 60 => 1000.0];

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        foreach (self::BOUNDS as $count => $bound) {
            $times = [];
            for ($round = 0; $round < self::ROUNDS; ++$round) {
                $line = self::line($count, $round);
                $start = hrtime(true);
                Catalogue::complete()->calculate('repair', $line);
                $times[] = (hrtime(true) - $start) / 1e6;
            }
            sort($times);
            $median = $times[intdiv(self::ROUNDS, 2)];
            $output->writeln(\sprintf(
                'cheapest of digs, liners, renewing and any mix, %d repairs: median %.0f ms, bound %.0f ms %s',
                $count, $median, $bound, $median <= $bound ? 'kept' : 'OVER',
            ));
        }

        return Command::SUCCESS;
    }

    /** @return array<string, mixed> */
    private static function line(int $count, int $seed): array
    {
        $chance = new Randomizer(new Mt19937($seed));
        $repairs = [];
        for ($i = 0; $i < $count; ++$i) {
            $from = $chance->getInt(0, 1150) / 10;
            $repairs[] = [
                'id' => 'r'.$i, 'from_m' => $from, 'to_m' => $from + max(0, $chance->getInt(-40, 40)) / 10,
                'can_line' => 0 !== $chance->getInt(0, 3),
            ];
        }
        $surfaces = ['surface_per_m' => ['lawn' => [20, 40], 'road' => [217, 333]]];

        return [
            'length_m' => self::LENGTH_M, 'repairs' => $repairs, 'tie_ins_m' => range(5, 115, 7), 'cuts_m' => range(6, 114, 9),
            'ground' => [
                ['from_m' => 0, 'to_m' => 50, 'surface' => 'lawn', 'depth_m' => 1.2],
                ['from_m' => 50, 'to_m' => self::LENGTH_M, 'surface' => 'road', 'depth_m' => 2.1],
            ],
            'prices' => [
                'dig' => $surfaces + [
                    'start' => [600, 800], 'per_m' => [120, 200], 'per_m_depth' => [90, 130], 'extra_m' => 0.5, 'least_m' => 1.5,
                ],
                'liner' => ['start' => [1120, 1129], 'per_m' => [167, 169], 'reopen' => [241, 306], 'extra_m' => 0.5, 'least_m' => 3.0],
                'renew' => $surfaces + ['start' => [500, 1500], 'per_m' => [90, 180], 'per_m_depth' => [43, 50]],
            ],
        ];
    }
}
