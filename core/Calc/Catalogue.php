<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;

/** Every calculation of the core by its name. */
final class Catalogue
{
    /** @var array<string, Calculation> */
    private array $calculations = [];

    private function __construct(Calculation ...$calculations)
    {
        foreach ($calculations as $calculation) {
            $this->calculations[$calculation->name()] = $calculation;
        }
        ksort($this->calculations);
    }

    public static function complete(): self
    {
        return new self(
            new GradeCalculation(), new CounterCalculation(), new ClockCalculation(),
            new RigidPassCalculation(), new ReachPushCalculation(), new ReachPullCalculation(),
            new PullOutCalculation(), new ReachMapCalculation(),
            new TriageCalculation(),
            new CablePlanCalculation(), new JetCalculation(), new CarryCalculation(), new PullBackCalculation(), new TankCalculation(),
            new TiltGradeCalculation(), new LensWaterCalculation(), new PoolsCalculation(),
            new JudgeCalculation(), new UniteCalculation(), new PlanCalculation(),
            new DepthCalculation(), new TiePlaceCalculation(), new LineCheckCalculation(), new MarkFallCalculation(), new GeoCalculation(),
            new RepairCalculation(), new MatchCalculation(), new GrowthCalculation(), new SayCalculation(),
        );
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_keys($this->calculations);
    }

    /**
     * @param array<mixed> $input
     *
     * @return array<string, mixed>
     *
     * @throws BadInput when the name is unknown, or the input is missing or impossible, or the result leaves the range of numbers
     */
    public function calculate(string $name, array $input): array
    {
        $calculation = $this->calculations[$name]
            ?? throw new BadInput('unknown_calculation', '', ['choices' => implode(', ', $this->names())]);
        try {
            $result = $calculation->calculate(new Input($input));
        } catch (BadInput $error) {
            throw $error;
        } catch (\DomainException) {
            // Each value was possible, what comes of them is not: a length that no number holds.
            throw new BadInput('out_of_range', '');
        }
        array_walk_recursive($result, static function (mixed $value, string|int $key): void {
            if (\is_float($value) && !is_finite($value)) {
                throw new BadInput('out_of_range', (string) $key);
            }
        });

        return $result;
    }
}
