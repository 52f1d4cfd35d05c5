<?php

declare(strict_types=1);

namespace App\Screen;

use App\Record\Job;
use App\Record\OutsidePipe;
use App\Record\Supports;
use App\Support\Units\Formatter;
use App\Support\Wording\WordsExtension;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Measure\UnitSystem;
use Symfony\Contracts\Translation\TranslatorInterface;
use Twig\Extension\RuntimeExtensionInterface;

/** Says what was measured of pipes in the open. */
final readonly class OutsideTexts implements RuntimeExtensionInterface
{
    public function __construct(private WordsExtension $words, private Formatter $formatter, private TranslatorInterface $translator)
    {
    }

    /** @return list<OutsideText> */
    public function all(Job $job, UnitSystem $units): array
    {
        return array_map(fn (OutsidePipe $pipe) => $this->of($pipe, $units), $job->outsidePipes());
    }

    public function of(OutsidePipe $pipe, UnitSystem $units): OutsideText
    {
        $details = $pipe->details();
        $fall = $pipe->fall();
        $parts = [
            $this->formatter->distance($details->lengthM ?? 0.0, $units),
            Material::Unknown === $details->material ? '' : $this->words->within($details->material, 'material'),
            null === $details->boreMm ? '' : $this->formatter->small($details->boreMm, $units),
        ];
        $measured = implode(', ', array_filter($parts, static fn (string $part) => '' !== $part)).'.';
        if (null !== $fall) {
            $measured .= ' '.$this->translator->trans($fall->foundMm() < 0 ? 'outside.rises' : 'outside.falls', [
                '%needed%' => $this->formatter->small($fall->neededMm(), $units),
                '%found%' => $this->formatter->small(abs($fall->foundMm()), $units),
                '%fall%' => $this->formatter->fall($fall->fall, $units),
            ]);
        }
        $supports = [
            Supports::NotSaid === $details->supports ? '' : $this->words->words($details->supports, 'supports_told'),
            $details->note,
        ];

        return new OutsideText(
            $details->place, $pipe->need(), $measured, $this->words->words($fall?->verdict() ?? 'not_measured', 'outside_rule'),
            implode(' ', array_filter($supports, static fn (string $part) => '' !== $part)),
        );
    }
}
