<?php

declare(strict_types=1);

namespace Jurvex\Core\Finding;

/** What a finding's size is a size of. */
enum Measure: string
{
    /** Share of the bore that is blocked. */
    case ShareOfBore = 'share_of_bore';
    /** Greatest depth of the water. */
    case Depth = 'depth';
    /** Step at an offset joint, in millimetres or as share of the bore. */
    case Step = 'step';
    /** Gap at a separated joint. */
    case Gap = 'gap';
    /** Share of the wall's round. */
    case ShareOfWall = 'share_of_wall';
    /** Loss of diameter. */
    case Ovality = 'ovality';
    /** Thickness of a deposit in millimetres, or the share of the area that it takes. */
    case Thickness = 'thickness';
    /** Inside diameter of what joins or follows. */
    case Bore = 'bore';
    /** Turn of a bend. */
    case Turn = 'turn';
    /** Fall of the pipe, without its direction. */
    case Fall = 'fall';
    case None = 'none';
}
