<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Firm\Account;
use App\Record\CallSheet;
use App\Record\Job;
use App\Record\JobRepository;
use App\Record\NewJobs;
use App\Record\Pass;
use App\Record\Property;
use App\Record\UpkeepPlan;
use App\Record\Why;
use App\Support\Wording\WordsExtension;
use App\Work\Sketching;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Opens a job at a known property with all that is known: who, the map and its openings, the kit of last time, what is open. */
final readonly class Bookings
{
    private const LONGEST = 4000;

    public function __construct(
        private EntityManagerInterface $manager, private JobRepository $jobs, private ClockInterface $clock, private Sketching $sketching,
        private PropertyPages $pages, private TranslatorInterface $translator, private WordsExtension $words,
        private NewJobs $newJobs,
    ) {
    }

    /** @return ?Job the same again where it was booked already; none where the identifier is taken or the plan is not of the property */
    public function book(
        Property $property, string $id, Account $account, string $planId, ?\DateTimeImmutable $day = null, ?Account $person = null,
    ): ?Job {
        $known = $this->jobs->find($id);
        if (null !== $known) {
            return $known->property() === $property ? $known : null;
        }
        $plan = '' === $planId ? null : $this->manager->find(UpkeepPlan::class, $planId);
        if ('' !== $planId && $plan?->property !== $property) {
            return null;
        }
        $turn = $this->newJobs->turn($account->firm);
        $now = $this->clock->now();
        $page = $this->pages->of($property, $account->units());
        $sheet = $this->sheet($page, $account, $plan);
        $sheet->plannedOn = $day ?? $sheet->plannedOn;
        $job = new Job($id, $property, $sheet, $now, $account->firm->name);
        $job->assign($person);
        if (null !== $page->newest) {
            $job->planClearing($page->newest->clearing());
        }
        $plan?->seenTo($sheet->plannedOn ?? $account->firm->today($now));
        $this->manager->persist($job);
        $this->manager->flush();
        $turn->release();
        $this->sketching->takeOpenings($job, $property->sketch());

        return $job;
    }

    private function sheet(PropertyPage $page, Account $account, ?UpkeepPlan $plan): CallSheet
    {
        $last = $page->newest;
        $today = $account->firm->today($this->clock->now());
        $sheet = new CallSheet();
        $sheet->why = Why::FollowUp;
        $sheet->place = $page->property->place();
        $sheet->customer = $last?->call()->customer ?? '';
        $sheet->contact = $last?->call()->contact ?? '';
        $sheet->yearBuilt = $last?->call()->yearBuilt;
        $sheet->reportUnits = $last?->call()->reportUnits ?? $account->firm->reportUnits() ?? $account->units();
        $sheet->reportLanguage = null === $last ? $account->firm->reportLanguage() : $last->call()->reportLanguage;
        $sheet->number = $this->jobs->nextNumber($account->firm, $today);
        $sheet->plannedOn = max($today, $plan?->dueOn() ?? $page->proposal?->from->setTime(0, 0) ?? $today);
        $sheet->ordered = null === $plan ? '' : trim($this->words->words($plan->work(), 'upkeep_work').'. '.$plan->note());
        $sheet->bring = null === $last ? '' : implode(', ', array_unique(array_map(
            static fn (Pass $pass) => $pass->details()->head, $last->passes(),
        )));
        $sheet->notes = mb_substr($this->open($page), 0, self::LONGEST);

        return $sheet;
    }

    /** What nobody has seen, and why now. */
    private function open(PropertyPage $page): string
    {
        $open = [$page->next];
        foreach ($page->portions as $portion) {
            array_push($open, ...$portion->unseen);
        }

        return implode("\n", [$this->translator->trans('upkeep.known'), ...$open]);
    }
}
