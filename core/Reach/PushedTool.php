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
     * @param float $stiffness bending stiffness EI in N·m²
     * @param float $weightPerMetre in N
     * @param float $pushLimit what the hand or the drive can push, in N
     * @param float $headDrag in N
     */
    public function __construct(
        public Head $head,
        private Length $thickness,
        private float $stiffness,
        public float $weightPerMetre,
        public float $friction,
        private float $pushLimit,
        public float $headDrag,
        public Length $length,
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

    public function withHead(Head $head): self
    {
        return new self(
            $head, $this->thickness, $this->stiffness, $this->weightPerMetre, $this->friction, $this->pushLimit,
            $this->headDrag, $this->length,
        );
    }

    public function setOut(): PushAdvance
    {
        return new PushAdvance($this, $this->pushLimit);
    }

    /**
     * The first place, going out, beyond which the head does not fit, the hand must push more than it can, or the rod
     * coils up and jams.
     */
    public function reach(Path $path): Reached
    {
        $advance = $this->setOut();
        foreach ($path->pieces as $piece) {
            $advance = $advance->through($piece);
        }

        return new Reached($advance->metres(), $advance->stop()->by ?? Stopped::EndOfPath, $this->handForce($path, $advance->metres()));
    }

    /** The compression at which the rod coils up in a bore: max(2√2·√(EI·w·|cos β|/r), 5.55·(EI·w²)^(1/3)), r = (D − d)/2. */
    public function jamLoad(Straight $piece): float
    {
        $room = ($piece->bore->metres - $this->thickness->metres) / 2;
        if ($room <= 0) {
            return \INF;
        }
        $lying = 2 * \M_SQRT2 * sqrt($this->stiffness * $this->weightPerMetre * abs($piece->lying) / $room);
        $standing = 5.55 * ($this->stiffness * $this->weightPerMetre ** 2) ** (1 / 3);

        return max($lying, $standing);
    }

    private function handForce(Path $path, float $head): float
    {
        return (new Winch($this->weightPerMetre, $this->friction))->pushAtHand($path, $head, $this->headDrag);
    }
}
