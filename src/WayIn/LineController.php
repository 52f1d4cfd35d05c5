<?php

declare(strict_types=1);

namespace App\WayIn;

use App\Firm\Account;
use App\Record\Job;
use App\Record\Opening;
use App\Record\OpeningKind;
use App\Record\PropertyRepository;
use App\Screen\JobController;
use App\Screen\JobScreens;
use App\Screen\Stage;
use App\Support\Database\Id;
use App\Support\Form\SentForm;
use App\Support\Print\Chromium;
use App\Support\Print\PrintFailed;
use App\Work\FirstMaps;
use App\Work\LineMaps;
use App\Work\MappedRuns;
use App\Work\Sketching;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Run\Sight;
use Jurvex\Core\Sketch\Building;
use Jurvex\Core\Sketch\FixtureKind;
use Jurvex\Core\Sketch\Node;
use Jurvex\Core\Sketch\NodeKind;
use Jurvex\Core\Sketch\SeenMap;
use Jurvex\Core\Sketch\Sketch;
use Psr\Clock\ClockInterface;
use Symfony\Component\Form\FormError;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Contracts\Translation\TranslatorInterface;

/** The line map: sketching it, altering it in place, taking over what the camera saw. */
#[Route('/jobs/{job}/way-in', requirements: ['id' => self::PART])]
final class LineController extends JobController
{
    private const PART = '[A-Za-z0-9+_.~-]{1,80}';

    public function __construct(
        JobScreens $screens,
        EntityManagerInterface $manager, ClockInterface $clock,
        private readonly LineMaps $maps,
        private readonly MapViews $views,
        private readonly MappedRuns $runs,
        private readonly Sketching $sketching,
        private readonly PropertyRepository $properties,
        private readonly TranslatorInterface $translator,
        private readonly ProposalTexts $asked,
        private readonly FirstMaps $firstMaps,
    ) {
        parent::__construct($screens, $manager, $clock);
    }

    #[Route('', name: 'way_in', methods: 'GET')]
    public function line(Job $job, Request $request): Response
    {
        return $this->map($job, $request, $request->query->getString('at'));
    }

    #[Route('/start', name: 'line_start', methods: 'POST')]
    public function start(Job $job, Request $request): Response
    {
        $building = Building::tryFrom($request->request->getString('building')) ?? Building::Bare;
        if ($job->property()->sketch()->isBlank()) {
            $sketch = $this->maps->change($job->property(), static fn () => $building->sketch($job->call()->yearBuilt));
            $this->sketching->takeOpenings($job, $sketch);
        }

        return $this->at($job, '');
    }

    /** Adds a fixture, an opening or a trap with what is likely of it; the screen has made its identifier. */
    #[Route('/add/{id}', name: 'line_add', methods: 'POST')]
    public function add(Job $job, string $id, Request $request, Account $account): Response
    {
        [$sort, $what] = explode(':', $request->request->getString('what').':', 3);
        $where = $request->request->getString('at');
        try {
            $sketch = $this->maps->change(
                $job->property(),
                fn (Sketch $sketch) => $this->sketching->added(
                    $sketch, $job, $id, $sort, $what, $where, $request->request->getString('up'), $account->units(),
                ),
            );
        } catch (BadInput $error) {
            return $this->map($job, $request, $where, [
                'addError' => $this->words($error),
                'typedUp' => $request->request->getString('up'),
            ]);
        }
        $this->sketching->takeOpenings($job, $sketch);

        return $this->at($job, $id);
    }

    #[Route('/pipes/{id}', name: 'line_pipe', methods: 'POST')]
    public function pipe(Job $job, string $id, Request $request): Response
    {
        $pipe = $job->property()->sketch()->pipes[$id] ?? throw $this->createNotFoundException();
        $values = PipeValues::of($pipe);
        $form = $this->pipeForm($job, $id, $values);
        if (SentForm::isAccepted($form, $request)) {
            try {
                $this->maps->change(
                    $job->property(),
                    static fn (Sketch $sketch) => $sketch->withPipe($values->on($sketch->pipes[$id] ?? $pipe)),
                );

                return $this->at($job, $request->query->getString('at') ?: $id);
            } catch (BadInput $error) {
                $this->place($form, $error);
            }
        }

        return $this->map($job, $request, $request->query->getString('at') ?: $id, ['pipeForm' => $form]);
    }

