<?php

declare(strict_types=1);

namespace App\Office;

use App\Support\Form\TypedNumbers;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Mend\FirmPrices;

/** The price book as a form: prices by the metre or by the foot, as the person says them. */
final readonly class PriceFields
{
    /** Prices by so many metres at once; all others are for one piece. */
    private const BY_METRES = ['per_m' => 1, 'per_m_depth' => 2, 'surface_per_m' => 1, 'under_floor' => 1];
    private const GROUPS = ['dig', 'renew', 'liner', 'items', 'water_off_h', 'trench'];

    /**
     * @param array<mixed> $own what the firm has put right
     * @param array<mixed> $typed what was sent and refused
     *
     * @return array<string, list<PriceField>> by group
     */
    public static function shown(array $own, UnitSystem $units, array $typed = []): array
    {
        $groups = [];
        $all = FirmPrices::merged($own);
        foreach (self::GROUPS as $group) {
            $groups[$group] = self::fields($group, self::at($all, $group), self::at(FirmPrices::USUAL, $group), $units);
        }
        $usual = ['usual_depth_m' => $all['usual_depth_m']];
        array_push($groups['trench'], ...self::fields('', $usual, FirmPrices::USUAL, $units));

        return array_map(
            static fn (array $fields) => array_map(
                static fn (PriceField $field) => $field->with(self::typed($typed, $field->path)), $fields,
            ),
            $groups,
        );
    }

    /**
     * @param array<mixed> $typed
     *
     * @return list<string> nothing where nothing was sent
     */
    private static function typed(array $typed, string $path): array
    {
        $at = $typed;
        foreach (explode('.', $path) as $key) {
            $at = \is_array($at) ? $at[$key] ?? null : null;
        }

        return array_values(array_filter(\is_array($at) ? $at : [$at], is_string(...)));
    }

    /**
     * @param array<mixed> $typed
     *
     * @return array<mixed> what differs from the starting values
     *
     * @throws BadInput not_a_number at what is none
     */
    public static function read(array $typed, UnitSystem $units): array
    {
        return self::own(self::metric(TypedNumbers::read($typed), '', $units), FirmPrices::USUAL);
    }

    /**
     * @param array<mixed> $values
     * @param array<mixed> $usual
     *
     * @return list<PriceField>
     */
    private static function fields(string $path, array $values, array $usual, UnitSystem $units): array
    {
        $fields = [];
        foreach ($values as $key => $value) {
            $at = ltrim($path.'.'.$key, '.');
            $starting = $usual[$key] ?? null;
            if (\is_array($value) && !array_is_list($value)) {
                array_push($fields, ...self::fields($at, $value, \is_array($starting) ? $starting : [], $units));
            } elseif (\is_array($value) || \is_float($value) || \is_int($value)) {
                $written = array_map(static fn (mixed $one) => self::written($one, $at, $units), \is_array($value) ? $value : [$value]);
                $fields[] = new PriceField($at, array_values($written), self::unit($at, $units), $value == $starting);
            }
        }

        return $fields;
    }

    private static function written(mixed $value, string $path, UnitSystem $units): string
    {
        $number = \is_int($value) || \is_float($value) ? $value * self::factor($path, $units) : 0.0;

        return rtrim(rtrim(number_format($number, 2, '.', ''), '0'), '.');
    }

    /** What a value in metres, or by the metre, is in the person's unit. */
    private static function factor(string $path, UnitSystem $units): float
    {
        $foot = UnitSystem::Metric === $units ? 1.0 : Length::feet(1.0)->metres;
        foreach (self::BY_METRES as $key => $times) {
            if (\in_array($key, explode('.', $path), true)) {
                return $foot ** $times;
            }
        }

        return str_ends_with($path, '_m') ? 1 / $foot : 1.0;
    }

    private static function unit(string $path, UnitSystem $units): string
    {
        $parts = explode('.', $path);

        return match (true) {
            \in_array('water_off_h', $parts, true) => 'hours',
            \in_array('per_m_depth', $parts, true) => 'length_depth_'.$units->value,
            [] !== array_intersect($parts, array_keys(self::BY_METRES)) => 'by_length_'.$units->value,
            str_ends_with($path, '_m') => 'length_'.$units->value,
            default => '',
        };
    }

    /**
     * @param array<mixed> $values
     *
     * @return array<mixed>
     */
    private static function metric(array $values, string $path, UnitSystem $units): array
    {
        $metric = [];
        foreach ($values as $key => $value) {
            $at = ltrim($path.'.'.$key, '.');
            $metric[$key] = match (true) {
                \is_array($value) => self::metric($value, $at, $units),
                \is_float($value) => $value / self::factor($at, $units),
                default => $value,
            };
        }

        return $metric;
    }

    /**
     * @param array<mixed> $values
     * @param array<mixed> $usual
     *
     * @return array<mixed>
     */
    private static function own(array $values, array $usual): array
    {
        $own = [];
        foreach ($values as $key => $value) {
            $starting = $usual[$key] ?? null;
            $isGroup = \is_array($value) && !array_is_list($value);
            $kept = $isGroup ? self::own($value, \is_array($starting) ? $starting : []) : $value;
            if ($isGroup ? [] !== $kept : !self::isSame($value, $starting)) {
                $own[$key] = $kept;
            }
        }

        return $own;
    }

    /** As far as a field shows it, in whatever unit. */
    private static function isSame(mixed $value, mixed $starting): bool
    {
        if (\is_array($value) && \is_array($starting)) {
            return \count($value) === \count($starting)
                && [] === array_filter(array_keys($value), static fn (int|string $i) => !self::isSame($value[$i], $starting[$i] ?? null));
        }

        return is_numeric($value) && is_numeric($starting) && abs($value - $starting) <= 0.002 + 0.001 * abs((float) $starting);
    }

    /**
     * @param array<mixed> $values
     *
     * @return array<mixed>
     */
    private static function at(array $values, string $key): array
    {
        return \is_array($values[$key] ?? null) ? $values[$key] : [];
    }
}
