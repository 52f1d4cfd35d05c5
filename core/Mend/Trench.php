<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

/** A hole for a dig; in metres. */
final readonly class Trench
{
    /**
     * @param float $depth to the bottom of the hole
     * @param bool $needsSupport whether its sides are supported or sloped before anybody goes in
     */
    private function __construct(
        public float $length, public float $width, public float $depth, private float $bulking, public bool $needsSupport,
    ) {
    }

    /**
     * Below the pipe there is room to work; deeper than the firm's limit it is wider.
     *
     * @param float $toPipe metres down to the pipe
     */
    public static function of(float $length, float $toPipe, TrenchRules $rules): self
    {
        $depth = $toPipe + $rules->belowPipe;

        $isDeep = $depth > $rules->supportFrom;

        return new self($length, $isDeep ? $rules->deepWidth : $rules->width, $depth, $rules->bulking, $isDeep);
    }

    /** Loosened, in m³: what lies beside the hole. */
    public function spoil(): float
    {
        return $this->length * $this->width * $this->depth * $this->bulking;
    }
}
