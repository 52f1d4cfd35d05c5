<?php

declare(strict_types=1);

namespace App\Screen;

use App\Support\Wording\WordsExtension;
use Jurvex\Core\Judge\Need;
use Jurvex\Core\Measure\UnitSystem;
use Twig\Extension\AbstractExtension;
use Twig\TwigFilter;
use Twig\TwigFunction;

/** Findings in templates that show a few of them; pages that show all hand over their texts. */
final class FindingExtension extends AbstractExtension
{
    /** @var array<string, string> by class: a long run shows the same few hundreds of times */
    private array $signs = [];

    public function __construct(
        private readonly FindingTexts $texts, private readonly LineTexts $line, private readonly WordsExtension $words,
        private readonly MarkTexts $marks,
    ) {
    }

    public function getFunctions(): array
    {
        return [
            new TwigFunction('finding_text', $this->texts->of(...)),
            new TwigFunction('finding_place', $this->texts->place(...)),
            new TwigFunction('line_text', $this->line->of(...)),
            new TwigFunction('line_place', $this->line->place(...)),
            new TwigFunction('line_along', $this->line->on(...)),
            new TwigFunction('mark_told', $this->marks->of(...)),
            new TwigFunction('opening_told', $this->line->opening(...)),
            new TwigFunction('line_portions', $this->line->portions(...)),
            new TwigFunction('judged_values', $this->texts->values(...)),
            new TwigFunction('judged_limits', $this->texts->limits(...)),
            new TwigFunction('need_sign', $this->sign(...), ['is_safe' => ['html']]),
            new TwigFunction('enum_needs', Need::cases(...)),
        ];
    }

    public function getFilters(): array
    {
        return [new TwigFilter('named', $this->named(...))];
    }

    private function named(float|string $value, string $name, UnitSystem $units): string
    {
        return $this->texts->value($name, $value, $units);
    }

    /** A class as mark and word; the page has the marks (ribbon/defs.svg.twig). */
    private function sign(?Need $need): string
    {
        $code = $need->value ?? 'look_again';

        return $this->signs[$code] ??= \sprintf(
            '<span class="need need-%1$s"><svg width="16" height="16" aria-hidden="true" focusable="false">'
                .'<use href="#n-%1$s"/></svg> %2$s</span>',
            $code, htmlspecialchars($this->words->words($code, 'need')),
        );
    }
}
