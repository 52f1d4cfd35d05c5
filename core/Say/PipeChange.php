<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;

/** Where the pipe becomes another, told by what it is made of. */
final class PipeChange
{
    /** How a pipe was named: as the counter went by … */
    public const COUNTER = 'counter';
    /** … or behind a place: "at thirty it's clay" … */
    public const TOLD = 'told';
    /** … or by its material and nothing more: "thirty feet clay". */
    public const BARE = 'bare';
    /** … or in whatever words, where it is another than before. */
    public const OTHER = 'other';
    /** … or behind what was told before: "and past that it's clay". */
    public const BEHIND = 'behind';
    /** So many words behind a place a material is told of it; so many words behind the material is what it is of. */
    private const OTHER_WORDS = 5;
    private const NAMED_WORDS = 4;
    /** The material comes within so many words of "goes to". */
    private const WITHIN = 6;
    private const RIGHT_BEHIND = 2;
    /** "From iron to clay": so many words behind the one the other is named. */
    private const TO_WORDS = 9;
    private const GOES_ON = ['goes_on', 'runs_to', 'goes_so_far'];
    /** What is meant by plastic with no more said. */
    private const PLASTIC = Material::PvcWelded;

    /**
     * @param Materials $pipes what the pipe was said to be made of before the sentence
     *
     * @return list<Mention> each pipe that the line becomes
     */
    public static function in(Sentence $sentence, Measures $measures, Materials $pipes): array
    {
        $materials = $sentence->named->materials();
        $ends = new PipeEnds($sentence, $measures, $pipes);
        $transitions = [];
        foreach ($materials as $i => $material) {
            $end = $ends->before($material->first, $material->last, $material->meaning) ?? $ends->begin($material);
            $next = $materials[$i + 1] ?? null;
            // "transition from iron to clay": it becomes no iron.
            $isLeft = PipeNamed::isLeft($sentence, $material);
            $isOld = ($isLeft || $sentence->isAfter('from', $material->first)) && null !== $next
                && true === self::fromOne($sentence, $measures, $material, $next, $materials[$i - 1]->last ?? -1)?->isInOrder;
            // "transition, cast iron to clay"
            $isOld = $isOld || $isLeft && PipeNamed::isOfChange($sentence, $material)
                // "black plastic" behind "abs" says what that is.
                || self::PLASTIC->value === $material->meaning && ($materials[$i - 1]->last ?? -1) === $material->first - 1;
            if ($isOld || null === $end && self::isUntil($sentence, $measures, $material)) {
                continue;
            }
            $transition = self::fromOne($sentence, $measures, $materials[$i - 1] ?? null, $material, $materials[$i - 2]->last ?? -1)
                ?? self::toOne($sentence, $measures, $material, $materials[$i - 1]->last ?? $sentence->first - 1)
                ?? self::other($sentence, $measures, $material, $materials[$i - 1]->meaning ?? $pipes->named());
            $transition ??= null === $end ? null : self::into($sentence, $measures, $material, $material->first);
            $before = end($transitions);
            // "transition to clay, it goes to clay": of one in one breath the first says it.
            $isTwin = false !== $before && $before->facts === $transition?->facts
                && !$measures->hasPlace($before->last, $transition->first);
            if (null !== $transition && !$isTwin) {
                $transitions[] = $transition;
            }
        }

        return $transitions;
    }

    /** "it's clay out to 65": there it ends. */
    private static function isUntil(Sentence $sentence, Measures $measures, Atom $material): bool
    {
        $to = $sentence->begins('to', $material->last + 1);
        $isAt = static fn (Place $place) => $place->first - 1 === $to;
        $isBefore = static fn (Place $place) => $place->last < $material->first;

        return null !== $to && [] !== array_filter($measures->places, $isAt) && [] === array_filter($measures->places, $isBefore);
    }

    /**
     * "it goes from iron to clay".
     *
     * @param int $last the last word of the material before both
     */
    private static function fromOne(Sentence $sentence, Measures $measures, ?Atom $before, Atom $after, int $last): ?Mention
    {
        if (null === $before) {
            return null;
        }
        // "a clay to plastic adaptor", "cast to clay at fifteen", "clay into a six inch plastic"
        $isThere = $sentence->is('adaptors', $after->last + 1) || null !== $sentence->begins('at', $after->last + 1)
            // "nine feet plastic to clay"
            || [] !== array_filter($measures->places, static fn (Place $place) => $place->isBefore($sentence, $before->first));
        $to = $sentence->begins('to', $before->last + 1);
        if ($isThere && null !== $to && ($to === $after->first - 1 || Bores::isBefore($sentence, $to + 1, $after->first))) {
            return self::into($sentence, $measures, $after, $before->first, isInOrder: true);
        }
        foreach ($sentence->marks('from_material') as $begin => $end) {
            $isNext = $begin > $last && $before->first > $end && $before->first - $end <= self::WITHIN
                && $after->first - $before->last <= self::TO_WORDS;
            // "it goes clay at four and back to plastic at eight" are two.
            // "it goes to plastic, and it's back to clay at twelve" are two as well.
            $isNext = $isNext && !$sentence->isAfter('to', $before->first);
            if ($isNext && $sentence->has('to', $before->last, $after->first) && !$measures->hasPlace($before->last, $after->first)) {
                return self::into($sentence, $measures, $after, $begin, isInOrder: true);
            }
        }

        return null;
    }

