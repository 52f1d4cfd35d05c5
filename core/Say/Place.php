<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** A place along the line, or a stretch of it, as it was said; in metres. */
final readonly class Place
{
    /** Behind a place one of these tells what is there: "at thirty eight we go to clay". */
    private const TELLING = ['intro', 'changes', 'reached'];
    /** What is told stands so many words behind. */
    private const NAMED_WORDS = 6;

    /**
     * @param int $first its first word
     * @param int $last its last word
     */
    public function __construct(public float $from, public ?float $to, public int $first, public int $last)
    {
    }

    /** From one place to another, whichever lies before, as it was said at a third. */
    public static function over(float $one, float $other, self $said): self
    {
        return new self(min($one, $other), max($one, $other), $said->first, $said->last);
    }

    /** Whether an hour is among those that it is: from 11 over the crown to 1 is 12, too. */
    public function holdsHour(float $hour): bool
    {
        $after = fn (float $other) => fmod($other - $this->from + 12.0, 12.0);

        return null !== $this->to && $after($hour) <= $after($this->to);
    }

    /** Whether it stands right before a word; a comma between does not part them. */
    public function isBefore(Sentence $sentence, int $word): bool
    {
        return $this->last === $word - ($sentence->isComma($word - 1) ? 2 : 1);
    }

    /** Whether the counter went by it: "forty eight, forty nine and there it is", "sixty, seventy, and right there". */
    public function isCounted(Sentence $sentence): bool
    {
        $amount = $sentence->atomAt($this->first)?->amount;
        $isPair = null !== $amount && $amount->last < $this->last || null !== $sentence->amountBefore($this->first);

        return null === $this->to && Unit::None === $sentence->amountBefore($this->last + 1)?->unit
            && !$sentence->isAfter('at', $this->first) && ($isPair || null !== $sentence->begins('counted_off', $this->first));
    }

    /** Whether what is told behind it is there, and of nothing that was named before; and not "at 38, see it there". */
    public function isTold(Sentence $sentence): bool
    {
        $next = $this->last + 1;
        $isOfBefore = $sentence->is('refers', $next + 1) && null === $sentence->named->next($next, $next + self::NAMED_WORDS);

        return $sentence->beginsAny(self::TELLING, $next) && !$isOfBefore;
    }
}
