<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

/** What a plan leaves in the pipe. */
enum Left: string
{
    /** A hole in a soft plug closes again. */
    case Plug = 'plug';
    case Wall = 'wall';
    case CrookedTunnel = 'crooked_tunnel';
    /** Where the cutter is smaller than the bore. */
    case Ring = 'ring';
    case Roots = 'roots';
    /** To be flushed out after. */
    case Fallen = 'fallen';
    case Thing = 'thing';
}
