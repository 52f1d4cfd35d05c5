<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Measure\SizeUnit;
use Jurvex\Core\Run\Travel;

/**
 * Compares a run with the map along its way. The places that both know are the opening, the tie-ins matched in their
 * order, and the tap; between two of them a single pipe takes the length that was seen.
 */
final readonly class Proposals
{
    private const NOTABLE_M = 0.05;
    private const USUAL_BEND_DEG = 45.0;
    private const BRANCH_M = 1.0;

    private TieInMatch $match;

    private RunWay $way;

    public function __construct(private Sketch $sketch, private MappedRun $run)
    {
        $this->way = $run->way($sketch);
        $this->match = new TieInMatch($sketch, $run->record->findings, $this->way);
    }

    /** @return array<string, Finding> the tie-ins that were recognised, by their junction on the map */
    public function tieIns(): array
    {
        return array_filter(
            $this->match->matched,
            static fn (Finding $finding) => Kind::TieIn === $finding->kind,
        );
    }

    /** @return list<Proposal> lengths, then what joins, then what the pipes are made of: each can be taken over after those before it */
    public function all(): array
    {
        $proposals = [];
        foreach ($this->way->spans as $span) {
            array_push($proposals, ...$this->length($span));
        }
        foreach ($this->match->matched as $junction => $finding) {
            array_push($proposals, ...$this->proof($junction, $finding));
        }
        foreach ($this->match->unmatched as $finding) {
            array_push($proposals, ...$this->newTieIn($finding));
        }
        foreach ($this->way->spans as $span) {
            array_push($proposals, ...$this->fabric($span));
        }

        return $proposals;
    }

    /** @return list<Proposal> */
    private function length(RunSpan $span): array
    {
        $pipe = $span->pipe;
        [$first, $last] = [$this->seenAt($span->start()), $this->seenAt($span->end())];
        $proposals = [];
        if (null !== $first
            && null !== $last
            && $last > $first
            && (abs($last - $first - $pipe->length->value) > self::NOTABLE_M || $pipe->length->source->isWeakerThan(Source::Seen))
        ) {
            $length = $last - $first;
            $change = static fn (Pipe $now) => $now->with(
                length: new Known($length, Source::Seen),
                bends: array_map(
                    static fn (PipeBend $bend) => new PipeBend(min($length, $bend->at), $bend->degrees, $bend->radius, $bend->source),
                    $now->bends,
                ),
            );
            $proposals[] = $this->onWhole(
                $pipe, 'length', ['length_m' => $length], $change, abs($length - $pipe->length->value) <= self::NOTABLE_M,
            );
        }

        return $proposals;
    }

    /** @return list<Proposal> what the pipe is made of and how it bends, one question for each fabric that was seen on it */
    private function fabric(RunSpan $span): array
    {
        $from = $this->seenAt($span->start()) ?? $span->from;
        $end = $this->seenAt($span->end()) ?? $span->to;
        // Where its ends were not recognised, the map's own lengths place it on the run; what was not reached stays as it was.
        $to = min($end, $this->run->record->reached->metres);
        $proposals = [];
        foreach ($this->run->record->pipes as $seen) {
            [$near, $far] = [max($from, $seen->from->metres), min($to, $seen->to->metres)];
            if ($far - $near <= self::NOTABLE_M) {
                continue;
            }
            $isDown = Travel::Downstream === $this->run->record->travel;
            $stretch = new SeenStretch(
                $span->pipe, $isDown ? $near - $from : $end - $far, $isDown ? $far - $from : $end - $near, $end - $from,
                $seen->material, $seen->bore?->inMillimetres(), $this->bends($span->pipe, $near, $far, $isDown ? $from : $end),
            );
            if ($stretch->tells()) {
                $proposals[] = $this->onStretch($stretch, $near, $far);
            }
        }

        return $proposals;
    }

    /**
     * @param float $upper where the pipe's upper end is on the run
     *
     * @return list<PipeBend> seen on a part of the run, by metres from the pipe's upper end, in order
     */
    private function bends(Pipe $pipe, float $near, float $far, float $upper): array
    {
        $bends = [];
        foreach ($this->run->record->findings as $finding) {
            if (Kind::Bend === $finding->kind && $finding->from->metres >= $near && $finding->from->metres <= $far) {
                $bends[] = new PipeBend(
                    abs($finding->from->metres - $upper), $finding->sizeIn(SizeUnit::Degrees) ?? self::USUAL_BEND_DEG,
                    PipeBend::USUAL_RADIUS * $pipe->bore->value, Source::Seen,
                );
            }
        }
        usort($bends, static fn (PipeBend $a, PipeBend $b) => $a->at <=> $b->at);

        return $bends;
    }

    private function onStretch(SeenStretch $stretch, float $near, float $far): Proposal
    {
        $turn = array_sum(array_map(static fn (PipeBend $bend) => $bend->degrees, $stretch->bends));
        $values = array_filter([
            'from_m' => $near, 'to_m' => $far, 'material' => Material::Unknown === $stretch->material ? null : $stretch->material->value,
            'bore_mm' => $stretch->bore, 'count' => (float) \count($stretch->bends), 'turn_deg' => $turn,
        ], static fn (float|string|null $value) => null !== $value && 0.0 !== $value) + ['from_m' => $near];

        return new Proposal(
            self::key('fabric', $stretch->pipe, $values), 'fabric', $stretch->pipe->id, $values, $stretch->laidOn(...),
            $this->run->node, $stretch->part(), $stretch->confirms(),
        );
    }

    /** @return list<Proposal> that a fixture was run and its water came in here */
    private function proof(string $junction, Finding $finding): array
    {
        $side = array_values(array_filter($this->sketch->above($junction), static fn (Pipe $pipe) => Joins::Straight !== $pipe->joins));
        $source = self::isProved($finding) ? Source::Proved : Source::Seen;
        if (1 !== \count($side) || !$side[0]->tied->isWeakerThan($source)) {
            return [];
        }
        $whose = $finding->fact(Fact::Whose) ?? '';

        return [
            $this->onWhole(
                $side[0],
                Source::Proved === $source ? 'tied_proved' : 'tied_seen',
                ['at_m' => $finding->from->metres, 'whose' => $whose],
                static fn (Pipe $now) => $now->with(tied: $source, proof: Source::Proved === $source ? $whose : $now->proof),
            ),
        ];
    }

    /** @return list<Proposal> */
    private function newTieIn(Finding $finding): array
    {
        $place = $this->way->within($finding->from->metres, $finding->from->metres + 1e-6)[0] ?? null;
        if (null === $place) {
            return [];
        }
        $pipe = $place->pipe;
        $proved = self::isProved($finding);
        $whose = $finding->fact(Fact::Whose) ?? '';
        $bore = $finding->sizeIn(SizeUnit::Millimetres) ?? $pipe->bore->value;
        $id = 'seen-'.$finding->id;
        $fixture = Node::fixture($id, FixtureKind::Unknown, $whose);
        $own = new Pipe(
            $id.'-pipe', $id, $id.'-join', new Known(self::BRANCH_M),
            new Known($bore, null === $finding->size ? Source::Guessed : Source::Seen), joins: Joins::Wye,
            tied: $proved ? Source::Proved : Source::Seen, proof: $proved ? $whose : '',
        );
        $up = max(0.0, $pipe->length->value - $place->from);

        return [
            new Proposal(
                'tie_in:'.$finding->id, 'tie_in', $pipe->id, ['at_m' => $finding->from->metres, 'whose' => $whose],
                static fn (Sketch $sketch) => isset($sketch->pipes[$pipe->id])
                    ? $sketch->redraw()->withFixture(
                        $fixture, $own, $pipe->id, min($up, $sketch->pipes[$pipe->id]->length->value), $id.'-join',
                    )
                    : $sketch,
                $this->run->node, $place,
            ),
        ];
    }

    /**
     * @param array<string, float|string> $values
     * @param \Closure(Pipe): Pipe $change
     */
    private function onWhole(Pipe $pipe, string $code, array $values, \Closure $change, bool $confirms = false): Proposal
    {
        return new Proposal(
            self::key($code, $pipe, $values), $code, $pipe->id, $values,
            static fn (Sketch $sketch) => isset($sketch->pipes[$pipe->id])
                ? $sketch->withPipe($change($sketch->pipes[$pipe->id]))
                : $sketch,
            $this->run->node, null, $confirms,
        );
    }

    /** @param array<string, float|string> $values */
    private static function key(string $code, Pipe $pipe, array $values): string
    {
        return $code.':'.$pipe->id.':'.implode(
            ',',
            array_map(static fn (float|string $value) => \is_float($value) ? (string) round($value, 2) : $value, $values),
        );
    }

    /** Where the run saw a node; none where it did not. */
    private function seenAt(string $node): ?float
    {
        if ($node === $this->run->node) {
            return $this->run->lead;
        }
        if (isset($this->match->matched[$node])) {
            return $this->match->matched[$node]->from->metres;
        }
        if ($node === $this->sketch->outlet->id) {
            foreach ($this->run->record->findings as $finding) {
                if (Kind::Tap === $finding->kind) {
                    return $finding->from->metres;
                }
            }
        }

        return null;
    }

    /** A named fixture was run and its water came, or two cameras met. */
    private static function isProved(Finding $finding): bool
    {
        return \in_array($finding->fact(Fact::KnownHow), ['ran_that_fixture', 'second_camera'], true);
    }
}
