<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Kind;

/** Leaves out of what is named in a sentence what only says again, or less well, what another word in it says. */
final class Overlaps
{
    private const STUCK_WORDS = 2;
    private const MORE_WORDS = 3;
    private const CHANGE_WORDS = 1;
    private const DESCRIBED_WORDS = 2;
    private const THAT_WORDS = 4;
    public const CAN_BE_STUCK = [Family::Object, Family::Deposit];

    /**
     * @param list<Mention> $named as being there
     *
     * @return list<Mention>
     */
    public static function without(array $named, Sentence $sentence): array
    {
        return self::withoutSight(self::withoutVague(self::withoutStuck($named, $sentence)));
    }

    /**
     * "transition to clay": named by one word of it and by all of them.
     *
     * @param list<Mention> $named
     *
     * @return list<Mention>
     */
    public static function withoutTwins(array $named): array
    {
        $isWhole = static fn (Mention $one, Mention $other) => $one !== $other && $one->kind === $other->kind
            && $one->first <= $other->last && $one->last >= $other->first && $one->last - $one->first > $other->last - $other->first;

        $isOfChange = static fn (Mention $one, Mention $other) => Kind::Transition === $one->kind && $one->kind === $other->kind
            && isset($one->facts['material_after']) && $one->facts === $other->facts
            && $other->first > $one->last && $other->first - $one->last <= self::CHANGE_WORDS + ($other->isInOrder ? 1 : 0);
        // "there's the change to plastic": the change, and what it becomes; "a transition from iron to clay at nine" is the whole of it.
        $isToldBefore = static fn (Mention $one, Mention $other) => !$other->isInOrder && $isOfChange($one, $other);
        $isToldWhole = static fn (Mention $one, Mention $other) => $one->isInOrder && $isOfChange($other, $one);

        return self::kept($named, static fn (Mention $each) => [] === array_filter(
            $named, static fn (Mention $other) => $isWhole($other, $each) || $isToldBefore($other, $each) || $isToldWhole($other, $each),
        ));
    }

    /**
     * "a belly, and the camera's under", "the bathroom group coming in on the left": said again of what was just named.
     *
     * @param list<Mention> $named as being there
     *
     * @return list<Mention>
     */
    public static function withoutMore(array $named, Sentence $sentence, Measures $measures): array
    {
        $kept = [];
        $thing = new OneThing($sentence);
        foreach ($named as $each) {
            $before = end($kept) ?: null;
            $isBeside = null !== $before
                && (!$measures->hasPlace($before->last, $each->first) || self::isComingThere($before, $each, $sentence));
            $isOne = $isBeside && ($thing->join($before, $each) || $thing->isFlat($before, $each))
                || null !== $before && $thing->isWhere($before, $each)
                    && !$measures->hasPlace(self::ownEnd($before, $sentence), $each->first);
            if ($isOne || null !== $before && self::isDescribed($before, $each, $sentence, $isBeside)
                || self::isReferredTo($each, $kept, $sentence, $measures)
            ) {
                continue;
            }
            if ($isBeside && $thing->isOpeningItself($before, $each)) {
                array_pop($kept);
            }
            $isMore = $isBeside && $each->kind === $before->kind && null === $sentence->begins('at', $each->last + 1);
            $isOr = $isBeside && $sentence->is('or', $before->last + 1) && $each->first - $before->last <= self::MORE_WORDS;
            // "a chunk of concrete or a brick"
            if ($isOr && self::areEither($before, $each)) {
                continue;
            }
            if ($isMore && $isOr) {
                // "a rag or a shirt or something"
                array_pop($kept);
            } elseif ($isMore && (isset($each->facts[Fact::LensUnder->value]) || self::isOne($before, $each, $sentence))) {
                $before->facts += $each->facts;

                continue;
            }
            $kept[] = $each;
        }

        return $kept;
    }

    /** "a root at seventeen coming in on the right side": its place stands between. */
    private static function isComingThere(Mention $root, Mention $coming, Sentence $sentence): bool
    {
        return Family::Roots === $root->kind?->family() && Kind::TieIn === $coming->kind && self::isBehindPlaceOf($root, $coming, $sentence)
            && $sentence->isAny('coming', $coming->first, $coming->first);
    }

