<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Kind;

/** Where the pipe becomes wider or narrower, with no material told. */
final class Bores
{
    /** What is narrower is no pipe, in metres. */
    public const LEAST_BORE_M = 0.03;
    private const RIGHT_BEHIND = 2;
    /** "A clay pipe, it's six inches": so many words between. */
    private const TOLD_WORDS = 4;

    /** Whether so many inches or millimetres are how wide the pipe is. */
    public static function isSaid(Sentence $sentence, Amount $one): bool
    {
        $next = $one->last + 1;
        $role = $sentence->atomAt($next)?->role;
        // "where it ties into the four inch"
        $isPipe = $sentence->is('known', $one->first - 1) && $sentence->is('bare_units', $one->last)
            && Atom::KIND !== $role && !$sentence->is('of', $next);

        // "it's open about an inch, lateral at 22"
        return $one->value >= self::LEAST_BORE_M && ($isPipe || self::isBehindPipe($sentence, $one) || Atom::MATERIAL === $role
            || null !== $sentence->begins('bored', $next));
    }

    /** "cast iron of a hundred millimetres", "it's clay pipe, six inches", "a clay pipe, it's six inches" */
    private static function isBehindPipe(Sentence $sentence, Amount $one): bool
    {
        if ($sentence->is('of', $one->first - 1)) {
            return $sentence->named->isMaterialBefore($one->first - 1);
        }
        $i = $one->first - 1;
        // "the clay's a six inch"
        $isBetween = static fn (int $word) => $sentence->isComma($word)
            || [] !== array_filter(['likened', 'is', 'described', 'articles'], static fn (string $table) => $sentence->is($table, $word));
        for ($many = 0; $many < self::TOLD_WORDS && $isBetween($i); ++$many) {
            --$i;
        }

        return $sentence->named->isMaterialBefore($i + 1) && !$sentence->is('of', $one->last + 1)
            && Atom::KIND !== $sentence->atomAt($one->last + 1)?->role;
    }

    /** "a three inch" before a material, and nothing more. */
    public static function isBefore(Sentence $sentence, int $from, int $material): bool
    {
        $first = $from + ($sentence->is('articles', $from) ? 1 : 0);

        return Unit::Small === $sentence->atomAt($first)?->amount?->unit && $sentence->amountEnd($first) === $material - 1;
    }

    /** "it goes from three inch to four inch": nobody says so of water, which has inches. */
    public static function isChange(Sentence $sentence, Amount $one, Amount $last): bool
    {
        $isMany = $sentence->is('inches', $last->last) && !$sentence->is('bare_units', $last->last);

        return !$isMany && (self::isChangeFrom($sentence, $one->first) || self::isInto($sentence, $one))
            && null === $sentence->begins('length', $last->last + 1);
    }

    /** "two inch into four inch" */
    private static function isInto(Sentence $sentence, Amount $one): bool
    {
        return null !== $sentence->begins('into_a_bore', $one->last + 1);
    }

    /** "It goes from" right before a word, and more than "from". */
    public static function isChangeFrom(Sentence $sentence, int $i): bool
    {
        // "from a three inch"
        $i -= $sentence->is('articles', $i - 1) ? 1 : 0;

        return [] !== array_filter($sentence->leadingTo('from_material', $i), static fn (int $from) => $from < $i - 1);
    }

    /** @return list<Mention> "it goes from three inch to four inch": each bore that it becomes, with no material told */
    public static function in(Sentence $sentence, Measures $measures): array
    {
        $bores = [];
        foreach ($measures->bores as $bore) {
            $first = null;
            foreach ($sentence->atoms as $atom) {
                $isBefore = $atom->last < $bore->first && $bore->first - $atom->last <= self::RIGHT_BEHIND + 1;
                $isSmall = Unit::Small === $atom->amount?->unit;
                $isFirst = $isBefore && (($isSmall || $sentence->isAfter('resizes_from', $atom->first))
                    && self::isChangeFrom($sentence, $atom->first) || $isSmall && self::isInto($sentence, $atom->amount));
                $first = $isFirst ? $atom->first : $first;
            }
            $after = $sentence->atomAt($bore->last + 1);
            $material = Atom::MATERIAL === $after?->role ? $after->meaning : null;
            // "from three inch clay to four inch cast iron" tells of both pipes.
            $isFrom = static fn (Atom $atom) => $atom->first > $first;
            if (null !== $first && (null === $material || [] === array_filter($sentence->named->materials($bore->first), $isFrom))) {
                $mention = new Mention(Kind::Transition, $first, $bore->last);
                $mention->measure($bore);
                $mention->facts += null === $material ? [] : ['material_after' => $material];
                $bores[] = $mention;
            }
        }
        $into = $sentence->marks('opens_into') + $sentence->marks('resizes_to');
        $small = array_filter([...$measures->bores, ...$measures->sizes], static fn (Amount $each) => Unit::Small === $each->unit);
        foreach ($measures->places as $place) {
            // "twenty six feet into the four inch", and not "we're 26 feet into the four inch"
            $to = $sentence->isAfter('reached', $place->first) ? null : $sentence->begins('to', $place->last + 1);
            $into += null === $to ? [] : [$place->last + 1 => $to];
        }
        foreach ($into as $begin => $end) {
            $mention = self::intoBore($sentence, $small, $begin, $end);
            array_push($bores, ...(null === $mention ? [] : [$mention]));
        }

        return $bores;
    }

    /**
     * "it drops into the four inch".
     *
     * @param array<Amount> $small inches and millimetres of the sentence
     */
    private static function intoBore(Sentence $sentence, array $small, int $begin, int $end): ?Mention
    {
        $isNext = static fn (Amount $each) => $each->first === $end + 1
            || $each->first === $end + 2 && $sentence->is('articles', $end + 1);
        $bore = array_values(array_filter($small, $isNext))[0] ?? null;
        $next = null === $bore ? null : $sentence->atomAt($bore->last + 1)?->role;
        if (null === $bore || $bore->value < self::LEAST_BORE_M || \in_array($next, [Atom::MATERIAL, Atom::KIND], true)
            || $sentence->is('of', $bore->last + 1)) {
            return null;
        }
        $mention = new Mention(Kind::Transition, $begin, $bore->last);
        $mention->measure($bore);

        return $mention;
    }
}
