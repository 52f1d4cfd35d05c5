<?php

declare(strict_types=1);

namespace Jurvex\Core\Reel;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Length;

/**
 * The open text format of reels, a line for each reading: `time_s,distance_m,tilt_deg,roll_deg,flags`, or the same names as a
 * JSON object. A line of names says in which order the columns below it come, and whether the distance is in metres or, as
 * `distance_ft`, in feet. Tilt and roll may be left out. Flags stand between spaces: `lens=0.35`, `sonde`, `stop`. A line that
 * begins with # says nothing.
 */
final class ReadingFormat
{
    public const HEADING = 'time_s,distance_m,tilt_deg,roll_deg,flags';
    private const COLUMNS = ['time_s', 'distance_m', 'tilt_deg', 'roll_deg', 'flags'];
    /** A line of names holds no number. */
    private const NAMES = '/^[a-z][^\d]*$/i';
    private const FEET = 'distance_ft';
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
        $columns = self::COLUMNS;
        foreach (preg_split('/\R/', $text) ?: [] as $i => $line) {
            $line = trim($line);
            $reading = null;
            try {
                if (self::isNames($line)) {
                    $columns = self::named($line);
                } else {
                    $reading = self::line($line, $columns);
                }
            } catch (BadInput $error) {
                throw new BadInput($error->reason, 'line '.($i + 1), $error->allowed);
            }
            if (null !== $reading) {
                $readings[] = $reading;
            }
        }

        return $readings;
    }

    /** Whether a line names the columns below it. */
    public static function hasNames(string $text): bool
    {
        return [] !== array_filter(array_map(trim(...), preg_split('/\R/', $text) ?: []), self::isNames(...));
    }

    private static function isNames(string $line): bool
    {
        return 1 === preg_match(self::NAMES, $line);
    }

    /**
     * @return list<string> the columns that a line names
     *
     * @throws BadInput for a name that is not known, one that is there twice, and without a time or a distance
     */
    private static function named(string $line): array
    {
        $names = array_map(static fn (string $name) => strtolower(trim($name)), explode(',', $line));
        $known = [...self::COLUMNS, self::FEET];
        if ([] !== array_diff($names, $known)) {
            throw BadInput::unknownValue('line', $known);
        }
        $plain = array_map(static fn (string $name) => self::FEET === $name ? 'distance_m' : $name, $names);
        if ($plain !== array_unique($plain) || [] !== array_diff(['time_s', 'distance_m'], $plain)) {
            throw BadInput::missing('line');
        }

        return $names;
    }

    /**
     * @param list<string> $columns
     *
     * @return ?Reading none for a line that says nothing
     *
     * @throws BadInput
     */
    private static function line(string $line, array $columns): ?Reading
    {
        if ('' === $line || '#' === $line[0]) {
            return null;
        }

        return '{' === $line[0] ? self::json($line) : self::cells(explode(',', $line), $columns);
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

    /**
     * @param list<string> $cells
     * @param list<string> $columns
     */
    private static function cells(array $cells, array $columns): Reading
    {
        $values = [];
        foreach ($columns as $i => $name) {
            $cell = trim($cells[$i] ?? '');
            if ('' !== $cell) {
                $values[$name] = 'flags' !== $name && is_numeric($cell) ? (float) $cell : $cell;
            }
        }
        $flags = $values['flags'] ?? '';

        return self::values($values, explode(' ', \is_string($flags) ? $flags : ''));
    }

    /**
     * @param array<mixed> $values
     * @param array<string> $flags
     */
    private static function values(array $values, array $flags): Reading
    {
        if (\is_float($values[self::FEET] ?? null) || \is_int($values[self::FEET] ?? null)) {
            $values['distance_m'] = Length::feet((float) $values[self::FEET])->metres;
        }
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
