<?php

declare(strict_types=1);

namespace Jurvex\Core\Reach;

/**
 * A nozzle pulling its hose: the tension grows from the reel to the head, and where it would pass the thrust, the hose stops.
 *
 * @internal made by JetHose
 */
final readonly class PullAdvance implements Advance
{
    /** @param float $tension at the head, in N; stopped at a bend, the one before it */
    public function __construct(private JetHose $hose, public float $tension, private float $at = 0.0, private ?Stop $stop = null)
    {
    }

    public function metres(): float
    {
        return $this->stop->metres ?? $this->at;
    }

    public function stop(): ?Stop
    {
        return $this->stop;
    }

    public function through(Straight|Bend $piece): self
    {
        if (null !== $this->stop) {
            return $this;
        }
        $size = $this->hose->head?->stopAt($piece);
        if (null !== $size) {
            return $this->stopped(0.0, $size, $this->tension);
        }
        if ($piece instanceof Straight) {
            return $this->along($piece);
        }
        $tension = $this->tension * $piece->amplifies($this->hose->friction);

        return $tension > $this->hose->thrust
            ? $this->stopped(0.0, Stopped::Thrust, $this->tension)
            : new self($this->hose, $tension, $this->at);
    }

    private function along(Straight $piece): self
    {
        $metres = $piece->length->metres;
        $grip = $piece->gripGoingIn($this->hose->weightPerMetre, $this->hose->friction);
        $thrust = $this->hose->thrust;
        $left = $this->hose->length->metres - $this->at;
        $until = match (true) {
            $this->tension > $thrust => 0.0,
            $grip > 0 => ($thrust - $this->tension) / $grip,
            default => \INF,
        };
        if ($until < $metres && $until <= $left) {
            return $this->stopped($until, Stopped::Thrust, $thrust);
        }
        if ($left < $metres) {
            return $this->stopped($left, Stopped::OutOfLength, max(0.0, $this->tension + $left * $grip));
        }

        return new self($this->hose, max(0.0, $this->tension + $metres * $grip), $this->at + $metres);
    }

    private function stopped(float $metres, Stopped $by, float $tension): self
    {
        return new self($this->hose, $tension, $this->at, new Stop($this->at + $metres, $by));
    }
}
