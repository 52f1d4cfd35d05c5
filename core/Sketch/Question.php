<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

/** What is asked of the technician in one go about what cameras saw and the map has otherwise. */
final readonly class Question
{
    /**
     * @param non-empty-list<Proposal> $offers a single one; several that contradict each other, of which one at most can be
     *                                         taken; or all that only confirm the map
     * @param bool $confirms whether nothing in the map would change but how well it is known
     */
    public function __construct(public array $offers, public bool $confirms = false)
    {
    }

    public function isChoice(): bool
    {
        return !$this->confirms && \count($this->offers) > 1;
    }
}
