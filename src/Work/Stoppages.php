<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\Job;
use App\Record\TestMade;
use Jurvex\Core\Sketch\Sketch;
use Jurvex\Core\Sketch\TriageView;
use Jurvex\Core\Triage\Answer;
use Jurvex\Core\Triage\Check;
use Jurvex\Core\Triage\Checks;
use Jurvex\Core\Triage\DangerSign;
use Jurvex\Core\Triage\MadeTest;
use Jurvex\Core\Triage\Point;
use Jurvex\Core\Triage\Triage;

/** Works a job's observations into where its stoppage may be and what to look at next. */
final class Stoppages
{
    private const PLACES = 3;

    /** @return ?Stoppage none while the map has no pipe */
    public function of(Job $job): ?Stoppage
    {
        return self::worked($job, true);
    }

    /** Only where it may be: what to look at next takes most of the work. */
    public function places(Job $job): ?Stoppage
    {
        return self::worked($job, false);
    }

    private static function worked(Job $job, bool $withNext): ?Stoppage
    {
        $sketch = $job->property()->sketch();
        $tree = $sketch->tree();
        if (null === $tree) {
            return null;
        }
        $tables = $job->firm->triageTables();
        $points = (new TriageView($sketch))->points(array_map(static fn (Answer $answer) => $answer->value, $job->site()->seen()));
        $checks = new Checks($tree, $points, $tables);
        $looks = $checks->looks();
        $made = self::madeTests($job, $points);
        $all = [...$looks, ...array_map($checks->test(...), $made)];
        $priors = (new TriageView($sketch))->priors($tables);
        if ([] === $priors) {
            return null;
        }
        $triage = new Triage($priors, $all);
        $from = self::from($job, $sketch);
        $likeliest = [];
        foreach ($triage->likeliest(self::PLACES) as $pipe => $share) {
            $likeliest[$pipe] = new LikelyPlace($share, null === $from ? null : $sketch->apart($from, (string) $pipe));
        }

        $next = $withNext ? self::next($job, $triage, $looks, $checks, $points) : [];

        return new Stoppage($triage, $likeliest, $next, $withNext ? $triage->contradictions() : [], $from);
    }

    /**
     * The best place to look at, and the best test to make; nothing that a danger sign forbids.
     *
     * @param list<Check> $looks
     * @param list<Point> $points
     *
     * @return list<NextCheck>
     */
    private static function next(Job $job, Triage $triage, array $looks, Checks $checks, array $points): array
    {
        $dangers = $job->site()->presentDangers();
        if ([] !== array_filter($dangers, static fn (DangerSign $sign) => $sign->clearsTheRoom())) {
            return [];
        }
        if (Stoppage::isSure($triage)) {
            return [];
        }
        $noWater = [] !== array_filter($dangers, static fn (DangerSign $sign) => $sign->forbidsWater());
        $noOpening = [] !== array_filter($dangers, static fn (DangerSign $sign) => $sign->forbidsOpening());
        $openings = $job->property()->sketch()->openings();
        $best = [];
        foreach ($looks as $look) {
            // To see how a fixture does, water is run; to see an opening, it is opened.
            if (null !== $look->seen || (isset($openings[$look->id]) ? $noOpening : $noWater)) {
                continue;
            }
            $best['look'] = self::better($best['look'] ?? null, $triage, $look, null);
        }
        $unfit = array_filter($job->site()->seen(), static fn (Answer $answer) => Answer::BacksUp === $answer);
        $done = array_fill_keys(array_map(static fn (TestMade $test) => $test->run.'>'.$test->watched, $job->site()->tests()), true);
        foreach ($noWater ? [] : $checks->possibleTests(array_map(static fn () => true, $unfit)) as $test) {
            if (isset($done[$test->id]) || ($noOpening && !$test->watched->isFixture())) {
                continue;
            }
            $best['test'] = self::better($best['test'] ?? null, $triage, $checks->test($test), $test);
        }
        usort($best, static fn (PromisingCheck $a, PromisingCheck $b) => $b->gain <=> $a->gain);

        return array_map(
            static fn (PromisingCheck $next) => new NextCheck($next->check->id, $next->test, $next->gain, $triage->meanings($next->check)),
            $best,
        );
    }

    private static function better(?PromisingCheck $best, Triage $triage, Check $check, ?MadeTest $test): PromisingCheck
    {
        $gain = $triage->expectedGain($check);

        return null === $best || $gain > $best->gain + 1e-12 ? new PromisingCheck($check, $test, $gain) : $best;
    }

    /**
     * @param list<Point> $points
     *
     * @return list<MadeTest> those whose places are still on the map
     */
    private static function madeTests(Job $job, array $points): array
    {
        $byId = array_column(array_map(static fn (Point $point) => [$point->id, $point], $points), 1, 0);
        $tests = [];
        foreach ($job->site()->tests() as $test) {
            if (isset($byId[$test->run], $byId[$test->watched])) {
                $tests[] = new MadeTest($byId[$test->run], $byId[$test->watched], $test->answer()->value);
            }
        }

        return $tests;
    }

    private static function from(Job $job, Sketch $sketch): ?string
    {
        $chosen = $job->chosenOpening()?->node();

        return null !== $chosen && isset($sketch->nodes[$chosen]) ? $chosen : (array_key_first($sketch->openings()));
    }
}