    /** Whether nothing but the place of one stands between two names: "a wye at twelve feet, that's the half bath". */
    private static function isBehindPlaceOf(Mention $one, Mention $other, Sentence $sentence): bool
    {
        $end = self::ownEnd($one, $sentence);

        return $end > $one->last && $end === $other->first - 1;
    }

    /** The last word of a name, or of its place where that stands right behind it. */
    private static function ownEnd(Mention $one, Sentence $sentence): int
    {
        $at = $sentence->begins('at', $one->last + 1);

        return (null === $at ? null : $sentence->atomAt($at + 1)?->amount)->last ?? $one->last;
    }

    /**
     * "another one on the left, that's the kitchen": whose tie-in it is, and no other.
     *
     * @param list<Mention> $mentions
     *
     * @return list<Mention>
     */
    public static function withoutWhoseIs(array $mentions, Sentence $sentence, Measures $measures): array
    {
        $all = [];
        foreach ($mentions as $mention) {
            $before = end($all);
            // "there's the wye for the tub and there's the wye for the toilet" are two.
            $isOther = $mention->isOther && [] === $measures->places;
            // "a branch on the left, that's your half bath"
            $isName = 'name' === $mention->by || null !== $sentence->begins('they_are', $mention->first);
            $isWhose = false !== $before && !$isOther && $isName
                && Kind::TieIn === $mention->kind && Kind::TieIn === $before->kind
                // "a wye at twelve feet, that's the half bath"
                && (!$measures->hasPlace($before->last, $mention->first)
                    || self::isBehindPlaceOf($before, $mention, $sentence) && null !== $sentence->begins('they_are', $mention->first))
                // "a tee with what looks like the laundry"
                && ($sentence->has('intro', $before->last + 1, $mention->last)
                    || $sentence->has('likely', $before->last + 1, $mention->first));
            array_push($all, ...($isWhose ? [] : [$mention]));
        }

        return $all;
    }

    /**
     * "a crack with roots growing through the crack".
     *
     * @param list<Mention> $before
     */
    private static function isReferredTo(Mention $each, array $before, Sentence $sentence, Measures $measures): bool
    {
        // "your wye at the main, and there's roots right in the wye"
        $isTap = static fn (Mention $other) => Kind::TieIn === $each->kind && Kind::Tap === $other->kind;
        $same = array_filter($before, static fn (Mention $other) => $other->kind === $each->kind || $isTap($other));
        // "fourteen feet there's a crack, seventeen feet that crack keeps going"
        if ([] !== $same && null !== $sentence->begins('goes_on', $each->last + 1)
            && $sentence->is('before_pronouns', $each->first - 1) && !$sentence->is('articles', $each->first - 1)
        ) {
            return true;
        }
        $isBeside = static fn (Mention $other) => !$measures->hasPlace($other->last, $each->first);
        // "to the main at 22, I can see the main there and the main is full": there is one.
        $isOnce = \in_array($each->kind, OfLast::ONE, true) && $sentence->is('definite', $each->first - 1);
        if ($isOnce && [] !== array_filter($same, $isBeside)) {
            return true;
        }

        return $sentence->is('known', $each->first - 1) && $sentence->isAfter('way', $each->first - 1)
            && null === $sentence->begins('at', $each->last + 1) && [] !== array_filter($same, $isBeside);
    }

    private static function areEither(Mention $one, Mention $other): bool
    {
        return $one->kind !== $other->kind && \in_array($one->kind?->family(), self::CAN_BE_STUCK, true)
            && \in_array($other->kind?->family(), self::CAN_BE_STUCK, true);
    }

