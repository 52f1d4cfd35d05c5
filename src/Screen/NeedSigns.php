<?php

declare(strict_types=1);

namespace App\Screen;

use App\Support\Wording\WordsExtension;
use Jurvex\Core\Judge\Need;
use Twig\Extension\RuntimeExtensionInterface;

/** A class as mark and word; the page has the marks (ribbon/defs.svg.twig). */
final class NeedSigns implements RuntimeExtensionInterface
{
    /** @var array<string, string> by class: a long run shows the same few hundreds of times */
    private array $signs = [];

    public function __construct(private readonly WordsExtension $words)
    {
    }

    /** @param ?Need $need none is a finding without a class: look again */
    public function of(?Need $need): string
    {
        $code = $need->value ?? 'look_again';

        return $this->signs[$code] ??= \sprintf(
            '<span class="need need-%1$s"><svg width="16" height="16" aria-hidden="true" focusable="false">'
                .'<use href="#n-%1$s"/></svg> %2$s</span>',
            $code, htmlspecialchars($this->words->words($code, 'need')),
        );
    }
}
