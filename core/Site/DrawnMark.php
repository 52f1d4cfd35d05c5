<?php

declare(strict_types=1);

namespace Jurvex\Core\Site;

/** A mark as it stands on the drawing of a site. */
final readonly class DrawnMark
{
    /**
     * @param ?float $error in metres; none where a small error of the tape moves it far
     * @param bool $isGood whether somebody may dig by it
     * @param bool $isOdd whether the marks beside it do not agree with it
     */
    public function __construct(
        public string $id, public string $label, public Place $place, public ?float $error, public bool $isGood,
        public bool $isOdd,
    ) {
    }
}
