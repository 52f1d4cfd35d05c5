<?php

declare(strict_types=1);

namespace Jurvex\Core\Judge;

/** Practitioners judge standing water and roots by different rules; each rule belongs to one of these. */
enum School: string
{
    case Carrying = 'carrying';
    case Grade = 'grade';
    case Upkeep = 'upkeep';
    case Source = 'source';

    /** The school that answers the same question differently. */
    public function other(): self
    {
        return match ($this) {
            self::Carrying => self::Grade,
            self::Grade => self::Carrying,
            self::Upkeep => self::Source,
            self::Source => self::Upkeep,
        };
    }

    public function isAboutWater(): bool
    {
        return self::Carrying === $this || self::Grade === $this;
    }
}
