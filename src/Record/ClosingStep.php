<?php

declare(strict_types=1);

namespace App\Record;

/** What is done at the site before leaving it. */
enum ClosingStep: string
{
    case Sealed = 'sealed';
    case Fixtures = 'fixtures';
    case Recording = 'recording';
    case Kit = 'kit';
    case Told = 'told';
}
