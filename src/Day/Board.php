<?php

declare(strict_types=1);

namespace App\Day;

use App\Firm\Account;
use App\Record\Job;
use App\Record\Week;

/** A week by day and person. */
final readonly class Board
{
    /** Where a job stands that nobody has been given yet. */
    public const NOBODY = '';

    /**
     * @param list<Account> $people who can go
     * @param array<string, array<string, list<Job>>> $cells in their order, by person and day
     * @param list<Job> $undated jobs without a day
     * @param string $told what somebody else did meanwhile; empty where nobody did
     */
    private function __construct(
        public Week $week, public array $people, private array $cells, public array $undated, public string $told,
    ) {
    }

    /**
     * @param list<Account> $people
     * @param list<Job> $jobs of the week, in their order
     * @param list<Job> $undated
     */
    public static function of(Week $week, array $people, array $jobs, array $undated, string $told = ''): self
    {
        $cells = [];
        foreach ($jobs as $job) {
            $cells[$job->assignee()->id ?? self::NOBODY][(string) $job->call()->plannedOn?->format('Y-m-d')][] = $job;
        }

        return new self($week, $people, $cells, $undated, $told);
    }

    /** @return list<Job> in the order in which they are driven to */
    public function at(string $person, \DateTimeImmutable $day): array
    {
        return $this->cells[$person][$day->format('Y-m-d')] ?? [];
    }

    /** Where a job stands, as whoever moves it has seen it. */
    public static function seen(Job $job): string
    {
        return implode('|', [$job->call()->plannedOn?->format('Y-m-d') ?? '', $job->assignee()->id ?? self::NOBODY, $job->call()->turn]);
    }
}
