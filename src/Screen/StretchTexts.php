<?php

declare(strict_types=1);

namespace App\Screen;

use App\Support\Units\Formatter;
use App\Support\Wording\WordsExtension;
use Jurvex\Core\Judge\Stretch;
use Jurvex\Core\Judge\Verdict;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Run\Sight;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Puts stretches into words. */
final readonly class StretchTexts
{
    public function __construct(private WordsExtension $words, private Formatter $formatter, private TranslatorInterface $translator)
    {
    }

    /**
     * @param list<Stretch> $stretches
     *
     * @return list<StretchText>
     */
    public function of(array $stretches, UnitSystem $units): array
    {
        return array_map(fn (Stretch $stretch) => new StretchText(
            $this->words->words($stretch->starts->boundary, 'boundary').' – '.$this->words->within($stretch->ends, 'boundary'),
            $this->formatter->bareDistance($stretch->starts->at->metres, $units).'–'
                .(null === $stretch->to ? '?' : $this->formatter->distance($stretch->to->metres, $units)),
            $stretch->verdict, $this->unseen($stretch, $units),
        ), $stretches);
    }

    private function unseen(Stretch $stretch, UnitSystem $units): string
    {
        $parts = [];
        foreach ([
            [Sight::Submerged, $stretch->submergedMetres], [Sight::Dim, $stretch->dimMetres], [Sight::Unreached, $stretch->unreachedMetres],
        ] as [$sight, $metres]) {
            if ($metres > 0) {
                $parts[] = $this->formatter->distance($metres, $units).' '.$this->words->within($sight, 'sight');
            }
        }

        if (null === $stretch->unreachedMetres) {
            $parts[] = $this->translator->trans('judge.unknown_rest');
        } elseif ([] === $parts && Verdict::NotFullySeen === $stretch->verdict) {
            $parts[] = $this->translator->trans('judge.looked_at_again');
        }

        return implode(', ', $parts);
    }
}
