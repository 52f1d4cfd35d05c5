<?php

declare(strict_types=1);

namespace App\Clear;

use Jurvex\Core\Clear\LogEntry;
use Jurvex\Core\Say\Reading;
use Jurvex\Core\Say\SpokenCommand;

/** What was said with a tool in the line, and what is read from it. */
final readonly class SaidPass
{
    /**
     * @param string $said word for word
     * @param list<LogEntry> $entries that it makes
     * @param list<array{string, bool}> $pieces what was said, in pieces that were understood and pieces that were not
     * @param string $refused why it cannot be kept as it is; empty where it can
     */
    public function __construct(
        public string $said, public ?SpokenCommand $command, public array $entries, public array $pieces, public string $refused = '',
    ) {
    }

    /** What nobody understood. */
    public function rest(): string
    {
        return Reading::unknown($this->pieces);
    }
}
