<?php

declare(strict_types=1);

namespace App\Practice;

use App\Firm\Account;
use App\Record\CallSheet;
use App\Record\Job;
use App\Record\JobRepository;
use App\Record\Mark;
use App\Record\MarkRepository;
use App\Record\Opening;
use App\Record\OpeningDetails;
use App\Record\OpeningKind;
use App\Record\OverHead;
use App\Record\Practice;
use App\Record\Property;
use App\Record\Run;
use App\Record\RunDetails;
use App\Record\Why;
use App\Record\Zero;
use App\Support\Database\Id;
use App\Work\HiddenGrounds;
use App\Work\JudgedRuns;
use App\Work\SimulatedLines;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Judge\Judge;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Mend\Mendable;
use Jurvex\Core\Practice\Comparison;
use Jurvex\Core\Practice\Difficulty;
use Jurvex\Core\Practice\LineMaker;
use Jurvex\Core\Practice\MarkScores;
use Jurvex\Core\Practice\SimulatedReel;
use Jurvex\Core\Practice\TriedMark;
use Jurvex\Core\Reel\Counter;
use Jurvex\Core\Reel\Track;
use Jurvex\Core\Ribbon\Ribbon;
use Jurvex\Core\Run\RunRecord;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Contracts\Translation\TranslatorInterface;

/** An unknown line, the normal screens, and then the truth. */
final class PracticeController extends AbstractController
{
    private const MOST_SEEDS = 9999;
    private const RIBBON_WIDTH = 1160.0;
    /** Height from which the lens of the stand-in camera is wholly under, in mm: half the head and half the window. */
    private const LENS_UNDER_MM = 29.0;

    public function __construct(
        private readonly JobRepository $jobs, private readonly EntityManagerInterface $manager,
        private readonly JudgedRuns $runs, private readonly SimulatedLines $lines,
        private readonly TranslatorInterface $translator, private readonly ClockInterface $clock,
        private readonly HiddenGrounds $grounds, private readonly MarkRepository $allMarks,
    ) {
    }

    #[Route('/practice', name: 'practice', methods: 'GET')]
    public function attempts(Account $account): Response
    {
        return $this->render('practice/practice.html.twig', [
            'attempts' => $this->jobs->practices($account->firm),
            'difficulties' => Difficulty::cases(),
            'bad' => false,
            'typed' => '',
        ]);
    }

    /** Begins one: a job whose line nobody knows, with its opening and its run made ready. */
    #[Route('/practice/begin', name: 'practice_begin', methods: 'POST')]
    public function begin(Account $account, Request $request): Response
    {
        $typed = trim($request->request->getString('seed'));
        $seed = '' === $typed
            ? random_int(1, self::MOST_SEEDS)
            : filter_var($typed, \FILTER_VALIDATE_INT, ['options' => ['min_range' => 1, 'max_range' => self::MOST_SEEDS]]);
        $difficulty = Difficulty::tryFrom($request->request->getString('difficulty'));
        if (false === $seed || null === $difficulty) {
            return $this->render(
                'practice/practice.html.twig',
                [
                    'attempts' => $this->jobs->practices($account->firm),
                    'difficulties' => Difficulty::cases(),
                    'bad' => true,
                    'typed' => $typed,
                ],
                new Response(status: 422),
            );
        }
        $job = $this->jobOf($account, $seed, $difficulty);

        return $this->redirectToRoute('look', ['job' => $job->id], Response::HTTP_SEE_OTHER);
    }

