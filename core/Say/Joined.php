<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Extent;
use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Kind;

/** Two places of a sentence that are the ends of one stretch. */
final class Joined
{
    /** A place so few words behind a name is of that. */
    private const NAME_TO_PLACE = 4;
    /** Such as "to where it meets the main stack at". */
    private const TO_NAME_WORDS = 9;
    /** The counter that goes by begins no farther behind a place, in metres. */
    private const NEXT_M = 0.65;

    /**
     * "starts at 53 feet and ends at 62": one stretch.
     *
     * @param list<Mention> $mentions
     *
     * @return list<Place>
     */
    public static function places(Sentence $sentence, Measures $measures, array $mentions): array
    {
        $places = self::withCounted($sentence, $measures->places);
        $isStretch = [] !== array_filter($mentions, self::stretches(...));
        for ($i = 0; $isStretch && $i + 1 < \count($places); ++$i) {
            // "starts at 33, deepest at 36, ends at 41": where it is deepest is no end.
            $j = $i + 1;
            $isLowBy = static fn (Place $end) => [] !== array_filter(
                $mentions, static fn (Mention $each) => Kind::LowSpot === $each->kind && $each->first < $end->first,
            );
            $isDeepest = $sentence->has('deepest', $places[$i]->last + 1, $places[$j]->first - 1)
                // "the water's rising at eight, it's thirty percent at twelve, back to normal at sixteen"
                || $isLowBy($places[$j]) && self::isMeasuredAt($sentence, $measures, $places[$i], $places[$j]);
            $j += isset($places[$j + 1]) && $isDeepest ? 1 : 0;
            [$one, $other] = [$places[$i], $places[$j]];
            $isLow = $isLowBy($other);
            $isGoing = self::isEndAt($sentence, $places[$j - 1], $other->first, $isLow)
                || self::isLedTo($sentence, $other) && !$sentence->is('at_or_to', $other->first - 1)
                || self::isToName($sentence, $one, $other) || self::isStartAt($sentence, $one, $other);
            // "forty six we come out of it, back to forty": there it has ended.
            $isOver = $sentence->endsThere($one->last + 1) && $sentence->begins('ends', $one->last + 2) !== $other->first - 1;
            // "still in it at twenty five, out of it at thirty": it has begun before.
            $isStill = $sentence->isAfter('goes_on', $one->first, 2)
                && $sentence->has('still', $one->first - self::NAME_TO_PLACE, $one->first);
            // "a crack at fifty, pulling back to thirty there's roots"
            $isStill = $isStill || !$isLow && $sentence->has('back', $one->last + 1, $other->first);
            $isEnded = null === $one->to && null === $other->to && $isGoing && !$isOver && !$isStill
                // "at 26 you get to a lower spot, it holds an inch or so to 31"
                && ($sentence->isAfter('from', $one->first) && self::isLedTo($sentence, $other)
                    || !self::isElsewhere($sentence, max($sentence->named->before($other->first) ?? 0, $one->last) + 1, $other->first - 1));
            // "roots at 27, and from there out to sixty it's clean"
            $isEnded = $isEnded && !(new Vacancy($sentence))->isCleanTo($one->last, $other);
            if ($isEnded && self::isOneStretch($sentence, $mentions, $one, $other)) {
                $stretch = Place::over($one->from, $other->from, new Place($one->from, null, $one->first, $other->last));
                array_splice($places, $i, $j - $i + 1, [$stretch]);
            }
        }

        return $places;
    }

    /**
     * "at 34 it's a belly, and it goes 35, 36, 37": it goes on from where it begins as the counter goes by.
     *
     * @param list<Place> $places
     *
     * @return list<Place>
     */
    private static function withCounted(Sentence $sentence, array $places): array
    {
        for ($i = 0; $i + 1 < \count($places); ++$i) {
            [$one, $other] = [$places[$i], $places[$i + 1]];
            $isNext = null === $one->to && null !== $other->to && $other->from > $one->from && $other->from - $one->from <= self::NEXT_M;
            if ($isNext && $sentence->isAfter('goes_so_far', $other->first) && Listed::holds($sentence, $other)) {
                array_splice($places, $i, 2, [Place::over($one->from, $other->to, $other)]);
            }
        }

        return $places;
    }

    /** "thirty percent at twelve": how deep it is there, and not where anything ends. */
    private static function isMeasuredAt(Sentence $sentence, Measures $measures, Place $one, Place $other): bool
    {
        $led = $sentence->leadingTo('at', $other->first)[0] ?? null;
        $isSize = static fn (Amount $size) => $size->first > $one->last && $size->last === $led - 1
            && $sentence->has('they_are', $one->last, $size->first);

        return null !== $led && [] !== array_filter($measures->sizes, $isSize);
    }

