<?php

declare(strict_types=1);

namespace App\Screen;

use App\Support\Units\Formatter;
use App\Support\Wording\FactWords;
use App\Support\Wording\WordsExtension;
use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Sureness;
use Jurvex\Core\Measure\Size;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Say\Entry;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Says what was read from somebody's words, before it is a finding. */
final readonly class EntryTexts
{
    public function __construct(private Formatter $formatter, private WordsExtension $words, private TranslatorInterface $translator)
    {
    }

    public function what(Entry $entry): string
    {
        $kind = Kind::tryFrom($entry->kind);
        $name = null === $kind ? $this->translator->trans('say.kind.'.$entry->kind) : $this->words->words($kind, 'kind');

        return match ($entry->sureness) {
            Sureness::Clear => $name,
            Sureness::Likely => $this->translator->trans('judge.likely', ['%kind%' => WordsExtension::lowered($name)]),
            Sureness::CannotSay => $name.' ('.$this->words->within($entry->sureness, 'sureness').')',
        };
    }

    /** Empty where nobody knows. */
    public function at(Entry $entry, UnitSystem $units): string
    {
        if (null === $entry->fromM) {
            return '';
        }

        return null === $entry->toM ? $this->formatter->distance($entry->fromM, $units)
            : $this->formatter->bareDistance($entry->fromM, $units).'–'.$this->formatter->distance($entry->toM, $units);
    }

    public function name(Entry $entry, UnitSystem $units): string
    {
        return trim($this->what($entry).' '.$this->at($entry, $units));
    }

    /** Size, clock, depth and what else was said. */
    public function facts(Entry $entry, UnitSystem $units): string
    {
        $said = [];
        if (null !== $entry->size && null !== $entry->unit) {
            $said[] = $this->formatter->size(new Size($entry->size, $entry->unit), $units);
        }
        if (null !== $entry->clockFrom) {
            $said[] = $this->formatter->hours($entry->clockFrom, $entry->clockTo);
        }
        foreach (array_filter([$entry->depthM, $entry->depthToM]) as $depth) {
            $said[] = $this->translator->trans('say.deep', ['%depth%' => $this->formatter->distance($depth, $units)]);
        }
        foreach ($entry->facts as $code => $value) {
            $fact = Fact::tryFrom($code);
            if (null !== $fact) {
                $said[] = $this->words->words($fact, 'fact').': '.$this->translator->trans(FactWords::key($fact, $value));
            }
        }

        return implode(' · ', $said);
    }
}
