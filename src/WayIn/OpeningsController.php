<?php

declare(strict_types=1);

namespace App\WayIn;

use App\Firm\Account;
use App\Record\Job;
use App\Record\Opening;
use App\Record\OpeningDetails;
use App\Record\Zero;
use App\Screen\AdviceTexts;
use App\Screen\JobController;
use App\Screen\JobScreens;
use App\Screen\MapWords;
use App\Screen\Stage;
use App\Support\Database\Id;
use App\Support\Form\SentForm;
use App\Work\LineMaps;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Sketch\Node;
use Jurvex\Core\Sketch\Sketch;
use Psr\Clock\ClockInterface;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/jobs/{job}/way-in/openings', requirements: ['id' => Id::PATTERN])]
/** The openings of a job: what they are, which is used, and what the house rules say of them. */
final class OpeningsController extends JobController
{
    public function __construct(
        JobScreens $screens,
        EntityManagerInterface $manager, ClockInterface $clock,
        private readonly LineMaps $maps,
        private readonly MapWords $words,
        private readonly AdviceTexts $advice,
    ) {
        parent::__construct($screens, $manager, $clock);
    }

    #[Route('', name: 'openings', methods: 'GET')]
    public function openings(Job $job, Request $request): Response
    {
        return $this->bench($job, $request, []);
    }

    /** Adds an opening or corrects it; the screen has made the identifier. */
    #[Route('/{id}', name: 'opening', methods: ['GET', 'POST'])]
    public function opening(Job $job, string $id, Request $request): Response
    {
        $opening = $this->entry(Opening::class, $job, $id);
        $details = null === $opening ? new OpeningDetails() : clone $opening->details();
        $form = $this->openingForm($job, $id, $details, $opening);
        if (!SentForm::isAccepted($form, $request)) {
            return $this->bench($job, $request, ['form' => $form, 'editing' => $opening]);
        }
        if (null === $opening) {
            $opening = new Opening($id, $job, $details);
            if (null === $job->chosenOpening()) {
                $job->chooseOpening($opening, $job->zero(), $job->zeroNote());
            }
        }
        $opening->describe($details);
        $this->store($opening);
        $this->mapped($opening, $form->has('on') ? $form->get('on')->getData() : null);

        return 'line' === $request->query->get('back')
            ? $this->redirectToRoute('way_in', ['job' => $job->id, 'at' => $opening->node()], Response::HTTP_SEE_OTHER)
            : $this->back($job);
    }

    /** What is known of an opening is known of the property. */
    private function mapped(Opening $opening, mixed $pipe): void
    {
        $node = Node::opening(
            $opening->node() ?? $opening->id,
            $opening->details()->kind->value,
            $opening->details()->place,
            $opening->details()->mouth(),
        );
        $property = $opening->job->property();
        if (isset($property->sketch()->nodes[$node->id])) {
            $this->maps->change($property, static fn (Sketch $sketch) => $sketch->withNode($node));
        } elseif (\is_string($pipe) && isset($property->sketch()->pipes[$pipe])) {
            $this->maps->change(
                $property,
                static fn (Sketch $sketch) => $sketch->redraw()->split($pipe, $sketch->pipes[$pipe]->length->value / 2, $node),
            );
            $opening->placeAt($node->id);
            $this->store();
        }
    }

    #[Route('/{id}/withdraw', name: 'opening_withdraw', methods: 'POST')]
    public function withdraw(Job $job, string $id): Response
    {
        $opening = $this->existing(Opening::class, $job, $id);
        $opening->withdraw($this->now());
        if ($job->chosenOpening() === $opening) {
            $job->chooseOpening(null, $job->zero(), $job->zeroNote());
        }
        $this->store();

        return $this->back($job);
    }

    #[Route('/zero', name: 'zero', methods: 'POST', priority: 1)]
    public function zero(Job $job, Request $request): Response
    {
        $form = $this->zeroForm($job);
        if (!SentForm::isAccepted($form, $request)) {
            return $this->bench($job, $request, ['zeroForm' => $form]);
        }
        /** @var array{opening: Opening, zero: Zero, zeroNote: string} $choice */
        $choice = $form->getData();
        $job->chooseOpening($choice['opening'], $choice['zero'], $choice['zeroNote']);
        $this->store();

        return $this->back($job);
    }

    /** @param array<string, mixed> $more */
    private function bench(Job $job, Request $request, array $more): Response
    {
        $sketch = $job->property()->sketch();
        $account = $this->getUser();
        \assert($account instanceof Account);

        return $this->show($job, $request, [
            'tab' => 'openings', 'form' => $this->openingForm(
                $job,
                Id::fresh(),
                new OpeningDetails(),
                null,
            ), 'zeroForm' => $this->zeroForm($job), 'editing' => null,
            'sketch' => $sketch, 'names' => $this->words->names($sketch),
            'advice' => $this->advice->on($sketch, $job->firm->accessRules(), $account->units()), ...$more,
        ], 'way_in/openings.html.twig');
    }

    private function back(Job $job): Response
    {
        return $this->redirectToRoute('openings', ['job' => $job->id], Response::HTTP_SEE_OTHER);
    }

    private function openingForm(Job $job, string $id, OpeningDetails $details, ?Opening $opening): FormInterface
    {
        $sketch = $job->property()->sketch();
        $isPlaced = isset($sketch->nodes[$opening?->node() ?? '']);
        $names = $isPlaced ? [] : array_intersect_key($this->words->names($sketch), $sketch->pipes);

        return $this->createForm(OpeningForm::class, $details, [
            'action' => $this->generateUrl('opening', ['job' => $job->id, 'id' => $id]),
            'pipes' => array_flip($names),
            'guarded' => null !== $opening,
        ]);
    }

    private function zeroForm(Job $job): FormInterface
    {
        $now = ['opening' => $job->chosenOpening(), 'zero' => $job->zero(), 'zeroNote' => $job->zeroNote()];

        return $this->createForm(ZeroForm::class, $now, ['job' => $job, 'action' => $this->generateUrl('zero', ['job' => $job->id])]);
    }

    protected function stage(): Stage
    {
        return Stage::WayIn;
    }
}
