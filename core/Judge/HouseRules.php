<?php

declare(strict_types=1);

namespace Jurvex\Core\Judge;

use Jurvex\Core\Input\BadInput;

/** The firm's schools and limits. The defaults are the house's starting values. */
final readonly class HouseRules
{
    /** Limit by name: its starting value and the most it may be; the name carries the unit. */
    public const LIMITS = [
        'low_spot_long_m' => [1.5, 100],
        'low_spot_deep_mm' => [25, 1000],
        'low_spot_shallow_mm' => [15, 1000],
        'low_spot_share_percent' => [40, 100],
        'grade_water_mm' => [3, 100],
        'grade_water_m' => [0.3, 100],
        'roots_light_percent' => [10, 100],
        'roots_heavy_percent' => [50, 100],
        'roots_many_joints' => [3, 100],
        'roots_many_within_m' => [10, 100],
        'same_place_m' => [0.3, 5],
        'offset_watch_percent' => [10, 100],
        'offset_convenience_percent' => [30, 100],
        'ovality_watch_percent' => [5, 100],
        'ovality_mend_percent' => [15, 100],
        'deposit_leave_percent' => [10, 100],
        'deposit_keep_clean_percent' => [25, 100],
        'worn_renew_share_percent' => [50, 100],
    ];

    /** @param array<string, float> $limits */
    private function __construct(public School $water, public School $roots, private array $limits)
    {
    }

    public static function starting(): self
    {
        return self::of(School::Carrying, School::Upkeep, []);
    }

    /**
     * @param array<string, float> $limits those that differ from the starting values
     *
     * @throws BadInput for a limit that is unknown, negative or over its most
     */
    public static function of(School $water, School $roots, array $limits): self
    {
        if (!$water->isAboutWater() || $roots->isAboutWater()) {
            throw new BadInput('unknown_value', $water->isAboutWater() ? 'roots' : 'water');
        }
        $all = array_map(static fn (array $limit) => (float) $limit[0], self::LIMITS);
        foreach ($limits as $name => $value) {
            if (!isset(self::LIMITS[$name])) {
                throw BadInput::unknownValue('limits.'.$name, array_keys(self::LIMITS));
            }
            if (!($value >= 0 && $value <= self::LIMITS[$name][1])) {
                throw BadInput::outOfRange('limits.'.$name, 0, self::LIMITS[$name][1]);
            }
            $all[$name] = $value;
        }

        return new self($water, $roots, $all);
    }

    public function with(?School $water, ?School $roots): self
    {
        return self::of($water ?? $this->water, $roots ?? $this->roots, $this->limits);
    }

    public function limit(string $name): float
    {
        return $this->limits[$name] ?? throw new \OutOfBoundsException(\sprintf('No house limit is called "%s".', $name));
    }
}
