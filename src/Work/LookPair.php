<?php

declare(strict_types=1);

namespace App\Work;

use Jurvex\Core\Compare\Comparison;
use Jurvex\Core\Compare\Fate;
use Jurvex\Core\Compare\FateOf;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Ribbon\Ribbon;
use Jurvex\Core\Ribbon\Thread;

/** Two looks laid over each other. */
final readonly class LookPair
{
    /** @var array<string, Finding> of both looks, as they were logged */
    private array $logged;

    /**
     * @param bool $isByMap whether nothing pairs, and only the line map says how their distances go together
     * @param bool $isTurned whether the camera came the other way before: its places are turned about how far it got
     */
    public function __construct(
        public JudgedRun $before, public JudgedRun $after, public Comparison $comparison, public bool $isByMap, public bool $isTurned,
    ) {
        $this->logged = array_column([...$before->record->findings, ...$after->record->findings], null, 'id');
    }

    /** As it was logged before; none for what only the later look has. */
    public function before(FateOf $each): ?Finding
    {
        return null === $each->before ? null : $this->logged[$each->before->id];
    }

    public function after(FateOf $each): ?Finding
    {
        return null === $each->after ? null : $this->logged[$each->after->id];
    }

    /** Whether both came from one opening one way. */
    public function isFromOnePlace(): bool
    {
        return !$this->isTurned && $this->before->run->portion() === $this->after->run->portion();
    }

    /** Whether the two can be told from each other at all: by something that stays, by the map, or by one opening. */
    public function isLaid(): bool
    {
        return $this->isByMap || [] !== $this->comparison->fit->pairs || !$this->isTurned;
    }

    /** Whether the earlier look did not see a place that only the later one has. */
    public function wasUnseen(FateOf $each): bool
    {
        return null !== $each->after
            && $this->comparison->before->couldNotSee($this->comparison->fit->carriedBack($each->after->from->metres));
    }

    /** @return list<Thread> from the ribbon of the look before to that of the look after; none where they cannot be told from each other */
    public function threads(Ribbon $top, Ribbon $foot): array
    {
        if (!$this->isLaid()) {
            return [];
        }
        $threads = [];
        foreach ($this->comparison->fit->pairs as $pair) {
            $at = $this->isTurned ? $this->before->record->reached->metres - $pair->before->at : $pair->before->at;
            $threads[] = new Thread(
                $top->zeroX + $top->metre * $at, $foot->zeroX + $foot->metre * $pair->after->at, $pair->before->kind->value, true,
            );
        }
        foreach ($this->comparison->fates as $each) {
            [$before, $after] = [$this->before($each), $this->after($each)];
            if (null !== $before && null !== $after) {
                $threads[] = new Thread(
                    $top->zeroX + $top->metre * $before->from->metres, $foot->zeroX + $foot->metre * $after->from->metres,
                    $each->fate->value, false,
                );
            }
        }

        return $threads;
    }

    public function hasFindings(string $before, string $after): bool
    {
        $isOf = static fn (JudgedRun $line, string $id) => [] !== array_filter(
            $line->record->findings, static fn (Finding $each) => $each->id === $id,
        );

        return $isOf($this->before, $before) && $isOf($this->after, $after);
    }

    public function count(Fate $fate): int
    {
        return \count(array_filter($this->comparison->fates, static fn (FateOf $each) => $each->fate === $fate));
    }
}
