<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Kind;

/** Where the pipe becomes another, turns or takes in a room: told by materials, bores, degrees and rooms rather than by a name. */
final class Ways
{
    /** What it leads to stands so many words behind a place. */
    private const WITHIN = 6;

    /**
     * @param Materials $pipes what the pipe was said to be made of before the sentence
     *
     * @return list<Mention>
     */
    public static function in(Sentence $sentence, Measures $measures, Materials $pipes): array
    {
        $ways = [...PipeChange::in($sentence, $measures, $pipes), ...Bores::in($sentence, $measures)];
        foreach ($measures->places as $place) {
            $end = $sentence->begins('to_main', $place->last + 1);
            // "from 34 feet to the main at 65"
            $isPlaced = null !== $end && [] !== array_filter($measures->places, static fn (Place $each) => $each->first > $end
                && $each->first - $end <= self::WITHIN && $sentence->isAfter('at', $each->first));
            // "six feet to the main stack"
            $isNone = null !== $end && [] !== array_filter($sentence->atoms, static fn (Atom $atom) => Atom::NONE === $atom->role
                && $atom->first <= $end && $atom->last > $end);
            if (null !== $end && null === $place->to && !$isPlaced && !$isNone) {
                // "sixty three feet to the main"
                $ways[] = new Mention(Kind::Tap, $place->last + 1, $end);
            }
            array_push($ways, ...self::namedAlone($sentence, $place));
        }
        array_push($ways, ...(new Outlets($sentence, $measures))->all());
        array_push($ways, ...self::turns($sentence, $measures));

        return $ways;
    }

    /** @return list<Mention> what is named by one word right behind a place: "fourteen feet kitchen", "sixty eight feet city" */
    private static function namedAlone(Sentence $sentence, Place $place): array
    {
        $next = $place->last + 1;
        // "twenty two your bathroom", "ten feet is the washer"
        $next += $sentence->isThere($next) && $sentence->is('rooms', $next + 2) ? 1 : 0;
        // "twenty seven is your master bath"
        $isOfOne = $sentence->isThere($next) && $sentence->is('known', $next + 1) && $sentence->is('rooms', $next + 3)
            && null === $sentence->atomAt($next + 2);
        $next += $isOfOne ? 3 : 0;
        $next += $sentence->is('known', $next) && $sentence->is('rooms', $next + 1) ? 1 : 0;
        // "twenty six the other bathroom, and right there …"
        $isOther = $sentence->is('known', $next) && $sentence->is('rooms', $next + 2) && null === $sentence->atomAt($next + 1);
        $next += $isOther ? 2 : 0;
        // "eight feet right side kitchen"
        $side = $sentence->atomAt($next);
        $next = Atom::CLOCK === $side?->role && $sentence->is('rooms', $side->last + 1) ? $side->last + 1 : $next;
        $kind = $sentence->is('rooms', $next) ? Kind::TieIn : ($sentence->is('mains', $next) ? Kind::Tap : null);
        // "thirty two feet water"
        $isWater = $sentence->is('water', $next);
        $kind ??= $isWater ? Kind::LowSpot : null;
        // "twelve feet is the kitchen on the right"
        $isAll = PipeChange::isLast($sentence, $next + 1) || Atom::CLOCK === $side?->role
            || null !== $sentence->begins('to_a_side', $next + 1)
            || ($isOfOne || $isOther) && $sentence->is('and', $next + 1);

        return null !== $kind && null === $place->to && null === $sentence->atomAt($next) && $isAll
            ? [new Mention($kind, $next, $next, by: $isWater ? 'water' : '')] : [];
    }

    /** @return list<Mention> bends that are told by their degrees alone */
    private static function turns(Sentence $sentence, Measures $measures): array
    {
        $turns = [];
        foreach ($measures->sizes as $size) {
            $isNamed = array_filter($sentence->atoms, static fn (Atom $atom) => str_starts_with($atom->meaning, Kind::Bend->value)
                && abs($atom->first - $size->last) <= 2);
            // "it's about ten degrees out here" is no turn, and "there's a ninety in there" is one.
            $isWeather = $sentence->is('weather', $size->last + 1) && $sentence->is('degrees', $size->last);
            if (Unit::Degrees === $size->unit && [] === $isNamed && !$isWeather) {
                $turns[] = $turn = new Mention(Kind::Bend, $size->first, $size->last);
                $turn->clock = (new Turn($sentence))->side($size);
            }
        }

        return $turns;
    }
}
