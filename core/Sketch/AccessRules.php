<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;

/** The house rules for openings. Codes of the place go before them. */
final readonly class AccessRules
{
    /**
     * @param float $spacing metres of line from one opening to the next, at most
     * @param float $turn degrees that the line turns between them, at most
     * @param float $size least size of an opening, in percent of the bore that it serves
     */
    public function __construct(public float $spacing = 30.0, public float $turn = 135.0, public float $size = 100.0)
    {
    }

    /** @throws BadInput */
    public static function read(Input $input): self
    {
        return new self($input->number('spacing_m', 1, 500), $input->number('turn_deg', 1, 1000), $input->number('size_percent', 10, 200));
    }

    /** @return array{spacing_m: float, turn_deg: float, size_percent: float} */
    public function plain(): array
    {
        return ['spacing_m' => $this->spacing, 'turn_deg' => $this->turn, 'size_percent' => $this->size];
    }
}
