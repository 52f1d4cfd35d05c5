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
        $need = $judgement->counts();

        return match (true) {
            Need::Mend === $need, Need::Now === $need => self::DoesNotPass,
            $judgement->asksForAnotherLook() => self::NotFullySeen,
            Need::KeepClean === $need => self::PassesWithUpkeep,
            default => self::Passes,
        };
    }

    public function worse(self $other): self
    {
        return $other->level() > $this->level() ? $other : $this;
    }

    /** 0 for what passes to 3 for what does not. */
    private function level(): int
    {
        return match ($this) {
            self::Passes => 0,
            self::PassesWithUpkeep => 1,
            self::NotFullySeen => 2,
            self::DoesNotPass => 3,
        };
    }
}
