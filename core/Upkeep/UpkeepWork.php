<?php

declare(strict_types=1);

namespace Jurvex\Core\Upkeep;

use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Kind;

/** What is done to a line on a cycle, and the house's cycle for it until the line's own record says better. */
enum UpkeepWork: string
{
    case Cutting = 'cutting';
    case Jetting = 'jetting';
    /** As its label and local rules allow. */
    case Treatment = 'treatment';
    case Look = 'look';

    /** What keeps a line clean of this kind of trouble; a look for what only has to be watched. */
    public static function against(Kind $kind): self
    {
        return match ($kind->family()) {
            Family::Roots => self::Cutting,
            Family::Deposit => self::Jetting,
            default => self::Look,
        };
    }

    /** @return array{int, int} months, from and to */
    public function months(): array
    {
        return match ($this) {
            self::Cutting, self::Treatment => [9, 12],
            self::Jetting => [3, 6],
            self::Look => [12, 12],
        };
    }
}
