<?php

declare(strict_types=1);

namespace Jurvex\Core\Site;

/** What stays on a site, so that a tape can be held to it next year. */
enum FixedKind: string
{
    /** In the order in which they are drawn they make the edge of the house. */
    case HouseCorner = 'house_corner';
    case Gate = 'gate';
    case Post = 'post';
    case Tree = 'tree';
    case Kerb = 'kerb';
    /** Of a chamber, a meter or a valve. */
    case Cover = 'cover';
    /** A way into the line. */
    case Opening = 'opening';
    case Other = 'other';
}
