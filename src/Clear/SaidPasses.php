<?php

declare(strict_types=1);

namespace App\Clear;

use App\Record\Pass;
use App\Support\Wording\Languages;
use App\Work\ClearingPlans;
use Jurvex\Core\Clear\EntryKind;
use Jurvex\Core\Clear\LogEntry;
use Jurvex\Core\Clear\Machine;
use Jurvex\Core\Clear\Marks;
use Jurvex\Core\Clear\RunLog;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Say\Command;
use Jurvex\Core\Say\Lexicon;
use Jurvex\Core\Say\Pressed;
use Jurvex\Core\Say\Reading;
use Jurvex\Core\Say\Speech;
use Jurvex\Core\Say\SpokenCommand;
use Jurvex\Core\Say\ToolTalk;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Reads what is said with a tool in the line as the entries that presses would make. */
final readonly class SaidPasses
{
    private const JET_ALONE = [EntryKind::PulseOn, EntryKind::PulseOff, EntryKind::Heat];
    private const LONGEST_M = 1000.0;

    public function __construct(private ClearingPlans $plans, private TranslatorInterface $translator, private Languages $languages)
    {
    }

    public function read(Pass $pass, string $said, UnitSystem $units, \DateTimeImmutable $at): SaidPass
    {
        $lexicon = Lexicon::withATool($this->languages->now());
        $command = Command::in($said, $lexicon, $units)?->what;
        $last = $pass->last();
        if (SpokenCommand::Undo === $command) {
            return new SaidPass($said, $command, [], [[$said, true]]);
        }
        $pressed = SpokenCommand::Again === $command
            ? (null === $last ? [] : [new Pressed($last->kind, self::isCounted($last) ? null : $last->metres, $last->said)])
            : ToolTalk::read($said, $lexicon, $units);
        $pieces = null === $command ? Reading::of(Speech::written($said, $lexicon), $lexicon)->pieces() : [[$said, true]];
        $seconds = StandIns::clock($pass) ?? $pass->seconds($at);
        [$entries, $refused] = $this->entries($pass, $pressed, max($seconds, $last->seconds ?? 0.0));

        return new SaidPass($said, $command, $entries, $pieces, $refused);
    }

    /** Where a mark or a coupling is the log says itself. */
    private static function isCounted(LogEntry $entry): bool
    {
        return EntryKind::MarkIn === $entry->kind || EntryKind::MarkOut === $entry->kind;
    }

    /**
     * @param list<Pressed> $pressed
     *
     * @return array{list<LogEntry>, string} and why they cannot be made; empty where they can
     */
    private function entries(Pass $pass, array $pressed, float $seconds): array
    {
        $machine = $pass->details()->tool->machine();
        $marks = RunViews::marks($pass, $this->plans->of($pass->job));
        $entries = [];
        foreach ($pressed as $each) {
            $log = new RunLog([...$pass->entries(), ...$entries], $marks);
            $refused = $this->refusal($each, $pass, $machine, $log, $marks);
            if ('' !== $refused) {
                return [[], $refused];
            }
            $said = EntryKind::CameBack === $each->kind ? $this->translator->trans('came_back.'.$each->said) : $each->said;
            $kind = self::isStep($each, $log) ? EntryKind::At : $each->kind;
            $entries[] = new LogEntry($kind, $seconds, self::metres($each, $log), $said);
        }

        return [$entries, ''];
    }

    /** "went another two feet", and no mark is watched: it is so much farther. */
    private static function isStep(Pressed $pressed, RunLog $log): bool
    {
        return EntryKind::Moved === $pressed->kind && !$log->isWatched();
    }

    private static function metres(Pressed $pressed, RunLog $log): ?float
    {
        if (self::isStep($pressed, $log)) {
            return $log->distance()->metres + ($pressed->value ?? 0.0);
        }

        return match ($pressed->kind) {
            EntryKind::MarkIn => $log->marks->next($log->distance()->metres),
            EntryKind::MarkOut => $log->marks->previous($log->distance()->metres),
            default => $pressed->value,
        };
    }

    private function refusal(Pressed $pressed, Pass $pass, ?Machine $machine, RunLog $log, Marks $marks): string
    {
        $isPower = EntryKind::PowerOn === $pressed->kind;
        $reason = match (true) {
            Machine::Jet !== $machine && \in_array($pressed->kind, self::JET_ALONE, true) => 'run_log.say_jet_only',
            $isPower && null !== $machine && $pass->job->site()->isShutFor($machine) => 'run_log.say_gate',
            Machine::Jet === $machine && $log->bringsWaterToTheMouth($pressed->kind, self::metres($pressed, $log)) => 'run_log.bad_mouth',
            EntryKind::MarkIn === $pressed->kind && null === $marks->next($log->distance()->metres) => 'run_log.say_no_marks',
            EntryKind::MarkOut === $pressed->kind && !$marks->isCountable() => 'run_log.say_no_marks',
            EntryKind::Heat !== $pressed->kind && ($pressed->value ?? 0.0) > self::LONGEST_M => 'run_log.say_too_far',
            default => '',
        };

        return '' === $reason ? '' : $this->translator->trans($reason);
    }
}
