<?php

declare(strict_types=1);

namespace Jurvex\Core\Reel;

use Jurvex\Core\Camera\Invert;
use Jurvex\Core\Camera\Pool;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\Travel;

/**
 * What the readings of a run say of each tenth of a metre. A place is told by the readings taken there while the camera
 * was drawn back, where
 * there are any: then the rod is straight and the counter tells the truth.
 */
final class Track
{
    public const STEP_M = 0.1;

    /** @var array<string, ?Invert> worked out once for each way: ribbon, pools and numbers all ask for it */
    private array $inverts = [];

    /**
     * @param array<int, Cell> $cells by tenth of a metre, ascending
     * @param ?float $last distance of the last reading, from which the next one's direction is told
     */
    private function __construct(public readonly array $cells, public readonly ?float $last = null, public readonly float $deepest = 0.0)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    /** @param list<Reading> $readings that follow those of the track, in their order */
    public function with(array $readings, Counter $counter): self
    {
        $cells = $this->cells;
        $last = $this->last;
        $deepest = $this->deepest;
        foreach ($readings as $reading) {
            $at = $counter->distance(Length::metres($reading->metres))->metres;
            $back = null !== $last && ($at < $last - 1e-9 || ($at <= $last && ($cells[self::cell($last)]->back ?? false)));
            $i = self::cell($at);
            if ($back || !($cells[$i]->back ?? false)) {
                $cells[$i] = new Cell($reading->tilt ?? $cells[$i]->tilt ?? null, $reading->lens, $back);
            }
            $last = $at;
            $deepest = max($deepest, $at);
        }
        ksort($cells);

        return new self($cells, $last, $deepest);
    }

    /**
     * The invert from the tilts, downstream.
     *
     * @return ?Invert none from fewer than two tilts
     */
    public function invert(Travel $travel): ?Invert
    {
        if (!\array_key_exists($travel->value, $this->inverts)) {
            $tilts = $this->tilts($travel);
            $this->inverts[$travel->value] = \count($tilts) < 2 ? null : new Invert($tilts);
        }

        return $this->inverts[$travel->value];
    }

    /**
     * Height of the invert over its far end along the run, by the run's own distances.
     *
     * @return list<array{float, float, float}> metres of the run, metres of height, degrees of tilt downstream; ascending
     */
    public function heights(Travel $travel): array
    {
        $invert = $this->invert($travel);
        if (null === $invert) {
            return [];
        }
        $heights = [];
        foreach ($invert->readings as $i => [$at, $tilt]) {
            $heights[] = [Travel::Upstream === $travel ? $this->mirrored($at) : $at, $invert->heights[$i], $tilt];
        }

        return Travel::Upstream === $travel ? array_reverse($heights) : $heights;
    }

    /** @return list<Pool> standing water that the invert must hold, by the run's own distances */
    public function pools(Length $bore, Travel $travel): array
    {
        $pools = $this->invert($travel)?->pools($bore) ?? [];
        if (Travel::Upstream === $travel) {
            $pools = array_map(
                fn (Pool $pool) => new Pool($this->mirrored($pool->to), $this->mirrored($pool->from), $pool->deepest, $pool->volume),
                array_reverse($pools),
            );
        }

        return $pools;
    }

    /**
     * Stretches where water stood on the lens.
     *
     * @return list<WetStretch>
     */
    public function wetStretches(): array
    {
        $stretches = [];
        $open = null;
        $before = null;
        foreach ($this->cells as $i => $cell) {
            if (null !== $open && (null === $cell->lens || $i - $before > 3)) {
                $stretches[] = $open;
                $open = null;
            }
            if (null !== $cell->lens) {
                $at = Length::metres($i * self::STEP_M);
                $open = $open?->grown($at, $cell->lens) ?? new WetStretch($at, $at, $at, $cell->lens);
                $before = $i;
            }
        }

        return null === $open ? $stretches : [...$stretches, $open];
    }

    /** @return array<string, mixed> */
    public function plain(): array
    {
        return [
            'last' => $this->last,
            'deepest' => $this->deepest,
            'cells' => array_map(
                static fn (int $i, Cell $cell) => [$i, $cell->tilt, $cell->lens, $cell->back ? 1 : 0],
                array_keys($this->cells),
                $this->cells,
            ),
        ];
    }

    /**
     * @param array<mixed> $plain
     *
     * @throws BadInput
     */
    public static function read(array $plain): self
    {
        $cells = [];
        foreach (\is_array($plain['cells'] ?? null) ? $plain['cells'] : [] as $cell) {
            if (!\is_array($cell) || !\is_int($cell[0] ?? null)) {
                throw BadInput::missing('cells');
            }
            $number = static fn (mixed $value) => \is_int($value) || \is_float($value) ? (float) $value : null;
            $cells[$cell[0]] = new Cell($number($cell[1] ?? null), $number($cell[2] ?? null), 1 === ($cell[3] ?? 0));
        }
        $last = $plain['last'] ?? null;
        $deepest = $plain['deepest'] ?? null;

        return new self($cells, is_numeric($last) ? (float) $last : null, is_numeric($deepest) ? (float) $deepest : 0.0);
    }

    /** @return list<array{float, float}> ascending downstream */
    private function tilts(Travel $travel): array
    {
        $tilts = [];
        foreach ($this->cells as $i => $cell) {
            if (null !== $cell->tilt) {
                $tilts[] = [$i * self::STEP_M, $cell->tilt];
            }
        }

        return Travel::Downstream === $travel
            ? $tilts
            : array_map(fn (array $tilt) => [$this->mirrored($tilt[0]), -$tilt[1]], array_reverse($tilts));
    }

    /** Distances against the flow as distances with it: the farthest cell is the beginning. */
    private function mirrored(float $at): float
    {
        return max(0.0, (array_key_last($this->cells) ?? 0) * self::STEP_M - $at);
    }

    private static function cell(float $metres): int
    {
        return (int) round($metres / self::STEP_M);
    }
}
