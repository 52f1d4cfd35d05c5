<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** What the pipe becomes where the name of a change says it: "we hit the clay", "the end of the cast iron". */
final class PipeNamed
{
    /** "Out of the iron and into the clay": so many words behind it the other is named. */
    private const NEXT_WORDS = 8;

    /** @return ?string the material; none where it is not said */
    public static function after(Sentence $sentence, Atom $name): ?string
    {
        $within = $sentence->materialsWithin($name->first, $name->last);
        // "the iron meets the clay"
        if (\count($within) > 1) {
            return end($within);
        }
        $isLeft = $sentence->has('leaves_pipe', $name->first, $name->last);
        $next = array_filter($sentence->materials(), static fn (Atom $pipe) => $pipe->first > $name->last
            && $pipe->first - $name->last <= self::NEXT_WORDS && null === $sentence->nextName($name->last + 1, $pipe->first)
            // "transition from iron to clay"
            && !$sentence->has('deny', $name->last + 1, $pipe->first) && !$sentence->isAfter('from', $pipe->first));
        $other = reset($next)->meaning ?? null;

        return [] !== $within && !$isLeft ? end($within) : (\in_array($other, $within, true) ? null : $other);
    }
}
