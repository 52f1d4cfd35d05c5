<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Kind;

/** What was read so far, run by run, in the order in which it was first named. */
final class Entries
{
    /** @var list<Entry> */
    private array $all = [];
    private int $run = 0;

    /** @return list<Entry> */
    public function all(): array
    {
        return $this->all;
    }

    /** The number of the run, from none. */
    public function run(): int
    {
        return $this->run;
    }

    public function last(): ?Entry
    {
        return end($this->all) ?: null;
    }

    public function startRun(): void
    {
        ++$this->run;
    }

    public function add(Entry $entry): void
    {
        $this->all[] = $entry;
    }

    public function isEmpty(): bool
    {
        return [] === $this->all;
    }

    /** What was named last of the kind of a mention in this run. */
    public function known(Mention $mention): ?Entry
    {
        $known = array_filter($this->all, fn (Entry $entry) => $entry->run === $this->run && $entry->isOfKind($mention));

        return end($known) ?: null;
    }

    /** What a mention at a place names again. */
    public function at(Mention $mention, ?float $from, ?float $to): ?Entry
    {
        foreach (null === $mention->kind ? [] : $this->all as $entry) {
            if ($entry->isAlso($mention, $this->run, $from, $to)) {
                return $entry;
            }
        }

        return null;
    }

    /**
     * "I can't get past it … okay, got through it": what was the end of this run is none.
     *
     * @return bool whether there was one
     */
    public function getPast(): bool
    {
        $last = $this->last();
        $isEnd = null !== $last && Kind::CannotGoFurther->value === $last->kind && $last->run === $this->run;

        return $isEnd && null !== array_pop($this->all);
    }
}
