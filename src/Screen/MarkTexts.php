<?php

declare(strict_types=1);

namespace App\Screen;

use App\Record\Mark;
use App\Record\Spoiled;
use App\Support\Units\Formatter;
use Jurvex\Core\Measure\UnitSystem;
use Symfony\Contracts\Translation\TranslatorInterface;
use Twig\Extension\RuntimeExtensionInterface;

/** Says whether a mark is good enough to dig by, and if not, why. */
final readonly class MarkTexts implements RuntimeExtensionInterface
{
    public function __construct(private Formatter $formatter, private TranslatorInterface $translator)
    {
    }

    public function of(Mark $mark, UnitSystem $units): string
    {
        $limit = $this->formatter->distance($mark->depth()->limit()->metres, $units);
        $why = array_map(
            fn (Spoiled $spoiled) => $this->translator->trans('mark.why.'.$spoiled->value, ['%limit%' => $limit]), $mark->spoiledBy(),
        );

        return [] === $why
            ? $this->translator->trans('mark.good')
            : $this->translator->trans('mark.poor', ['%why%' => implode(', ', $why)]);
    }
}
