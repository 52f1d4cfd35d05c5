<?php

declare(strict_types=1);

namespace App\Mark;

use App\Support\Files\Csv;
use App\Work\MarkedGround;

/** A job's marks with what they were taped from, a row each tie, in metres. */
final readonly class TiesCsv
{
    private const COLUMNS = [
        'mark', 'along_m', 'from_opening', 'way', 'depth_m', 'spread_m', 'taped_from', 'taped_m', 'x_m', 'y_m', 'error_m',
    ];

    public static function write(MarkedGround $ground): string
    {
        $rows = [self::COLUMNS];
        foreach ($ground->marks as $on) {
            $mark = $on->mark;
            $tied = $on->placing->tied;
            $beginning = [
                $on->label, (string) $on->along(), $mark->run->opening->details()->place, $mark->run->details()->travel->value,
                (string) $mark->depth()->median()->metres, (string) round($mark->depth()->spread()->metres, 4),
            ];
            $end = null === $tied ? ['', '', ''] : [
                (string) round($tied->place->x, 3), (string) round($tied->place->y, 3),
                null === $tied->error ? '' : (string) round($tied->error, 3),
            ];
            foreach ($mark->details()->taped() ?: [null] as $tie) {
                $rows[] = [...$beginning, $tie->name ?? '', null === $tie ? '' : (string) $tie->taped->metres, ...$end];
            }
        }

        return Csv::write($rows);
    }
}
