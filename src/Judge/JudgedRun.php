<?php

declare(strict_types=1);

namespace App\Judge;

use App\Look\Run;
use Jurvex\Core\Judge\Judgement;
use Jurvex\Core\Judge\LineVerdict;
use Jurvex\Core\Judge\Need;
use Jurvex\Core\Run\RunRecord;

/** A run with what its findings mean. */
final readonly class JudgedRun
{
    public LineVerdict $verdict;

    /**
     * @param array<string, Judgement> $judgements   by finding
     * @param list<string>             $photographed findings that have a picture
     */
    public function __construct(public Run $run, public RunRecord $record, public array $judgements, public array $photographed)
    {
        $this->verdict = LineVerdict::of($record, $judgements);
    }

    /** How many findings have a class. */
    public function count(Need $need): int
    {
        return \count(array_filter($this->judgements, static fn (Judgement $judgement) => $judgement->counts() === $need));
    }

    /** How many findings wait for another look. */
    public function waiting(): int
    {
        return \count(array_filter($this->judgements, static fn (Judgement $judgement) => $judgement->asksForAnotherLook()));
    }
}
