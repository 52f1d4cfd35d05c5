<?php

declare(strict_types=1);

namespace App\Day;

use Twig\Extension\AbstractExtension;
use Twig\TwigFunction;

final class BoardExtension extends AbstractExtension
{
    public function getFunctions(): array
    {
        return [new TwigFunction('board_seen', [Board::class, 'seen'])];
    }
}
