<?php

declare(strict_types=1);

namespace Jurvex\Core\Judge;

/** What can be said of a stretch, best first. */
enum Verdict: string
{
    case Passes = 'passes';
    case PassesWithUpkeep = 'passes_with_upkeep';
    case NotFullySeen = 'not_fully_seen';
    case DoesNotPass = 'does_not_pass';

    /** What a finding of this class lets a stretch be at best. */
    public static function on(Judgement $judgement): self
    {
        return match (true) {
            \in_array($judgement->counts(), [Need::Mend, Need::Now], true) => self::DoesNotPass,
            $judgement->asksForAnotherLook() => self::NotFullySeen,
            Need::KeepClean === $judgement->counts() => self::PassesWithUpkeep,
            default => self::Passes,
        };
    }

    public function worse(self $other): self
    {
        return array_search($other, self::cases(), true) > array_search($this, self::cases(), true) ? $other : $this;
    }
}
