<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Looks\Look;
use Jurvex\Core\Looks\PlacedFinding;
use Jurvex\Core\Looks\SeenSpan;
use Jurvex\Core\Looks\UnitedFinding;
use Jurvex\Core\Looks\UnitedLine;
use Jurvex\Core\Run\Sight;

/** Several looks at a line as one record of it. */
final class UniteCalculation implements Calculation
{
    private const SIGHTS = ['clear' => Sight::Seen, 'dim' => Sight::Dim, 'submerged' => Sight::Submerged];
    private const FARTHEST_M = 10_000;

    public function name(): string
    {
        return 'unite';
    }

    public function calculate(Input $input): array
    {
        $looks = [];
        foreach ($input->objects('looks') as $given) {
            $look = self::look($given);
            if (isset($looks[$look->id])) {
                throw new BadInput('unknown_value', $given->at('id'));
            }
            $looks[$look->id] = $look;
        }
        $samePlace = $input->optionalNumber('same_place_m', 0, self::FARTHEST_M) ?? UnitedLine::SAME_PLACE_M;
        $line = new UnitedLine(array_values($looks), $samePlace);

        return ['findings' => array_map(self::plain(...), $line->findings), 'coverage' => array_map(
            static fn (SeenSpan $span) => [
                'pipe' => $span->pipe, 'from_m' => $span->from, 'to_m' => $span->to,
                'sight' => array_search($span->sight, self::SIGHTS, true),
            ],
            $line->coverage,
        )];
    }

    private static function look(Input $look): Look
    {
        $spans = array_map(static function (Input $span): SeenSpan {
            $from = $span->number('from_m', 0, self::FARTHEST_M);
            $to = $span->number('to_m', 0, self::FARTHEST_M);
            if ($to < $from) {
                throw new BadInput('end_before_start', $span->at('to_m'));
            }

            return new SeenSpan($span->text('pipe'), $from, $to, self::SIGHTS[$span->word('sight', ...array_keys(self::SIGHTS))]);
        }, $look->objects('spans'));

        $findings = array_map(
            static fn (Input $given) => new PlacedFinding($given->text('pipe'), Finding::read($given)), $look->objects('findings'),
        );

        return new Look($look->text('id'), $look->number('at'), $spans, $findings);
    }

    /** @return array<string, mixed> */
    private static function plain(UnitedFinding $thing): array
    {
        $plain = $thing->newest->finding->plain();

        return ['sightings' => $thing->sightings, 'pipe' => $thing->newest->pipe]
            + array_intersect_key($plain, array_flip(['kind', 'from_m', 'to_m', 'size', 'unit'])) + ['gone_since' => $thing->goneSince];
    }
}
