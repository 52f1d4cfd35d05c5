<?php

declare(strict_types=1);

namespace App\Look;

use App\Firm\Account;
use App\Firm\Firm;
use App\Record\Job;
use App\Record\Opening;
use App\Record\OpeningDetails;
use App\Record\OpeningKind;
use App\Record\Run;
use App\Screen\JobController;
use App\Screen\JobScreens;
use App\Screen\Stage;
use App\Support\Database\Id;
use App\Support\Wording\Languages;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Say\Lexicon;
use Jurvex\Core\Say\RunBegins;
use Jurvex\Core\Sketch\Source;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** An old look of which only the recording's words are there: an opening and a run to go through them with. */
#[Route('/jobs/{job}/look/narrated', requirements: ['id' => Id::PATTERN])]
final class NarratedRunController extends JobController
{
    public function __construct(
        JobScreens $screens, EntityManagerInterface $manager, ClockInterface $clock, private readonly RunStarts $starts,
        private readonly SaidTexts $texts, private readonly Proposals $proposals, private readonly Languages $languages,
    ) {
        parent::__construct($screens, $manager, $clock);
    }

    #[Route('/{id}', name: 'narrated_run', methods: 'POST')]
    public function start(Job $job, string $id, Account $account, Request $request): Response
    {
        $run = $this->manager->find(Run::class, $id);
        if (null !== $run) {
            return $run->job === $job ? $this->toNarration($run) : throw $this->createNotFoundException();
        }
        $place = mb_substr(trim($request->request->getString('place')), 0, 200);
        $opening = $job->chosenOpening() ?? ('' === $place ? null : $this->opening($job, $place, $request->request->getString('kind')));
        if (null === $opening) {
            return $this->refused($job, $request, '' === $place ? 'error.place_missing' : 'error.opening_kind_missing');
        }
        $startedAt = $this->startedAt($request->request->getString('when'), $account->firm);
        if (null === $startedAt) {
            return $this->refused($job, $request, 'error.not_a_past_time');
        }
        $details = $this->starts->of($job);
        $details->waterOn = null;
        $run = new Run($id, $job, $opening, $startedAt, $details);
        try {
            $language = $this->languages->or($request->request->getString('language'));
            $narrated = Proposals::narrated(Id::of($this->now(), $id), $run, $request->files->get('text'), $this->now(), $language);
        } catch (BadInput $refused) {
            return $this->refused($job, $request, $this->texts->refusal($refused));
        }
        $this->store($opening);
        $job->chooseOpening($opening, $job->zero(), $job->zeroNote());
        $this->store($run, $narrated);
        $this->proposals->index($narrated, $account->units());

        return $this->toNarration($run);
    }

    /** @return ?\DateTimeImmutable now where nothing was typed; none where that is no time, or still to come */
    private function startedAt(string $typed, Firm $firm): ?\DateTimeImmutable
    {
        $now = $this->now();
        $zone = new \DateTimeZone($firm->timeZone);
        $time = '' === $typed ? $now : \DateTimeImmutable::createFromFormat('!Y-m-d\TH:i', $typed, $zone);

        return false === $time || $time > $now ? null : $time->setTimezone($now->getTimezone());
    }

    /** @return ?Opening none where nobody says what kind it is */
    private function opening(Job $job, string $place, string $kind): ?Opening
    {
        $kind = OpeningKind::tryFrom($kind) ?? OpeningKind::tryFrom(RunBegins::opening($place, Lexicon::of($this->languages->now())));
        if (null === $kind) {
            return null;
        }
        $details = new OpeningDetails();
        $details->kind = $kind;
        [$details->place, $details->source] = [$place, Source::Told];

        return new Opening(Id::fresh(), $job, $details);
    }

    private function refused(Job $job, Request $request, string $why): Response
    {
        return $this->show(
            $job, $request, ['runForm' => null, 'endForm' => null, 'plain' => null, 'badWords' => $why], 'look/look.html.twig', true,
        );
    }

    private function toNarration(Run $run): Response
    {
        return $this->redirectToRoute('narration', ['job' => $run->job->id, 'run' => $run->id], Response::HTTP_SEE_OTHER);
    }

    protected function stage(): Stage
    {
        return Stage::Look;
    }
}