    private function jobOf(Account $account, int $seed, Difficulty $difficulty): Job
    {
        $now = $this->clock->now();
        $sheet = new CallSheet();
        $sheet->number = 'P-'.$seed;
        $sheet->why = Why::Stoppage;
        $sheet->place = $this->translator->trans('practice.place', ['%seed%' => $seed]);
        $sheet->customer = $account->name();
        $sheet->reportUnits = $account->units();
        $id = Id::fresh();
        // A property of its own: what an earlier attempt has seen stays unknown.
        $job = new Job($id, new Property(Id::fresh(), $account->firm, $sheet->place.' '.$id), $sheet, $now, $account->firm->name);
        $job->practise(new Practice($seed, $difficulty, $account->name()));
        $details = new OpeningDetails();
        $details->kind = OpeningKind::Cleanout;
        $details->place = $this->translator->trans('practice.opening');
        $details->sizeMm = 150.0;
        $opening = new Opening(Id::fresh(), $job, $details);
        array_map($this->manager->persist(...), [$job, $opening, $this->runOf($job, $opening, $seed, $difficulty, $now)]);
        $this->manager->flush();
        $job->chooseOpening($opening, Zero::Foot, '');
        $this->manager->flush();

        return $job;
    }

    private function runOf(Job $job, Opening $opening, int $seed, Difficulty $difficulty, \DateTimeImmutable $now): Run
    {
        $line = LineMaker::fromSeed($seed, $difficulty);
        $setUp = new RunDetails();
        $setUp->material = $line->materialAt(0.0);
        $setUp->boreMm = $line->boreAt(0.0)->inMillimetres();
        $setUp->cableLengthM = 80.0;
        $setUp->waterOn = true;

        return new Run(Id::fresh(), $job, $opening, $now, $setUp);
    }

    /** The log beside the truth; scored once, when the run has ended. */
    #[Route('/jobs/{job}/practice', name: 'practice_result', methods: 'GET')]
    public function result(Job $job, Account $account): Response
    {
        $practice = $job->practice() ?? throw $this->createNotFoundException();
        $runs = $job->runs();
        $run = end($runs);
        if (false === $run || null === $run->endedAt()) {
            return $this->redirectToRoute('look', ['job' => $job->id]);
        }
        $judged = $this->runs->judge($run);
        $reel = $this->lines->reelOf($run);
        [$line, $reach] = [$reel->line, $reel->reach];
        $truth = $line->perfectRecord($reach, Length::millimetres(self::LENS_UNDER_MM));
        $measured = Track::none()->with(
            (new SimulatedReel($line, $reach))->inAndBack(),
            new Counter(1.0, Length::metres(0), $line->length),
        );
        $comparison = new Comparison($truth, $judged->record, $job->rules());
        if (null === $practice->score) {
            $practice = $practice->scored(
                $comparison->score(),
                $comparison->points,
                round(($run->endedAt()->getTimestamp() - $run->startedAt->getTimestamp()) / 60, 1),
            );
            $job->practise($practice);
            $this->manager->flush();
        }
        $marks = $this->marks($run, $truth, $job);
        $draw = static fn (RunRecord $record, Track $track) => Ribbon::draw(
            $record, [], [], [], $account->units(), self::RIBBON_WIDTH, $track,
        );

        return $this->render('practice/result.html.twig', [
            'job' => $job, 'practice' => $practice, 'comparison' => $comparison, 'truth' => $draw($truth, $measured),
            'own' => $draw($judged->record, $judged->track), 'marks' => $marks,
        ]);
    }

    private function marks(Run $run, RunRecord $truth, Job $job): MarkScores
    {
        $judgements = (new Judge($job->rules()))->judgeAll($truth);
        $toMend = array_values(array_filter($truth->findings, static function (Finding $finding) use ($judgements, $job): bool {
            $judged = $judgements[$finding->id] ?? null;

            return null !== $judged && (new Mendable($finding, $judged, [], null, $job->rules()))->isRepair();
        }));
        $tried = array_map(static fn (Mark $mark) => new TriedMark(
            $mark->details()->atM ?? 0.0, $mark->depth()->median()->metres, $mark->depth()->areEnough(),
            OverHead::Water === $mark->details()->overHead, OverHead::Metal === $mark->details()->overHead,
        ), $this->allMarks->ofRuns([$run->id]));

        return new MarkScores($toMend, $tried, $this->grounds->of($run));
    }
}
