<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\FlowResult;
use App\Record\FlowTest;
use App\Record\Job;
use App\Record\Pass;
use App\Record\Tool;
use Jurvex\Core\Clear\ClearedStep;
use Jurvex\Core\Measure\Length;

/** What of "cleared" is done, and what is still owed. */
final readonly class ClearedProof
{
    /** A tool this near is out. */
    private const OUT_M = 0.05;

    /** @var list<ClearedStep> */
    public array $owed;

    /** @param Length $past how far the tool should have come */
    public function __construct(Job $job, public Length $past)
    {
        $passes = $job->passes();
        $last = end($passes);
        $deepest = max([0.0, ...array_map(static fn (Pass $pass) => $pass->details()->inM ?? 0.0, $passes)]);
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
