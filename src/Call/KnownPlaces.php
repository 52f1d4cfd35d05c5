<?php

declare(strict_types=1);

namespace App\Call;

use App\Firm\Firm;
use App\Record\Job;
use App\Record\JobRepository;
use App\Record\Property;
use App\Work\Guarantees;
use Psr\Clock\ClockInterface;

/** Whose call it may be: the firm's properties whose place, customer or number has what was typed so far. */
final readonly class KnownPlaces
{
    private const MOST = 4;
    private const LEAST_LETTERS = 3;

    public function __construct(private JobRepository $jobs, private ClockInterface $clock)
    {
    }

    /** @return list<KnownPlace> the latest worked at first */
    public function of(Firm $firm, string $typed): array
    {
        if (mb_strlen(trim($typed)) < self::LEAST_LETTERS) {
            return [];
        }
        $places = [];
        foreach ($this->jobs->search($firm, trim($typed)) as $job) {
            $places[$job->property()->id] ??= $job->property();
            if (self::MOST === \count($places)) {
                break;
            }
        }

        return array_values(array_filter(array_map(
            fn (Property $property) => $this->known($this->jobs->ofProperty($property), $firm), array_values($places),
        )));
    }

    /** @param list<Job> $jobs at the property, newest first */
    private function known(array $jobs, Firm $firm): ?KnownPlace
    {
        if ([] === $jobs) {
            return null;
        }
        foreach ($jobs as $job) {
            if (Guarantees::hasCleared($job)) {
                $at = Guarantees::clearedAt($job);

                return new KnownPlace($jobs[0], $job, $at, $at >= Guarantees::since($firm, $this->clock->now()));
            }
        }

        return new KnownPlace($jobs[0], null, null, false);
    }
}
