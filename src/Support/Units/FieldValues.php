<?php

declare(strict_types=1);

namespace App\Support\Units;

use Jurvex\Core\Measure\UnitSystem;

/** Values of a plain form whose names carry their units, as a person types and reads them. */
final class FieldValues
{
    /** No field needs more of them. */
    private const DIGITS = 5;

    /**
     * @param array<mixed> $values
     *
     * @return array<mixed>
     */
    public static function shown(array $values, UnitSystem $units): array
    {
        return self::changed($values, static fn (Quantity $of, float $value) => self::one($value, $of, $units));
    }

    /** @param string $of the end of a name: what the value is of */
    public static function in(float $value, string $of, UnitSystem $units): float
    {
        return self::one($value, Quantity::from($of), $units);
    }

    public static function one(float $value, Quantity $of, UnitSystem $units): float
    {
        $shown = $of->shown($value, $units);

        return UnitSystem::Metric === $units || 0.0 === $shown ? $shown : round($shown, self::DIGITS - 1 - (int) floor(log10(abs($shown))));
    }

    /**
     * @param array<mixed> $typed numbers already read as such
     *
     * @return array<mixed>
     */
    public static function read(array $typed, UnitSystem $units): array
    {
        return self::changed($typed, static fn (Quantity $of, float $value) => $of->read($value, $units));
    }

    /**
     * @param array<mixed> $values
     * @param \Closure(Quantity, float): float $change
     *
     * @return array<mixed>
     */
    private static function changed(array $values, \Closure $change): array
    {
        foreach ($values as $name => $value) {
            $of = Quantity::ofField('_'.$name);
            $values[$name] = match (true) {
                \is_array($value) => null === $of ? self::changed($value, $change) : self::list($value, $of, $change),
                null !== $of && (\is_float($value) || \is_int($value)) => $change($of, (float) $value),
                default => $value,
            };
        }

        return $values;
    }

    /**
     * @param array<mixed> $values of one kind
     * @param \Closure(Quantity, float): float $change
     *
     * @return array<mixed>
     */
    private static function list(array $values, Quantity $of, \Closure $change): array
    {
        return array_map(
            static fn (mixed $value) => \is_float($value) || \is_int($value) ? $change($of, (float) $value) : $value, $values,
        );
    }
}
