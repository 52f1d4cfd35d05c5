<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;

/**
 * How fast a nozzle is drawn back through each deposit, in m/min at 45 L/min: the house table, until the shop's own
 * passes say it better.
 */
final readonly class WorkRates
{
    public const USUAL = [
        'soft_plug' => 3.0, 'soft_grease' => 3.0, 'hard_grease' => 0.6, 'packed_soap' => 0.15, 'thin_roots' => 1.0,
        'dense_roots' => 0.3, 'scale' => 0.5, 'silt' => 1.0, 'ice' => 0.2,
    ];
    /** So many passes make a record. */
    public const LEAST_PASSES = 3;
    /** The flow of the table, in L/min. */
    public const AT_FLOW = 45.0;
    private const MOST_TIMES = 1.5;

    /**
     * @param array<string, float> $table by blockage
     * @param array<string, array{rate: float, passes: int}> $record medians by blockage and head
     */
    private function __construct(public array $table, private array $record = [])
    {
    }

    public static function usual(): self
    {
        return new self(self::USUAL);
    }

    /** @throws BadInput for a rate that is not over zero */
    public static function changed(Input $input): self
    {
        $rates = self::USUAL;
        foreach (array_keys($rates) as $blockage) {
            $rates[$blockage] = $input->has($blockage) ? $input->positive($blockage) : $rates[$blockage];
        }

        return new self($rates);
    }

    /** @param list<WorkedPass> $passes of the shop; those of one deposit and head count once there are enough of them */
    public function learntFrom(array $passes): self
    {
        $rates = [];
        foreach ($passes as $pass) {
            $rates[self::key($pass->blockage, $pass->head)][] = $pass->metres->metres / $pass->minutes / self::times($pass->flow);
        }
        $record = array_map(
            static fn (array $each) => ['rate' => self::median($each), 'passes' => \count($each)],
            array_filter($rates, static fn (array $each) => \count($each) >= self::LEAST_PASSES),
        );

        return new self($this->table, $record);
    }

    /**
     * @param float $flow in L/min
     *
     * @return ?float in m/min; none where neither table nor record has a rate
     */
    public function of(Blockage $blockage, Head $head, float $flow): ?float
    {
        $rate = $this->record[self::key($blockage, $head)]['rate'] ?? $this->table[$blockage->value] ?? null;

        return null === $rate ? null : $rate * self::times($flow);
    }

    /** How many passes the rate is the median of; none where the table gave it. */
    public function passes(Blockage $blockage, Head $head): int
    {
        return $this->record[self::key($blockage, $head)]['passes'] ?? 0;
    }

    /** By flow / 45 L/min, at most half as fast again. */
    private static function times(float $flow): float
    {
        return min(self::MOST_TIMES, $flow / self::AT_FLOW);
    }

    private static function key(Blockage $blockage, Head $head): string
    {
        return $blockage->value.'/'.$head->value;
    }

    /** @param non-empty-list<float> $values */
    private static function median(array $values): float
    {
        sort($values);
        $middle = intdiv(\count($values), 2);

        return 0 === \count($values) % 2 ? ($values[$middle - 1] + $values[$middle]) / 2 : $values[$middle];
    }
}
