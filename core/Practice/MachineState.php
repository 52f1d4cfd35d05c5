<?php

declare(strict_types=1);

namespace Jurvex\Core\Practice;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;

/** How a stand-in machine stands: where its head is, how far the stoppage is open, and what its gauges show. */
final readonly class MachineState
{
    /**
     * @param float $metres of the head, from the foot of the drop
     * @param float $opened how far a hole goes; nothing was opened before the stoppage
     * @param float $bar on the gauge
     * @param float $flow in L/min
     * @param float $tank in L
     * @param string $felt free, drag, grabs, spins or stops_dead
     * @param string $water at the opening: standing, rising, dropping or gone
     * @param float $gaveWay seconds since the stoppage let water through
     */
    public function __construct(
        public float $metres = 0.0, public float $opened = 0.0, public float $bar = 0.0, public float $flow = 0.0,
        public float $tank = 0.0, public string $felt = 'free', public string $water = 'standing',
        public float $gaveWay = 0.0,
    ) {
    }

    /** @throws BadInput */
    public static function read(Input $input): self
    {
        return new self(
            $input->number('metres', 0), $input->number('opened', 0), $input->number('bar', 0),
            $input->number('flow', 0), $input->number('tank', 0), $input->text('felt', 20), $input->text('water', 20),
            $input->number('gave_way', 0),
        );
    }

    /** @return array<string, float|string> */
    public function plain(): array
    {
        return [
            'metres' => $this->metres, 'opened' => $this->opened, 'bar' => $this->bar, 'flow' => $this->flow,
            'tank' => $this->tank, 'felt' => $this->felt, 'water' => $this->water, 'gave_way' => $this->gaveWay,
        ];
    }
}