    #[Route('/fixtures/{id}', name: 'line_fixture', methods: 'POST')]
    public function fixture(Job $job, string $id, Request $request): Response
    {
        $node = $job->property()->sketch()->nodes[$id] ?? throw $this->createNotFoundException();
        if (NodeKind::Fixture !== $node->kind) {
            throw $this->createNotFoundException();
        }
        $values = FixtureValues::of($node);
        $form = $this->fixtureForm($job, $id, $values);
        if (!SentForm::isAccepted($form, $request)) {
            return $this->map($job, $request, $id, ['fixtureForm' => $form]);
        }
        $this->maps->change($job->property(), static fn (Sketch $sketch) => $sketch->withNode($values->on($sketch->nodes[$id] ?? $node)));

        return $this->at($job, $id);
    }

    /** What the property drains into. */
    #[Route('/outlet', name: 'line_outlet', methods: 'POST')]
    public function outlet(Job $job, Request $request): Response
    {
        $what = 'tank' === $request->request->getString('what') ? 'tank' : 'main';
        $name = mb_substr(trim($request->request->getString('name')), 0, 200);
        $sketch = $this->maps->change(
            $job->property(),
            static fn (Sketch $sketch) => $sketch->withNode(Node::outlet($sketch->outlet->id, $what, $name)),
        );

        return $this->at($job, $sketch->outlet->id);
    }

    #[Route('/remove/{id}', name: 'line_remove', methods: 'POST')]
    public function remove(Job $job, string $id, Request $request): Response
    {
        $below = $job->property()->sketch()->below($id);
        try {
            $this->maps->change($job->property(), static fn (Sketch $sketch) => $sketch->redraw()->without($id));
        } catch (BadInput $error) {
            return $this->map($job, $request, $id, ['addError' => $this->words($error)]);
        }

        return $this->at($job, $below->to ?? '');
    }

    #[Route('/undo', name: 'line_undo', methods: 'POST')]
    public function undo(Job $job, Request $request): Response
    {
        $this->maps->undo($job->property());

        return $this->at($job, $request->request->getString('at'));
    }

