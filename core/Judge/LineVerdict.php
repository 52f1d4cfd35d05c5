<?php

declare(strict_types=1);

namespace Jurvex\Core\Judge;

use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\Boundary;
use Jurvex\Core\Run\Coverage;
use Jurvex\Core\Run\Division;
use Jurvex\Core\Run\RunRecord;

/** The line's verdict, stretch by stretch: from the opening to a tie-in, from there to a transition, and so on to the main. */
final readonly class LineVerdict
{
    /** @param list<Stretch> $stretches */
    private function __construct(public array $stretches, public Coverage $coverage)
    {
    }

    /** @param array<string, Judgement> $judgements by finding */
    public static function of(RunRecord $run, array $judgements): self
    {
        $coverage = Coverage::of($run);
        $found = array_map(
            static fn (Finding $finding) => new PlacedVerdict(
                $finding->id, $finding->from, $finding->end(), Verdict::on($judgements[$finding->id]),
            ),
            $run->findings,
        );

        return new self(
            Stretches::between(self::divisions($run), $found, $coverage->gaps(), $run->reached, $coverage->openEnded), $coverage,
        );
    }

    public function whole(): Verdict
    {
        return array_reduce(
            $this->stretches,
            static fn (Verdict $worst, Stretch $stretch) => $worst->worse($stretch->verdict),
            Verdict::Passes,
        );
    }

    /** @return non-empty-list<Division> */
    private static function divisions(RunRecord $run): array
    {
        $divisions = [new Division(Length::metres(0), Boundary::Zero)];
        foreach ($run->findings as $finding) {
            $boundary = Boundary::at($finding->kind);
            $last = $divisions[\count($divisions) - 1]->at;
            if (null !== $boundary && $finding->from->compareTo($last) > 0 && $finding->from->compareTo($run->reached) < 0) {
                $divisions[] = new Division($finding->from, $boundary);
            }
        }
        $divisions[] = new Division($run->reached, Boundary::ofRun($run->ended));
        if ($run->length()->compareTo($run->reached) > 0) {
            $divisions[] = new Division($run->length(), Boundary::LineEnd);
        }

        return $divisions;
    }
}
