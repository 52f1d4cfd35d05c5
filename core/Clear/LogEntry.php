<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

/** One entry of a run log. */
final readonly class LogEntry
{
    /**
     * @param float $seconds since the tool went in
     * @param ?float $metres of a mark, a coupling and At: how much of the tool is in; of Moved: since the mark was made; of
     *                       Level: below the rim; of Heat: degrees
     * @param string $said code of what was felt or of the water, what came back, or how many turns
     */
    public function __construct(public EntryKind $kind, public float $seconds, public ?float $metres = null, public string $said = '')
    {
    }
}