    /** "a bend at thirty feet to the right, it's a long sweep" */
    private static function isDescribed(Mention $one, Mention $more, Sentence $sentence, bool $isBeside): bool
    {
        // "the little hairs hanging down, those are roots, and that's at 28"
        // … and "that's your first set of roots"
        if ($isBeside && !$one->isGeneral && OneThing::areRoots($one, $more)
            && $sentence->isAfter('they_are', $more->first, self::THAT_WORDS)) {
            return true;
        }
        if ($one->kind !== $more->kind || null !== $sentence->begins('at', $more->last + 1)) {
            return false;
        }
        $behind = $sentence->amountEnd($more->last + 1);
        // "a bend, that's a forty five, thirty feet a coupling": the coupling is at thirty.
        $isFree = null === $behind || $sentence->is('articles', $behind + 1);
        foreach ($isFree ? $sentence->marks('describes') : [] as $begin => $end) {
            $isOf = $more->first - $end > 0 && $more->first - $end <= self::DESCRIBED_WORDS;
            // "thirty feet, it's a crack" is of that place.
            if ($isOf && $begin > $one->last && null === $sentence->amountBefore($begin)) {
                return true;
            }
        }

        return false;
    }

    /** Nothing that joins two stands between. */
    private static function isOne(Mention $one, Mention $more, Sentence $sentence): bool
    {
        for ($i = $one->last + 1; $i < $more->first; ++$i) {
            if ($sentence->is('and', $i) || $sentence->isComma($i)) {
                return false;
            }
        }

        return Kind::TieIn === $one->kind && $more->first - $one->last <= self::MORE_WORDS;
    }

    /**
     * "a rag stuck at 66 feet", "grease stuck to the wall": it is the rag that is stuck; in "a rag, can't get by" the tool.
     *
     * @param list<Mention> $named
     *
     * @return list<Mention>
     */
    private static function withoutStuck(array $named, Sentence $sentence): array
    {
        $things = array_filter($named, static fn (Mention $each) => \in_array($each->kind?->family(), self::CAN_BE_STUCK, true));
        $isStuck = static fn (Mention $each) => Kind::CannotGoFurther === $each->kind
            && $sentence->isAny('stuck', $each->first, $each->last);
        // "paper sitting in the water, it's not going anywhere"
        $staysPut = static fn (Mention $each, Mention $thing) => Kind::CannotGoFurther === $each->kind && $thing->last < $each->first
            && null !== $sentence->begins('stays_put', $each->first);

        // "there's a crack at nineteen, and it stops right there at 25"
        $isEnd = static fn (Mention $each) => Kind::CannotGoFurther === $each->kind && $sentence->endsThere($each->first)
            && $sentence->has('here', $each->first, $each->last)
            && [] !== array_filter($named, static fn (Mention $other) => $other->last < $each->first && Joined::stretches($other));

        // "a toy, I think it's a dinosaur, it's stuck there": however far before.
        $isOf = static fn (Mention $each, Mention $thing) => abs($each->first - $thing->last) <= self::STUCK_WORDS
            || $thing->last < $each->first && $sentence->isAfter('they_are', $each->first);

        return self::kept($named, static fn (Mention $each) => !$isEnd($each) && [] === array_filter(
            $things, static fn (Mention $thing) => $isStuck($each) && $isOf($each, $thing) || $staysPut($each, $thing),
        ));
    }

    /**
     * "some kind of buildup, looks like grease": it is the grease; "a rock stuck in the pipe": the rock.
     *
     * @param list<Mention> $named
     *
     * @return list<Mention>
     */
    private static function withoutVague(array $named): array
    {
        $clear = self::kept($named, static fn (Mention $each) => 'vague' !== $each->by);
        $clear = array_map(static fn (Mention $each) => $each->kind?->family(), $clear);

        return self::kept($named, static fn (Mention $each) => 'vague' !== $each->by || !\in_array($each->kind?->family(), $clear, true));
    }

    /**
     * "it's all roots, can't see a thing": sight is limited where nothing else is said.
     *
     * @param list<Mention> $named
     *
     * @return list<Mention>
     */
    private static function withoutSight(array $named): array
    {
        $others = self::kept($named, static fn (Mention $each) => Kind::SightLimited !== $each->kind);

        return [] === $others ? $named : $others;
    }

    /**
     * @param list<Mention> $named
     * @param \Closure(Mention): bool $isKept
     *
     * @return list<Mention>
     */
    private static function kept(array $named, \Closure $isKept): array
    {
        return array_values(array_filter($named, $isKept));
    }
}
