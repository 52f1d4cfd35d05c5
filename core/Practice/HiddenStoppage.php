<?php

declare(strict_types=1);

namespace Jurvex\Core\Practice;

use Jurvex\Core\Clear\Blockage;
use Jurvex\Core\Measure\Length;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A stoppage that nobody knows of until a tool meets it. */
final readonly class HiddenStoppage
{
    private const CHOICE = [
        Blockage::SoftPlug, Blockage::SoftGrease, Blockage::HardGrease, Blockage::ThinRoots, Blockage::DenseRoots,
        Blockage::Rags,
    ];

    public function __construct(public Blockage $blockage, public Length $near, public Length $far)
    {
    }

    /** Somewhere on a line; the same seed hides the same. */
    public static function fromSeed(int $seed, Length $line): self
    {
        $chance = new Randomizer(new Mt19937($seed));
        $near = $line->metres * (0.3 + 0.4 * $chance->getInt(0, 1000) / 1000);

        return new self(
            self::CHOICE[$chance->getInt(0, \count(self::CHOICE) - 1)],
            Length::metres(round($near, 1)),
            Length::metres(round($near + 0.4 + 0.001 * $chance->getInt(0, 1600), 1)),
        );
    }
}
