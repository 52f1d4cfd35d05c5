<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\RunRecord;

/** What a run would come by, from the map alone: materials, bends and tie-ins, all of them only likely. */
final class ExpectedRun
{
    /** @return ?RunRecord none when the way leads nowhere */
    public static function on(Sketch $sketch, RunWay $way): ?RunRecord
    {
        if ([] === $way->spans) {
            return null;
        }
        $findings = [];
        $before = null;
        foreach ($way->spans as $i => $span) {
            $pipe = $span->pipe;
            if (null !== $before && [$before->material, $before->bore->value] !== [$pipe->material, $pipe->bore->value]) {
                $findings[] = self::finding('change-'.$i, Kind::Transition, $span->from, [
                    'size' => $pipe->bore->value,
                    'facts' => ['material_after' => $pipe->material->value],
                ]);
            }
            foreach ($pipe->bends as $j => $bend) {
                $at = $span->down ? $bend->at : $pipe->length->value - $bend->at;
                $findings[] = self::finding('bend-'.$i.'-'.$j, Kind::Bend, $span->from + $at, ['size' => $bend->degrees]);
            }
            $end = $span->end();
            if (NodeKind::Junction === $sketch->nodes[$end]->kind && \count($sketch->above($end)) > 1) {
                $findings[] = self::finding('join-'.$i, Kind::TieIn, $span->to, []);
            }
            $before = $pipe;
        }
        $first = $way->spans[0]->pipe;

        return new RunRecord(
            $findings, $first->material, Length::millimetres($first->bore->value), $way->travel,
            Length::metres($way->end()), onlyExpected: true,
        );
    }

    /** @param array<string, mixed> $more */
    private static function finding(string $id, Kind $kind, float $at, array $more): Finding
    {
        return Finding::read(new Input(['id' => $id, 'kind' => $kind->value, 'from_m' => $at, 'sureness' => 'likely', ...$more]));
    }
}
