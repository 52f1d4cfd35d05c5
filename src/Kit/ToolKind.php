<?php

declare(strict_types=1);

namespace App\Kit;

enum ToolKind: string
{
    case Rod = 'rod';
    case Cable = 'cable';
    case Steered = 'steered';
    case JetHose = 'jet_hose';
}
