<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

/** What a step of a plan does with its tool. */
enum Stroke: string
{
    case In = 'in';
    case Back = 'back';
    case Look = 'look';
    case Pour = 'pour';
}
