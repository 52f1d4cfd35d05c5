<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;

/** A bend along a pipe, in metres from its upper end. */
final readonly class PipeBend
{
    /** Radius of the centre line in bores, where nobody has measured it: a house value. */
    public const USUAL_RADIUS = 1.5;

    /** @param float $radius of the centre line, in mm */
    public function __construct(public float $at, public float $degrees, public float $radius, public Source $source = Source::Guessed)
    {
    }

    /** @throws BadInput */
    public static function read(Input $input): self
    {
        return new self(
            $input->number('at_m', 0),
            $input->number('degrees', 0, 180),
            $input->number('radius_mm', 0, 5000),
            $input->choice('source', Source::class),
        );
    }

    /** @return array<string, mixed> */
    public function plain(): array
    {
        return ['at_m' => $this->at, 'degrees' => $this->degrees, 'radius_mm' => $this->radius, 'source' => $this->source->value];
    }

    /** Kept on its new pipe, however the sums are rounded. */
    public function movedBy(float $metres, float $longest): self
    {
        return new self(max(0.0, min($longest, $this->at + $metres)), $this->degrees, $this->radius, $this->source);
    }
}
