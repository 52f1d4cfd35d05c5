<?php

declare(strict_types=1);

namespace Jurvex\Core\Cable;

use Jurvex\Core\Measure\Length;

/** Which cable suits which bore: the house table. */
final readonly class CableSizes
{
    /** Up to this bore, from the thinnest to the thickest cable; in mm. */
    public const USUAL = [
        ['bore_mm' => 50.0, 'from_mm' => 8.0, 'to_mm' => 10.0],
        ['bore_mm' => 75.0, 'from_mm' => 13.0, 'to_mm' => 13.0],
        ['bore_mm' => 100.0, 'from_mm' => 16.0, 'to_mm' => 16.0],
        ['bore_mm' => 150.0, 'from_mm' => 19.0, 'to_mm' => 19.0],
    ];

    /** @var non-empty-list<array{bore_mm: float, from_mm: float, to_mm: float}> narrowest first */
    public array $rows;

    /** @param non-empty-list<array{bore_mm: float, from_mm: float, to_mm: float}> $rows */
    public function __construct(array $rows = self::USUAL)
    {
        usort($rows, static fn (array $a, array $b) => $a['bore_mm'] <=> $b['bore_mm']);
        $this->rows = $rows;
    }

    /** @return array{Length, Length} thinnest and thickest for a bore; beyond the table that of its widest bore */
    public function of(Length $bore): array
    {
        $fits = array_values(array_filter($this->rows, static fn (array $row) => $bore->inMillimetres() <= $row['bore_mm'] + 1e-9));
        $row = $fits[0] ?? $this->rows[\count($this->rows) - 1];

        return [Length::millimetres($row['from_mm']), Length::millimetres($row['to_mm'])];
    }

    /** How far a cable's diameter lies off what suits the bore; nothing where it suits. */
    public function off(Length $cable, Length $bore): Length
    {
        [$from, $to] = $this->of($bore);

        return Length::metres(max(0.0, $from->metres - $cable->metres, $cable->metres - $to->metres));
    }
}
