<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** Whether a material is named with the place from which the pipe is made of it. */
final readonly class PipePlaced
{
    /** The place comes within so many words of the material. */
    private const WITHIN = 6;
    private const RIGHT_BEHIND = 2;
    /** What the pipe is outside is told so many words behind the place where it leaves the house. */
    private const OUTSIDE_WORDS = 14;
    /** So near to zero it is what the pipe begins as, and how long that is, in metres. */
    public const AT_ZERO_M = 1.2;

    public function __construct(private Sentence $sentence, private Measures $measures, private Atom $material)
    {
    }

    public function is(): bool
    {
        return $this->isEntered() || $this->isFrom() || $this->isShown() || $this->isStretched() || $this->isOutside();
    }

    /** "at thirty two feet we're out of the house, and it's transite" */
    private function isOutside(): bool
    {
        [$sentence, $first] = [$this->sentence, $this->material->first];

        return $sentence->isAfter('made_of', $first) && $this->isAny(fn (Place $place) => null === $place->to
            && $place->from >= self::AT_ZERO_M && $place->last < $first && $first - $place->last <= self::OUTSIDE_WORDS
            && !$this->measures->hasPlace($place->last, $first) && $sentence->has('leaves', $place->last + 1, $first)
            && null === $sentence->named->next($place->last + 1, $first - 1));
    }

    /** "it's plastic from 34 feet", "clay from 12", "the line is clay at 20" */
    private function isFrom(): bool
    {
        [$sentence, $first, $next] = [$this->sentence, $this->material->first, $this->material->last + 1];
        $from = $sentence->begins('from', $next);
        $at = $from ?? $sentence->begins('at', $next);
        $isMade = $sentence->isAfter('made_of', $first);
        // "roots in the clay from 12": what is named before is from there.
        $isAll = null !== $from && $first - ($sentence->named->before($first) ?? -self::WITHIN) > self::RIGHT_BEHIND + 1
            && !$sentence->is('articles', $first - 1) && !$sentence->is('known', $first - 1);

        return null !== $at && ($isMade || $isAll) && $this->isAny(
            fn (Place $place) => $place->first === $at + 1 && $place->from >= self::AT_ZERO_M && ($isMade || null === $place->to)
                && (null !== $from || !$this->tellsOther($place->last + 1)),
        );
    }

    /** "the line is plastic, about eight feet in there's a tie-in", "starting in plastic, at four feet it transitions to clay" */
    private function tellsOther(int $next): bool
    {
        $intro = $this->sentence->begins('intro', $next) ?? $this->sentence->begins('intro', $next + 1);

        return null !== $intro || $this->sentence->is('subjects', $next) && null !== $this->sentence->begins('changes', $next + 1);
    }

    /** "they used plastic, and that's from ten feet to 25" */
    private function isStretched(): bool
    {
        $last = $this->material->last;

        return $this->isAny(fn (Place $place) => null !== $place->to && $place->from >= self::AT_ZERO_M
            && $place->first > $last && $place->first - $last <= self::WITHIN && $this->sentence->isAfter('stretched', $place->first, 2)
            && null === $this->sentence->named->next($last + 1, $place->first));
    }

    /** "one and a half metres into clay" */
    private function isEntered(): bool
    {
        return $this->isAny(fn (Place $place) => null === $place->to && !$this->sentence->isAfter('from', $place->first)
            && $this->sentence->begins('to', $place->last + 1) === $this->material->first - 1);
    }

    /** "here's the plastic at 49", "there's a piece of plastic at fourteen" */
    private function isShown(): bool
    {
        [$sentence, $first, $last] = [$this->sentence, $this->material->first, $this->material->last];
        $begin = $first - ($sentence->is('of', $first - 1) ? 2 : 0);
        $isPointedAt = $sentence->isAfter('intro', $begin, 2) || $sentence->isAfter('here', $begin, 2);

        return $isPointedAt && $this->isAny(static fn (Place $place) => $place->first > $last
            && $place->first - $last <= ($sentence->isAfter('at', $place->first) ? self::RIGHT_BEHIND : 1)
            // "first joint clay, thirty feet iron"
            && Atom::MATERIAL !== $sentence->atomAt($place->last + 1)?->role
            // "we have got plastic, at three feet there's a bend"
            && null === $sentence->begins('intro', $place->last + 1));
    }

    /** @param callable(Place): bool $is */
    private function isAny(callable $is): bool
    {
        return [] !== array_filter($this->measures->places, $is);
    }
}
