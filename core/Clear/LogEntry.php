<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

/** One entry of a run log. */
final readonly class LogEntry
{
    /**
     * @param float $seconds since the tool went in
     * @param ?float $metres of At: from zero; of Moved: since the mark was made
     * @param string $said code of what was felt or of the water, or what came back
     */
    public function __construct(public EntryKind $kind, public float $seconds, public ?float $metres = null, public string $said = '')
    {
    }
}
