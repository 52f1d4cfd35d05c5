<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\FlowResult;
use App\Record\FlowTest;
use App\Record\Job;
use App\Record\Pass;
use App\Record\Tool;
use Jurvex\Core\Clear\ClearedStep;
use Jurvex\Core\Clear\Head;
use Jurvex\Core\Measure\Length;

/** What of "cleared" is done, and what is still owed. */
final readonly class ClearedProof
{
    /** A tool this near is out. */
    private const OUT_M = 0.05;
    /** By so much a forecast and a hose mark may differ. */
    private const FORECAST_M = 1.0;

    /** @var list<ClearedStep> */
    public array $owed;

    /** @var list<Pass> passes whose tool, by map and kit, cannot have been where it is said to have come */
    public array $doubted;

    /**
     * @param Length $past how far the tool should have come, from the foot of the drop
     * @param \Closure(Head): ?float $farthest metres from the foot of the drop beyond which no such head of the kit fits or is long
     *                                         enough; none where nothing is known against it
     */
    public function __construct(Job $job, public Length $past, \Closure $farthest)
    {
        $passes = $job->passes();
        $last = end($passes);
        // From another opening it is another zero.
        $here = array_values(array_filter($passes, static fn (Pass $pass) => $pass->opening === $job->chosenOpening()));
        $this->doubted = array_values(array_filter($here, static fn (Pass $pass) => self::isDoubted($pass, $farthest)));
        $counted = array_filter($here, fn (Pass $pass) => !\in_array($pass, $this->doubted, true));
        $deepest = max([0.0, ...array_map(self::deepest(...), $counted)]);
        $long = $job->firm->clearTables()->cable['test_min'];
        $good = array_filter(
            $job->flowTests(),
            static fn (FlowTest $test) => FlowResult::Holds === $test->details()->result && ($test->details()->minutes ?? 0.0) >= $long,
        );
        $isCabled = [] !== array_filter($passes, static fn (Pass $pass) => Tool::Cable === $pass->details()->tool);
        $this->owed = ClearedStep::owed(
            Length::metres($deepest), $past, \count($good),
            false !== $last && null === $job->openPass() && $last->details()->outM <= self::OUT_M,
            !$isCabled || '' !== trim($job->outcome()->clearedNote()),
            self::isLookedAt($job),
        );
    }

    private static function deepest(Pass $pass): float
    {
        return $pass->alongTheLine($pass->details()->inM ?? 0.0)->metres;
    }

    /** @param \Closure(Head): ?float $farthest */
    private static function isDoubted(Pass $pass, \Closure $farthest): bool
    {
        $head = $pass->details()->headClass;
        $most = null === $head ? null : $farthest($head);

        return null !== $most && self::deepest($pass) > $most + self::FORECAST_M;
    }

    /** Whether a camera look was made after the last pass. */
    public static function isLookedAt(Job $job): bool
    {
        $passes = $job->passes();
        $last = end($passes);
        $runs = $job->runs();
        $run = end($runs);

        return false !== $last && false !== $run && $run->startedAt >= $last->loggedAt;
    }

    public function isOwed(ClearedStep $step): bool
    {
        return \in_array($step, $this->owed, true);
    }

    /** @return list<ClearedStep> */
    public static function steps(): array
    {
        return ClearedStep::cases();
    }
}
