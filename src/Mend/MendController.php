<?php

declare(strict_types=1);

namespace App\Mend;

use App\Firm\Account;
use App\Record\Job;
use App\Record\RepairDetails;
use App\Record\RepairSaid;
use App\Screen\HistoryTexts;
use App\Screen\JobController;
use App\Screen\JobScreen;
use App\Screen\JobScreens;
use App\Screen\MendText;
use App\Screen\MendTexts;
use App\Screen\Stage;
use App\Support\Database\Id;
use App\Support\Form\SentForm;
use App\Work\LineRecord;
use App\Work\LineRepair;
use App\Work\MendPlan;
use App\Work\MendPlans;
use App\Work\PlaceHistories;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Mend\Way;
use Psr\Clock\ClockInterface;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The ways to mend a line, side by side, and what the technician says of each repair. */
#[Route('/jobs/{job}/judge/options', requirements: ['finding' => Id::PATTERN])]
final class MendController extends JobController
{
    public function __construct(
        JobScreens $screens, EntityManagerInterface $manager, ClockInterface $clock, private readonly MendPlans $plans,
        private readonly MendTexts $texts, private readonly PlaceHistories $places, private readonly HistoryTexts $growth,
    ) {
        parent::__construct($screens, $manager, $clock);
    }

    #[Route('', name: 'options', methods: 'GET')]
    public function options(Job $job, Request $request, Account $account): Response
    {
        return $this->page($job, $request, $account);
    }

    /** What the technician recommends, and why; none takes it back. */
    #[Route('/recommend', name: 'option_recommend', methods: 'POST')]
    public function recommend(Job $job, Request $request): Response
    {
        $way = Way::tryFrom($request->request->getString('way'));
        $because = mb_substr(trim($request->request->getString('because')), 0, 4000);
        $job->outcome()->recommend($way, null === $way ? '' : $because);
        $this->store();

        return $this->back($job);
    }

    /** What lies over a repair and how to get to it; the repair is known by its finding. */
    #[Route('/repairs/{finding}', name: 'option_repair', methods: ['GET', 'POST'])]
    public function repair(Job $job, string $finding, Request $request, Account $account): Response
    {
        $screen = $this->screen($job, $request);
        $repair = $this->found($this->plans->of($job, $screen->record), $finding) ?? throw $this->createNotFoundException();
        $details = null === $repair->said ? new RepairDetails() : clone $repair->said->details();
        $form = $this->form($job, $finding, $details, null !== $repair->said);
        if (!SentForm::isAccepted($form, $request)) {
            return $this->page($job, $request, $account, $form, $finding, $screen);
        }
        $said = $repair->said ?? new RepairSaid(Id::fresh(), $job, $finding, $details);
        $said->describe($details);
        $this->store($said);

        return $this->back($job);
    }

    private function page(
        Job $job, Request $request, Account $account, ?FormInterface $form = null, string $opened = '', ?JobScreen $screen = null,
    ): Response {
        $screen ??= $this->screen($job, $request);
        $plans = $this->plans->of($job, $screen->record);

        return $this->shown($screen, [
            'plans' => array_map(fn (MendPlan $plan): MendText => $this->texts->of($plan, $job, $account->units(), true), $plans),
            'grows' => $this->growing($job, $screen->record, $account),
            'strips' => array_map(OptionStrips::of(...), $plans), 'form' => $form, 'opened' => $opened,
        ], 'mend/options.html.twig');
    }

    /** @return list<string> */
    private function growing(Job $job, LineRecord $record, Account $account): array
    {
        return $this->growth->growing($this->places->of($job->property(), $record), $record, $account->units());
    }

    private function form(Job $job, string $finding, RepairDetails $details, bool $isKnown): FormInterface
    {
        return $this->createForm(RepairForm::class, $details, [
            'action' => $this->generateUrl('option_repair', ['job' => $job->id, 'finding' => $finding]), 'guarded' => $isKnown,
        ]);
    }

    /** @param list<MendPlan> $plans */
    private function found(array $plans, string $finding): ?LineRepair
    {
        foreach ($plans as $plan) {
            foreach ([...$plan->repairs, ...$plan->leftOut] as $repair) {
                if ($repair->id() === $finding) {
                    return $repair;
                }
            }
        }

        return null;
    }

    private function back(Job $job): Response
    {
        return $this->redirectToRoute('options', ['job' => $job->id], Response::HTTP_SEE_OTHER);
    }

    protected function stage(): Stage
    {
        return Stage::Judge;
    }
}