    /** "to 20", "till just before 20" */
    private static function isLedTo(Sentence $sentence, Place $place): bool
    {
        $isBefore = static fn (int $at) => $at < $place->first - 1 && $sentence->isAfter('to', $at);

        return $sentence->isAfter('to', $place->first) || [] !== array_filter($sentence->leadingTo('at', $place->first), $isBefore);
    }

    /**
     * "ends there at 20", not "at 29 it's back to normal, 33 feet".
     *
     * @param bool $isLow whether a low spot is named: of nothing else somebody comes out
     */
    private static function isEndAt(Sentence $sentence, Place $one, int $at, bool $isLow): bool
    {
        foreach ($sentence->marks('ends') as $begin => $end) {
            $words = null === $sentence->begins('to', $begin) ? self::NAME_TO_PLACE : self::TO_NAME_WORDS;
            // "a little chip out of it" ends nothing.
            $isOut = null !== $sentence->begins('out', $begin) && $sentence->named->holds($begin)
                // "a crack at 19, we're out 23 feet"
                // "roots at 21, it comes back up by 24": that is of a low spot.
                || !$isLow && (null !== $sentence->begins('closes', $begin) || null !== $sentence->begins('comes_up', $begin));
            // "22 feet back to clay, roots, 26 feet a belly", "five feet, roots, eight till four o'clock, seven feet a crack"
            $next = $sentence->atomAt($end + ($sentence->is('articles', $end + 1) ? 2 : 1));
            $isOther = Atom::MATERIAL === $next?->role || false === $next?->amount?->mayBeAlong();
            // "we come out of it, and at 47 there's a root"
            $isNext = $sentence->isAny('and', $end + 1, $at - 1)
                && $sentence->beginsAny(['intro', 'here', 'was'], ($sentence->amountEnd($at) ?? $at) + 1);
            $isEnd = $begin > $one->last && $end < $at && $at - $end <= $words && !$isOther && !$isNext;
            if ($isEnd && !$isOut && !StretchEnd::isSubject($sentence, $one, $begin)) {
                return true;
            }
        }

        return false;
    }

    /** "thirty three is where it ends and it starts at twenty seven" */
    private static function isStartAt(Sentence $sentence, Place $one, Place $other): bool
    {
        $isEnd = $sentence->has('ends', $one->first - self::NAME_TO_PLACE, $other->first);

        return $isEnd && $other->from < $one->from && null === $sentence->begins('another', $one->last + 1)
            && $sentence->has('starts', max($one->last + 1, $other->first - self::NAME_TO_PLACE), $other->first);
    }

    /** "from six metres up to the manhole, which is at nine" */
    private static function isToName(Sentence $sentence, Place $one, Place $other): bool
    {
        return null !== $sentence->begins('to', $one->last + 1) && $sentence->isAfter('from', $one->first)
            && $other->first - $one->last <= self::TO_NAME_WORDS;
    }

    /** "a crack, nothing else till 34", "then we get to 34": what was named does not go on so far. */
    public static function isElsewhere(Sentence $sentence, int $from, int $to): bool
    {
        foreach ($sentence->marks('arrives') as $begin => $end) {
            // "until you get to 32" is an end.
            if ($begin >= $from && $end <= $to && !$sentence->isInside('ends', $begin)) {
                return true;
            }
        }

        return $sentence->has(['move', 'nothing_more'], $from, $to) || $sentence->isAny('nothing_there', $from, max($from, $to))
            || self::isOfPipe($sentence, $from, $to);
    }

    /** "a crack at twelve, and the clay goes to twenty": the clay does. */
    private static function isOfPipe(Sentence $sentence, int $from, int $to): bool
    {
        // "cracks in the clay to twenty"
        $isIt = static fn (Atom $pipe) => $pipe->first >= $from && !$sentence->isAny('in_it', $pipe->first - 2, $pipe->first - 1)
            && $sentence->beginsAny(['to', 'ends', 'runs_to'], $pipe->last + 1);

        return [] !== array_filter($sentence->named->materials($to), $isIt);
    }

    /**
     * Whether what was named last before the end stretches, and nothing else was named since the beginning.
     *
     * @param list<Mention> $mentions
     */
    private static function isOneStretch(Sentence $sentence, array $mentions, Place $from, Place $to): bool
    {
        $before = array_filter($mentions, static fn (Mention $each) => $each->first < $to->first);
        // "at 22 it drops into cast iron, and that has scale all the way to 38"
        $between = array_filter($before, static fn (Mention $each) => $each->first > $from->last
            && !\in_array($each->kind, [Kind::LowSpot, Kind::Transition], true));
        $last = end($before);
        // "at ten feet gravel, and that goes to fifteen", not "roots at ten feet and the grease goes to fifteen"
        $kinds = array_unique(array_map(static fn (Mention $each) => $each->kind->value ?? '', $between));
        $named = array_filter($before, static fn (Mention $each) => $each->last < $from->first
            && $from->first - $each->last <= self::NAME_TO_PLACE && self::stretches($each));
        $isNamedBetween = 1 === \count($kinds) && [] === $named;

        // "an open joint at seventeen, and from twenty feet all the way to 23 it's full of debris"
        $isOfNext = $sentence->isAfter('from', $from->first) && $sentence->begins('to', $from->last + 1) === $to->first - 1;

        return ([] === $between || $isNamedBetween) && (false === $last || $isOfNext || self::stretches($last));
    }

