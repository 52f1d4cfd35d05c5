<?php

declare(strict_types=1);

namespace App\WayIn;

use Jurvex\Core\Sketch\PipeBend;
use Jurvex\Core\Sketch\Source;
use Symfony\Component\Validator\Constraints as Assert;

/** A bend along a pipe, as it stands in the form. */
final class BendValues
{
    /** From the pipe's upper end. */
    #[Assert\Range(notInRangeMessage: 'error.pipe_length_range', min: 0, max: 10000)]
    public ?float $atM = null;

    #[Assert\Range(notInRangeMessage: 'error.bend_range', min: 0, max: 180)]
    public ?float $degrees = null;

    /** Of the centre line; the usual one for the bore where it is not known. */
    #[Assert\Range(notInRangeMessage: 'error.bore_range', min: 10, max: 5000)]
    public ?float $radiusMm = null;

    public Source $source = Source::Guessed;

    public static function of(PipeBend $bend): self
    {
        $values = new self();
        [$values->atM, $values->degrees, $values->radiusMm, $values->source] = [$bend->at, $bend->degrees, $bend->radius, $bend->source];

        return $values;
    }
}
