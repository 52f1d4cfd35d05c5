<?php

declare(strict_types=1);

namespace App\Look;

use App\Support\Database\Id;
use Twig\Extension\AbstractExtension;
use Twig\TwigFunction;

final class LookExtension extends AbstractExtension
{
    public function getFunctions(): array
    {
        return [
            new TwigFunction('finding_tiles', [Tiles::class, 'all']),
            new TwigFunction('fact_choice', [LookRuntime::class, 'choice']),
            new TwigFunction('plain_size', [LookRuntime::class, 'size']),
            new TwigFunction('run_camera', [LookRuntime::class, 'camera']),
            new TwigFunction('measured', [LookRuntime::class, 'measured']),
            new TwigFunction('blank_readout', [Readouts::class, 'blank']),
            new TwigFunction('fresh_id', [Id::class, 'fresh']),
            new TwigFunction('upload_limit', [LookRuntime::class, 'uploadLimit']),
            new TwigFunction('on_dial', [LookRuntime::class, 'onDial']),
        ];
    }
}
