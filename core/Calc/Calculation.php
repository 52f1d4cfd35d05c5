<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;

/** One named calculation that can be called from outside: SI units, each key carrying its unit, angles in degrees. */
interface Calculation
{
    public function name(): string;

    /**
     * @return array<string, mixed>
     *
     * @throws BadInput when something is missing or impossible
     */
    public function calculate(Input $input): array;
}
