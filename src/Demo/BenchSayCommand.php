<?php

declare(strict_types=1);

namespace App\Demo;

use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Say\Cue;
use Jurvex\Core\Say\Lexicon;
use Jurvex\Core\Say\Narration;
use Jurvex\Core\Say\Reading;
use Jurvex\Core\Say\Reel;
use Jurvex\Core\Say\Speech;
use Jurvex\Core\Say\TimedText;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Measures how long it takes to read what somebody said in an hour. */
#[AsCommand('jurvex:bench:say', 'Measures the reading of an hour of narration')]
final class BenchSayCommand extends Command
{
    private const ROUNDS = 5;
    private const HOUR_S = 3600.0;
    private const BOUND_MS = 300.0;

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $told = TimedText::read(NarratedRun::SPOKEN);
        $cues = [];
        $words = 0;
        // Said without a rest, at the pace of somebody who talks all the time.
        for ($at = 0.0, $i = 0; $at < self::HOUR_S; ++$i) {
            $cue = $told[$i % \count($told)];
            $cues[] = new Cue($at, $at + $cue->toS - $cue->fromS, $cue->text);
            $at += $cue->toS - $cue->fromS;
            $words += 1 + substr_count($cue->text, ' ');
        }
        $times = [];
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $start = hrtime(true);
            $lexicon = Lexicon::of('en');
            Narration::read(Reading::of(Speech::timed($cues, $lexicon), $lexicon), UnitSystem::FeetAndInches, new Reel([]));
            $times[] = (hrtime(true) - $start) / 1e6;
        }
        sort($times);
        $median = $times[intdiv(self::ROUNDS, 2)];
        $isKept = $median <= self::BOUND_MS;
        $output->writeln(\sprintf(
            'an hour of narration, %d words: median %.0f ms, bound %.0f ms %s', $words, $median, self::BOUND_MS, $isKept ? 'kept' : 'OVER',
        ));

        return $isKept ? self::SUCCESS : self::FAILURE;
    }
}
