<?php

declare(strict_types=1);

namespace App\Work;

use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Run\Boundary;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Site\DrawnBranch;
use Jurvex\Core\Site\GroundLine;
use Jurvex\Core\Sketch\Node;
use Jurvex\Core\Sketch\Pipe;
use Jurvex\Core\Sketch\RunSpan;
use Jurvex\Core\Sketch\RunWay;
use Jurvex\Core\Sketch\Sketch;

/** What ties in between two marks, as the camera saw it or as the map has it. */
final readonly class BranchesOnSite
{
    /** The camera and the map mean the same tie-in. */
    public const SAME_M = 0.5;

    /**
     * @param list<MarkOnSite> $marks of the run
     *
     * @return list<DrawnBranch>
     */
    public static function of(Sketch $sketch, array $marks, RunRecord $record, ?RunWay $way): array
    {
        $line = new GroundLine(array_values(array_filter(array_map(static fn (MarkOnSite $mark) => $mark->placed(), $marks))));
        $seen = array_filter($record->findings, static fn ($finding) => Kind::TieIn === $finding->kind);
        $ties = array_map(static fn ($finding) => [$finding->from->metres, $finding->fact(Fact::Whose) ?? ''], array_values($seen));
        foreach ($way->spans ?? [] as $span) {
            $isSeen = [] !== array_filter($ties, static fn (array $tie) => abs($tie[0] - $span->to) <= self::SAME_M);
            if (Boundary::TieIn === $span->ends && !$isSeen) {
                $ties[] = [$span->to, self::from($sketch, $span, $way)];
            }
        }
        $branches = [];
        foreach ($ties as [$at, $name]) {
            $place = $line->at($at);
            null === $place || $branches[] = new DrawnBranch($name, $at, $place);
        }

        return $branches;
    }

    /** What drains through the pipes that join at the far end of a span and that the run does not come through. */
    private static function from(Sketch $sketch, RunSpan $span, ?RunWay $way): string
    {
        $ours = array_map(static fn (RunSpan $each) => $each->pipe, $way->spans ?? []);
        $open = array_filter($sketch->above($span->end()), static fn (Pipe $pipe) => !\in_array($pipe, $ours, true));
        $places = [];
        while ([] !== $open) {
            $node = $sketch->nodes[array_shift($open)->from];
            !$node->isPlace() || $places[] = $node;
            array_push($open, ...$sketch->above($node->id));
        }

        return implode(', ', array_filter(array_map(static fn (Node $node) => $node->name, $places)));
    }
}
