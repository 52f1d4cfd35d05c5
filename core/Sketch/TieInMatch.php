<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;

/** Which tie-in that a run saw is which junction of the map. */
final readonly class TieInMatch
{
    /** Two places of a run and of the map may be this far apart and still be the same: metres, and share of the distance. */
    private const SAME_M = 2.0;
    private const SAME_SHARE = 0.25;

    /** @var array<string, Finding> what the run saw, by the junction or opening of the map */
    public array $matched;

    /** @var list<Finding> tie-ins that the map does not have */
    public array $unmatched;

    /**
     * Tie-ins and openings seen, and the junctions and openings on the way, in order, each with the nearest that is near enough.
     *
     * @param list<Finding> $findings of the run
     */
    public function __construct(Sketch $sketch, array $findings, RunWay $way)
    {
        $places = [];
        foreach ($way->spans as $span) {
            $node = $sketch->nodes[$span->end()];
            if (NodeKind::Opening === $node->kind || NodeKind::Junction === $node->kind && \count($sketch->above($node->id)) > 1) {
                $places[] = new PlaceOnRun($node, $span->to);
            }
        }
        $matched = $left = [];
        $next = 0;
        foreach ($findings as $finding) {
            if (Kind::TieIn !== $finding->kind && Kind::OpeningSeen !== $finding->kind) {
                continue;
            }
            $best = self::placeFor($finding, $places, $next);
            if (null !== $best) {
                $matched[$places[$best]->node->id] = $finding;
                $next = $best + 1;
            } elseif (Kind::TieIn === $finding->kind) {
                $left[] = $finding;
            }
        }

        $this->matched = $matched;
        $this->unmatched = $left;
    }

    /** @param list<PlaceOnRun> $places */
    private static function placeFor(Finding $finding, array $places, int $next): ?int
    {
        $best = null;
        for ($i = $next, $count = \count($places); $i < $count; ++$i) {
            $node = $places[$i]->node;
            $at = $places[$i]->at;
            // An accepted proposal has put this very tie-in on the map.
            if ($node->id === 'seen-'.$finding->id.'-join') {
                return $i;
            }
            $isSameKind = (NodeKind::Opening === $node->kind) === (Kind::OpeningSeen === $finding->kind);
            $apart = abs($at - $finding->from->metres);
            if ($isSameKind
                && !str_starts_with($node->id, 'seen-')
                && $apart <= max(self::SAME_M, self::SAME_SHARE * $at)
                && (null === $best || $apart < abs($places[$best]->at - $finding->from->metres))
            ) {
                $best = $i;
            }
        }

        return $best;
    }
}
