<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reach\Stopped;

/** How far the kit's piece for a head gets from the chosen opening, and what draws it out again. */
final readonly class HeadReach
{
    /** Over this share of what can be pulled it comes out heavily. */
    private const HEAVY = 0.5;
    private const HAIR_M = 0.05;

    /**
     * @param Length $to from the foot of the drop
     * @param ?Stopped $by what stops it there; none where nothing does on the way to the work
     * @param ?float $pull force that draws it back from its work, in N; none where nobody knows the way
     * @param float $limit of what can be pulled, in N
     */
    public function __construct(
        public string $piece, public Length $to, public ?Stopped $by = null, public ?float $pull = null, public float $limit = \INF,
    ) {
    }

    public function gets(Length $there): bool
    {
        return null === $this->by || $this->to->metres >= $there->metres - self::HAIR_M;
    }

    public function comesOut(): bool
    {
        return null === $this->pull || $this->pull <= $this->limit;
    }

    /** Gets there and out again. */
    public function worksAt(Length $there): bool
    {
        return $this->gets($there) && $this->comesOut();
    }

    public function isHeavy(): bool
    {
        return null !== $this->pull && $this->pull > self::HEAVY * $this->limit;
    }
}
