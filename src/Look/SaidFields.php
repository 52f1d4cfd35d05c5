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

    private static function metres(?float $metres): string
    {
        return null === $metres ? '' : \sprintf('%.3f m', $metres);
    }

    private static function size(?float $size, ?SizeUnit $unit): string
    {
        return null === $size || null === $unit ? '' : round($size, 3).self::UNITS[$unit->value];
    }

    private static function clock(?float $hours): string
    {
        return null === $hours ? '' : \sprintf('%d:%02d', (int) $hours, (int) round(60 * ($hours - (int) $hours)));
    }
}
