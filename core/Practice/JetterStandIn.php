<?php

declare(strict_types=1);

namespace Jurvex\Core\Practice;

use Jurvex\Core\Clear\Head;
use Jurvex\Core\Clear\WorkRates;
use Jurvex\Core\Flow\Water;
use Jurvex\Core\Jet\JetLine;
use Jurvex\Core\Measure\Length;

/** A jetter without a machine: gauge, flow and tank from the hydraulics, its way from the reach, its work from the house table. */
final readonly class JetterStandIn
{
    private const FREE_M_PER_MIN = 6.0;
    /** As far as a hose goes by hand, without water. */
    private const PUSHED_M = 2.0;
    private const DRAINS_IN_S = 60.0;
    /** What no table has a rate for: a towel is pierced, not worn away. */
    private const OTHER_M_PER_MIN = 0.5;

    /**
     * @param Length $reach to where the nozzle pulls the hose
     * @param float $tank full, in L
     * @param float $reserve at which the pump is starved, in L
     * @param float $refill in L/min
     */
    public function __construct(
        private JetLine $line, private HiddenStoppage $hidden, private Head $head, private WorkRates $rates,
        private Length $reach, private float $tank, private float $reserve, private float $refill,
    ) {
    }

    public function begin(): MachineState
    {
        return new MachineState(opened: $this->hidden->near->metres, tank: $this->tank);
    }

    public function after(MachineState $was, Handling $hands, bool $on, float $seconds): MachineState
    {
        $runs = $on && $was->tank > $this->reserve;
        $flow = $runs ? Water::perMinute($this->line->flow) : 0.0;
        [$metres, $felt] = match ($hands) {
            Handling::Feed => $this->feed($was, $runs, $seconds),
            Handling::Hold => [$was->metres, $was->felt],
            Handling::Back => [max(0.0, $was->metres - self::FREE_M_PER_MIN * $seconds / 60), 'free'],
        };
        $opened = max($was->opened, $metres);
        $isOpen = $opened >= $this->hidden->far->metres;
        $gaveWay = $was->opened >= $this->hidden->far->metres ? $was->gaveWay + $seconds : 0.0;

        return new MachineState(
            $metres, $opened, $runs ? $this->line->pumpPressure()->inBar() : 0.0, $flow,
            max(0.0, min($this->tank, $was->tank + ($this->refill - $flow) * $seconds / 60)), $felt,
            match (true) {
                $gaveWay >= self::DRAINS_IN_S => 'gone',
                $isOpen => 'dropping',
                $runs => 'rising',
                default => 'standing',
            },
            $gaveWay,
        );
    }

    /** @return array{float, string} */
    private function feed(MachineState $was, bool $runs, float $seconds): array
    {
        $most = $runs ? $this->reach->metres : min($this->reach->metres, max($was->metres, self::PUSHED_M));
        $rate = $runs
            ? $this->rates->of($this->hidden->blockage, $this->head, Water::perMinute($this->line->flow)) ?? self::OTHER_M_PER_MIN
            : 0.0;
        $fed = Feed::on($was, $this->hidden, $most, self::FREE_M_PER_MIN, $rate, $seconds);

        return [$fed->metres, $fed->isWorking ? 'drag' : ($fed->isMoving ? 'free' : 'stops_dead')];
    }
}