    /** @param int $from the last word of what was named as a material before */
    private static function toOne(Sentence $sentence, Measures $measures, Atom $material, int $from): ?Mention
    {
        // "it's still cast iron outside", "I'm still in the clay"
        if ($sentence->isAfter('still', $material->first, self::RIGHT_BEHIND + 1)) {
            return null;
        }
        foreach ($sentence->marks('into') as $begin => $end) {
            // "into a four inch cast iron elbow": that is what the elbow is of; and not "into plastic, there's a repair"
            $isOfNext = PipeNamed::tells($sentence, $end + 1) || Atom::KIND === $sentence->atomAt($material->last + 1)?->role
                && !$sentence->beginsAny(['intro', 'they_are'], $material->last + 1) && !$sentence->is('somebody', $material->last + 1);
            // "the transition's cast to clay", "a transition from the cast iron to clay": that is what the line leaves.
            $isOfNext = $isOfNext || $sentence->has('from', $end + 1, $material->first - 1);
            if (!$isOfNext && $end > $from && $material->first > $end && $material->first - $end <= self::WITHIN
                // "3.5 m back to round, 4.1 plastic to clay"; "going in the front cleanout, and it's cast iron"
                && !$measures->hasPlace($end, $material->first)
                && Kind::OpeningSeen->value !== $sentence->atomAt((int) $sentence->named->next($end, $material->first - 1))?->meaning
                // "heading back to the house, one ten PVC", "going out to the alley, and it's clay"
                && !$sentence->has('landmark', $end + 1, $material->first)
                && !($sentence->is('and', $material->first - 2) && $sentence->is('likened', $material->first - 1))) {
                return self::into($sentence, $measures, $material, $begin);
            }
        }
        // "a crack in this cast iron starting at seven": the crack does; "it's all plastic, starting at zero"
        $isIn = $sentence->is('in_it', $material->first - 2) && !$sentence->is('articles', $material->first - 1)
            || null !== $sentence->begins('from_zero', $material->last + 1);
        $isTold = $sentence->isAfter('becomes', $material->first)
            || !$isIn && $sentence->beginsAny(['starts', 'from_here', 'all_on'], $material->last + 1)
            || (new PipePlaced($sentence, $measures, $material))->is();

        // "outside, which is at twenty two, and then it's clay", and not "then the plastic continues out"
        $isThen = $sentence->isAfter('then_made_of', $material->first) && !$sentence->beginsAny(self::GOES_ON, $material->last + 1);
        if ($sentence->isAfter('made_of_behind', $material->first)) {
            return self::into($sentence, $measures, $material, $material->first, self::BEHIND);
        }

        return $isTold ? self::into($sentence, $measures, $material, $material->first)
            : self::reached($sentence, $measures, $material)
            ?? ($isThen ? self::into($sentence, $measures, $material, $material->first, self::COUNTER) : null);
    }

    /**
     * "twenty feet, and you've got your original clay": whatever is said of it, where it was named as another before.
     *
     * @param ?string $pipe what was named before
     */
    private static function other(Sentence $sentence, Measures $measures, Atom $material, ?string $pipe): ?Mention
    {
        $before = array_filter($measures->places, static fn (Place $place) => $place->last < $material->first);
        $from = ([] === $before ? $sentence->first - 1 : end($before)->last) + 1;
        // "there's a crack, and now I'm in clay": where nothing has a place it is told in its own part.
        $from = [] === $measures->places ? $sentence->part($material->first)[0] : $from;
        $from += $sentence->is('and', $from) ? 1 : 0;
        $next = $material->last + 1;
        $isOfIt = $material->first - $from < self::OTHER_WORDS && null === $sentence->named->next($from, $next + self::NAMED_WORDS)
            && null === $sentence->amountBefore($material->first) && !$sentence->has('deny', $from, $material->first)
            && !$sentence->isAny('and', $from, $material->first) && !$sentence->isAfter('still', $material->first, 2);

        // "a stick in it at twenty, the clay's okay", "they cut in a piece of plastic from twenty to 26"
        $isKnown = $sentence->is('definite', $material->first - 1) && null === $sentence->begins('intro', $from)
            || $sentence->is('of', $material->first - 1) || null !== $sentence->begins('from', $next);

        return $isOfIt && !$isKnown && !\in_array($pipe, [null, $material->meaning, 'liner'], true) && 'liner' !== $material->meaning
            ? self::into($sentence, $measures, $material, $from, self::OTHER) : null;
    }

