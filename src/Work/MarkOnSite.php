<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\HeightMeasured;
use App\Record\Mark;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Site\PlacedMark;
use Jurvex\Core\Site\Placing;

/** A mark with what it is called and where its tapes put it on the plan of the site. */
final readonly class MarkOnSite
{
    public function __construct(public Mark $mark, public string $label, public Placing $placing)
    {
    }

    public function along(): float
    {
        return $this->mark->details()->atM ?? 0.0;
    }

    /** As a point of the ground, by which heights are measured to it. */
    public function point(): string
    {
        return HeightMeasured::key($this->label);
    }

    public function placed(): ?PlacedMark
    {
        return null === $this->placing->tied ? null : new PlacedMark(Length::metres($this->along()), $this->placing->tied->place);
    }
}
