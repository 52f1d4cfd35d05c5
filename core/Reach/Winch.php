<?php

declare(strict_types=1);

namespace Jurvex\Core\Reach;

/** Works the force on a rod, cable or hose from its head back to the hand. */
final readonly class Winch
{
    public function __construct(private float $weightPerMetre, private float $friction)
    {
    }

    /** Force at the hand that pushes the head to a place, in N. */
    public function pushAtHand(Path $path, float $head, float $headDrag): float
    {
        return $this->atHand($path, $head, $headDrag, fn (Straight $piece) => $piece->gripGoingIn($this->weightPerMetre, $this->friction));
    }

    /** Force at the hand that draws the head back from a place, in N. */
    public function pullAtHand(Path $path, float $head, float $headDrag): float
    {
        return $this->atHand(
            $path,
            $head,
            $headDrag,
            fn (Straight $piece) => $piece->gripComingOut($this->weightPerMetre, $this->friction),
        );
    }

    /** @param \Closure(Straight): float $grip per metre */
    private function atHand(Path $path, float $head, float $headDrag, \Closure $grip): float
    {
        $before = [];
        $at = 0.0;
        foreach ($path->pieces as $piece) {
            if ($at >= $head) {
                break;
            }
            $within = $piece instanceof Straight ? min($piece->length->metres, $head - $at) : 0.0;
            $before[] = [$piece, $within];
            $at += $within;
        }
        $force = $headDrag;
        foreach (array_reverse($before) as [$piece, $within]) {
            $force = $piece instanceof Bend ? $force * $piece->amplifies($this->friction) : max(0.0, $force + $within * $grip($piece));
        }

        return $force;
    }
}
