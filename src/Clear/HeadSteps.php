<?php

declare(strict_types=1);

namespace App\Clear;

/** What one head does before another goes in. */
final readonly class HeadSteps
{
    /**
     * @param string $piece of the kit
     * @param string $instead of which head it stands in for
     * @param list<StrokeText> $strokes
     */
    public function __construct(
        public string $head, public string $piece, public bool $isMissing, public string $instead, public string $why, public string $spin,
        public string $sum, public array $strokes,
    ) {
    }
}
