<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\Run;
use Jurvex\Core\Mark\LineCheck;
use Jurvex\Core\Measure\Grade;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Site\PlacedMark;

/** Marks of one straight piece of a run, and whether they lie on the ground as the pipe does below. */
final readonly class MarkedPiece
{
    /** How far off the line a mark may be: a house value. */
    public const TOLERANCE_M = 0.3;

    /** @param non-empty-list<MarkOnSite> $marks by their distance, all of them placed */
    private function __construct(public Run $run, public array $marks, public LineCheck $check, private Grade $fall)
    {
    }

    /** @param non-empty-list<MarkOnSite> $marks by their distance, two or more */
    public static function of(Run $run, array $marks, Grade $fall): ?self
    {
        $placed = array_values(array_filter(array_map(static fn (MarkOnSite $each) => $each->placed(), $marks)));

        return [] === $placed ? null : new self(
            $run, $marks, new LineCheck($placed, $fall, Length::metres(self::TOLERANCE_M)), $fall,
        );
    }

    public function odd(): ?MarkOnSite
    {
        $odd = $this->check->odd();

        return null === $odd ? null : $this->marks[$odd];
    }

    /** @return list<MarksApart> between each mark and the next */
    public function apart(): array
    {
        $apart = [];
        foreach ($this->marks as $i => $mark) {
            $next = $this->marks[$i + 1] ?? null;
            [$from, $to] = [$mark->placed(), $next?->placed()];
            if (null !== $next && $from instanceof PlacedMark && $to instanceof PlacedMark) {
                $along = ($to->along->metres - $from->along->metres) * cos(atan($this->fall->inPercent() / 100));
                $apart[] = new MarksApart($mark, $next, $along, $from->place->to($to->place));
            }
        }

        return $apart;
    }
}
