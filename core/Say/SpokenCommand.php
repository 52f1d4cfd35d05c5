<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** What may be said to the record instead of a finding. */
enum SpokenCommand: string
{
    /** The last finding once more, here. */
    case Again = 'again';
    /** The last finding was none. */
    case Undo = 'undo';
    /** The last finding was elsewhere. */
    case Place = 'place';
}
