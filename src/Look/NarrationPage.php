<?php

declare(strict_types=1);

namespace App\Look;

use App\Record\Narrated;
use Jurvex\Core\Measure\Length;

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

    /** The farthest place of all that was read. */
    public function farthest(): Length
    {
        $places = array_map(static fn (NarratedRow $row) => $row->text->toM ?? $row->text->fromM ?? 0.0, $this->rows);

        return Length::metres(max([0.0, ...$places]));
    }

    public function open(): int
    {
        return \count(array_filter($this->rows, static fn (NarratedRow $row) => true === $row->proposal?->isOpen()));
    }
}
