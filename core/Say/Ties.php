<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Kind;

/**
 * How loosely a name is tied to a place by the words between them: the more the number, the less likely they belong together.
 *
 * The numbers are weights in a common unit, half of what a word between a name and its place costs; they were found by trying which
 * read the most narrations as a listener does.
 */
final readonly class Ties
{
    /** The place stands before the name … */
    private const BEFORE = -3;
    /** … behind "at", */
    private const LEADS = -3;
    /** with "there's" or "here" between, */
    private const SHOWN = -3;
    /** or with "it's" or nothing between. */
    private const LED = -2;
    /** It stands behind the name … */
    private const BEHIND = -2;
    /** … and behind "at", */
    private const AT = -5;
    /** … with "there's" between: of what is named then, */
    private const INTRODUCED = 11;
    /** or of what "there's" opens behind it, */
    private const OPENS = 9;
    /** of another, where each is told before its place, */
    private const OTHERS = 8;
    /** before "a" and a name, */
    private const BEFORE_ONE = 4;
    /** behind "in that", where it is not, */
    private const THERE = 15;
    /** or behind "that's at"; */
    private const TOLD = -12;
    /** or where a low spot ends, which is behind that; */
    private const ENDED = 16;
    /** or behind "and that's", however far; */
    private const PUT = 4;
    /** nothing ties it, where others tell what comes next. */
    private const NEXT = 12;
    /** The name stands between the ends of its stretch. */
    private const INSIDE = -10;
    /** A stretch, of what has no length. */
    private const NO_STRETCH = 8;
    /** What is named has the place of what was named before it … */
    private const SAME = 3;
    /** … over another one between them, */
    private const PARTED = 2;
    /** … where "and" or "with" joins them, */
    private const JOINED = -2;
    /** or the place stands between the two without any of these. */
    private const OVER = 7;
    /** "There too", "behind it": however far behind, it is no farther than so many words. */
    private const THERE_WORDS = 2;
    /** "And it's": so many words behind what that is said of. */
    private const OF_LAST_WORDS = 3;
    /** "That's where it": so many words before what is there. */
    private const WHERE_WORDS = 3;
    /** What lies in a low spot has no end where somebody comes out of the water. */
    private const IN_WATER = [Family::Deposit, Family::Object];
    /** Both are of one kind. */
    private const TWICE = -8;
    /** Each is another pipe, and no two begin at one place. */
    private const OTHER_PIPE = 24;
    /** It has no place in the sentence … */
    private const NOWHERE = 21;
    /** … but is known from before and had one then, */
    private const KNOWN = 5;
    /** … or is the pipe that the line begins with, */
    private const BEGINS = 12;
    /** … or one that was said before holds. */
    private const CARRIED = 7;

    private Vacancy $vacancy;
    private Between $between;
    private ToldBehind $told;
    private OfNext $next;

    /** @param ?bool $isPlaceFirst whether each place is told before what is at it; none where they are not told in turn */
    public function __construct(private Sentence $sentence, private ?bool $isPlaceFirst = null)
    {
        $this->vacancy = new Vacancy($sentence);
        $this->between = new Between($sentence);
        $this->told = new ToldBehind($sentence);
        $this->next = new OfNext($sentence, $this->vacancy, $this->between);
    }

    /** "at 20 feet there's a crack" */
    public function before(Mention $mention, Place $place): int
    {
        if ($place->last > $mention->last) {
            return self::INSIDE + self::stretch($mention, $place);
        }
        // "broken at 4.8 can't go past": it is of either.
        if (Kind::CannotGoFurther === $mention->kind && $place->last + 1 === $mention->first) {
            return 0;
        }
        $from = $place->last + 1;
        // "eleven feet, okay, that's a crack"
        $from = $this->sentence->behindCuts($from);
        // "six feet is the wall, and that's where it goes to plastic"
        $isWhere = Kind::Transition === $mention->kind && $this->sentence->isAfter('is_where', $mention->first, self::WHERE_WORDS);
        $from = $isWhere ? $mention->first : $from;
        $isLed = $from === $mention->first || $this->sentence->is('is', $from) || null !== $this->sentence->begins('presence', $from);
        // "ten and there's a left turn"
        $opens = $from + ($this->sentence->is('and', $from) ? 1 : 0);
        $isShown = $isWhere || $this->sentence->is('more', $from)
            || $this->sentence->beginsAny(['here', 'intro', 'another', 'again'], $opens);

        return self::BEFORE + $this->between->cost($from, $mention->first - 1) + self::stretch($mention, $place)
            + ($this->vacancy->isGood($place) ? Between::CLEAN : 0) + ($isShown ? self::SHOWN : ($isLed ? self::LED : 0))
            + (true === $this->isPlaceFirst || $this->leads($place, $isShown) ? self::LEADS : 0)
            + (false === $this->isPlaceFirst ? self::OTHERS : 0)
            + ($this->between->isThen($place->last, $mention->first) ? Between::MOVED : 0);
    }

    /** "at 20 feet", and not "a connection on the right at 20 feet" */
    private function leads(Place $place, bool $isShown): bool
    {
        // "at eleven feet, so we've got a crack": right before the sentence.
        if ($isShown && $place->last === $this->sentence->first - 1) {
            return true;
        }

        return [] !== array_filter(
            $this->sentence->leadingTo('at', $place->first), fn (int $at) => $isShown || !$this->sentence->named->endsBefore($at),
        );
    }

    /** "a crack at 20 feet" */
    public function behind(Mention $mention, Place $place): int
    {
        $from = $mention->last + 1;
        $isTold = $this->told->is($mention, $place);
        // "paper in it, and at forty two we're at the stack"
        $isReached = null !== $this->sentence->begins('reached', $place->last + 1) && $this->between->isLedAfresh($from, $place);
        $isAt = true !== $this->isPlaceFirst && !$isReached && ($this->sentence->isAfter('at', $place->first)
            || $this->sentence->isAfter('from', $place->first) || $this->sentence->isAfter('between', $place->first));

        // "it goes into clay and now there's little roots at 60"
        $next = $this->sentence->named->next($from, $place->first - 1);
        $isOfNext = null !== $next && $this->sentence->has('intro', $from, $next - 1) || $this->next->is($from, $place, $isAt);

        // "a lot of sediment in that, ten feet …"
        $there = $this->sentence->begins('beside_it', $from);
        $isThere = null !== $there && !$this->sentence->is('of', $there + 1);
        $opens = !$isTold && $this->next->opens($place, $isAt);
        $isNext = ($this->isOfLast($mention) || $this->sentence->isPlaceLed) && !$this->sentence->isEnd($place->last);

        // "a belly, and we pop out at nineteen"
        $isEnd = Kind::LowSpot === $mention->kind && $this->sentence->isAfter('ends', $place->first, 2)
            // "a sag at three … paper in it, and now we're at eleven, and we're coming out of it"
            || Kind::LowSpot !== $mention->kind && $this->vacancy->isOut($place)
                && ($this->isLowBefore($mention) || \in_array($mention->kind?->family(), self::IN_WATER, true));

        $words = $this->between->cost($from, $place->first - 1);
        // "that's a root coming in from the top, and that's nine feet": however far behind.
        $isPut = null === $next && $this->told->isPut($place) && (!$this->sentence->is('and', $place->last + 1)
            // "and that's thirty one, and I'm not going through that"
            || $this->sentence->is('speakers', $place->last + 2));
        $words = $isPut ? min($words, self::PUT) : $words;

        return self::BEHIND + $words + self::stretch($mention, $place) + ($opens ? self::OPENS : 0)
            + ($isEnd ? self::ENDED : 0) + ($this->next->isBeforeOne($place) ? self::BEFORE_ONE : 0)
            + ($isThere && !$isAt && !$isTold ? self::THERE : 0) + ($isOfNext && !$isTold ? self::INTRODUCED : 0)
            + ($isTold ? self::TOLD : ($isAt ? self::AT : ($isNext ? self::NEXT : 0)));
    }

    /** Whether a low spot is named before it, which may end. */
    private function isLowBefore(Mention $mention): bool
    {
        return [] !== array_filter($this->sentence->named->names, static fn (Atom $name) => $name->last < $mention->first
            && str_starts_with($name->meaning, Kind::LowSpot->value));
    }

    /** "there's a wye, and it's coming in from the right", "a rag on an edge where the joint's kicked up": said of what was named last. */
    private function isOfLast(Mention $mention): bool
    {
        $name = $this->sentence->named->before($mention->first);
        $isSaid = Kind::TieIn === $mention->kind && $this->sentence->isToldToBe($mention->first)
            && $mention->first - (int) $name <= self::OF_LAST_WORDS
            || $this->sentence->isAny('at_its_end', $mention->first - self::OF_LAST_WORDS, $mention->first - 1);

        return $isSaid && null !== $name && !$this->between->isParted($name, $mention->first);
    }

    /** "at 20 feet a crack and roots" */
    public function same(Mention $mention, Mention $before, Place $place): int
    {
        if ($place->first < $mention->first && $place->last > $mention->last) {
            // Of what is named within it, and of nothing before it.
            $isOther = $before->last < $place->first && $before->kind !== $mention->kind;

            return ($isOther ? self::OVER : self::INSIDE) + self::stretch($mention, $place);
        }
        $isOver = $place->first > $before->last;
        [$from, $to] = [($isOver ? $place->last : $before->last) + 1, $mention->first - 1];
        // "the connection at fifty has got a crack"
        $isOfIt = $isOver && $this->sentence->is('has', $from);
        // "the main's at 44, eight foot deep"
        $isStuck = Kind::CannotGoFurther === $mention->kind && ($from === $mention->first
            // "roots at 13 and a half, I can't get past that"
            || $from === $mention->first - 1 && $this->sentence->is('subjects', $from) && $this->sentence->isAfter('at', $place->first));
        $isBehind = $isOver && ($isStuck || null === $mention->kind && $from === $mention->first);
        if ($this->told->isDepthOf($mention, $before, $place)) {
            return self::BEFORE + self::LED;
        }
        // "an offset at 25, some debris sitting behind it"
        $isThere = null !== $this->sentence->begins('beside_it', $mention->last + 1) && !$this->between->isParted($from, $to);
        $joins = $isOfIt || $isBehind || $isThere || $this->between->isJoined($from, $to) ? self::JOINED : ($isOver ? self::OVER : 0);

        $words = $this->between->words($from, $to);

        return self::SAME + ($isThere ? min($words, self::THERE_WORDS) : $words) + self::stretch($mention, $place) + $joins
            + (!$isOver && $this->between->isParted($from, $to) ? self::PARTED : 0)
            // "at 40 with an offset"
            + ($isOver && $this->sentence->is('with', $from) ? self::JOINED : 0)
            // "another one at 27" has its place already.
            + ($mention->kind === $before->kind && null === $before->place && !$this->between->isAnother($before->last, $mention->first)
                ? self::TWICE : 0)
            + ($mention->isOtherPipe($before) ? self::OTHER_PIPE : 0)
            + ($this->sentence->has('move', $from, $to) ? Between::MOVED : 0)
            // "cracked at thirty two, thirty six that's the trap, can't get through": whoever is stuck is at the last place.
            + (Kind::CannotGoFurther === $mention->kind && $this->between->isParted($from, $to) ? self::NEXT : 0);
    }

    /** "roots and an offset at 20 feet" */
    public function together(Mention $one, Mention $other): int
    {
        return ($this->between->isJoined($one->last + 1, $other->first - 1) ? self::JOINED : self::SAME)
            + (Kind::Transition === $one->kind && $this->sentence->has('intro', $one->last + 1, $other->first) ? self::INTRODUCED : 0)
            + ($other->isOtherPipe($one) ? self::OTHER_PIPE : 0);
    }

    /** @param bool $isCarried whether a place that was said before the sentence holds */
    public function nowhere(Mention $mention, bool $isCarried): int
    {
        return match (true) {
            $this->told->isAgain($mention) => 0,
            $mention->isKnown => self::KNOWN,
            $isCarried => self::CARRIED,
            // "so we're in the clay, and …"
            Kind::Transition === $mention->kind && !$this->between->isParted($this->sentence->first, $mention->first) => self::BEGINS,
            default => self::NOWHERE,
        };
    }

    private static function stretch(Mention $mention, Place $place): int
    {
        return null !== $place->to && !Joined::stretches($mention) ? self::NO_STRETCH : 0;
    }
}
