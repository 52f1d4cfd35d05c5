<?php

declare(strict_types=1);

namespace Jurvex\Core\Practice;

use Jurvex\Core\Clear\Blockage;
use Jurvex\Core\Measure\Length;

/** A cable machine without a machine: how it feels, how far it comes, what it brings back. */
final readonly class CableStandIn
{
    private const FREE_M_PER_MIN = 5.0;
    private const DRAINS_IN_S = 60.0;

    /** How fast a turning head opens a hole, in m/min; a cable that does not turn opens nothing. */
    private const OPENS = [
        'soft_plug' => 2.0, 'rags' => 0.4, 'soft_grease' => 1.5, 'hard_grease' => 0.6, 'thin_roots' => 0.8,
        'dense_roots' => 0.25,
    ];

    /** What a cable does little for. */
    private const OTHER = 0.1;

    /** @param Length $reach to where the cable goes */
    public function __construct(private HiddenStoppage $hidden, private Length $reach)
    {
    }

    public function begin(): MachineState
    {
        return new MachineState(opened: $this->hidden->near->metres);
    }

    public function after(MachineState $was, Handling $hands, bool $on, float $seconds): MachineState
    {
        [$metres, $felt] = match ($hands) {
            Handling::Feed => $this->feed($was, $on, $seconds),
            Handling::Hold => [
                $was->metres,
                $on && $was->metres >= $this->hidden->near->metres && $was->metres <= $this->hidden->far->metres ? 'spins' : $was->felt,
            ],
            Handling::Back => [
                max(0.0, $was->metres - self::FREE_M_PER_MIN * $seconds / 60),
                Blockage::Rags === $this->hidden->blockage && $was->opened > $this->hidden->near->metres ? 'drag' : 'free',
            ],
        };
        $opened = max($was->opened, $metres);
        $gaveWay = $was->opened >= $this->hidden->far->metres ? $was->gaveWay + $seconds : 0.0;

        return new MachineState($metres, $opened, felt: $felt, gaveWay: $gaveWay, water: match (true) {
            $gaveWay >= self::DRAINS_IN_S => 'gone',
            $opened >= $this->hidden->far->metres => 'dropping',
            default => 'standing',
        });
    }

    /** @return array{float, string} */
    private function feed(MachineState $was, bool $turns, float $seconds): array
    {
        $fed = Feed::on(
            $was, $this->hidden, $this->reach->metres, self::FREE_M_PER_MIN,
            $turns ? self::OPENS[$this->hidden->blockage->value] ?? self::OTHER : 0.0, $seconds,
        );

        return [$fed->metres, $fed->isWorking ? 'grabs' : ($fed->isMoving ? 'free' : 'stops_dead')];
    }
}
