<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Kind;

/** Whether what is named in a sentence is there: not denied, not gone, not asked for, not talked about in general. */
final readonly class Truth
{
    /** A sentence of so few words that names something says that it is there. */
    private const SHORT = 9;
    /** "I'm not going to be able to get past it": it is denied so many words before. */
    private const DENIED_WORDS = 8;
    /** What leads through an opening or to the main stands so many words before it. */
    private const WAY_WORDS = 4;
    /** A place so many words behind is of what was named. */
    private const BEHIND_WORDS = 5;
    /** What is named so many words before the first place, and not shown, is talked of by its name. */
    private const FAR_WORDS = 7;
    private const NAMES = [Kind::TieIn, Kind::OpeningSeen, Kind::Tap, Kind::EndOfLine];
    /** "A rock poking up through the bottom, no actually that's a dent": so many words behind it is taken back. */
    private const RATHER_BEHIND_WORDS = 12;
    /** "The main is out there in the street at 53": so many words behind. */
    private const IS_THERE_WORDS = 8;
    /** "Nah, that's roots": so many words behind. */
    private const RATHER_WORDS = 2;

    private AmidTalk $amid;

    public function __construct(private Sentence $sentence, private Measures $measures, private bool $isPlacePending)
    {
        $this->amid = new AmidTalk($sentence);
    }

    public function isThere(Mention $mention): bool
    {
        $isNot = (new Denial($this->sentence, $this->measures))->is($mention)
            || $this->isTakenBack($mention) || (new Asked($this->sentence, $this->measures))->is($mention) || $this->isName($mention)
            || $this->isFarOff($mention) || (new Talk($this->sentence, $this->measures))->isOf($mention)
            || (new Gone($this->sentence, $this->measures))->is($mention) || (new Handled($this->sentence, $this->measures))->is($mention);
        if ($isNot) {
            return !$this->isName($mention) && !$this->isTakenBack($mention) && (new AfterAll($this->sentence))->is($mention);
        }
        $isHere = $this->isHere() || $this->isFirmEnd($mention) || $this->amid->isShown($mention);
        $mention->isOnlySaid = !$isHere && $this->amid->isOnlySaid($mention);

        return $isHere || $this->amid->isAside($mention);
    }

    /** "I need the cutter on that, I can't get past it": whoever is stuck is so, whatever else is talked of. */
    private function isFirmEnd(Mention $mention): bool
    {
        $isOurs = null !== $this->sentence->begins('we_cannot', $mention->first - 1)
            || null !== $this->sentence->begins('we_cannot', $mention->first);

        return Kind::CannotGoFurther === $mention->kind && $isOurs
            && ($this->amid->isBeyondTalk($mention) || $this->amid->isSeenSince($mention));
    }

    /** Whether the sentence is about this line, and not about lines and trades in general. */
    public function isHere(): bool
    {
        $sentence = $this->sentence;
        if ([] !== $this->measures->places) {
            return true;
        }

        return !$this->isTalk() && ($this->isPlacePending || $sentence->has('presence') || $sentence->last - $sentence->first < self::SHORT
            || $sentence->has('general') || $sentence->has('we_cannot'));
    }

    /** Whether it is about lines and trades in general. */
    public function isTalk(): bool
    {
        return [] === $this->measures->places && $this->isGeneral() && !$this->sentence->has('right_here');
    }

    /** "that's as far as I could go": what stands in a name is no talk. */
    private function isGeneral(): bool
    {
        $isOwn = fn (int $word) => [] !== array_filter($this->sentence->atoms, static fn (Atom $atom) => Atom::KIND === $atom->role
            && $atom->meaning === Kind::CannotGoFurther->value && $atom->first <= $word && $atom->last >= $word);

        return [] !== array_filter(array_keys($this->sentence->marks('general')), fn (int $word) => $word >= $this->sentence->first
            && $word <= $this->sentence->last && !$isOwn($word));
    }

    /** "an inspection on the lateral before the lining, pipe is six inch clay, twelve feet …": named long before anything is at a place. */
    private function isFarOff(Mention $mention): bool
    {
        if (!\in_array($mention->kind, self::NAMES, true) || $this->isPlacePending) {
            return false;
        }
        $led = fn (Place $place) => $this->sentence->leadingTo('at', $place->first)[0] ?? $place->first;
        $isNear = fn (Place $place) => $led($place) - $mention->last <= self::FAR_WORDS
            // "two laterals coming in, one on the left at thirty"
            || null !== $this->sentence->amountBefore($mention->first) && $this->sentence->has('another', $mention->last + 1, $place->first)
            || $this->sentence->isAfter('told', $place->first) || $this->sentence->isAfter('here', $place->first, 2);
        $isShown = [] !== $this->sentence->introsOf($mention->first, self::WAY_WORDS)
            || $this->sentence->isAfter('here', $mention->first, self::WAY_WORDS);

        return !$isShown && [] !== $this->measures->places && [] === array_filter($this->measures->places, $isNear)
            && !$this->isFollowedByPlace($mention);
    }

    /** "looks like a crack but it's just a stain", "some grease, nah, that's roots" */
    private function isTakenBack(Mention $mention): bool
    {
        $behind = $mention->last + 1;
        $isDoubted = $this->sentence->has(['rather', 'not_seen', 'nothing_after_all'], $behind);
        for ($i = $behind; $isDoubted && $i < $behind + self::RATHER_BEHIND_WORDS; ++$i) {
            // "I think that's a crack, let me get the light on it, no, that's just a stain"
            if (null !== $this->sentence->begins('nothing_after_all', $i) && null === $this->sentence->named->next($behind, $i)) {
                return true;
            }
            $end = $this->sentence->begins('rather', $i);
            if (null !== $end && null !== $this->sentence->named->next($end + 1, $end + self::RATHER_WORDS) && $this->isOf($mention, $i)) {
                return true;
            }
            // "he said there was a break at thirty, and I don't see that"
            if (null !== $this->sentence->begins('not_seen', $i) && null === $this->sentence->named->next($mention->last + 1, $i)) {
                return true;
            }
        }
        $isBack = fn (int $word) => null !== $this->sentence->begins('taken_back', $word);

        return $this->sentence->isAfter('taken_for', $mention->first, self::WAY_WORDS)
            && [] !== array_filter(range($mention->last + 1, $mention->last + self::BEHIND_WORDS), $isBack);
    }

    /** Whether a "no" at a word takes back what is named, and nothing behind that. */
    private function isOf(Mention $mention, int $no): bool
    {
        $between = [$mention->last + 1, $no - 1];

        // "there's an offset, there's a root, no, that's a crack": the root is none.
        return (null === $this->sentence->named->next(...$between) || !$this->sentence->has('intro', ...$between))
            // "a bell that's cracked, what's that at thirty, no, that's a cleanout": that is what is at thirty.
            && !$this->measures->hasPlace($mention->last, $no);
    }

    /** The speaker's own opening and the main as a direction are names, and as far as one will get is no end. */
    private function isName(Mention $mention): bool
    {
        $sentence = $this->sentence;

        return match ($mention->kind) {
            Kind::OpeningSeen => (new OwnOpening($this->sentence, $this->measures))
                ->is($mention, $this->isFollowedByPlace($mention), $this->isPlacePending),
            Kind::Tap, Kind::EndOfLine => !$this->isArrival($mention) && ('name' === $mention->by && $this->isOfItsKind($mention)
                    && $sentence->isAfter('way', $mention->first, self::WAY_WORDS)
                || 'name' === $mention->by && !$this->isFollowedByPlace($mention) && !$this->isBehindPlace($mention)
                && !$this->measures->hasPlace($sentence->part($mention->first)[0] - 1, $mention->first)
                && [] === $sentence->introsOf($mention->first, 2)
                // "a belly just before the tap", "zero at the chamber"
                || ($this->isBeside($mention) || $this->stands('from', $mention->first))
                    && null === $sentence->begins('at', $mention->last + 1)
                || $sentence->isAfter('zeroed', $mention->first, self::WAY_WORDS)
                || $this->stands('toward', $mention->first) && !$sentence->has('reached') && !$this->isToldAt($mention)),
            Kind::CannotGoFurther => $sentence->isAfter('will', $mention->first, self::WAY_WORDS)
                && !$sentence->has('deny', $mention->first - self::DENIED_WORDS, $mention->first - 1),
            Kind::TieIn => $this->isDescribed($mention) || $this->isBeside($mention)
                || 'name' === $mention->by && !$this->isBesidePlace($mention) && !$this->isShownNowhere($mention),
            // "past this lip at twenty"
            default => $this->isBeside($mention) && null === $sentence->begins('at', $mention->last + 1)
                // "and right after that roots", "and after that cracked from seven to nine": what comes next.
                && !($sentence->is('points_back', $mention->first - 1)
                    && ($sentence->isMany($mention->first) || $this->isStretchBehind($mention))),
        };
    }

    /** "past this lip", and not "and after that we go under at 25", "after that here's the bathroom" */
    private function isBeside(Mention $mention): bool
    {
        $isClause = Kind::Transition !== $mention->kind && $this->sentence->is('subjects', $mention->first)
            || $this->sentence->beginsAny(['intro', 'here'], $mention->first);

        return !$isClause && $this->sentence->isAfter('beside', $mention->first);
    }

    /** "cracked from seven to nine", "old repair fifteen to twenty" */
    private function isStretchBehind(Mention $mention): bool
    {
        $isIts = static fn (Place $place) => null !== $place->to && $place->first === $mention->last + 1;

        return Joined::stretches($mention) && ($this->sentence->has('from', $mention->last, $mention->last + 1)
            || [] !== array_filter($this->measures->places, $isIts));
    }

    /** "and we're at the manhole" */
    private function isArrival(Mention $mention): bool
    {
        $isPlaced = $this->measures->hasPlace($this->sentence->part($mention->first)[0] - 1, \PHP_INT_MAX);

        // "where the front run comes into the chamber"
        $isWhere = $this->sentence->isAny('where', $mention->first - self::FAR_WORDS, $mention->first - 1);
        // "the main is right there"
        $isThere = $this->sentence->is('is', $mention->last + 1) && null !== $this->sentence->begins('right_here', $mention->last + 2);
        $isDenied = $this->sentence->has('deny', $mention->first - self::WAY_WORDS - 1, $mention->first - 1);

        return !$isPlaced && !$isWhere && !$isDenied
            && ($isThere || $this->stands('arrives', $mention->first) || $this->stands('stands_at', $mention->first));
    }

    /** "right there's the tee for the bathroom", where no place is told. */
    private function isShownNowhere(Mention $mention): bool
    {
        return [] === $this->measures->places && $this->stands('intro', $mention->first);
    }

    /** "a six inch clay lateral" is the pipe itself. */
    private function isDescribed(Mention $mention): bool
    {
        return [] === $this->measures->places && $this->isOfItsKind($mention);
    }

    /** "the four inch main", "the clay lateral" */
    private function isOfItsKind(Mention $mention): bool
    {
        foreach ($this->sentence->is('described', $mention->first) ? $this->sentence->atoms : [] as $atom) {
            $isOfIt = Atom::MATERIAL === $atom->role || Unit::Small === $atom->amount?->unit;
            if ($isOfIt && $atom->last === $mention->first - 1) {
                return true;
            }
        }

        return false;
    }

    /** "toward the main" */
    private function stands(string $role, int $before): bool
    {
        $isLed = $this->sentence->is('articles', $before - 1) || $this->sentence->is('known', $before - 1);

        return $this->sentence->isAfter($role, $isLed ? $before - 1 : $before);
    }

    private function isBesidePlace(Mention $mention): bool
    {
        $isRightBefore = static fn (Place $place) => $place->last < $mention->first && $mention->first - $place->last <= self::BEHIND_WORDS;
        $isJoined = $this->sentence->is('and', $mention->last + 1) || $this->sentence->isComma($mention->last + 1);

        return !$isJoined && $this->isFollowedByPlace($mention) || [] !== array_filter($this->measures->places, $isRightBefore);
    }

    /** "all the way to the main, it's fifty two feet", "toward the main which is at sixty" */
    private function isToldAt(Mention $mention): bool
    {
        $told = $this->sentence->begins('made_of', $mention->last + 1);
        $isAt = fn (Place $place) => $place->first === (int) $told + 1
            // "all the way out to the main, 49 feet"
            || Kind::Tap === $mention->kind && $place->first === $mention->last + 1
            && null === $this->sentence->named->next($place->last + 1, $place->last + self::WAY_WORDS)
            // "cleanout to the tap is 47", "all the way to the main, which is 81"
            || $this->sentence->is('is', $mention->last + 1) && $place->first === $mention->last + 2
            || $this->sentence->begins('told', $mention->last + 1) === $place->first - 1
            // "another fifteen feet to the city main, and that's 53 feet"
            || $this->sentence->is('and', $mention->last + 1) && $this->sentence->begins('puts', $mention->last + 2) === $place->first - 1
            // "forty feet is where we connect to the sewer main"
            || $place->last < $mention->first && null !== $this->sentence->begins('is_where', $place->last + 1)
            && Atom::MATERIAL !== $this->sentence->atomAt($mention->last + 1)?->role
            // "41 feet we come to the city connection", "at 39 feet I see the city main"
            || 1 === $mention->first - ($this->sentence->begins('arrives', $place->last + 1) ?? $mention->first)
            || $place->last < $mention->first && $mention->first - ($this->sentence->begins('intro', $place->last + 1) ?? -2) <= 2
            || $place->first > $mention->last && $place->first - $mention->last <= self::BEHIND_WORDS
            && $this->sentence->isAfter('at', $place->first) && !$this->sentence->isAny('and', $mention->last + 1, $place->first)
            && null === $this->sentence->begins('intro', $place->last + 1);

        return [] !== array_filter($this->measures->places, $isAt);
    }

    /** "68 feet, manhole" */
    private function isBehindPlace(Mention $mention): bool
    {
        $isBefore = fn (Place $place) => $place->isBefore($this->sentence, $mention->first);

        return [] !== array_filter($this->measures->places, $isBefore);
    }

    private function isFollowedByPlace(Mention $mention): bool
    {
        $isThere = fn (Place $place) => $this->sentence->is('is', $mention->last + 1) && $this->sentence->isAfter('at', $place->first)
            && null === $this->sentence->named->next($mention->last + 1, $place->first);

        return [] !== array_filter($this->measures->places, fn (Place $place) => $place->first > $mention->last
            && $place->first - $mention->last <= ($isThere($place) ? self::IS_THERE_WORDS : self::BEHIND_WORDS)
            // "out to the city, at twelve feet we've got a tie in": that is at what comes next.
            && null === $this->sentence->begins('intro', $place->last + 1)
            // "we're at the cleanout, and ten feet, twelve feet there's a coupling"
            && !(Kind::OpeningSeen === $mention->kind && $this->sentence->is('and', $mention->last + 1)
                && $this->stands('stands_at', $mention->first)));
    }
}
