<?php

declare(strict_types=1);

namespace Jurvex\Core\Reach;

/**
 * A pushed head on its way. Every force grows with the force at the head end of what lies before it, so each limit on
 * the way is carried out to the head as a limit there, and the head's own piece is solved directly.
 *
 * @internal made by PushedTool
 */
final readonly class PushAdvance implements Advance
{
    /**
     * @param float $push what the head may press with until the hand has reached its limit, in N
     * @param float $lock the same until the rod coils up somewhere behind
     */
    public function __construct(
        private PushedTool $tool, private float $push, private float $lock = \INF, private float $at = 0.0,
        private ?Stop $stop = null,
    ) {
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
        $size = $this->tool->head->stopAt($piece);
        if (null !== $size) {
            return $this->stopped(0.0, $size);
        }
        if ($piece instanceof Bend) {
            $by = $piece->amplifies($this->tool->friction);

            return new self($this->tool, $this->push / $by, $this->lock / $by, $this->at);
        }

        return $this->along($piece);
    }

    private function along(Straight $piece): self
    {
        $metres = $piece->length->metres;
        $grip = $piece->gripGoingIn($this->tool->weightPerMetre, $this->tool->friction);
        $jam = $this->tool->jamLoad($piece);
        $lock = min($this->lock, $jam);
        $lockAt = $this->tool->headDrag > $jam ? 0.0 : $this->metresUntil($lock, $grip);
        $pushAt = $this->metresUntil($this->push, $grip);
        $force = min($lockAt, $pushAt);
        $left = $this->tool->length->metres - $this->at;
        if ($force < $metres && $force <= $left) {
            return $this->stopped($force, $lockAt <= $pushAt ? Stopped::LockUp : Stopped::PushLimit);
        }
        if ($left < $metres) {
            return $this->stopped($left, Stopped::OutOfLength);
        }

        return new self($this->tool, $this->push - $metres * $grip, min($jam, $lock - $metres * $grip), $this->at + $metres);
    }

    /** How far the head goes into a piece until the force at the piece's near end passes a limit. */
    private function metresUntil(float $limit, float $grip): float
    {
        if ($this->tool->headDrag > $limit) {
            return 0.0;
        }

        return $grip > 0 ? ($limit - $this->tool->headDrag) / $grip : \INF;
    }

    private function stopped(float $metres, Stopped $by): self
    {
        return new self($this->tool, $this->push, $this->lock, $this->at, new Stop($this->at + $metres, $by));
    }
}
