<?php

declare(strict_types=1);

namespace App\Record;

/** What usually comes back on a head. */
enum CameBack: string
{
    case Roots = 'roots';
    case Wipes = 'wipes';
    case Cloth = 'cloth';
    case Grease = 'grease';
    case Soap = 'soap';
    case Paper = 'paper';
    case Hair = 'hair';
    case Scale = 'scale';
    case Silt = 'silt';
    case Thing = 'thing';
    case Nothing = 'nothing';
}
