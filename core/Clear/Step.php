<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

/** One step of a plan: what goes in or comes back, from where to where. Metres from the foot of the drop. */
final readonly class Step
{
    /**
     * @param ?float $speed in m/min; none where it goes as it will
     * @param string $why code of the rule that put it there
     * @param int $passes how many logged passes the speed is the median of; none where it is the table's
     * @param bool $works whether it works on the walls
     * @param ?Head $insteadOf the head that the table asks for, where another stands in
     */
    public function __construct(
        public Head $head, public Stroke $way, public float $from, public float $to, public string $why,
        public ?float $speed = null, public ?float $minutes = null, public ?float $litres = null,
        public int $passes = 0, public bool $works = false, public ?Head $insteadOf = null,
    ) {
    }
}
