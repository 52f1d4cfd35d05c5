<?php

declare(strict_types=1);

namespace App\Look;

use App\Record\Narrated;

/** The words of a run's recording beside what was read from them. */
final readonly class NarrationPage
{
    /**
     * @param ?Narrated $narrated none where no timed text is there yet
     * @param list<NarratedRow> $rows
     * @param string $refused why what was given is no timed text; empty where nothing was given
     */
    public function __construct(public ?Narrated $narrated, public array $rows, public string $refused = '')
    {
    }

    public function open(): int
    {
        return \count(array_filter($this->rows, static fn (NarratedRow $row) => true === $row->proposal?->isOpen()));
    }
}
