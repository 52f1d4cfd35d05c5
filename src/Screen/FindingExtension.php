<?php

declare(strict_types=1);

namespace App\Screen;

use App\Record\ClosingStep;
use App\Record\JobPictureRepository;
use Jurvex\Core\Judge\Need;
use Twig\Extension\AbstractExtension;
use Twig\TwigFunction;

/** Findings in templates that show a few of them; pages that show all hand over their texts. */
final class FindingExtension extends AbstractExtension
{
    public function getFunctions(): array
    {
        return [
            new TwigFunction('finding_text', [FindingTexts::class, 'of']),
            new TwigFunction('finding_place', [FindingTexts::class, 'place']),
            new TwigFunction('line_text', [LineTexts::class, 'of']),
            new TwigFunction('line_place', [LineTexts::class, 'place']),
            new TwigFunction('line_along', [LineTexts::class, 'on']),
            new TwigFunction('opening_told', [LineTexts::class, 'opening']),
            new TwigFunction('line_portions', [LineTexts::class, 'portions']),
            new TwigFunction('judged_values', [FindingTexts::class, 'values']),
            new TwigFunction('judged_limits', [FindingTexts::class, 'limits']),
            new TwigFunction('need_sign', [NeedSigns::class, 'of'], ['is_safe' => ['html']]),
            new TwigFunction('enum_needs', [Need::class, 'cases']),
            new TwigFunction('enum_closing', [ClosingStep::class, 'cases']),
            new TwigFunction('outside_told', [OutsideTexts::class, 'of']),
            new TwigFunction('ribbon_words', [RibbonWords::class, 'of']),
            new TwigFunction('job_pictures', [JobPictureRepository::class, 'ofJob']),
            new TwigFunction('key_table', [Keys::class, 'bound']),
            new TwigFunction('key_signs', [Keys::class, 'signs']),
        ];
    }
}
