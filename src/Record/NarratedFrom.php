<?php

declare(strict_types=1);

namespace App\Record;

/** Where words come from. */
enum NarratedFrom: string
{
    /** Said to the screen while looking. */
    case Line = 'line';
    /** The timed text of a recording. */
    case Recording = 'recording';
}
