<?php

declare(strict_types=1);

namespace Jurvex\Core\LineMap;

use Jurvex\Core\Measure\Length;

/** Where a tool enters the line: an opening, its drop, and the bend at the bottom. */
final readonly class Access
{
    /**
     * @param bool $trap whether a trap stands between the opening and the line
     */
    public function __construct(
        public string $node, public Length $opening, public Faces $faces, public Length $drop,
        public float $bendDegrees, public Length $bendRadius, public bool $trap = false,
    ) {
    }

    public function leadsDown(): bool
    {
        return Faces::Upstream !== $this->faces;
    }

    public function leadsUp(): bool
    {
        return Faces::Downstream !== $this->faces;
    }
}
