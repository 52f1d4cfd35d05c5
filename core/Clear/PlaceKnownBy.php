<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

/** From what the place of a stoppage was worked out. */
enum PlaceKnownBy: string
{
    /** The technician put it in the place of the others. */
    case Told = 'told';
    case Triage = 'triage';
    case Looks = 'looks';
    case Felt = 'felt';
}
