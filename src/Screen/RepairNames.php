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

    /** Likely, where nobody is certain of it. */
    public function repair(LineRepair $repair, UnitSystem $units): string
    {
        return $this->finding($repair->finding(), $repair->isUnsure(), $units);
    }

    public function finding(Finding $finding, bool $isUnsure, UnitSystem $units): string
    {
        $name = mb_strtolower($this->words->words($finding->kind, 'kind')).' '.$this->extent($finding, $units);

        return $isUnsure ? $this->words->words('within', 'mend.likely').' '.$name : $name;
    }

    public function extent(Finding $finding, UnitSystem $units): string
    {
        return null === $finding->to
            ? $this->formatter->distance($finding->from->metres, $units)
            : $this->formatter->bareDistance($finding->from->metres, $units).'–'.$this->formatter->distance($finding->to->metres, $units);
    }
}
