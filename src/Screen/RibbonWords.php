<?php

declare(strict_types=1);

namespace App\Screen;

use App\Support\Units\Formatter;
use App\Support\Wording\WordsExtension;
use App\Work\JudgedRun;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Measure\UnitSystem;
use Twig\Extension\RuntimeExtensionInterface;

/** The ribbon in words, for whoever cannot see it. */
final readonly class RibbonWords implements RuntimeExtensionInterface
{
    public function __construct(private WordsExtension $words, private Formatter $formatter)
    {
    }

    /** @return list<string> a line a finding, but for the plain joints */
    public function of(JudgedRun $line, UnitSystem $units): array
    {
        $lines = [];
        foreach ($line->record->findings as $finding) {
            if (Kind::SoundJoint === $finding->kind) {
                continue;
            }
            $place = $this->formatter->distance($finding->from->metres, $units)
                .(null === $finding->to ? '' : ' – '.$this->formatter->distance($finding->to->metres, $units));
            $size = null === $finding->size ? '' : ', '.$this->formatter->size($finding->size, $units);
            $lines[] = $place.': '.$this->words->words($finding->kind, 'kind').$size.', '.$this->words->words(
                $line->judgements[$finding->id]->counts(),
                'need',
            );
        }

        return $lines;
    }
}
