<?php

declare(strict_types=1);

namespace App\Support\Units;

use Jurvex\Core\Measure\UnitSystem;

/**
 * What a plain number is of. Behind every screen it is in the unit that its name carries (litres, bar, newtons, metres a minute
 * …); whoever thinks in feet and inches says gallons, psi, pounds and feet.
 */
enum Quantity: string
{
    case Flow = 'l_min';
    case Pressure = 'bar';
    case Small = 'mm';
    case Length = 'm';
    case Volume = 'l';
    case Temperature = 'c';
    case Force = 'n';
    case Weight = 'n_per_m';
    case Speed = 'm_min';
    case Velocity = 'm_s';
    case Power = 'kw';

    private const LITRES_PER_GALLON = 3.785411784;
    private const METRES_PER_FOOT = 0.3048;
    private const NEWTONS_PER_POUND = 4.4482216152605;
    private const BAR_PER_PSI = 0.0689475729;
    private const KW_PER_HORSEPOWER = 0.745699872;

    /** By the end of a field's name, the longest first; none where it has no unit. */
    public static function ofField(string $name): ?self
    {
        $cases = self::cases();
        usort($cases, static fn (self $a, self $b) => \strlen($b->value) <=> \strlen($a->value));
        foreach ($cases as $case) {
            if (str_ends_with($name, '_'.$case->value)) {
                return $case;
            }
        }

        return null;
    }

    /** The key of its words. */
    public function unit(UnitSystem $units): string
    {
        [$metric, $other] = match ($this) {
            self::Flow => ['l_min', 'us_gpm'],
            self::Pressure => ['bar', 'psi'],
            self::Small => ['mm', 'in'],
            self::Length => ['m', 'ft'],
            self::Volume => ['l', 'us_gal'],
            self::Temperature => ['c', 'f'],
            self::Force => ['n', 'lbf'],
            self::Weight => ['n_m', 'lbf_ft'],
            self::Speed => ['m_min', 'ft_min'],
            self::Velocity => ['m_s', 'ft_s'],
            self::Power => ['kw', 'hp'],
        };

        return UnitSystem::Metric === $units ? $metric : $other;
    }

    public function shown(float $value, UnitSystem $units): float
    {
        return UnitSystem::Metric === $units ? $value : $value / $this->size() + $this->offset();
    }

    public function read(float $shown, UnitSystem $units): float
    {
        return UnitSystem::Metric === $units ? $shown : ($shown - $this->offset()) * $this->size();
    }

    /** One of the other unit in the one that the name carries. */
    private function size(): float
    {
        return match ($this) {
            self::Flow, self::Volume => self::LITRES_PER_GALLON,
            self::Pressure => self::BAR_PER_PSI,
            self::Small => 25.4,
            self::Length, self::Speed, self::Velocity => self::METRES_PER_FOOT,
            self::Temperature => 5 / 9,
            self::Force => self::NEWTONS_PER_POUND,
            self::Weight => self::NEWTONS_PER_POUND / self::METRES_PER_FOOT,
            self::Power => self::KW_PER_HORSEPOWER,
        };
    }

    private function offset(): float
    {
        return self::Temperature === $this ? 32.0 : 0.0;
    }
}
