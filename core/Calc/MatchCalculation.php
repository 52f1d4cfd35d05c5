<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Compare\Comparison;
use Jurvex\Core\Compare\Extent;
use Jurvex\Core\Compare\FateOf;
use Jurvex\Core\Compare\Feature;
use Jurvex\Core\Compare\FeatureKind;
use Jurvex\Core\Compare\Seen;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;

/** Two looks at the same stretch laid over each other. */
final class MatchCalculation implements Calculation
{
    private const FARTHEST_M = 10_000;

    public function name(): string
    {
        return 'match';
    }

    public function calculate(Input $input): array
    {
        $comparison = Comparison::of(self::seen($input->object('before')), self::seen($input->object('after')));
        $fates = array_map(static fn (FateOf $each) => [
            'before' => $each->before?->id, 'after' => $each->after?->id, 'fate' => $each->fate->value,
        ], $comparison->fates);
        usort($fates, static fn (array $one, array $other) => strcmp((string) $one['before'], (string) $other['before'])
            ?: strcmp((string) $one['after'], (string) $other['after']));

        return [
            'shift_m' => $comparison->fit->shift, 'stretch' => $comparison->fit->stretch, 'pairs' => \count($comparison->fit->pairs),
            'rms_m' => $comparison->fit->rms(), 'fates' => $fates,
        ];
    }

    private static function seen(Input $look): Seen
    {
        $known = [];
        $findings = [];
        foreach ($look->objects('findings') as $given) {
            $finding = Finding::read($given);
            if (isset($known[$finding->id])) {
                throw new BadInput('unknown_value', $given->at('id'));
            }
            $known[$finding->id] = true;
            $findings[] = $finding;
        }

        return new Seen(
            array_map(static fn (Input $each) => new Feature(
                $each->choice('kind', FeatureKind::class), $each->number('at_m', 0, self::FARTHEST_M),
            ), $look->objects('features')),
            $findings,
            array_map(self::extent(...), $look->has('unseen') ? $look->objects('unseen') : []),
        );
    }

    private static function extent(Input $given): Extent
    {
        $from = $given->number('from_m', 0, self::FARTHEST_M);
        $to = $given->number('to_m', 0, self::FARTHEST_M);

        return $to < $from ? throw new BadInput('end_before_start', $given->at('to_m')) : new Extent($from, $to);
    }
}
