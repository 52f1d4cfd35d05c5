<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Kind;

/** What the pipe becomes where the name of a change says it: "we hit the clay", "the end of the cast iron". */
final readonly class PipeNamed
{
    /** "Out of the iron and into the clay": so many words behind it the other is named. */
    private const NEXT_WORDS = 8;
    private const TO_WORDS = 3;

    public function __construct(private Sentence $sentence, private Atom $name)
    {
    }

    /** Whether a material begins there that stands in a name: "we hit the old clay, and the plastic's pushed in" tells no other. */
    public static function tells(Sentence $sentence, int $word): bool
    {
        $ends = array_filter(array_map(static fn (array $spans) => $spans[$word] ?? null, $sentence->marksOf(Atom::MATERIAL.'=')));
        $last = [] === $ends ? $word - 1 : max($ends);
        $isIn = static fn (Atom $atom) => Atom::KIND === $atom->role && $atom->first < $word && $atom->last >= $last;

        return $last >= $word && [] !== array_filter($sentence->atoms, $isIn);
    }

    /** @return ?string the material; none where it is not said */
    public function after(): ?string
    {
        $within = $this->within();
        $last = end($within) ?: null;
        // "here's your cast to clay"
        $to = $this->sentence->begins('to', $this->name->last + 1);
        $next = null === $to ? null : $this->sentence->atomAt($to + 1);
        if (null !== $last && Atom::MATERIAL === $next?->role) {
            return $next->meaning;
        }
        // "the iron meets the clay"
        if (\count($within) > 1 || null !== $last && !$this->sentence->has('leaves_pipe', $this->name->first, $this->name->last)) {
            return $last;
        }
        $behind = array_filter($this->sentence->named->materials(), $this->isNext(...));
        $other = reset($behind)->meaning ?? null;

        return $other === $last ? null : $other;
    }

    /** @return array<int, string> the materials that begin within the name, by their first words */
    private function within(): array
    {
        $within = [];
        foreach ($this->sentence->marksOf(Atom::MATERIAL.'=') as $material => $spans) {
            foreach ($spans as $begin => $end) {
                // "iron" in "cast iron" is the same.
                $isPart = [] !== array_filter(
                    $spans, static fn (int $last, int $word) => $word < $begin && $last >= $end, \ARRAY_FILTER_USE_BOTH,
                );
                $within += $begin >= $this->name->first && $begin <= $this->name->last && !$isPart ? [$begin => $material] : [];
            }
        }
        ksort($within);

        return $within;
    }

    private function isNext(Atom $pipe): bool
    {
        $from = $this->name->last + 1;

        return $pipe->first >= $from && $pipe->first - $from < self::NEXT_WORDS
            && null === $this->sentence->named->next($from, $pipe->first) && !$this->sentence->has('deny', $from, $pipe->first)
            // "transition from iron to clay", "transition at fourteen, iron to clay"
            && !$this->sentence->isAfter('from', $pipe->first) && !self::isLeft($this->sentence, $pipe);
    }

    /** Whether another pipe is named behind one with no more than "to" and an article or a bore between. */
    public static function isLeft(Sentence $sentence, Atom $pipe): bool
    {
        $to = $sentence->begins('to', $pipe->last + 1);

        return null !== $to && [] !== array_filter($sentence->named->materials(), static fn (Atom $other) => $other->first > $to
            && $other->first - $to <= self::TO_WORDS && $other->meaning !== $pipe->meaning);
    }

    /** "transition at fourteen, iron to clay": whether a change of pipe is named right before a pipe. */
    public static function isOfChange(Sentence $sentence, Atom $pipe): bool
    {
        $name = $sentence->named->before($pipe->first);
        $change = array_filter($sentence->named->names, static fn (Atom $atom) => $atom->last === $name
            && Kind::Transition->value === $atom->meaning);

        return [] !== $change && $pipe->first - (int) $name <= self::NEXT_WORDS && !$sentence->has('intro', (int) $name + 1, $pipe->first);
    }
}