    /** "and at twenty feet it's clay" */
    private static function reached(Sentence $sentence, Measures $measures, Atom $material): ?Mention
    {
        foreach ($measures->places as $place) {
            // "from forty on it's plastic"
            $from = $sentence->isAfter('from', $place->first) ? $sentence->begins('on_from', $place->last + 1) : null;
            $on = ($from ?? $place->last) - $place->last + 1;
            // "outside at eighteen and it's clay", "thirty four feet is clay"
            $on += $sentence->is('and', $place->last + $on) ? 1 : 0;
            $is = $place->last + $on;
            $end = $sentence->begins('made_of', $is) ?? ($sentence->is('is', $is) ? $is : null);
            $end ??= self::outTo($sentence, $measures, $place);
            // "and we're into the old cast"
            $isOld = null !== $sentence->begins('bored', $material->first - 1);
            $isNext = null !== $end && $material->first > $end && $material->first - $end <= self::RIGHT_BEHIND + ($isOld ? 1 : 0)
                || self::isRightBehind($sentence, $place, $material) && self::isAll($sentence, $material);
            // "six feet it's a plastic saddle"
            $isOfNext = $sentence->is('articles', $material->first - 1) && Atom::KIND === $sentence->atomAt($material->last + 1)?->role;
            if ($isNext && !$isOfNext && $place->from >= PipePlaced::AT_ZERO_M) {
                // "… at eight metres, nine point four we're into clay"
                $isEntered = null !== $end && null !== $sentence->begins('to', $end);
                $isCounted = null !== $sentence->amountBefore($place->first) && !$isEntered;
                $by = self::isRightBehind($sentence, $place, $material) ? self::BARE : ($isEntered ? '' : self::TOLD);

                return self::into($sentence, $measures, $material, $place->last + 1, $isCounted ? self::COUNTER : $by);
            }
        }

        return null;
    }

    /** "from twenty two out to your main it's all clay": where it is said what it is. */
    private static function outTo(Sentence $sentence, Measures $measures, Place $place): ?int
    {
        if (!$sentence->isAfter('from', $place->first) || null === $sentence->begins('to', $place->last + 1)) {
            return null;
        }
        foreach ($sentence->marks('made_of') as $begin => $end) {
            if ($begin > $place->last && $begin - $place->last <= self::WITHIN && !$measures->hasPlace($place->last, $begin)) {
                return $end;
            }
        }

        return null;
    }

    /** "thirty feet clay", "two point five old clay pipe" */
    private static function isRightBehind(Sentence $sentence, Place $place, Atom $material): bool
    {
        $next = $place->last + 1;

        return $material->first === $next || $sentence->begins('bored', $next) === $material->first - 1;
    }

    /** "eighteen feet clay pipe": and no more is said of it. */
    private static function isAll(Sentence $sentence, Atom $material): bool
    {
        $next = $material->last + 1;
        $next += $sentence->is('described', $next) ? 1 : 0;

        // "five point two cast iron and it's scaled"
        return self::isLast($sentence, $next)
            // "thirty seven clay with an offset at the wall", "thirteen feet cast iron, it's rusty"
            || $sentence->is('with', $next) || $sentence->is('subjects', $next)
            || $sentence->is('and', $next) && ($sentence->is('subjects', $next + 1) || $sentence->is('known', $next + 1));
    }

    /** Whether nothing more is said before the next place. */
    public static function isLast(Sentence $sentence, int $next): bool
    {
        return $next > $sentence->last || $sentence->isComma($next) || null !== $sentence->atomAt($next)?->amount;
    }

    private static function into(
        Sentence $sentence, Measures $measures, Atom $material, int $begin, string $by = '', bool $isInOrder = false,
    ): Mention {
        $mention = new Mention(Kind::Transition, $begin, $material->last, by: $by, facts: ['material_after' => $material->meaning]);
        $mention->isInOrder = $isInOrder;
        foreach ($measures->bores as $bore) {
            if ($bore->last < $material->first + 1 && $material->first - $bore->last <= 2) {
                $mention->measure($bore);
            }
        }

        return $mention;
    }
}
