<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Kind;

/** Where it is said that what stretches ends, or goes on to. */
final readonly class StretchEnd
{
    private const OF_LOW = ['ends', 'goes_on'];
    private const OF_OTHERS = EndWords::OF_OTHERS;
    /** "30 I'm out of it": a place so many words before the end. */
    private const BEFORE_WORDS = 4;
    /** "from there to the main it looks great, the main's at 38": so many words behind it another place is of something else. */
    private const BEHIND_WORDS = 8;
    /** "a belly from about": a name so many words before its place. */
    private const NAME_AT = 3;

    /** @param list<Place> $places behind the word that says so, in their order */
    private function __construct(public int $word, public array $places)
    {
    }

    /** @return ?self of a low spot; none where nothing of that is said, or another one starts in the sentence */
    public static function ofLow(Sentence $sentence, Measures $measures): ?self
    {
        // "it's starting to come up out of it"
        // … and "it starts at 35 and ends at 41"
        $begins = array_filter(
            array_keys($sentence->marks('starts')),
            static fn (int $word) => !$sentence->isInside('ends', $word) && !$sentence->is('subjects', $word - 1),
        );

        $last = [] === $begins ? $sentence->last : min($begins) - 1;

        return self::outAgain($sentence, $measures, $sentence->first, $last)
            ?? self::between($sentence, $measures, self::OF_LOW, $sentence->first, $last);
    }

    /** "seventy seven back up, 83 …", "thirty nine, okay, I'm out": right behind a place, and no more is said of it. */
    private static function outAgain(Sentence $sentence, Measures $measures, int $first, int $last): ?self
    {
        $up = null;
        foreach ($measures->places as $place) {
            for ($next = $place->last + 1; null !== ($done = self::hesitation($sentence, $next)); $next = $done + 1) {
            }
            $end = $place->first >= $first && $next <= $last && null === $place->to && !$sentence->isAfter('to', $place->first)
                ? $sentence->begins('out_again', $next) : null;
            if (null !== $end && self::isWhole($sentence, $end + 1)) {
                $out = new self($next, [$place]);
                // "39 it's coming back up, and 41 we're out of it"
                if (!$sentence->isInside('comes_up', $next)) {
                    return $out;
                }
                $up ??= $out;
            }
        }

        return $up;
    }

    /** "okay, we're out", and nothing more before it */
    public static function isOver(Sentence $sentence): bool
    {
        for ($next = $sentence->first; null !== ($done = $sentence->begins('cut', $next) ?? self::hesitation($sentence, $next));) {
            $next = $done + 1;
        }
        $end = $sentence->begins('out_again', $next);

        return null !== $end && self::isWhole($sentence, $end + 1);
    }

    /** @return ?int the last word of what means nothing: "twenty eight, okay, and I'm out", "thirty one, there we go, we're out" */
    private static function hesitation(Sentence $sentence, int $word): ?int
    {
        $isOne = $sentence->is('and', $word) || $sentence->isComma($word) || $sentence->is('all_well', $word);

        return $sentence->begins('there_we_go', $word) ?? ($isOne ? $word : null);
    }

    /** Whether no more is said of where it ends. */
    private static function isWhole(Sentence $sentence, int $next): bool
    {
        return $sentence->isDone($next) || $sentence->isComma($next) || $sentence->is('and', $next) || $sentence->is('somebody', $next)
            || $sentence->beginsAny(['cut', 'intro'], $next) || null !== $sentence->atomAt($next)?->amount;
    }

    /** @return ?self of a low spot, said before a word */
    public static function before(Sentence $sentence, Measures $measures, int $word): ?self
    {
        return self::between($sentence, $measures, ['ends'], $sentence->first, $word - 1);
    }

    /**
     * @param bool $isInLow whether it is in a low spot, of which "66 we're out of it" tells
     *
     * @return ?self of anything else, which ends where it says so in so many words
     */
    public static function ofOther(Sentence $sentence, Measures $measures, int $first, int $last, bool $isInLow = false): ?self
    {
        $end = self::between($sentence, $measures, self::OF_OTHERS, $first, $last);
        if ($isInLow && null !== $end && null !== $sentence->begins('out_again', $end->word)) {
            return null;
        }
        $isClean = isset($end->places[0]) && (new Vacancy($sentence))->isCleanTo($first, $end->places[0]);

        return $isClean ? null : $end;
    }

    /** @return ?float where it is said to start, in metres: "it starts at 35" */
    public static function start(Sentence $sentence, Measures $measures): ?float
    {
        foreach ($measures->places as $place) {
            foreach ([...$sentence->marks('starts'), ...$sentence->marks('went_under')] as $end) {
                if (self::isRightBehind($sentence, $end, $place)) {
                    return $place->from;
                }
            }
        }

        return null;
    }

    /**
     * The end of one that has begun in the same sentence: it is said before anything else is named.
     *
     * @param list<Mention> $mentions
     */
    public static function inOneBreath(Sentence $sentence, Measures $measures, array $mentions): ?self
    {
        $begin = $place = null;
        $end = $sentence->last;
        foreach ($mentions as $mention) {
            if (Kind::LowSpot === $mention->kind) {
                [$begin, $end, $place] = [$begin ?? $mention->last, $sentence->last, $mention->place];
            } elseif (null !== $begin && $end === $sentence->last && Kind::SightLimited !== $mention->kind
                // "it's full of water and fat, at four and a half it comes out": what is in it ends nothing.
                && (null === $place || $mention->place !== $place)
            ) {
                $end = $mention->first - 1;
            }
        }
        $found = null === $begin ? null : self::outAgain($sentence, $measures, $begin, $end)
            ?? self::between($sentence, $measures, self::OF_LOW, $begin, $end)
            // "a belly at 58, there's roots at sixty, and at 66 we're out of it"
            ?? self::outAgain($sentence, $measures, $begin, $sentence->last);

        return null === $found || $sentence->has('starts', $found->word, $end) ? null : $found;
    }

    /** "30 I'm out of it", "ten foot six crack ends", and not "starts at 33 water ends 41" */
    public static function isSubject(Sentence $sentence, Place $place, int $word): bool
    {
        // "57 feet, it's out of the dip"
        $last = $place->last + ($sentence->isComma($place->last + 1) ? 1 : 0);
        $next = $sentence->atomAt($last + 1);
        // "56 feet sag's over": the name is within what says so.
        $isName = Atom::KIND === $next?->role && ($next->last === $word - 1 || $next->first === $word);

        // "four point eight out of water"
        $isOut = $last + 1 === $word && null !== $sentence->begins('out', $word)
            && !$sentence->isAfter('at', $place->first);

        // "five feet and out of it"
        $isOut = $isOut || $sentence->is('and', $last + 1) && null !== $sentence->begins('out', $last + 2)
            && $last + 2 === $word;

        // "52 end of it", "33 and I'm out of it"
        $next = $last + ($sentence->is('and', $last + 1) ? 2 : 1);
        $isOut = $isOut || $word >= $next && $word <= $sentence->begins('closes', $next) && !$sentence->isAfter('at', $place->first);

        // "twenty one and it quits", "I'm at 31 and I come out of it", and not "at 31 and we come out at 33"
        $isThere = !$sentence->isAfter('at', $place->first) || self::isLast($sentence, $word);
        $isOut = $isOut || $sentence->is('and', $last + 1) && $sentence->is('subjects', $last + 2)
            && \in_array($word, [$last + 2, $last + 3], true) && $isThere
            && !$sentence->isInside('at', $sentence->begins('ends', $word) ?? $word);

        // "twelve metres it's dipped, it's over by …": it begins there.
        $isIt = $sentence->is('subjects', $last + 1) && null === $sentence->named->next($last + 1, $word - 1);

        // "forty, still in water"
        return $isOut || $isIt || $word === $last + 1 && $sentence->isInside('still', $word)
            || $sentence->is('water', $last + 1) && \in_array($word - $last, [1, 2], true)
            // "thirty three feet water's gone, thirty six feet good joint"
            || $word === $last + 1 && $sentence->has('gone', $word, $word + 1)
            // "seventeen feet the water's going away"
            // … and not "forty five that goes to fifty"
            || $sentence->is('known', $last + 1) && \in_array($word - $last, [2, 3], true)
            && !($sentence->is('refers', $last + 1) && 2 === $word - $last && !$sentence->is('water', $word))
            || $isName && !(self::isStart($sentence, $place) ?? $sentence->isAfter('at', $place->first));
    }

    /** Whether no place is said behind a word. */
    private static function isLast(Sentence $sentence, int $word): bool
    {
        return [] === array_filter($sentence->atoms, static fn (Atom $atom) => $atom->first > $word
            && $atom->first - $word <= self::BEHIND_WORDS && true === $atom->amount?->mayBeAlong());
    }

    /**
     * "water starts 33", but not "forty feet belly starts, forty six belly ends": where it starts was said before.
     *
     * @return ?bool none where nothing starts right before the place
     */
    private static function isStart(Sentence $sentence, Place $place): ?bool
    {
        foreach ($sentence->marks('starts') as $begin => $end) {
            $isBeside = self::isRightBehind($sentence, $end, $place);
            foreach ($isBeside ? $sentence->atoms : [] as $atom) {
                // "six metres scale on the invert starts"
                $isNear = $atom->last < $begin && $begin - $atom->last <= self::NAME_AT + 1;
                if (Atom::KIND === $atom->role && $isNear && null !== $sentence->amountBefore($atom->first)) {
                    return false;
                }
            }
            if ($isBeside) {
                return true;
            }
        }

        return null;
    }

    /** "starts 33", "starts at 33" */
    private static function isRightBehind(Sentence $sentence, int $end, Place $place): bool
    {
        return $end === $place->first - 1 || $sentence->begins('at', $end + 1) === $place->first - 1;
    }

    /** "a belly at 31 feet the water clears up at 39": it is the first that is at 31. */
    private static function isBeginning(Sentence $sentence, Place $place, ?Place $end): bool
    {
        // … and "the sag is twenty it lets go at 31"
        $isTold = $sentence->isAfter('at', $place->first) || $sentence->is('is', $place->first - 1);
        $isLed = $isTold && null !== $end && $sentence->isAfter('at', $end->first);

        return $isLed && $place->first - ($sentence->named->before($place->first) ?? 0) <= self::NAME_AT;
    }

    /** @param list<string> $roles */
    private static function between(Sentence $sentence, Measures $measures, array $roles, int $first, int $last): ?self
    {
        $ends = $placed = [];
        foreach ((new EndWords($sentence, $roles))->in($first, $last) as $word => $until) {
            // "it comes back up, and at 41 there's the main": that is of something else.
            $isBehind = static fn (Place $place) => $place->last > $word && $place->last <= $last
                && $place->first - max($word, min($until, $place->first)) <= self::BEHIND_WORDS
                // "it gets thicker, and by the time you're at twenty" is one.
                && (!$sentence->isAny('and', min($until, $place->first), max($word, $place->first))
                    // "it stops at the next joint, and that's at 26"
                    || $sentence->isAfter('puts', $place->first, 2) && null === $sentence->begins('intro', $place->last + 1));
            $ends[$word] = array_values(array_filter($measures->places, $isBehind));
            // "30 I'm out of it, 35 …": the place stands before.
            $before = array_filter($measures->places, static fn (Place $place) => $place->last < $word
                && $word - $place->last <= self::BEFORE_WORDS && self::isSubject($sentence, $place, $word));
            // "fifteen, sixteen, we're coming out at seventeen"
            $isOfOther = [] !== $before && (self::isBeginning($sentence, end($before), $ends[$word][0] ?? null)
                || [] !== $ends[$word] && $sentence->isComma(end($before)->last + 1));
            $ends[$word] = [] === $before || $isOfOther ? $ends[$word] : [end($before)];
            // "it carries on to 13, and at 16 it comes out in the chamber": what no place follows does not say where.
            $placed += [] === $ends[$word] ? [] : [$word => $ends[$word]];
        }
        $told = [] === $placed ? $ends : $placed;
        $word = [] === $told ? null : max(array_keys($told));

        return null === $word ? null : new self($word, $told[$word]);
    }
}
