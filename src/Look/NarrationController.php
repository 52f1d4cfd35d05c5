<?php

declare(strict_types=1);

namespace App\Look;

use App\Firm\Account;
use App\Record\FindingRepository;
use App\Record\Job;
use App\Record\Mark;
use App\Record\Narrated;
use App\Record\NarratedRepository;
use App\Record\Run;
use App\Screen\JobController;
use App\Screen\JobScreens;
use App\Screen\Stage;
use App\Support\Database\Id;
use App\Support\Wording\Languages;
use App\Support\Wording\Placeholders;
use App\Work\FirstMaps;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Say\Entry;
use Jurvex\Core\Say\OfRun;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Contracts\Translation\TranslatorInterface;

/** The timed text of a run's recording: its proposals are accepted, changed or turned down one by one. Nothing else of it is stored. */
#[Route('/jobs/{job}/look/runs/{run}/narration', requirements: ['run' => Id::PATTERN, 'id' => Id::PATTERN])]
final class NarrationController extends JobController
{
    public function __construct(
        JobScreens $screens, EntityManagerInterface $manager, ClockInterface $clock, private readonly Proposals $proposals,
        private readonly NarratedRepository $narrated, private readonly SaidTexts $texts, private readonly TranslatorInterface $translator,
        private readonly FirstMaps $maps, private readonly NarratedRuns $runs, private readonly Languages $languages,
    ) {
        parent::__construct($screens, $manager, $clock);
    }

    #[Route('', name: 'narration', methods: 'GET')]
    public function page(Job $job, string $run, Account $account): Response
    {
        return $this->shownOf($this->existing(Run::class, $job, $run), $account);
    }

    /** Takes timed text in, beside the recording or alone. */
    #[Route('/{id}', name: 'narration_attach', methods: 'POST')]
    public function attach(Job $job, string $run, string $id, Account $account, Request $request): Response
    {
        $run = $this->existing(Run::class, $job, $run);
        if (null === $this->narrated->find($id)) {
            try {
                $language = $this->languages->or($request->request->getString('language'));
                $narrated = Proposals::narrated($id, $run, $request->files->get('text'), $this->now(), $language);
            } catch (BadInput $refused) {
                return $this->shownOf($run, $account, refused: $this->texts->refusal($refused));
            }
            $this->store($narrated);
            $this->proposals->index($narrated, $account->units());
        }

        return $this->back($run);
    }

    /** Keeps a proposal as a finding or mark. */
    #[Route('/{id}/accept', name: 'narration_accept', methods: 'POST')]
    public function accept(Job $job, string $run, string $id, Account $account, Request $request): Response
    {
        [$run, $narrated, $proposal] = $this->asked($job, $run, $id, $request, $account);
        if ($proposal->isAccepted()) {
            return $this->back($run);
        }
        $typed = ['from' => $request->request->getString('from'), 'to' => $request->request->getString('to')];
        try {
            $this->become($proposal, $narrated, $typed, $account);
        } catch (RefusedEntry $refused) {
            return $this->shownOf($run, $account, [$proposal->key() => $this->why($refused)]);
        }

        return $this->back($run, $proposal->key());
    }

    /**
     * @param array{from: string, to: string} $typed
     *
     * @throws RefusedEntry
     */
    private function become(Proposal $proposal, Narrated $narrated, array $typed, Account $account): void
    {
        [$said, $run] = [$proposal->said, $proposal->run];
        if ($said instanceof OfRun && $proposal->beginsAnother()) {
            $narrated->settle($said->key(), $this->runs->begin($said, $narrated, $typed['from'])->id);
            $this->store();

            return;
        }
        if (null === $run) {
            throw new RefusedEntry(['from' => ['code' => 'run_not_begun', 'allowed' => []]]);
        }
        if ($said instanceof Entry) {
            $entry = $this->proposals->entry($said, $narrated, $run, $typed, $account->units(), $this->now());
            $narrated->settle($said->key(), $entry->id);
            $this->store($entry);

            return;
        }
        $narrated->settle($said->key(), RunSaid::accept($said, $run, $typed['from'], $account->units()));
        $this->store();
        if (OfRun::END === $said->what && null === $run->job->practice()) {
            $this->maps->draw($run);
        }
    }

    private function why(RefusedEntry $refused): string
    {
        $field = array_key_first($refused->errors);
        $error = $refused->errors[$field];
        $code = 'from' === $field && 'missing' === $error['code'] ? 'place_missing' : $error['code'];

        return $this->translator->trans('error.'.$code, Placeholders::of($error['allowed']));
    }

