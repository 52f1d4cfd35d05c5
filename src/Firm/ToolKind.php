<?php

declare(strict_types=1);

namespace App\Firm;

enum ToolKind: string
{
    case Rod = 'rod';
    case Cable = 'cable';
    case Steered = 'steered';
    case JetHose = 'jet_hose';
}
