<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Kind;

/** That something is being located: for a while what is read off is how deep it is, and what is marked is where it was named. */
final class Locating
{
    /** In seconds: readings are depths so long, and what is marked was named so long before. */
    private const HELD_S = 30.0;
    private const NAMED_S = 60.0;

    private ?float $saidS = null;
    /** What is being located, while no place is said. */
    private ?Entry $named = null;

    public function hear(Sentence $sentence): void
    {
        $this->saidS = $sentence->has('locating') ? self::atS($sentence) : $this->saidS;
    }

    public function isNow(Sentence $sentence): bool
    {
        return null !== $this->saidS && self::atS($sentence) - $this->saidS <= self::HELD_S;
    }

    /** @param ?Entry $referred what the sentence names again: "let me locate that hole" */
    public function remember(Sentence $sentence, Measures $measures, ?Entry $referred): void
    {
        $this->named = [] === $measures->places ? $this->named : null;
        $this->named = $sentence->has('locating') ? $referred : $this->named;
    }

    /**
     * @param ?Entry $referred what the sentence names again
     * @param ?Entry $last what was named last
     *
     * @return array{?float, ?float, ?PlaceBy} from, to and by what; a depth with no place is where what it is told of was named
     */
    public function placeOf(Mention $mention, Sentence $sentence, Whereabouts $where, ?Entry $referred, ?Entry $last): array
    {
        $atS = $sentence->atS($mention->first);
        $isMark = null === $mention->kind && null === $mention->place;
        $known = $isMark ? $referred ?? $this->marked($sentence, $where->isNowhere($atS) ? $last : null) : null;
        // "… but my camera doesn't want to go over that lump": it stands where it stood.
        $isStuck = Kind::CannotGoFurther === $mention->kind;

        return null === $known?->fromM ? $where->of($mention, $atS, $isStuck) : [$known->fromM, null, PlaceBy::Carried];
    }

    /**
     * "I've got it located, it's nine foot four deep".
     *
     * @param ?Entry $last what was named last, where no place is told
     *
     * @return ?Entry what a mark is of
     */
    private function marked(Sentence $sentence, ?Entry $last): ?Entry
    {
        $isIts = ($sentence->has('marked_it') || $this->isNow($sentence)) && self::atS($sentence) - ($last->atS ?? 0.0) <= self::NAMED_S;

        return $this->named ?? ($isIts ? $last : null);
    }

    private static function atS(Sentence $sentence): float
    {
        return $sentence->atS($sentence->first) ?? 0.0;
    }
}
