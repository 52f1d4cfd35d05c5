<?php

declare(strict_types=1);

namespace Jurvex\Core\Reach;

use Jurvex\Core\Measure\Length;

/** A hose that its nozzle pulls into the line. */
final readonly class JetHose implements Tool
{
    /**
     * @param float $thrust   net, in N
     * @param float $reelDrag in N
     */
    public function __construct(private float $thrust, private float $reelDrag, private float $weightPerMetre, private float $friction, private Length $length, private ?Head $head)
    {
    }

    public function head(): ?Head
    {
        return $this->head;
    }

    /** The tension grows from the reel to the head; where it would pass the thrust, the hose stops. */
    public function reach(Path $path): Reached
    {
        $end = $path->metres();
        $length = $this->length->metres < $end ? new Stop($this->length->metres, Stopped::OutOfLength) : new Stop($end, Stopped::EndOfPath);
        [$tension, $thrust] = $this->pull($path, \INF);
        $stop = ($this->head?->stopOn($path) ?? $thrust ?? $length)->orBefore($thrust)->orBefore($length);
        if ($stop !== $thrust) {
            [$tension] = $this->pull($path, $stop->metres);
        }

        return new Reached($stop->metres, $stop->by, $tension);
    }

    /** @return array{float, ?Stop} tension with the head at a place, and where the thrust was used up before it */
    private function pull(Path $path, float $head): array
    {
        $tension = $this->reelDrag;
        $at = 0.0;
        foreach ($path->pieces as $piece) {
            if ($at >= $head) {
                break;
            }
            if ($piece instanceof Bend) {
                if ($tension * $piece->amplifies($this->friction) > $this->thrust) {
                    return [$tension, new Stop($at, Stopped::Thrust)];
                }
                $tension *= $piece->amplifies($this->friction);
                continue;
            }
            $grip = $piece->gripGoingIn($this->weightPerMetre, $this->friction);
            $within = min($piece->length->metres, $head - $at);
            if ($tension > $this->thrust || $tension + $within * $grip > $this->thrust) {
                return [$this->thrust, new Stop($at + ($grip > 0 ? max(0.0, ($this->thrust - $tension) / $grip) : 0.0), Stopped::Thrust)];
            }
            $tension = max(0.0, $tension + $within * $grip);
            $at += $within;
        }

        return [$tension, null];
    }
}
