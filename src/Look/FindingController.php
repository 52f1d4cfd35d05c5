<?php

declare(strict_types=1);

namespace App\Look;

use App\Firm\Account;
use App\Record\FindingRepository;
use App\Record\Job;
use App\Record\LoggedFinding;
use App\Record\Photo;
use App\Record\PictureReader;
use App\Record\RefusedPicture;
use App\Record\Run;
use App\Screen\JobController;
use App\Screen\Stage;
use App\Support\Database\Id;
use App\Support\Wording\Placeholders;
use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Jurvex\Core\Finding\Kind;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Entries on a run. The screen makes each entry's identifier, so that one sent twice is stored once. */
#[Route('/jobs/{job}/look/runs/{run}', requirements: ['run' => Id::PATTERN, 'id' => Id::PATTERN])]
final class FindingController extends JobController
{
    #[Route('/findings/{id}', name: 'finding', methods: 'POST')]
    public function log(
        Job $job, string $run, string $id, Account $account, Request $request, FindingRepository $findings,
        TranslatorInterface $translator,
    ): Response {
        $run = $this->existing(Run::class, $job, $run);
        $stored = $findings->find($id);
        if (null !== $stored) {
            return $this->acknowledge($stored->run === $run ? $stored : throw $this->createNotFoundException(), $request);
        }
        try {
            $finding = FindingEntry::read($id, $request->request->all(), $run, $account->units(), $this->now());
            $upload = $request->files->get('photo');
            $photo = $upload instanceof UploadedFile ? PictureReader::fromUpload($id, $upload) : null;
            $replaced = null === $finding->replaces
                ? null
                : $findings->ofRun($finding->replaces, $run) ?? throw $this->createNotFoundException();
        } catch (RefusedEntry $refused) {
            return $this->refuse($job, $run, $id, $request, self::inWords($refused, $translator));
        } catch (RefusedPicture $refused) {
            return $this->refuse($job, $run, $id, $request, ['photo' => $translator->trans('error.'.$refused->reason)]);
        }
        $replaced?->withdraw($finding->loggedAt);
        if (null !== $replaced && null === $photo) {
            $kept = $this->manager->find(Photo::class, $replaced->id);
            $photo = null === $kept ? null : new Photo($id, $kept->width, $kept->height, $kept->jpeg);
        }
        try {
            $this->store(...array_filter([$finding, $photo]));
        } catch (UniqueConstraintViolationException) {
            // The same entry came in on two connections at once; the other one has stored it.
        }

        return $this->acknowledge($finding, $request);
    }

    /** The plain form: to correct a finding, or to log one where no script runs. */
    #[Route('/findings/{id}', name: 'finding_form', methods: 'GET')]
    public function form(Job $job, string $run, string $id, Request $request, FindingRepository $findings): Response
    {
        $run = $this->existing(Run::class, $job, $run);
        $logged = $findings->ofRun($id, $run);
        $kind = $logged->kind ?? Kind::tryFrom($request->query->getString('kind')) ?? Kind::RootThreads;
        $values = null === $logged ? ['at_joint' => ''] : self::asTyped($logged);

        return $this->show($job, $request, [
            'runForm' => null,
            'endForm' => null,
            'plain' => [
                'id' => Id::fresh(), 'run' => $run, 'kind' => $kind, 'values' => $values, 'replaces' => $logged?->id,
                'errors' => [],
            ],
        ]);
    }

    #[Route('/undo', name: 'finding_undo', methods: 'POST')]
    public function undo(Job $job, string $run, Request $request, FindingRepository $findings): Response
    {
        $run = $this->existing(Run::class, $job, $run);
        $last = $findings->lastEntered($run);
        if (null !== $last) {
            $findings->takeBack($last, $this->now());
            $this->store();
        }

        return $request->isXmlHttpRequest() ? new JsonResponse(['undone' => $last?->id]) : $this->backToRun($run);
    }

    #[Route('/findings/{id}/withdraw', name: 'finding_withdraw', methods: 'POST')]
    public function withdraw(Job $job, string $run, string $id, FindingRepository $findings): Response
    {
        $run = $this->existing(Run::class, $job, $run);
        $finding = $findings->ofRun($id, $run) ?? throw $this->createNotFoundException();
        $finding->withdraw($this->now());
        $this->store();

        return $this->backToRun($run);
    }

    #[Route('/findings/{id}/photo', name: 'photo', methods: 'GET')]
    public function photo(Job $job, string $run, string $id, Request $request, FindingRepository $findings): Response
    {
        $finding = $findings->ofRun($id, $this->existing(Run::class, $job, $run)) ?? throw $this->createNotFoundException();
        $photo = $this->manager->find(Photo::class, $finding->id) ?? throw $this->createNotFoundException();

        return $photo->asResponse($request->query->has('small'));
    }

    private function acknowledge(LoggedFinding $finding, Request $request): Response
    {
        return $request->isXmlHttpRequest()
            ? new JsonResponse(['id' => $finding->id, 'from_m' => $finding->fromM], Response::HTTP_CREATED)
            : $this->backToRun($finding->run);
    }

    /** @param array<string, string> $errors by field */
    private function refuse(Job $job, Run $run, string $id, Request $request, array $errors): Response
    {
        if ($request->isXmlHttpRequest()) {
            return new JsonResponse(['errors' => $errors], Response::HTTP_UNPROCESSABLE_ENTITY);
        }
        $typed = $request->request->all();

        return $this->show($job, $request, ['runForm' => null, 'endForm' => null, 'plain' => [
            'id' => $id, 'run' => $run, 'kind' => Kind::tryFrom($request->request->getString('kind')) ?? Kind::RootThreads,
            'values' => $typed, 'replaces' => $request->request->getString('replaces') ?: null, 'errors' => $errors,
        ]])->setStatusCode(Response::HTTP_UNPROCESSABLE_ENTITY);
    }

    /** @return array<string, string> */
    private static function inWords(RefusedEntry $refused, TranslatorInterface $translator): array
    {
        $words = [];
        foreach ($refused->errors as $field => $error) {
            $words[$field] = $translator->trans('error.'.$error['code'], Placeholders::of($error['allowed']));
        }

        return $words;
    }

    /** @return array<string, mixed> the stored finding as the form's fields hold it */
    private static function asTyped(LoggedFinding $logged): array
    {
        return [
            'from' => $logged->fromM, 'to' => $logged->toM, 'deepest' => $logged->deepestM, 'sureness' => $logged->sureness->value,
            'clock_from' => $logged->clockFrom, 'clock_to' => $logged->clockTo, 'size' => $logged->size, 'unit' => $logged->unit,
            'at_joint' => $logged->atJoint ? '1' : '', 'note' => $logged->note, 'facts' => $logged->facts, 'stored' => true,
        ];
    }

    protected function stage(): Stage
    {
        return Stage::Look;
    }
}
