<?php

declare(strict_types=1);

namespace App\Upkeep;

use Jurvex\Core\Clear\Blockage;

/** All logged wall work on one kind of deposit. */
final readonly class KindOfWork
{
    /**
     * @param float $metres drawn back
     * @param float $minutes that it took
     * @param float $litres that it used
     * @param ?float $expected minutes that the house's table would have given it; none where the table has no rate
     */
    public function __construct(
        public Blockage $blockage, public int $passes, public float $metres, public float $minutes, public float $litres,
        public ?float $expected,
    ) {
    }
}
