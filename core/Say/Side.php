<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** On which side of a name its place was said. */
enum Side
{
    /** It has none in its sentence. */
    case None;
    case Before;
    case Behind;
    /** At the place of what was named right before it. */
    case Same;
}
