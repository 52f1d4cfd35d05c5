<?php

declare(strict_types=1);

namespace Jurvex\Core\Reach;

use Jurvex\Core\Measure\Length;

/** A hose that its nozzle pulls into the line. */
final readonly class JetHose implements Tool
{
    /**
     * @param float $thrust net, in N
     * @param float $reelDrag in N
     * @param float $weightPerMetre in N, full of water
     */
    public function __construct(
        public float $thrust, private float $reelDrag, public float $weightPerMetre, public float $friction,
        public Length $length, public ?Head $head,
    ) {
    }

    public function head(): ?Head
    {
        return $this->head;
    }

    public function withHead(Head $head): self
    {
        return new self($this->thrust, $this->reelDrag, $this->weightPerMetre, $this->friction, $this->length, $head);
    }

    public function setOut(): PullAdvance
    {
        return new PullAdvance($this, $this->reelDrag);
    }

    public function reach(Path $path): Reached
    {
        $advance = $this->setOut();
        foreach ($path->pieces as $piece) {
            $advance = $advance->through($piece);
        }

        return new Reached($advance->metres(), $advance->stop()->by ?? Stopped::EndOfPath, $advance->tension);
    }
}
