<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Record\JobRepository;
use App\Record\Property;
use App\Record\UpkeepPlanRepository;
use App\Screen\HistoryText;
use App\Screen\HistoryTexts;
use App\Screen\LineTexts;
use App\Work\LineRecord;
use App\Work\LineRecords;
use App\Work\PlaceHistories;
use App\Work\PlaceHistory;
use App\Work\UpkeepProposal;
use App\Work\UpkeepProposals;
use Jurvex\Core\Judge\Verdict;
use Jurvex\Core\Measure\UnitSystem;
use Psr\Clock\ClockInterface;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Puts a property's page together from all its jobs. */
final readonly class PropertyPages
{
    public function __construct(
        private JobRepository $jobs, private LineRecords $records, private PlaceHistories $histories, private UpkeepPlanRepository $plans,
        private HistoryTexts $texts, private LineTexts $line, private PropertyEvents $events, private ClockInterface $clock,
        private TranslatorInterface $translator,
    ) {
    }

    public function of(Property $property, UnitSystem $units): PropertyPage
    {
        $jobs = $this->jobs->ofProperty($property);
        $record = [] === $jobs ? new LineRecord([], [], [], []) : $this->records->known($jobs[0]);
        $histories = $this->histories->of($property, $record);
        $proposal = UpkeepProposals::of($record, $histories, $property->firm->today($this->clock->now()));
        usort($histories, static fn (PlaceHistory $one, PlaceHistory $other) => $other->newest() <=> $one->newest());

        $events = $this->events->of($jobs, $record, $units);
        $plans = $this->plans->ofProperty($property);

        return new PropertyPage(
            $property, $jobs[0] ?? null, $record->verdict, $this->line->portions($record, $units),
            array_map(fn (PlaceHistory $each): HistoryText => $this->texts->of($each, $record, $units), $histories),
            $proposal, $this->next($proposal, $record, $units), $plans, $events,
            TimeLine::of($events, $plans, $property->firm->today($this->clock->now())),
        );
    }

    private function next(?UpkeepProposal $proposal, LineRecord $record, UnitSystem $units): string
    {
        return null !== $proposal ? $this->texts->proposal($proposal, $record, $units) : $this->translator->trans(match ($record->verdict) {
            null => 'upkeep.look_first',
            Verdict::Passes, Verdict::PassesWithUpkeep => 'upkeep.nothing_next',
            default => 'upkeep.mend_first',
        });
    }
}
