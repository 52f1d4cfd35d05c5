<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Kind;

/** Whether what is named in a sentence is told to be another one than the one of its kind before: "another crack", "a bend and a bend". */
final readonly class Anew
{
    /** So many words beside a name tell of it. */
    private const BESIDE_WORDS = 6;
    /** "The tie-in for the tub": so many words behind. */
    private const ROOM_WORDS = 4;
    /** "More fine roots": so many words before. */
    private const MORE_WORDS = 2;

    /** @param list<Mention> $named in the sentence, in their order */
    public function __construct(private Sentence $sentence, private array $named)
    {
    }

    /** Tells each that is named whether it is. */
    public function tell(): void
    {
        foreach ($this->named as $i => $mention) {
            $mention->isOther = $this->is($i, $mention);
        }
    }

    private function is(int $i, Mention $mention): bool
    {
        // "a bit of gravel and a bit more gravel" is the same.
        $isMore = Family::Deposit !== $mention->kind?->family()
            && $this->sentence->isAny('more', $mention->first - self::MORE_WORDS, $mention->first);

        // "another" may begin its name.
        $isAnother = $this->sentence->isAfter('another', $mention->first)
            || null !== $this->sentence->begins('another', $mention->first);

        return $isMore || $isAnother || $this->isListedAnew($i)
            || $this->isFixture($mention) || $this->isOfOtherRoom($i) || $this->isThereToo($mention) || $this->isOfNextJoint($mention);
    }

    /** "a bend going down and a bend going left": each has its article. */
    private function isListedAnew(int $i): bool
    {
        [$one, $before] = [$this->named[$i], $this->named[$i - 1] ?? null];

        // "a piece laying in the bottom, and there's a piece out of the top": that is where it was.
        return null !== $before && $before->kind === $one->kind && Kind::BrokenPipe !== $one->kind
            && $this->hasArticle($one) && $this->hasArticle($before)
            && $this->sentence->isAny('and', $before->last, $one->first)
            && ($one->first - $before->last <= self::BESIDE_WORDS
                || [] !== $this->sentence->introsOf($one->first, self::BESIDE_WORDS))
            // "and it's on the side, it's a hole"
            && !$this->sentence->isAfter('they_are', $one->first);
    }

    /** Before its name, or in it: "there's a service". */
    private function hasArticle(Mention $mention): bool
    {
        return $this->sentence->isAny('anew', $mention->first - 1, min($mention->first + 1, $mention->last));
    }

    /** "there's the toilet", and not "that's the toilet" */
    private function isFixture(Mention $mention): bool
    {
        return Kind::TieIn === $mention->kind
            && !$this->sentence->isToldToBe($mention->first)
            && $this->sentence->isAny('rooms', $mention->first, $mention->last)
            && $this->sentence->isAny('known', $mention->first - 1, $mention->last);
    }

    /** "the tie-in for the tub looks good and the tie-in for the toilet looks good" */
    private function isOfOtherRoom(int $i): bool
    {
        [$one, $before] = [$this->named[$i], $this->named[$i - 1] ?? null];

        return Kind::TieIn === $one->kind && Kind::TieIn === $before?->kind
            && $this->sentence->isAny('rooms', $before->last, $before->last + self::ROOM_WORDS)
            && $this->sentence->isAny('rooms', $one->last, $one->last + self::ROOM_WORDS);
    }

    /** "there's a crack on the back of it too" */
    private function isThereToo(Mention $mention): bool
    {
        [, $last] = $this->sentence->part($mention->first);

        return $this->hasArticle($mention)
            && $this->sentence->has('as_well', $mention->last + 1, min($last, $mention->last + self::BESIDE_WORDS));
    }

    /** "there's another joint with some little hairs" */
    private function isOfNextJoint(Mention $mention): bool
    {
        $isIts = fn (int $end, int $begin) => $begin < $mention->first && $mention->first - $end <= self::BESIDE_WORDS
            && !$this->sentence->isAny('and', $end + 1, $mention->first - 1)
            && null === $this->sentence->named->next($begin, $mention->first - 1);

        return [] !== array_filter($this->sentence->marks('next_joint'), $isIts, \ARRAY_FILTER_USE_BOTH);
    }
}
