<?php

declare(strict_types=1);

namespace App\Work;

use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Mark\MarkFall;
use Jurvex\Core\Measure\Grade;

/** The fall of the pipe between two marks that follow each other on a run. */
final readonly class MarkedFall
{
    private const EQUAL_M = 0.02;

    /**
     * @param ?float $rise metres of ground from the upper mark up to the lower one; none where nothing links them
     * @param ?Crest $crest the highest point of the ground between them that was measured, where it stands over both
     * @param ?Finding $explains water that stands between them or beside one of them, where the pipe shows no fall
     */
    public function __construct(
        public MarkOnSite $upper, public MarkOnSite $lower, public MarkFall $fall, public Grade $minimum, public ?float $rise,
        public ?Crest $crest, public ?Finding $explains,
    ) {
    }

    public function verdict(): string
    {
        return $this->fall->verdict($this->minimum->inPercent());
    }

    /** Under level ground, as far as a tape tells. */
    public function isEquallyDeep(): bool
    {
        $apart = abs($this->upper->mark->depth()->median()->metres - $this->lower->mark->depth()->median()->metres);

        return null !== $this->rise && abs($this->rise) <= self::EQUAL_M && $apart <= self::EQUAL_M;
    }

    public function near(): MarkOnSite
    {
        return $this->upper->along() <= $this->lower->along() ? $this->upper : $this->lower;
    }

    public function far(): MarkOnSite
    {
        return $this->near() === $this->upper ? $this->lower : $this->upper;
    }
}
