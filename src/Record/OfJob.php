<?php

declare(strict_types=1);

namespace App\Record;

/** An entry with an identifier and a job of its own. */
trait OfJob
{
    public function id(): string
    {
        return $this->id;
    }

    public function job(): Job
    {
        return $this->job;
    }
}
