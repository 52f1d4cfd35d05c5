<?php

declare(strict_types=1);

namespace Jurvex\Core\Reach;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Length;

/** A rod or a cable, pushed from the opening. */
final readonly class PushedTool implements Tool
{
    /**
     * @param float $stiffness      bending stiffness EI in N·m²
     * @param float $weightPerMetre in N
     * @param float $pushLimit      what the hand or the drive can push, in N
     * @param float $headDrag       in N
     */
    public function __construct(
        private Head $head,
        private Length $thickness,
        private float $stiffness,
        private float $weightPerMetre,
        private float $friction,
        private float $pushLimit,
        private float $headDrag,
        private Length $length,
    ) {
    }

    /** @throws BadInput */
    public static function read(Input $tool): self
    {
        return new self(
            Head::read($tool, 'head_diameter_mm'),
            Length::millimetres($tool->number('diameter_mm', 0)),
            $tool->number('stiffness_nm2', 0),
            $tool->number('weight_n_per_m', 0),
            $tool->number('friction', 0),
            $tool->number('push_limit_n', 0),
            $tool->number('head_drag_n', 0),
            Length::metres($tool->number('length_m', 0)),
        );
    }

    public function head(): Head
    {
        return $this->head;
    }

    /**
     * The first place, going out, beyond which the hand must push more than it can or the rod coils up and jams.
     * Every force grows with the force at the head end of what lies before it, so each limit on the way is carried
     * out to the head as a limit there, and the head's own piece is solved directly.
     */
    public function reach(Path $path): Reached
    {
        $end = $path->metres();
        $force = $this->forceStop($path);
        $length = $this->length->metres < $end ? new Stop($this->length->metres, Stopped::OutOfLength) : new Stop($end, Stopped::EndOfPath);
        $stop = ($this->head->stopOn($path) ?? $force ?? $length)->orBefore($force)->orBefore($length);

        return new Reached($stop->metres, $stop->by, $this->handForce($path, $stop->metres));
    }

    private function forceStop(Path $path): ?Stop
    {
        $at = 0.0;
        $push = $this->pushLimit;
        $lock = \INF;
        foreach ($path->pieces as $piece) {
            if ($piece instanceof Bend) {
                $push /= $piece->amplifies($this->friction);
                $lock /= $piece->amplifies($this->friction);
                continue;
            }
            $grip = $piece->gripGoingIn($this->weightPerMetre, $this->friction);
            $jam = $this->jamLoad($piece);
            $lockAt = $this->headDrag > $jam ? 0.0 : $this->metresUntil(min($lock, $jam), $grip);
            $pushAt = $this->metresUntil($push, $grip);
            if (min($lockAt, $pushAt) < $piece->length->metres) {
                return new Stop($at + min($lockAt, $pushAt), $lockAt <= $pushAt ? Stopped::LockUp : Stopped::PushLimit);
            }
            $at += $piece->length->metres;
            $push -= $piece->length->metres * $grip;
            $lock = min($jam, min($lock, $jam) - $piece->length->metres * $grip);
        }

        return null;
    }

    /** How far the head goes into a piece until the force at the piece's near end passes a limit. */
    private function metresUntil(float $limit, float $grip): float
    {
        if ($this->headDrag > $limit) {
            return 0.0;
        }

        return $grip > 0 ? ($limit - $this->headDrag) / $grip : \INF;
    }

    /** The compression at which the rod coils up in a bore: max(2√2·√(EI·w·|cos β|/r), 5.55·(EI·w²)^(1/3)), r = (D − d)/2. */
    private function jamLoad(Straight $piece): float
    {
        $room = ($piece->bore->metres - $this->thickness->metres) / 2;
        if ($room <= 0) {
            return \INF;
        }
        $lying = 2 * \M_SQRT2 * sqrt($this->stiffness * $this->weightPerMetre * abs(cos(deg2rad($piece->downDegrees))) / $room);
        $standing = 5.55 * ($this->stiffness * $this->weightPerMetre ** 2) ** (1 / 3);

        return max($lying, $standing);
    }

    private function handForce(Path $path, float $head): float
    {
        return (new Winch($this->weightPerMetre, $this->friction))->pushAtHand($path, $head, $this->headDrag);
    }
}
