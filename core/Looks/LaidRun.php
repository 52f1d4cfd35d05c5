<?php

declare(strict_types=1);

namespace Jurvex\Core\Looks;

use Jurvex\Core\Compare\Fit;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\Coverage;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Run\Sight;
use Jurvex\Core\Run\SightSpan;
use Jurvex\Core\Run\Travel;
use Jurvex\Core\Sketch\RunWay;
use Jurvex\Core\Sketch\Source;

/** A run laid on the property's map: its distances as places on pipes. */
final readonly class LaidRun
{
    /**
     * @param float $at when it was made; grows with time
     * @param string $from the opening, the same for all runs from it
     * @param non-empty-list<LaidPiece> $pieces in the order of the run, from zero on; the last goes on without end
     */
    private function __construct(
        public string $id, public float $at, public string $from, public RunRecord $record, public array $pieces,
    ) {
    }

    /**
     * Pipes whose place is not measured or seen by anybody are the opening's own: from the other end they would lie elsewhere.
     *
     * @param ?RunWay $way none where the opening is not on the map
     * @param ?Fit $counter from the distances of the look that the line is told by to this run's own; none where they are the same
     */
    public static function along(string $id, float $at, string $from, RunRecord $record, ?RunWay $way, ?Fit $counter = null): self
    {
        $counter ??= Fit::by(0.0, 1.0);
        $own = $from.'/'.$record->travel->value;
        $pieces = [];
        $end = $way->spans[0]->from ?? 0.0;
        if ($end > 0) {
            $pieces[] = new LaidPiece($own.'/drop', $counter->carried(0.0), $counter->carried($end), true, stretch: $counter->stretch);
        }
        $isSure = true;
        foreach ($way->spans ?? [] as $span) {
            $isSure = $isSure && !$span->pipe->length->source->isWeakerThan(Source::Measured);
            $pieces[] = new LaidPiece(
                $isSure ? $span->pipe->id : $span->pipe->id.'/'.$own, $counter->carried($span->from), $counter->carried($span->to),
                $span->down, $isSure, $span->ends, $counter->stretch,
            );
            $end = $span->to;
        }
        $pieces[] = new LaidPiece($own, $counter->carried($end), \INF, true, stretch: $counter->stretch);

        return new self($id, $at, $from, $record, $pieces);
    }

    /** Runs from one opening one way tell of the same portion of the line. */
    public function portion(): string
    {
        return $this->from.'/'.$this->record->travel->value;
    }

    public function travel(): Travel
    {
        return $this->record->travel;
    }

    public function look(): Look
    {
        $spans = [];
        foreach (Coverage::of($this->record)->spans as $span) {
            if (Sight::Unreached !== $span->sight) {
                array_push($spans, ...$this->laid($span));
            }
        }

        return new Look($this->id, $this->at, $spans, array_map($this->placed(...), $this->record->findings));
    }

    /** @return list<SeenSpan> a stretch of the run as stretches of pipes */
    public function laid(SightSpan $span): array
    {
        $laid = [];
        foreach ($this->pieces as $piece) {
            $from = max($span->from->metres, $piece->from);
            $to = min($span->to->metres, $piece->to);
            if ($to > $from) {
                $ends = [$piece->onPipe($from), $piece->onPipe($to)];
                $laid[] = new SeenSpan($piece->pipe, min($ends), max($ends), $span->sight);
            }
        }

        return $laid;
    }

    /**
     * Where a place on a pipe lies on the run, as far as the map is sure of its way.
     *
     * @param float $from metres from the pipe's upper end
     * @param float $to the same, not before it
     *
     * @return ?array{Length, Length} near and far end; none where it is not on the run's way
     */
    public function onRun(string $pipe, float $from, float $to): ?array
    {
        foreach ($this->pieces as $piece) {
            if ($piece->pipe === $pipe) {
                $ends = [$piece->onRun($from), $piece->onRun($to)];

                return [Length::metres(max(0.0, min($ends))), Length::metres(max(0.0, max($ends)))];
            }
        }

        return null;
    }

    /**
     * Where a finding lies; one that reaches into the next pipe ends with the one in which it begins. Where two pipes meet it is
     * on the lower one, whichever way the camera came; at the farthest point, on the one that ends there.
     */
    private function placed(Finding $finding): PlacedFinding
    {
        $start = $finding->from->metres;
        $on = 0;
        foreach ($this->pieces as $i => $each) {
            $isOn = Travel::Downstream === $this->record->travel && \INF !== $each->to ? $each->from <= $start : $each->from < $start;
            $on = $isOn ? $i : $on;
        }
        $piece = $this->pieces[$on];
        $beside = $this->beside($on, $start, min($finding->end()->metres, $piece->to));
        $from = $piece->onPipe($start);
        if ($from === $start && 1.0 === $piece->stretch && $finding->end()->metres <= $piece->to && $piece->down) {
            return new PlacedFinding($piece->pipe, $finding, $beside);
        }
        if (null === $finding->to) {
            return new PlacedFinding($piece->pipe, $finding->at(Length::metres(max(0.0, $from)), null), $beside);
        }
        $to = $piece->onPipe(min($finding->to->metres, $piece->to));

        return new PlacedFinding(
            $piece->pipe, $finding->at(Length::metres(max(0.0, min($from, $to))), Length::metres(max(0.0, $from, $to))), $beside,
        );
    }

    /**
     * Two cameras may have one thing on either side of where two pipes meet.
     *
     * @return array<string, float> by neighbouring pipe that begins or ends near by, what to add to metres on the piece's own
     */
    private function beside(int $on, float $from, float $to): array
    {
        $piece = $this->pieces[$on];
        $near = [];
        foreach ([$on - 1 => $from - $piece->from, $on + 1 => $piece->to - $to] as $i => $apart) {
            $next = $this->pieces[$i] ?? null;
            if (null !== $next && $next->isSure && $piece->isSure && $next->down === $piece->down && $apart <= UnitedLine::SAME_PLACE_M) {
                $near[$next->pipe] = ($piece->down ? $piece->from - $next->from : $next->to - $piece->to) / $piece->stretch;
            }
        }

        return $near;
    }
}
