<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Kind;

/** Whether a number without a unit says by how much the pipe turns, and not where. */
final readonly class Turn
{
    public const DEGREES = [11.25, self::TWENTY_TWO, 22.5, 45.0, 60.0, 90.0];
    /** A place as often as a turn. */
    private const TWENTY_TWO = 22.0;
    /** The next place that is told is no farther, in feet or metres. */
    private const NEXT_PLACE = 25.0;

    public function __construct(private Sentence $sentence)
    {
    }

    /** "a ninety degree bend", "it turns ninety", "base of the stack ninety, eleven feet cleanout" */
    public function isSaid(Amount $one, int $next): bool
    {
        $sentence = $this->sentence;
        // "forty feet, forty five I'm seeing roots, forty eight feet": as the counter goes by.
        $isCounted = null !== $sentence->begins('counted_off', $one->first) && $sentence->is('subjects', $next);
        // "a sixty year old house"
        if ($isCounted || $sentence->is('counted', $next) || !\in_array($one->value, self::DEGREES, true)) {
            return false;
        }
        // "a long sweep ninety", and not "bend right twenty two I'm under the house"
        $isPlaced = self::TWENTY_TWO === $one->value && $sentence->is('subjects', $next);
        // "at twenty two another forty five"
        $isAt = $sentence->isAfter('at', $one->first);
        $isBend = [] !== array_filter($sentence->atoms, static fn (Atom $atom) => str_starts_with($atom->meaning, Kind::Bend->value)
            && ($atom->first === $next && !$isAt || $atom->last === $one->first - 1 && !$isPlaced));
        // "that big ninety", but not "not too bad, forty five joint is open"
        $isNamed = $sentence->is('articles', $one->first - 1)
            || self::TWENTY_TWO !== $one->value
            && ($sentence->is('before_pronouns', $one->first - 1) || $sentence->is('known', $one->first - 1))
            && Atom::KIND !== $sentence->atomAt($next)?->role;
        $isBeforePlace = Unit::Large === $sentence->atomAt($next)?->amount?->unit && !$isAt
            && !$sentence->isAfter('to', $one->first);
        // "I'm at twenty two right here", "a connection at twenty two on the left"
        $isToASide = null !== $sentence->begins('to_a_side', $next) && null === $sentence->begins('here', $next) && !$isAt;

        // "ninety at twenty feet", "a left forty five"
        $at = $sentence->begins('at', $next);
        $side = $this->side($one);
        $isOpening = $one->first === $sentence->first || $sentence->isAfter('cut', $one->first) || null !== $side;
        $isAtPlace = self::TWENTY_TWO !== $one->value && ($isOpening && null !== $at
            && true === $sentence->atomAt($at + 1)?->amount?->mayBeAlong()
            || null !== $side && $side->last < $one->first && $sentence->is('articles', $side->first - 1));

        // "nine foot wye, twelve foot ninety": farther than the next place would be.
        $before = $sentence->amountBefore($one->first);
        $isFar = Unit::Large === $before?->unit && $one->value - $before->value / $before->each > self::NEXT_PLACE;

        return $isBend || $isNamed || $isAtPlace || $isBeforePlace || $isFar || $isToASide || $sentence->isAfter('turning', $one->first);
    }

    /** @return ?Place the hour of "left" or "right" beside so many degrees: "forty five left", "a left forty five" */
    public function side(Amount $degrees): ?Place
    {
        foreach ($this->sentence->marksOf('side=') as $hour => $spans) {
            foreach ($spans as $first => $last) {
                if ($first === $degrees->last + 1 || $last === $degrees->first - 1) {
                    return new Place((float) $hour, null, $first, $last);
                }
            }
        }

        return null;
    }
}
