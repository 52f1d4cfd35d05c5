<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Clear\EntryKind;

/** One thing that was said with a tool in the line: what a press would enter. */
final readonly class Pressed
{
    /**
     * @param ?float $value metres of a place, a level or a move; degrees of hot water in °C
     * @param string $said code of what is felt, of the water or of what came back; how many turns
     */
    public function __construct(public EntryKind $kind, public ?float $value = null, public string $said = '')
    {
    }
}
