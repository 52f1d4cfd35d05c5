<?php

declare(strict_types=1);

namespace App\Look;

use Jurvex\Core\Measure\SizeUnit;
use Jurvex\Core\Say\Entry;

/** What was said, as the fields of the Look bench have it. */
final class SaidFields
{
    private const UNITS = ['percent' => '%', 'mm' => ' mm', 'degrees' => '°'];

    /** @return array<string, mixed> */
    public static function of(Entry $entry, string $note, int $enteredAtMs): array
    {
        return [
            'kind' => $entry->kind, 'from' => self::metres($entry->fromM), 'to' => self::metres($entry->toM),
            'size' => self::size($entry->size, $entry->unit), 'sureness' => $entry->sureness->value, 'note' => $note,
            'clock_from' => self::clock($entry->clockFrom), 'clock_to' => self::clock($entry->clockTo), 'facts' => $entry->facts,
            'entered_at' => (string) $enteredAtMs,
        ];
    }

    /**
     * The same as the Look bench holds an entry that is being given, to be changed there.
     *
     * @param string $size as it is typed in the kind's own unit
     * @param \Closure(float): string $reading what the counter reads at a distance in metres, as it is typed
     *
     * @return array<string, mixed>
     */
    public static function onTheBench(Entry $entry, string $size, string $note, \Closure $reading): array
    {
        $isStretch = null !== $entry->toM;

        return [
            'kind' => $entry->kind, 'at' => $reading((float) ($entry->toM ?? $entry->fromM)),
            'start' => $isStretch ? $reading((float) $entry->fromM) : '', 'end' => $isStretch ? $reading((float) $entry->toM) : '',
            'size' => $size, 'sure' => $entry->sureness->value, 'from' => $entry->clockFrom,
            'to' => $entry->clockTo, 'answers' => (object) $entry->facts, 'note' => $note,
        ];
    }

    private static function metres(?float $metres): string
    {
        return null === $metres ? '' : \sprintf('%.3f m', $metres);
    }

    public static function size(?float $size, ?SizeUnit $unit): string
    {
        return null === $size || null === $unit ? '' : round($size, 3).self::UNITS[$unit->value];
    }

    private static function clock(?float $hours): string
    {
        return null === $hours ? '' : \sprintf('%d:%02d', (int) $hours, (int) round(60 * ($hours - (int) $hours)));
    }
}
