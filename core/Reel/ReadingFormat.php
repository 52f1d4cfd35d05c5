<?php

declare(strict_types=1);

namespace Jurvex\Core\Reel;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;

/**
 * The open text format of reels, a line for each reading: `time_s,distance_m,tilt_deg,roll_deg,flags`, or the same names as a JSON object.
 * Tilt and roll may be empty. Flags stand between spaces: `lens=0.35`, `sonde`, `stop`. A line that begins with # or
 * with `time_s` says nothing.
 */
final class ReadingFormat
{
    public const HEADING = 'time_s,distance_m,tilt_deg,roll_deg,flags';
    private const FARTHEST_M = 10_000;
    private const LONGEST_S = 604_800;

    /**
     * @return list<Reading> in the order of the lines
     *
     * @throws BadInput at `line N` for the first line that cannot be read
     */
    public static function read(string $text): array
    {
        $readings = [];
        foreach (preg_split('/\R/', $text) ?: [] as $i => $line) {
            try {
                $reading = self::line(trim($line));
            } catch (BadInput $error) {
                throw new BadInput($error->reason, 'line '.($i + 1), $error->allowed);
            }
            if (null !== $reading) {
                $readings[] = $reading;
            }
        }

        return $readings;
    }

    /**
     * @return ?Reading none for a line that says nothing
     *
     * @throws BadInput
     */
    public static function line(string $line): ?Reading
    {
        if ('' === $line || '#' === $line[0] || str_starts_with($line, 'time_s')) {
            return null;
        }

        return '{' === $line[0] ? self::json($line) : self::cells(explode(',', $line));
    }

    public static function write(Reading $reading): string
    {
        $flags = array_filter([
            null === $reading->lens ? '' : 'lens='.round($reading->lens, 2),
            $reading->sonde ? 'sonde' : '',
            $reading->stopped ? 'stop' : '',
        ]);

        return implode(',', [
            round($reading->seconds, 2), round($reading->metres, 3),
            null === $reading->tilt ? '' : round($reading->tilt, 3),
            null === $reading->roll ? '' : round($reading->roll, 1), implode(' ', $flags),
        ]);
    }

    private static function json(string $line): Reading
    {
        $values = json_decode($line, true);
        if (!\is_array($values)) {
            throw new BadInput('not_json', 'line');
        }
        $flags = $values['flags'] ?? [];

        return self::values(
            $values,
            \is_string($flags) ? explode(' ', $flags) : array_filter(\is_array($flags) ? $flags : [], \is_string(...)),
        );
    }

    /** @param list<string> $cells */
    private static function cells(array $cells): Reading
    {
        $values = [];
        foreach (['time_s', 'distance_m', 'tilt_deg', 'roll_deg'] as $i => $name) {
            $cell = trim($cells[$i] ?? '');
            if ('' !== $cell) {
                $values[$name] = is_numeric($cell) ? (float) $cell : $cell;
            }
        }

        return self::values($values, explode(' ', trim($cells[4] ?? '')));
    }

    /**
     * @param array<mixed> $values
     * @param array<string> $flags
     */
    private static function values(array $values, array $flags): Reading
    {
        $input = new Input($values);
        $lens = null;
        foreach ($flags as $flag) {
            if (str_starts_with($flag, 'lens=')) {
                $share = substr($flag, 5);
                $lens = (new Input(['lens' => is_numeric($share) ? (float) $share : $share]))->number('lens', -1, 1);
            }
        }

        return new Reading(
            $input->number('time_s', 0, self::LONGEST_S), $input->number('distance_m', 0, self::FARTHEST_M),
            $input->optionalNumber('tilt_deg', -90, 90), $input->optionalNumber('roll_deg', -360, 360), $lens,
            \in_array('sonde', $flags, true), \in_array('stop', $flags, true),
        );
    }
}
