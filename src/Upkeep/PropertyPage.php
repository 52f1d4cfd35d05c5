<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Record\Job;
use App\Record\Property;
use App\Record\UpkeepPlan;
use App\Screen\HistoryText;
use App\Screen\PortionText;
use App\Work\UpkeepProposal;
use Jurvex\Core\Judge\Verdict;

/** A property over the years, in words. */
final readonly class PropertyPage
{
    /**
     * @param ?Job $newest job there; none where there is none yet
     * @param ?Verdict $verdict none where nobody has looked
     * @param list<PortionText> $portions the line as all looks united have it
     * @param list<HistoryText> $histories what grows, worst first
     * @param string $next when it should be seen to next, and why
     * @param list<UpkeepPlan> $plans that go on
     * @param list<EventText> $events newest first
     * @param ?TimeLine $timeLine none where there is no time between anything
     */
    public function __construct(
        public Property $property, public ?Job $newest, public ?Verdict $verdict, public array $portions, public array $histories,
        public ?UpkeepProposal $proposal, public string $next, public array $plans, public array $events,
        public ?TimeLine $timeLine,
    ) {
    }
}