    #[Route('/line-map.{format}', name: 'line_export', requirements: ['format' => 'svg|png'], methods: 'GET')]
    public function export(Job $job, string $format, Account $account, Chromium $chromium): Response
    {
        $sketch = $job->property()->sketch();
        $view = $this->views->of($sketch, $account->units(), MapViews::WIDE);
        $seen = $sketch->isBlank() ? null : new SeenMap($sketch, $this->runs->of($job->property()));
        $svg = $this->renderView('way_in/plan_file.svg.twig', [
            'view' => $view,
            'seen' => $seen,
            'units' => $account->units(),
            'title' => $job->property()->place(),
        ]);
        $body = $svg;
        if ('png' === $format) {
            try {
                $body = $chromium->picture($svg, (int) ceil($view->plan->width), (int) ceil($view->plan->height) + 60);
            } catch (PrintFailed) {
                return new Response(
                    $this->translator->trans('map.png_failed'),
                    Response::HTTP_SERVICE_UNAVAILABLE,
                    ['Content-Type' => 'text/plain; charset=UTF-8'],
                );
            }
        }
        $name = 'line-map-'.preg_replace('/[^a-z0-9]+/', '-', mb_strtolower($job->call()->number)).'.'.$format;

        return new Response($body, Response::HTTP_OK, [
            'Content-Type' => 'png' === $format ? 'image/png' : 'image/svg+xml',
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, $name),
        ]);
    }

    /** @param array<string, mixed> $more */
    private function map(Job $job, Request $request, string $at, array $more = []): Response
    {
        $account = $this->getUser();
        \assert($account instanceof Account);
        $property = $job->property();
        $sketch = $property->sketch();
        $view = $this->views->of($sketch, $account->units(), MapViews::widthFor($request));
        // Until somebody has chosen a part, what is added goes where most is added, and no form is open.
        $isChosen = $sketch->has($at);
        $at = $isChosen ? $at : $this->sketching->usualPlace($sketch);
        $node = $isChosen ? $sketch->nodes[$at] ?? null : null;
        $pipe = $isChosen ? $sketch->pipes[$at] ?? $sketch->below($at) : null;
        $runs = $sketch->isBlank() ? [] : $this->runs->of($property);
        $seen = $sketch->isBlank() ? null : new SeenMap($sketch, $runs);

        return $this->show($job, $request, [
            'tab' => 'line', 'view' => $view, 'sketch' => $sketch, 'at' => $at, 'node' => $node, 'pipe' => $pipe, 'seen' => $seen,
            'runs' => $runs, 'unseenM' => $seen?->metres(Sight::Unreached, Sight::Submerged, Sight::Dim),
            'questions' => $this->asked->all($this->runs->questions($property, $runs), $sketch, $view->names, $account->units()),
            'looks' => $this->firstMaps->runs($job), 'canUndo' => $this->maps->canUndo($property), 'fresh' => Id::fresh(),
            'pipeForm' => null === $pipe || isset($more['pipeForm'])
                ? null
                : $this->pipeForm($job, $pipe->id, PipeValues::of($pipe), $view->names),
            'fixtureForm' => null !== $node && NodeKind::Fixture === $node->kind
                ? $this->fixtureForm($job, $at, FixtureValues::of($node))
                : null,
            'openingForm' => $this->openingForm($job, $this->openingAt($job, $node)),
            'buildings' => Building::cases(), 'fixtures' => FixtureKind::cases(), 'openingKinds' => OpeningKind::cases(),
            'yearSays' => YearSays::of($job->call()->yearBuilt),
            'otherJobs' => $this->properties->otherJobs($job), ...$more,
        ], 'way_in/line.html.twig', isset($more['addError']));
    }

    private function openingAt(Job $job, ?Node $node): ?Opening
    {
        foreach ($job->openings() as $opening) {
            if (null !== $node && $opening->node() === $node->id) {
                return $opening;
            }
        }

        return null;
    }

    /** @param ?array<string, string> $names of nodes and pipes, where they are known already */
    private function pipeForm(Job $job, string $id, PipeValues $values, ?array $names = null): FormInterface
    {
        $sketch = $job->property()->sketch();
        $names ??= $this->views->names($sketch);
        $nodes = [];
        foreach ($sketch->nodes as $node) {
            if ($node->id !== ($sketch->pipes[$id]->from ?? null)) {
                $nodes[$names[$node->id].(isset($nodes[$names[$node->id]]) ? ' ('.$node->id.')' : '')] = $node->id;
            }
        }

        return $this->createForm(PipeForm::class, $values, [
            'nodes' => $nodes,
            'action' => $this->generateUrl('line_pipe', ['job' => $job->id, 'id' => $id]),
        ]);
    }

    private function openingForm(Job $job, ?Opening $opening): ?FormInterface
    {
        return null === $opening
            ? null
            : $this->createForm(OpeningForm::class, clone $opening->details(), [
                'action' => $this->generateUrl('opening', ['job' => $job->id, 'id' => $opening->id, 'back' => 'line']),
            ]);
    }

    private function fixtureForm(Job $job, string $id, FixtureValues $values): FormInterface
    {
        return $this->createForm(FixtureForm::class, $values, [
            'action' => $this->generateUrl('line_fixture', ['job' => $job->id, 'id' => $id]),
        ]);
    }

    /** Puts what the map refused at the field that it is about. */
    private function place(FormInterface $form, BadInput $error): void
    {
        $field = str_starts_with($error->at, 'bends') ? 'bends' : 'runsInto';
        $form->get($field)->addError(new FormError($this->words($error)));
    }

    private function words(BadInput $error): string
    {
        $why = $error->allowed['why'] ?? null;
        $name = $error->allowed['name'] ?? '';

        return $this->translator->trans('bad_map.'.(\is_string($why) ? $why : $error->reason), [
            '%name%' => $name,
            '%least%' => $error->allowed['least'] ?? '',
            '%most%' => $error->allowed['most'] ?? '',
        ]);
    }

    private function at(Job $job, string $at): Response
    {
        return $this->redirectToRoute('way_in', ['job' => $job->id] + ('' === $at ? [] : ['at' => $at]), Response::HTTP_SEE_OTHER);
    }

    protected function stage(): Stage
    {
        return Stage::WayIn;
    }
}
