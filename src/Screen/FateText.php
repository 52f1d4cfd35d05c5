<?php

declare(strict_types=1);

namespace App\Screen;

use Jurvex\Core\Compare\Fate;

/** What became of one finding, in words. */
final readonly class FateText
{
    /**
     * @param ?string $beforeId of the finding before; none where only the later look has it
     * @param ?string $afterId the same of the one after
     * @param string $what kind and place
     * @param string $said what became of it
     */
    public function __construct(
        public ?string $beforeId, public ?string $afterId, public Fate $fate, public string $what, public string $said,
    ) {
    }
}
