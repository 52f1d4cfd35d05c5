<?php

declare(strict_types=1);

namespace App\Look;

use App\Record\LoggedFinding;
use App\Screen\EntryTexts;
use App\Screen\SaidEntryText;
use App\Screen\SaidText;
use App\Support\Units\Formatter;
use App\Support\Wording\Placeholders;
use Jurvex\Core\Finding\Extent;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Measure\SizeUnit;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Say\Entry;
use Jurvex\Core\Say\OfRun;
use Jurvex\Core\Say\SpokenCommand;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Says what was read from what was said. */
final readonly class SaidTexts
{
    public function __construct(private EntryTexts $texts, private Formatter $formatter, private TranslatorInterface $translator)
    {
    }

    public function of(SaidLine $line, UnitSystem $units): SaidText
    {
        return new SaidText($line->pieces, $this->command($line, $units), array_map(
            fn (SaidEntry $each) => $this->entry($each, $line, $units), $line->entries,
        ), $line->isAgain);
    }

    /** What was kept, in one line. */
    public function kept(SaidLine $line, UnitSystem $units): string
    {
        $command = $this->command($line, $units);
        if ('' !== $command) {
            return $command;
        }
        $kept = array_map(fn (SaidEntry $each) => $this->texts->name($each->entry, $units), $line->whole());

        return [] === $kept
            ? $this->translator->trans('say.kept_words') : $this->translator->trans('say.kept', ['%what%' => implode(', ', $kept)]);
    }

    private function command(SaidLine $line, UnitSystem $units): string
    {
        $command = $line->command;

        return null === $command ? '' : $this->translator->trans('say.command.'.$command->what->value, [
            '%at%' => SpokenCommand::Again === $command->what
                ? (null === $line->narrated->atM ? '' : $this->formatter->distance($line->narrated->atM, $units))
                : (null === $command->atM ? '' : $this->formatter->distance($command->atM, $units)),
        ]);
    }

    /** Something that was read from a recording's words. */
    public function read(Proposal $proposal, UnitSystem $units): SaidEntryText
    {
        $entry = $proposal->said;
        if ($entry instanceof OfRun) {
            return $this->ofRun($entry, $proposal, $units);
        }
        $isOpen = Extent::Stretch === Kind::tryFrom($entry->kind)?->extent() && null === $entry->toM;

        return $this->text($entry, null === $entry->fromM ? $this->translator->trans('narration.where')
            : ($isOpen ? $this->translator->trans('narration.end') : ''), $units);
    }

    /** What was said of the run itself. */
    private function ofRun(OfRun $said, Proposal $proposal, UnitSystem $units): SaidEntryText
    {
        $isEnd = OfRun::END === $said->what;
        $words = match ($said->what) {
            OfRun::BEGIN => implode(', ', array_filter([
                '' === $said->value ? '' : $this->translator->trans('opening.'.$said->value),
                null === $said->travel ? '' : $this->translator->trans('travel.'.$said->travel->value),
            ])),
            OfRun::ZERO => $this->translator->trans('zero.'.$said->value),
            OfRun::WATER => $this->translator->trans('narration.run.water.'.$said->value),
            OfRun::MATERIAL => $this->translator->trans('material.'.$said->value),
            OfRun::BORE => $this->formatter->small((float) $said->value, $units),
            default => $this->translator->trans('end.'.$said->value),
        };
        $what = $proposal->beginsAnother() ? 'another'.('' === $words ? '' : '_in') : $said->what.'_is';
        $at = null === $said->fromM ? '' : $this->formatter->distance($said->fromM, $units);

        return new SaidEntryText(
            $this->translator->trans('narration.run.'.$what, ['%what%' => $words]), $at,
            '' === $at ? '' : $this->translator->trans('say.by.'.($said->placeBy->value ?? '')), '',
            match (true) {
                $isEnd && '' === $at => $this->translator->trans('narration.where'),
                $proposal->wantsOpening() => $this->translator->trans('narration.through'),
                default => '',
            }, $said->fromM, null,
        );
    }

    /** Why a file is no timed text. */
    public function refusal(BadInput $refused): string
    {
        return $this->translator->trans('narration.refused.'.$refused->reason, ['%at%' => (string) preg_replace('/\D/', '', $refused->at)]);
    }

    private function text(Entry $entry, string $wants, UnitSystem $units, string $bench = ''): SaidEntryText
    {
        return new SaidEntryText(
            $this->texts->what($entry), $this->texts->at($entry, $units),
            null === $entry->placeBy ? '' : $this->translator->trans('say.by.'.$entry->placeBy->value),
            $this->texts->facts($entry, $units), $wants, $entry->fromM, $entry->toM, $bench,
        );
    }

    private function entry(SaidEntry $each, SaidLine $line, UnitSystem $units): SaidEntryText
    {
        $entry = $each->entry;
        $error = array_values($each->errors)[0] ?? null;
        $wants = match (true) {
            null !== $error => $this->translator->trans('error.'.$error['code'], Placeholders::of($error['allowed'])),
            $each->needsPlace() => $this->translator->trans('say.where'),
            null === $each->becomes => $this->translator->trans(null === $entry->toM ? 'say.waits_for_end' : 'say.no_depth'),
            default => '',
        };

        return $this->text($entry, $wants, $units, $this->bench($each, $line, $units));
    }

    private function bench(SaidEntry $each, SaidLine $line, UnitSystem $units): string
    {
        if (!$each->becomes instanceof LoggedFinding || null !== $each->replaces) {
            return '';
        }
        $factor = $line->narrated->run->counter()->factor;
        $reading = fn (float $metres) => $this->formatter->distance($metres / $factor, $units);

        return json_encode(
            SaidFields::onTheBench($each->entry, $this->size($each->entry, $units), $line->rest(), $reading), \JSON_THROW_ON_ERROR,
        );
    }

    /** Without its unit where that stands beside the field. */
    private function size(Entry $entry, UnitSystem $units): string
    {
        $kind = Kind::tryFrom($entry->kind);
        if (null === $entry->size || $entry->unit !== ($kind?->units()[0] ?? null)) {
            return SaidFields::size($entry->size, $entry->unit);
        }

        return SizeUnit::Millimetres === $entry->unit
            ? $this->formatter->bareSmall($entry->size, $units) : (string) round($entry->size, 1);
    }
}
