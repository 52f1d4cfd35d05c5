<?php

declare(strict_types=1);

namespace App\Record;

/** What belongs to one job's record: every change of it is kept as a correction of that job. */
interface JobEntry
{
    public function id(): string;

    public function job(): Job;
}
