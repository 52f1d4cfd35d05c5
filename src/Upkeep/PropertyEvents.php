<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Record\Job;
use App\Record\Pass;
use App\Screen\LineTexts;
use App\Support\Units\Formatter;
use App\Support\Wording\WordsExtension;
use App\Work\JudgedRun;
use App\Work\LineRecord;
use Jurvex\Core\Measure\UnitSystem;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Says what was done at a property, job after job. */
final readonly class PropertyEvents
{
    public function __construct(
        private TranslatorInterface $translator, private LineTexts $line, private Formatter $formatter, private WordsExtension $words,
    ) {
    }

    /**
     * @param list<Job> $jobs
     *
     * @return list<EventText> newest first
     */
    public function of(array $jobs, LineRecord $record, UnitSystem $units): array
    {
        $events = array_map(fn (JudgedRun $look) => new EventText(
            $look->run->startedAt, 'look', $this->look($look, $units), $look->run->job->id,
        ), array_values($record->runs));
        $looked = array_map(static fn (JudgedRun $look) => $look->run->job, $record->runs);
        foreach ($jobs as $job) {
            $passes = $job->passes();
            if ([] !== $passes) {
                $at = $passes[\count($passes) - 1]->loggedAt;
                $events[] = new EventText($at, 'clearing', $this->cleared($job, $passes, $units), $job->id);
            }
            if ([] === $passes && !\in_array($job, $looked, true) && [] === $job->runs()) {
                $events[] = new EventText($job->openedAt, 'job', $this->words->words($job->call()->why, 'why'), $job->id);
            }
        }
        usort($events, static fn (EventText $one, EventText $other) => $other->at <=> $one->at);

        return $events;
    }

    private function look(JudgedRun $look, UnitSystem $units): string
    {
        $end = $look->run->endReason();

        return $this->translator->trans('upkeep.look', [
            '%from%' => WordsExtension::lowered($this->line->from($look->run)),
            '%reached%' => $this->formatter->distance($look->record->reached->metres, $units),
            '%end%' => null === $end ? '' : ', '.$this->words->within($end, 'end'),
        ]);
    }

    /** @param non-empty-list<Pass> $passes */
    private function cleared(Job $job, array $passes, UnitSystem $units): string
    {
        $heads = array_unique(array_map(
            fn (Pass $pass) => $this->words->words($pass->details()->tool, 'tool').' '.$pass->details()->head, $passes,
        ));
        $farthest = max(array_map(static fn (Pass $pass) => $pass->details()->inM ?? 0.0, $passes));
        $outcome = $job->outcome()->cleared();

        return $this->translator->trans('upkeep.cleared', [
            '%heads%' => implode(', ', $heads), '%farthest%' => $this->formatter->distance($farthest, $units),
            '%outcome%' => null === $outcome ? '' : ': '.$this->words->within($outcome, 'cleared'),
        ]);
    }
}
