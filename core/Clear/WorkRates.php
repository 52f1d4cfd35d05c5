<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;

/** How fast a nozzle is drawn back through each deposit, in m/min at 45 L/min: the house table. */
final readonly class WorkRates
{
    public const USUAL = ['soft_plug' => 3.0, 'soft_grease' => 3.0, 'hard_grease' => 0.6, 'packed_soap' => 0.15, 'thin_roots' => 1.0, 'dense_roots' => 0.3, 'scale' => 0.5, 'silt' => 1.0, 'ice' => 0.2];
    private const AT_FLOW = 45.0;
    private const MOST_TIMES = 1.5;

    /** @param array<string, float> $table by blockage */
    private function __construct(public array $table)
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

    /**
     * @param float $flow in L/min
     *
     * @return ?float in m/min; none where the table has no rate
     */
    public function of(Blockage $blockage, float $flow): ?float
    {
        return isset($this->table[$blockage->value]) ? $this->table[$blockage->value] * min(self::MOST_TIMES, $flow / self::AT_FLOW) : null;
    }
}