    /**
     * "grease at thirty five feet, still grease at forty, forty five feet the grease ends", and "a crack at seven, it runs to nine".
     *
     * @param list<Mention> $mentions with their places
     *
     * @return list<Mention> those that are not the end of one before
     */
    public static function ended(Sentence $sentence, Measures $measures, array $mentions): array
    {
        $taken = array_map(static fn (Mention $each) => $each->place, $mentions);
        $all = [];
        foreach ($mentions as $i => $mention) {
            $before = self::unended($sentence, $all, $mention);
            if (null !== $before && null !== $mention->place && self::isItsEnd($sentence, $mention)) {
                $before->place = self::stretch($before->place ?? $mention->place, $mention->place);
                $before->goesOn = self::isStill($sentence, $mention);

                continue;
            }
            $all[] = $mention;
            $next = $mentions[$i + 1]->first ?? $sentence->last + 1;
            $isInLow = [] !== array_filter($all, static fn (Mention $each) => Kind::LowSpot === $each->kind && null !== $each->place);
            $end = StretchEnd::ofOther($sentence, $measures, $mention->last + 1, $next - 1, $isInLow)->places[0] ?? null;
            if (Kind::LowSpot !== $mention->kind && self::stretches($mention) && null !== $mention->place && null === $mention->place->to
                && null !== $end && null === $end->to && !\in_array($end, $taken, true)
                && (Kind::Crack !== $mention->kind || !self::isOfOther($sentence, $measures, $mention->place, $end))
            ) {
                $mention->place = self::stretch($mention->place, $end);
            }
        }

        return $all;
    }

    /** "10 feet a crack, at 20 something else, it stays so till 28": whatever is told of a place between, the end is of that. */
    private static function isOfOther(Sentence $sentence, Measures $measures, Place $begin, Place $end): bool
    {
        $isBetween = static fn (Place $place) => $place->first > $begin->last && $place->last < $end->first;

        return [] !== array_filter($measures->places, $isBetween) && !$sentence->has('goes_on', $begin->last, $end->first)
            && !$sentence->has('still', $begin->last, $end->first);
    }

    /** @param list<Mention> $all */
    private static function unended(Sentence $sentence, array $all, Mention $mention): ?Mention
    {
        $before = end($all);
        $isOther = false !== $before && $before->kind !== $mention->kind;
        if (self::isStill($sentence, $mention) || $isOther && self::isItsEnd($sentence, $mention)) {
            // "fat from 2.2, a junction at 3.4, still fat at 4.8", "crack continues with roots, fifty feet crack ends"
            $same = array_filter($all, static fn (Mention $each) => $each->kind === $mention->kind);
            $before = end($same);
        }
        $isSame = false !== $before && $before->kind === $mention->kind && self::stretches($mention);
        // "62, 65, 68 until we get to the sewer": at each of these.
        $isListed = null !== $mention->place && Listed::holds($sentence, $mention->place);

        return $isSame && !$isListed && null !== $before->place && $before->place !== $mention->place ? $before : null;
    }

    /** "the grease ends", "sag's over", "still grease" */
    private static function isItsEnd(Sentence $sentence, Mention $mention): bool
    {
        return self::isStill($sentence, $mention) || $sentence->is('the_same', $mention->first - 1)
            // "58 out of the belly"
            || $sentence->isInside('ends', $mention->first) && null === $sentence->begins('ends', $mention->first)
            || $sentence->begins('ends', $mention->first) > $mention->last
            || null !== $sentence->begins('runs_to', $mention->last + 1)
            || $sentence->is('is', $mention->last + 1) && $sentence->beginsAny(['runs_to', 'gone'], $mention->last + 2);
    }

    /** "Still grease" is the same grease; "still roots" may be others. */
    public static function isStill(Sentence $sentence, Mention $mention): bool
    {
        return Family::Roots !== $mention->kind?->family() && self::stretches($mention)
            && ($sentence->isAfter('still', $mention->first, 2)
                || $sentence->beginsAny(['still', 'goes_on'], $mention->last + 1) && !$sentence->is('articles', $mention->first - 1));
    }

    private static function stretch(Place $one, Place $other): Place
    {
        $ends = [$one->from, $one->to ?? $one->from, $other->from, $other->to ?? $other->from];

        return new Place(min($ends), max($ends), $one->first, $one->last);
    }

    /** Whether it goes from somewhere to somewhere; nobody tells where a hole ends. */
    public static function stretches(Mention $mention): bool
    {
        return Kind::Hole !== $mention->kind && Extent::Point !== ($mention->kind?->extent() ?? Extent::Point);
    }
}
