<?php

declare(strict_types=1);

namespace App\Look;

use App\Record\LoggedFinding;
use App\Record\Mark;
use Jurvex\Core\Say\Entry;

/** What was read from what was said, and what it would become. */
final readonly class SaidEntry
{
    /**
     * @param string $key by which it is known again when more is said of it
     * @param LoggedFinding|Mark|null $becomes what would be stored; none where something is still missing, or it is stored already
     * @param array<string, array{code: string, allowed: array<string, scalar>}> $errors why it cannot be stored, by field
     * @param ?string $replaces the finding that it was before more was said of it
     */
    public function __construct(
        public Entry $entry, public string $key, public LoggedFinding|Mark|null $becomes, public array $errors = [],
        public ?string $replaces = null,
    ) {
    }

    public function needsPlace(): bool
    {
        return null === $this->entry->fromM;
    }
}
