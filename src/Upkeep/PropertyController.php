<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Firm\Account;
use App\Record\Property;
use App\Record\PropertyRepository;
use App\Record\UpkeepPlan;
use App\Support\Database\Id;
use App\Support\Form\SentForm;
use App\Work\SaidWords;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** A property over the years: what was seen and done, what grows, and when it is next seen to. */
#[Route('/properties/{property}', requirements: ['property' => Id::PATTERN, 'id' => Id::PATTERN])]
final class PropertyController extends AbstractController
{
    public function __construct(
        private readonly PropertyRepository $properties, private readonly EntityManagerInterface $manager,
        private readonly ClockInterface $clock, private readonly PropertyPages $pages, private readonly SaidWords $words,
    ) {
    }

    #[Route('', name: 'property', methods: 'GET')]
    public function property(string $property, Account $account, Request $request): Response
    {
        $place = $this->ours($property, $account);
        // Where no script opens it.
        $form = 'new' === $request->query->getString('plan') ? $this->proposed($place, $account) : null;

        return $this->page($place, $account, $form, $request->query->getString('said'));
    }

    /** The form of a new plan, once somebody opens it. */
    #[Route('/plans/new', name: 'plan_form', methods: 'GET')]
    public function form(string $property, Account $account): Response
    {
        return $this->render('upkeep/plan_form.html.twig', ['form' => $this->proposed($this->ours($property, $account), $account)]);
    }

    /** Upkeep on a cycle; sent twice it is there once. */
    #[Route('/plans/{id}', name: 'plan_add', methods: 'POST')]
    public function plan(string $property, string $id, Account $account, Request $request): Response
    {
        $place = $this->ours($property, $account);
        $known = $this->manager->find(UpkeepPlan::class, $id);
        if (null !== $known) {
            return $known->property === $place ? $this->back($place) : throw $this->createNotFoundException();
        }
        $values = new PlanValues();
        $form = $this->planForm($place, $values, $id);
        if (!SentForm::isAccepted($form, $request) || null === $values->work || null === $values->dueOn || null === $values->everyMonths) {
            return $this->page($place, $account, $form);
        }
        $this->manager->persist(new UpkeepPlan($id, $place, $values->work, $values->everyMonths, $values->dueOn, $values->note));
        $this->manager->flush();

        return $this->back($place);
    }

    /** It was seen to: due again after its months. Or it ends. */
    #[Route('/plans/{id}/{act}', name: 'plan_change', requirements: ['act' => 'seen-to|end'], methods: 'POST')]
    public function change(string $property, string $id, string $act, Account $account): Response
    {
        $place = $this->ours($property, $account);
        $plan = $this->manager->find(UpkeepPlan::class, $id);
        if ($plan?->property !== $place) {
            throw $this->createNotFoundException();
        }
        'end' === $act ? $plan->end($this->clock->now()) : $plan->seenTo($account->firm->today($this->clock->now()));
        $this->manager->flush();

        return $this->back($place);
    }

    /** Books the next visit in one step: a job that begins with what is known. */
    #[Route('/book/{id}', name: 'property_book', methods: 'POST')]
    public function book(string $property, string $id, Account $account, Request $request, Bookings $bookings): Response
    {
        $place = $this->ours($property, $account);
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', $request->request->getString('day')) ?: null;
        $person = $this->manager->getRepository(Account::class)
            ->findOneBy(['id' => $request->request->getString('person'), 'firm' => $account->firm]);
        $job = $bookings->book($place, $id, $account, $request->request->getString('plan'), $day, $person)
            ?? throw $this->createNotFoundException();
        if ('board' === $request->request->getString('to')) {
            return $this->redirectToRoute('board', ['week' => $request->request->getString('week')], Response::HTTP_SEE_OTHER);
        }

        return $this->redirectToRoute('call', ['job' => $job->id], Response::HTTP_SEE_OTHER);
    }

    private function ours(string $id, Account $account): Property
    {
        return $this->properties->findOneBy(['id' => $id, 'firm' => $account->firm]) ?? throw $this->createNotFoundException();
    }

    private function page(Property $property, Account $account, ?FormInterface $form = null, string $said = ''): Response
    {
        $page = $this->pages->of($property, $account->units());

        return $this->render('upkeep/property.html.twig', [
            'page' => $page, 'form' => $form, 'said' => $said, 'hits' => $this->words->find($said, $account->firm, $property),
        ]);
    }

    private function proposed(Property $property, Account $account): FormInterface
    {
        return $this->planForm($property, PlanValues::proposed($this->pages->of($property, $account->units())->proposal));
    }

    private function planForm(Property $property, PlanValues $values, ?string $id = null): FormInterface
    {
        return $this->createForm(PlanForm::class, $values, [
            'action' => $this->generateUrl('plan_add', ['property' => $property->id, 'id' => $id ?? Id::fresh()]), 'guarded' => false,
        ]);
    }

    private function back(Property $property): Response
    {
        return $this->redirectToRoute('property', ['property' => $property->id], Response::HTTP_SEE_OTHER);
    }
}
