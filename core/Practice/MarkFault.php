<?php

declare(strict_types=1);

namespace Jurvex\Core\Practice;

/** What is wrong with a trainee's mark. */
enum MarkFault: string
{
    case TooFew = 'too_few';
    case DepthOff = 'depth_off';
    case WaterNotSaid = 'water_not_said';
    case MetalNotSaid = 'metal_not_said';
}
