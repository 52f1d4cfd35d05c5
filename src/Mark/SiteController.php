<?php

declare(strict_types=1);

namespace App\Mark;

use App\Firm\Account;
use App\Record\Job;
use App\Record\Mark;
use App\Record\MarkRepository;
use App\Screen\JobController;
use App\Screen\JobScreens;
use App\Screen\ScreenWidth;
use App\Screen\Stage;
use App\Support\Database\Id;
use App\Support\Form\SentForm;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Site\FixedThing;
use Jurvex\Core\Site\SitePlan;
use Jurvex\Core\Site\TapedTo;
use Psr\Clock\ClockInterface;
use Symfony\Component\Form\FormError;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Contracts\Translation\TranslatorInterface;

/** The plan of the site: what stays, drawn once and kept with the property. */
#[Route('/jobs/{job}/mark/site', requirements: ['id' => Id::PATTERN])]
final class SiteController extends JobController
{
    public function __construct(
        JobScreens $screens, EntityManagerInterface $manager, ClockInterface $clock, private readonly MarkPages $pages,
        private readonly TranslatorInterface $translator,
    ) {
        parent::__construct($screens, $manager, $clock);
    }

    #[Route('', name: 'mark_site', methods: 'GET')]
    public function site(Job $job, Request $request, Account $account): Response
    {
        return $this->page($job, $request, $account);
    }

    /** Draws something that stays, or alters it; the screen has made the identifier. */
    #[Route('/{id}', name: 'mark_thing', methods: ['GET', 'POST'])]
    public function thing(Job $job, string $id, Request $request, Account $account): Response
    {
        $plan = $job->property()->sitePlan();
        $known = self::known($plan, $id);
        $values = null === $known ? new ThingValues() : ThingValues::of($known);
        $form = $this->thingForm($job, $id, $values);
        if (!SentForm::isAccepted($form, $request)) {
            return $this->page($job, $request, $account, $form, $known);
        }
        try {
            $job->property()->drawSite($plan->with($values->thing($id)));
        } catch (BadInput $error) {
            $form->get('name')->addError(new FormError($this->translator->trans('site.'.$error->reason)));

            return $this->page($job, $request, $account, $form, $known);
        }
        $this->store();

        return $this->back($job);
    }

    #[Route('/{id}/remove', name: 'mark_thing_remove', methods: 'POST')]
    public function remove(Job $job, string $id, Request $request, Account $account, MarkRepository $marks): Response
    {
        $plan = $job->property()->sitePlan();
        $known = self::known($plan, $id) ?? throw $this->createNotFoundException();
        $using = array_filter($marks->ofJob($job), static fn (Mark $mark) => self::isTaped($mark, $known));
        if ([] !== $using) {
            $form = $this->thingForm($job, $id, ThingValues::of($known));
            $form->submit([], false);
            $form->addError(new FormError($this->translator->trans('site.in_use')));

            return $this->page($job, $request, $account, $form, $known);
        }
        $job->property()->drawSite($plan->without($id));
        $this->store();

        return $this->back($job);
    }

    /** Where it lies on the earth, and which way is north. */
    #[Route('/lies', name: 'mark_site_lies', methods: 'POST')]
    public function lies(Job $job, Request $request, Account $account): Response
    {
        $values = LiesValues::of($job->property()->sitePlan());
        $form = $this->liesForm($job, $values);
        if (!SentForm::isAccepted($form, $request)) {
            return $this->page($job, $request, $account, null, null, $form);
        }
        $plan = $job->property()->sitePlan()->lying($values->bearing, $values->latitude, $values->longitude);
        $job->property()->drawSite($plan);
        $this->store();

        return $this->back($job);
    }

    private function page(
        Job $job, Request $request, Account $account, ?FormInterface $form = null, ?FixedThing $known = null, ?FormInterface $lies = null,
    ): Response {
        $screen = $this->screen($job, $request);

        return $this->shown($screen, [
            'page' => $this->pages->site($screen, $account->units(), ScreenWidth::isNarrow($request)), 'thing' => $known,
            'form' => $form ?? $this->thingForm($job, Id::fresh(), new ThingValues()),
            'lies' => $lies ?? $this->liesForm($job, LiesValues::of($job->property()->sitePlan())),
        ], 'mark/site.html.twig');
    }

    private function thingForm(Job $job, string $id, ThingValues $values): FormInterface
    {
        return $this->createForm(ThingForm::class, $values, [
            'action' => $this->generateUrl('mark_thing', ['job' => $job->id, 'id' => $id]),
            'guarded' => null !== self::known($job->property()->sitePlan(), $id),
        ]);
    }

    private function liesForm(Job $job, LiesValues $values): FormInterface
    {
        return $this->createForm(LiesForm::class, $values, ['action' => $this->generateUrl('mark_site_lies', ['job' => $job->id])]);
    }

    private static function known(SitePlan $plan, string $id): ?FixedThing
    {
        return array_values(array_filter($plan->things, static fn (FixedThing $thing) => $thing->id === $id))[0] ?? null;
    }

    private static function isTaped(Mark $mark, FixedThing $thing): bool
    {
        return [] !== array_filter($mark->details()->taped(), static fn (TapedTo $tie) => $thing->isCalled($tie->name));
    }

    private function back(Job $job): Response
    {
        return $this->redirectToRoute('mark_site', ['job' => $job->id], Response::HTTP_SEE_OTHER);
    }

    protected function stage(): Stage
    {
        return Stage::Mark;
    }
}
