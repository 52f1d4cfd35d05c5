<?php

declare(strict_types=1);

namespace App\Clear;

use App\Record\Pass;
use App\Screen\SaidEntryText;
use App\Screen\SaidText;
use App\Support\Units\Formatter;
use App\Support\Units\Quantity;
use Jurvex\Core\Clear\EntryKind;
use Jurvex\Core\Clear\LogEntry;
use Jurvex\Core\Clear\Machine;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Say\SpokenCommand;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Says what was read from what was said with a tool in the line. */
final readonly class SaidPassTexts
{
    public function __construct(private Formatter $formatter, private TranslatorInterface $translator)
    {
    }

    public function of(SaidPass $said, Pass $pass, UnitSystem $units): SaidText
    {
        if ('' !== $said->refused) {
            return new SaidText($said->pieces, '', [new SaidEntryText('', '', '', '', $said->refused, null, null)]);
        }

        $command = SpokenCommand::Undo === $said->command ? $this->translator->trans('run_log.say_undo') : '';
        $entries = array_map(fn (LogEntry $entry) => $this->entry($entry, $pass, $units), $said->entries);

        return new SaidText($said->pieces, $command, $entries);
    }

    /** What was kept, in one line. */
    public function kept(SaidPass $said, Pass $pass, UnitSystem $units): string
    {
        $text = $this->of($said, $pass, $units);
        $kept = array_filter([$text->command, ...array_map(
            static fn (SaidEntryText $each) => trim($each->what.' '.$each->at), $text->entries,
        )]);

        return [] === $kept
            ? $this->translator->trans('say.kept_words') : $this->translator->trans('say.kept', ['%what%' => implode(', ', $kept)]);
    }

    private function entry(LogEntry $entry, Pass $pass, UnitSystem $units): SaidEntryText
    {
        $isPlace = \in_array($entry->kind, [EntryKind::At, EntryKind::MarkIn, EntryKind::MarkOut], true) && null !== $entry->metres;
        $along = $isPlace ? $pass->alongTheLine($pass->fromZero(Length::metres((float) $entry->metres))->metres)->metres : null;
        $at = match (true) {
            $isPlace, EntryKind::Moved === $entry->kind => $this->formatter->distance((float) $entry->metres, $units),
            EntryKind::Level === $entry->kind => $this->formatter->small(1000 * (float) $entry->metres, $units),
            EntryKind::Heat === $entry->kind => $this->formatter->quantity((float) $entry->metres, Quantity::Temperature->value, $units),
            default => '',
        };

        return new SaidEntryText($this->what($entry, $pass), $at, '', '', '', $along, $along);
    }

    private function what(LogEntry $entry, Pass $pass): string
    {
        $isJet = Machine::Jet === $pass->details()->tool->machine();
        $turns = max(1, (int) $entry->said);

        return match ($entry->kind) {
            EntryKind::Felt => $this->translator->trans('felt.'.$entry->said),
            EntryKind::Water => $this->translator->trans('run_log.say_water', [
                '%water%' => $this->translator->trans('water_at.'.$entry->said),
            ]),
            EntryKind::CameBack => $this->translator->trans('run_log.say_came_back', ['%what%' => $entry->said]),
            EntryKind::TurnLeft => $this->translator->trans('clear.turn_left').' ×'.$turns,
            EntryKind::TurnRight => $this->translator->trans('clear.turn_right').' ×'.$turns,
            default => $this->translator->trans('run_log.say_kind.'.($isJet ? 'jet' : 'cable').'.'.$entry->kind->value),
        };
    }
}
