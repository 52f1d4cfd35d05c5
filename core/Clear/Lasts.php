<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

/** How soon the line may close again after a plan, by what it leaves. */
enum Lasts: string
{
    case Soon = 'soon';
    case Later = 'later';
    case Lasts = 'lasts';
    /** Nobody knows what it was. */
    case Unknown = 'unknown';
}
