<?php

declare(strict_types=1);

namespace App\Judge;

use Jurvex\Core\Judge\School;

/** By which school a job is judged in one question. */
final readonly class SchoolChoice
{
    /**
     * @param string $name of the question and its field: water or roots
     * @param School $firms by which the firm judges
     * @param ?School $chosen for this job; none is the firm's
     */
    public function __construct(public string $name, public School $firms, public ?School $chosen)
    {
    }
}
