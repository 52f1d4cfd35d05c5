<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Sureness;

/** How sure somebody is of what is named in a sentence. */
final readonly class Doubt
{
    /** "It looks like there might be a little bit of a": so many words stand before what is likely. */
    private const LIKELY_WORDS = 9;
    /** "A crack there, hard to say": so many words behind what is doubted. */
    private const BEHIND_WORDS = 12;
    /** "I can't tell if there's …": so many words behind the doubt what is asked begins. */
    private const ASKED_WORDS = 3;

    /** @param list<Mention> $all in their order */
    public function __construct(private Sentence $sentence, private Measures $measures, private array $all)
    {
    }

    /** What looks like something is likely; what nobody can tell cannot be said, which weighs more. */
    public function settle(): void
    {
        foreach ($this->sentence->marks('likely') as $begin => $end) {
            $next = $this->isOfSize($end) ? null : $this->after($end);
            if (null !== $next && $next->first - $end <= self::LIKELY_WORDS && $this->isDirect($end, $next)) {
                $next->sureness = Sureness::Likely;
            }
        }
        foreach ($this->sentence->marks('cannot_say') as $begin => $end) {
            if (null === $this->sentence->begins('unsure_how', $begin)) {
                $doubted = $this->doubted($begin, $end);
                if (null !== $doubted) {
                    $doubted->sureness = Sureness::CannotSay;
                }
            }
        }
    }

    /** "I can't tell if that's a crack", "a crack, can't tell with the water running, twenty nine feet …" */
    private function doubted(int $begin, int $end): ?Mention
    {
        $next = $this->after($end);
        // "it's iron or clay, I can't tell, and there's grease"
        $isNext = null !== $next && $this->isDirect($end, $next) && !$this->sentence->is('and', $end + 1);
        $isBefore = static fn (Mention $each) => Kind::CannotGoFurther !== $each->kind && $each->last < $begin;
        $before = array_filter($this->findings(), $isBefore);
        $last = end($before) ?: null;
        // "if it goes through or not, there's a lot of build-up": that is told for sure.
        $isOther = null !== $last && null !== $next && $begin - $last->last <= self::BEHIND_WORDS
            && $this->sentence->has('intro', $end + self::ASKED_WORDS, $next->first - 1);

        return $isNext && !$isOther ? $next : $last;
    }

    /** "roots, maybe a third of the pipe": that is how much; "possibly a quarter inch offset", "maybe an inch of mud" are of the thing. */
    private function isOfSize(int $end): bool
    {
        $sizes = array_filter($this->measures->sizes, static fn (Amount $size) => \in_array($size->first, [$end + 1, $end + 2], true));
        $size = reset($sizes);
        if (false === $size) {
            return false;
        }
        $name = $this->sentence->atomAt($this->sentence->behindSize($size));

        return Unit::Small !== $size->unit || Atom::KIND !== $name?->role || Kind::CannotGoFurther->value === $name->meaning;
    }

    private function after(int $i): ?Mention
    {
        foreach ($this->findings() as $mention) {
            if ($mention->last > $i) {
                return $mention;
            }
        }

        return null;
    }

    /** @return list<Mention> */
    private function findings(): array
    {
        return array_values(array_filter($this->all, static fn (Mention $each) => null !== $each->kind));
    }

    /** Nothing else stands between the doubt and what it is of: no place, no comma, nothing that is joined by an "and". */
    private function isDirect(int $end, Mention $next): bool
    {
        foreach ($this->measures->places as $place) {
            if ($place->first > $end && $place->last < $next->first) {
                return false;
            }
        }
        for ($i = $end + 2; $i < $next->first; ++$i) {
            $i = max($i, $this->sentence->amountEnd($i) ?? $i);
            if ($this->sentence->isComma($i) || $this->sentence->is('and', $i)
                // "looks like a golf ball, no, it's a toy"
                || $this->sentence->beginsAny(['taken_back', 'rather', 'contrast'], $i)) {
                return false;
            }
        }

        return true;
    }
}