    /** It is no finding. */
    #[Route('/{id}/down', name: 'narration_down', methods: 'POST')]
    public function down(Job $job, string $run, string $id, Account $account, Request $request): Response
    {
        [$run, $narrated, $proposal] = $this->asked($job, $run, $id, $request, $account);
        if ($proposal->isOpen()) {
            $narrated->settle($proposal->key(), '');
            $this->store();
        }

        return $this->back($run, $proposal->key());
    }

    /** Takes back what was said of a proposal, and the entry that it became. */
    #[Route('/{id}/again', name: 'narration_again', methods: 'POST')]
    public function again(Job $job, string $run, string $id, Account $account, Request $request, FindingRepository $findings): Response
    {
        [$run, $narrated, $proposal] = $this->asked($job, $run, $id, $request, $account);
        try {
            $this->takeBack($proposal, $findings);
        } catch (RefusedEntry $refused) {
            return $this->shownOf($run, $account, [$proposal->key() => $this->why($refused)]);
        }
        $narrated->unsettle($proposal->key());
        $this->store();

        return $this->back($run, $proposal->key(), 'at');
    }

    /** @throws RefusedEntry */
    private function takeBack(Proposal $proposal, FindingRepository $findings): void
    {
        $became = (string) $proposal->became;
        $begun = '' !== $became && $proposal->beginsAnother() ? $this->manager->find(Run::class, $became) : null;
        if (null !== $begun) {
            $this->runs->takeBack($begun, $this->now());
        } elseif (null !== $proposal->run && $proposal->isAccepted()) {
            if ($proposal->said instanceof OfRun) {
                RunSaid::takeBack($proposal->said, $proposal->run, $became);

                return;
            }
            $findings->ofRun($became, $proposal->run)?->withdraw($this->now());
            $mark = $this->manager->find(Mark::class, $became);
            if ($mark?->run === $proposal->run) {
                $mark->withdraw($this->now());
            }
        }
    }

    /** @return array{Run, Narrated, Proposal} */
    private function asked(Job $job, string $run, string $id, Request $request, Account $account): array
    {
        $run = $this->existing(Run::class, $job, $run);
        $narrated = $this->narrated->find($id);
        if (null === $narrated || $narrated->run !== $run) {
            throw $this->createNotFoundException();
        }
        $key = $request->request->getString('key');
        foreach ($this->proposals->of($narrated, $account->units()) as $proposal) {
            if ($proposal->key() === $key) {
                return [$run, $narrated, $proposal];
            }
        }
        throw $this->createNotFoundException();
    }

    /** @param array<string, string> $errors by proposal */
    private function shownOf(Run $run, Account $account, array $errors = [], string $refused = ''): Response
    {
        $texts = $this->narrated->recordings($run);
        $narrated = [] === $texts ? null : $texts[\count($texts) - 1];
        $page = new NarrationPage($narrated, null === $narrated ? [] : $this->rows($narrated, $account, $errors), $refused);
        $screen = $this->screens->of($run->job, $this->stage(), $account->units(), $run->id, shows: $page->farthest());

        return $this->shown(
            $screen, ['run' => $run, 'page' => $page], 'look/narration.html.twig', '' !== $refused || [] !== $errors,
        );
    }

    /**
     * @param array<string, string> $errors by proposal
     *
     * @return list<NarratedRow> in the order of time, a proposal behind its words
     */
    private function rows(Narrated $narrated, Account $account, array $errors): array
    {
        $rows = array_map(static fn (array $cue) => new NarratedRow($cue[0], $cue[2]), $narrated->cues);
        foreach ($this->proposals->of($narrated, $account->units()) as $proposal) {
            $text = $this->texts->read($proposal, $account->units());
            $rows[] = new NarratedRow($proposal->atS(), '', $proposal, $text, $errors[$proposal->key()] ?? '');
        }
        usort($rows, static fn (NarratedRow $one, NarratedRow $other) => [$one->atS, null !== $one->proposal]
            <=> [$other->atS, null !== $other->proposal]);

        return $rows;
    }

    /** @param string $as whether the proposal is done, or to be looked at again */
    private function back(Run $run, string $key = '', string $as = 'done'): Response
    {
        $at = ['job' => $run->job->id, 'run' => $run->id] + ('' === $key ? [] : [$as => $key]);

        return $this->redirectToRoute('narration', $at, Response::HTTP_SEE_OTHER);
    }

    protected function stage(): Stage
    {
        return Stage::Look;
    }
}
