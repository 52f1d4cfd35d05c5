<?php

declare(strict_types=1);

namespace App\Screen;

use App\Support\Units\Formatter;
use App\Support\Wording\WordsExtension;
use App\Work\LineRepair;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Measure\UnitSystem;

/** Names what is to be mended within a sentence, with its place. */
final readonly class RepairNames
{
    public function __construct(private Formatter $formatter, private WordsExtension $words)
    {
    }

    public function repair(LineRepair $repair, UnitSystem $units): string
    {
        return mb_strtolower($this->words->words($repair->finding()->kind, 'kind')).' '.$this->extent($repair->finding(), $units);
    }

    public function extent(Finding $finding, UnitSystem $units): string
    {
        return null === $finding->to
            ? $this->formatter->distance($finding->from->metres, $units)
            : $this->formatter->bareDistance($finding->from->metres, $units).'–'.$this->formatter->distance($finding->to->metres, $units);
    }
}
