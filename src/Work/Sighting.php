<?php

declare(strict_types=1);

namespace App\Work;

use Jurvex\Core\Finding\Finding;

/** One time that something in the line was seen: the run and the finding logged on it. */
final readonly class Sighting
{
    public function __construct(public JudgedRun $line, public Finding $finding)
    {
    }
}
