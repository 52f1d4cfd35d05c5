<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\Run;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Judge\Judgement;

/** One thing in the line of a property, united from all looks. */
final readonly class LineFinding
{
    public Finding $finding;

    public JudgedRun $line;

    /**
     * @param Sighting $newest the reading that counts
     * @param non-empty-list<Sighting> $sightings in the order of the looks
     * @param Judgement $judgement of the newest reading, with the technician's own class from any sighting
     * @param ?Run $goneSince the look that saw its place well and found it no more
     */
    public function __construct(
        public Sighting $newest, public array $sightings, public Judgement $judgement, public ?Run $goneSince = null,
    ) {
        $this->finding = $newest->finding;
        $this->line = $newest->line;
    }
}
