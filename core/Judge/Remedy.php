<?php

declare(strict_types=1);

namespace Jurvex\Core\Judge;

/** What the class asks for, where the class alone does not say it. */
enum Remedy: string
{
    case AtConvenience = 'at_convenience';
    case CleanThenLook = 'clean_then_look';
    case CutThenKeepClean = 'cut_then_keep_clean';
    case CleanNow = 'clean_now';
    case TakeOut = 'take_out';
    case RenewStretch = 'renew_stretch';
    case LookWaterOff = 'look_water_off';
    case LookFurther = 'look_further';
    case SeeTheRest = 'see_the_rest';
    case Measure = 'measure';
    case NoteBore = 'note_bore';
    case StopAndCall = 'stop_and_call';
}
