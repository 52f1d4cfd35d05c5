<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Kind;

/** Where the pipe becomes another, and where it turns: told by materials, bores and degrees rather than by a name. */
final class Ways
{
    /** The material comes within so many words of "goes to". */
    private const WITHIN = 5;
    private const RIGHT_BEHIND = 2;
    /** So near to zero it is what the pipe begins as, in metres. */
    private const AT_ZERO_M = 1.0;

    /** @return list<Mention> */
    public static function in(Sentence $sentence, Measures $measures): array
    {
        $ways = [];
        $transition = self::transition($sentence, $measures);
        if (null !== $transition) {
            $ways[] = $transition;
        }
        foreach ($measures->places as $place) {
            $end = $sentence->begins('to_main', $place->last + 1);
            if (null !== $end && null === $place->to) {
                // "sixty three feet to the main"
                $ways[] = new Mention(Kind::Tap, $place->last + 1, $end);
            }
        }
        foreach ($measures->sizes as $size) {
            $isNamed = array_filter($sentence->atoms, static fn (Atom $atom) => str_starts_with($atom->meaning, Kind::Bend->value)
                && abs($atom->first - $size->last) <= 2);
            if (Unit::Degrees === $size->unit && [] === $isNamed) {
                $ways[] = new Mention(Kind::Bend, $size->first, $size->last);
            }
        }

        return $ways;
    }

    private static function transition(Sentence $sentence, Measures $measures): ?Mention
    {
        $materials = array_values(array_filter($sentence->atoms, static fn (Atom $atom) => Atom::MATERIAL === $atom->role));
        foreach ($sentence->marks('from_material') as $begin => $end) {
            [$before, $after] = [$materials[0] ?? null, $materials[1] ?? null];
            if (null !== $before && null !== $after && $before->first > $end && $before->first - $end <= self::WITHIN
                && $sentence->has('to', $before->last, $after->first)
            ) {
                $both = self::into($sentence, $measures, $after, $begin);
                $both->isInOrder = true;

                return $both;
            }
        }

        foreach ($sentence->marks('into') as $begin => $end) {
            foreach ($materials as $material) {
                if ($material->first > $end && $material->first - $end <= self::WITHIN) {
                    return self::into($sentence, $measures, $material, $begin);
                }
            }
        }

        foreach ($materials as $material) {
            if (null !== $sentence->begins('starts', $material->last + 1)) {
                return self::into($sentence, $measures, $material, $material->first);
            }
        }

        return self::reached($sentence, $measures, $materials);
    }

    /**
     * "and at twenty feet it's clay".
     *
     * @param list<Atom> $materials
     */
    private static function reached(Sentence $sentence, Measures $measures, array $materials): ?Mention
    {
        foreach ($measures->places as $place) {
            $end = $sentence->begins('made_of', $place->last + 1);
            foreach (null === $end || $place->from < self::AT_ZERO_M ? [] : $materials as $material) {
                if ($material->first > $end && $material->first - $end <= self::RIGHT_BEHIND) {
                    return self::into($sentence, $measures, $material, $place->last + 1);
                }
            }
        }

        return null;
    }

    private static function into(Sentence $sentence, Measures $measures, Atom $material, int $begin): Mention
    {
        $mention = new Mention(Kind::Transition, $begin, $material->last, facts: ['material_after' => $material->meaning]);
        foreach ($measures->bores as $bore) {
            if ($bore->last < $material->first + 1 && $material->first - $bore->last <= 2) {
                $mention->measure($bore);
            }
        }

        return $mention;
    }
}
