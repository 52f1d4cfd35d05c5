<?php

declare(strict_types=1);

namespace App\Clear;

use App\Firm\Jetter;
use App\Record\Cleared;
use App\Record\FlowTest;
use App\Record\FlowTestDetails;
use App\Record\Job;
use App\Record\Pass;
use App\Record\PassDetails;
use App\Screen\CauseTexts;
use App\Screen\JobController;
use App\Screen\JobScreens;
use App\Screen\Stage;
use App\Support\Database\Id;
use App\Support\Form\SentForm;
use App\Work\Causes;
use App\Work\ClearedProof;
use App\Work\ClearingPlans;
use App\Work\LineRecord;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Clear\Cause;
use Jurvex\Core\Clear\Machine;
use Psr\Clock\ClockInterface;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/jobs/{job}/clear', requirements: ['id' => Id::PATTERN])]
final class ClearController extends JobController
{
    public function __construct(
        JobScreens $screens,
        EntityManagerInterface $manager,
        ClockInterface $clock,
        private readonly ClearingPlans $plans, private readonly Causes $causes, private readonly CauseTexts $causeTexts,
    ) {
        parent::__construct($screens, $manager, $clock);
    }

    #[Route('', name: 'clear', methods: 'GET')]
    public function clear(Job $job, Request $request): Response
    {
        return $this->showLog($job, $request);
    }

    #[Route('/passes/{id}', name: 'pass', methods: ['GET', 'POST'])]
    public function pass(Job $job, string $id, Request $request): Response
    {
        $pass = $this->entry(Pass::class, $job, $id);
        $details = null === $pass ? new PassDetails() : clone $pass->details();
        $form = $this->passForm($job, $id, $details);
        if (!SentForm::isAccepted($form, $request)) {
            return $this->showLog($job, $request, ['passForm' => $form, 'editing' => $pass]);
        }
        $machine = $details->tool->machine();
        // Nothing starts past a gate; a correction of what was done is no start.
        if (null === $pass && null !== $machine && $job->site()->isShutFor($machine)) {
            return $this->showLog($job, $request, ['passForm' => $form, 'gateFor' => $machine], true);
        }
        // What it worked on and with how much water is the plan's of today; a correction keeps what was so then.
        if (null === $pass) {
            $details->blockage = $job->clearing()->blockage;
            $details->flowLMin = Machine::Jet === $machine ? Jetter::of($job->firm->jetter())->flow() : null;
        }
        $pass ??= new Pass($id, $job, $job->chosenOpening(), $this->now(), $details);
        $pass->describe($details);
        $this->store($pass);

        return $this->backToStage($job);
    }

    #[Route('/tests/{id}', name: 'flow_test', methods: ['GET', 'POST'])]
    public function flowTest(Job $job, string $id, Request $request): Response
    {
        $test = $this->entry(FlowTest::class, $job, $id);
        $details = null === $test ? new FlowTestDetails() : clone $test->details();
        $form = $this->testForm($job, $id, $details);
        if (!SentForm::isAccepted($form, $request)) {
            return $this->showLog($job, $request, ['testForm' => $form, 'editing' => $test]);
        }
        $test ??= new FlowTest($id, $job, $this->now(), $details);
        $test->describe($details);
        $this->store($test);

        return $this->backToStage($job);
    }

    #[Route('/{what}/{id}/withdraw', name: 'clear_withdraw', requirements: ['what' => 'passes|tests'], methods: 'POST')]
    public function withdraw(Job $job, string $what, string $id): Response
    {
        $entry = $this->existing('passes' === $what ? Pass::class : FlowTest::class, $job, $id);
        $entry->withdraw($this->now());
        $this->store();

        return $this->backToStage($job);
    }

    #[Route('/cleared', name: 'cleared', methods: 'POST')]
    public function cleared(Job $job, Request $request): Response
    {
        $form = $this->clearedForm($job, '');
        if (!SentForm::isAccepted($form, $request)) {
            return $this->showLog($job, $request, ['clearedForm' => $form]);
        }
        /** @var array{cleared: Cleared, clearedNote: string, cause: ?Cause, useAdvice: string} $answer */
        $answer = $form->getData();
        $job->outcome()->sayCleared($answer['cleared'], $answer['clearedNote']);
        $job->outcome()->sayWhy($answer['cause'], $answer['useAdvice']);
        $this->store();

        return $this->backToStage($job);
    }

    /** @param array<string, mixed> $more forms as they were sent */
    private function showLog(Job $job, Request $request, array $more = [], bool $refused = false): Response
    {
        // What is still owed hangs on what the looks say; both are put together once.
        $screen = $this->screen($job, $request);

        return $this->shown($screen, [...$this->forms($job, $screen->record), ...$more], 'clear/clear.html.twig', $refused);
    }

    /**
     * @return array{
     *     passForm: FormInterface, testForm: FormInterface, clearedForm: FormInterface, why: list<string>, proof: ClearedProof,
     *     editing: null, gateFor: null, machines: list<Machine>, freshStuck: string,
     * }
     */
    private function forms(Job $job, LineRecord $record): array
    {
        $causes = $this->causes->of($job, $record);
        $next = new PassDetails();
        $passes = $job->passes();
        $last = end($passes);
        if (false !== $last) {
            $next->tool = $last->details()->tool;
            $next->head = $last->details()->head;
            $next->headClass = $last->details()->headClass;
        }

        return [
            'passForm' => $this->passForm($job, Id::fresh(), $next),
            'testForm' => $this->testForm($job, Id::fresh(), self::nextTest($job)),
            'clearedForm' => $this->clearedForm($job, $this->causeTexts->advice($job, $causes)),
            'why' => $this->causeTexts->why($causes),
            'proof' => $this->plans->proof($job, $record),
            'editing' => null,
            'gateFor' => null,
            'machines' => Machine::cases(),
            'freshStuck' => Id::fresh(),
        ];
    }

    /** A flow test begins at the level that was measured last. */
    private static function nextTest(Job $job): FlowTestDetails
    {
        $test = new FlowTestDetails();
        foreach ($job->passes() as $pass) {
            $test->levelBeforeM = $pass->level()->metres ?? $test->levelBeforeM;
        }

        return $test;
    }

    private function passForm(Job $job, string $id, PassDetails $details): FormInterface
    {
        return $this->createForm(PassForm::class, $details, [
            'action' => $this->generateUrl('pass', ['job' => $job->id, 'id' => $id]),
            'guarded' => null !== $this->entry(Pass::class, $job, $id),
        ]);
    }

    private function testForm(Job $job, string $id, FlowTestDetails $details): FormInterface
    {
        return $this->createForm(FlowTestForm::class, $details, [
            'action' => $this->generateUrl('flow_test', ['job' => $job->id, 'id' => $id]),
            'guarded' => null !== $this->entry(FlowTest::class, $job, $id),
        ]);
    }

    /** @param string $advice in the house's words, where the technician says nothing */
    private function clearedForm(Job $job, string $advice): FormInterface
    {
        $outcome = $job->outcome();

        return $this->createForm(
            ClearedForm::class, [
                'cleared' => $outcome->cleared(), 'clearedNote' => $outcome->clearedNote(), 'cause' => $outcome->cause(),
                'useAdvice' => $outcome->useAdvice(),
            ], ['action' => $this->generateUrl('cleared', ['job' => $job->id]), 'advice' => $advice],
        );
    }

    protected function stage(): Stage
    {
        return Stage::Clear;
    }
}
