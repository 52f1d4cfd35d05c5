<?php

declare(strict_types=1);

namespace App\Work;

use App\Firm\Firm;
use App\Record\Cleared;
use App\Record\Job;
use App\Record\JobRepository;
use App\Record\Why;

/** Whether a stoppage comes at a property that the firm cleared not long ago. */
final readonly class Guarantees
{
    public function __construct(private JobRepository $jobs)
    {
    }

    /** @return ?Job the last one that cleared the line there within the firm's time before; none for a call of another kind */
    public function of(Job $job): ?Job
    {
        if (!\in_array($job->call()->why, [Why::Stoppage, Why::RepeatStoppage], true)) {
            return null;
        }
        $since = self::since($job->firm, $job->openedAt);
        foreach ($this->jobs->ofProperty($job->property()) as $other) {
            // Its passes are asked for only then.
            if ($other->openedAt < $job->openedAt && self::hasCleared($other) && self::clearedAt($other) >= $since) {
                return $other;
            }
        }

        return null;
    }

    /** Wholly or partly. */
    public static function hasCleared(Job $job): bool
    {
        return \in_array($job->outcome()->cleared(), [Cleared::Yes, Cleared::Partly], true);
    }

    /** What was cleared from then on is within the firm's time. */
    public static function since(Firm $firm, \DateTimeImmutable $before): \DateTimeImmutable
    {
        return $before->modify('-'.$firm->guaranteeMonths().' months');
    }

    /** When a job cleared: by its last pass, else when it was opened. */
    public static function clearedAt(Job $job): \DateTimeImmutable
    {
        $passes = $job->passes();

        return [] === $passes ? $job->openedAt : $passes[\count($passes) - 1]->loggedAt;
    }
}
