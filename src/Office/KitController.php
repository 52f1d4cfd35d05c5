<?php

declare(strict_types=1);

namespace App\Office;

use App\Firm\Account;
use App\Firm\Kit;
use App\Firm\KitTool;
use App\Firm\MachineCare;
use App\Firm\MachineCares;
use App\Firm\StartingKit;
use App\Firm\ToolDetails;
use App\Firm\Wear;
use App\Support\Database\Id;
use App\Support\Form\SentForm;
use App\Support\Web\ReturnAddress;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Clear\Care;
use Jurvex\Core\Clear\Head;
use Jurvex\Core\Clear\Machine;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The firm's kit: what every tool measures and can take. */
final class KitController extends AbstractController
{
    public function __construct(
        private readonly Kit $kit,
        private readonly MachineCares $cares,
        private readonly EntityManagerInterface $manager,
        private readonly ClockInterface $clock,
    ) {
    }

    #[Route('/kit', name: 'kit', methods: 'GET')]
    public function kit(Account $account): Response
    {
        return $this->render('kit/kit.html.twig', [
            'tools' => $this->kit->all($account->firm), 'fresh' => Id::fresh(), 'machines' => $this->cares->all($account->firm),
            'bad' => null,
        ]);
    }

    /** The hours of a machine as its meter has them, how often each care comes, and what was done now. */
    #[Route('/kit/machines/{machine}', name: 'kit_machine', requirements: ['machine' => 'cable|jet'], methods: 'POST')]
    public function machine(string $machine, Account $account, Request $request): Response
    {
        $care = $this->cares->of($account->firm, Machine::from($machine));
        $done = Care::tryFrom($request->request->getString('done'));
        if (null !== $done && \in_array($done, Care::of($care->machine), true)) {
            $care->care($done);
        } elseif (!$this->typedHours($care, $request)) {
            return $this->render('kit/kit.html.twig', [
                'tools' => $this->kit->all($account->firm), 'fresh' => Id::fresh(), 'machines' => $this->cares->all($account->firm),
                'bad' => $machine, 'typed' => $request->request->all(),
            ], new Response(status: 422));
        }
        $this->manager->persist($care);
        $this->manager->flush();

        return $this->redirectToRoute('kit', [], Response::HTTP_SEE_OTHER);
    }

    /** Takes all that was typed, or nothing. */
    private function typedHours(MachineCare $care, Request $request): bool
    {
        $hours = static fn (string $name, float $least) => filter_var(
            str_replace(',', '.', trim($request->request->getString($name))), \FILTER_VALIDATE_FLOAT,
            ['options' => ['min_range' => $least, 'max_range' => 100_000]],
        );
        $every = [];
        foreach (Care::of($care->machine) as $each) {
            $every[$each->value] = $hours('every_'.$each->value, 0.5);
        }
        $read = $hours('hours', 0);
        if (false === $read || \in_array(false, $every, true)) {
            return false;
        }
        $care->read($read);
        foreach ($every as $code => $each) {
            $care->repeat(Care::from($code), $each);
        }

        return true;
    }

    /** A firm without any tool begins with the usual ones. */
    #[Route('/kit/start', name: 'kit_start', methods: 'POST')]
    public function start(Account $account): Response
    {
        if ([] === $this->kit->all($account->firm)) {
            array_map($this->manager->persist(...), StartingKit::of($account->firm));
            $this->manager->flush();
        }

        return $this->redirectToRoute('kit', [], Response::HTTP_SEE_OTHER);
    }

    #[Route('/kit/{id}', name: 'kit_tool', requirements: ['id' => Id::PATTERN], methods: ['GET', 'POST'])]
    public function tool(string $id, Account $account, Request $request): Response
    {
        $tool = $this->kit->tool($account->firm, $id);
        if (null === $tool && null !== $this->manager->find(KitTool::class, $id)) {
            throw $this->createNotFoundException();
        }
        $details = null === $tool ? new ToolDetails() : clone $tool->details();
        $form = $this->createForm(ToolForm::class, $details, [
            'action' => $request->getPathInfo(), 'guarded' => null !== $tool,
        ]);
        if (!SentForm::isAccepted($form, $request)) {
            return $this->render('kit/tool.html.twig', [
                'form' => $form, 'tool' => $tool, 'rows' => ToolForm::rows($details), 'wears' => Wear::cases(),
                'classes' => Head::cases(),
            ]);
        }
        $tool ??= new KitTool($id, $account->firm, $details);
        $tool->describe($details);
        $this->manager->persist($tool);
        $this->manager->flush();

        return $this->redirectToRoute('kit', [], Response::HTTP_SEE_OTHER);
    }

    /** Takes a tool out of use for its wear, or back into use when it is repaired. */
    #[Route('/kit/{id}/wear', name: 'kit_wear', requirements: ['id' => Id::PATTERN], methods: 'POST')]
    public function wear(string $id, Account $account, Request $request): Response
    {
        $tool = $this->kit->tool($account->firm, $id) ?? throw $this->createNotFoundException();
        $wear = Wear::tryFrom($request->request->getString('wear'));
        null === $wear ? $tool->repair() : $tool->wearOut($wear, $this->clock->now());
        $this->manager->flush();

        return $this->redirectToRoute('kit', [], Response::HTTP_SEE_OTHER);
    }

    #[Route('/kit/{id}/withdraw', name: 'kit_withdraw', requirements: ['id' => Id::PATTERN], methods: 'POST')]
    public function withdraw(string $id, Account $account): Response
    {
        $tool = $this->kit->tool($account->firm, $id) ?? throw $this->createNotFoundException();
        $tool->withdraw($this->clock->now());
        $this->manager->flush();

        return $this->redirectToRoute('kit', [], Response::HTTP_SEE_OTHER);
    }

    /** Takes the friction that a run's end has shown as the tool's own. */
    #[Route('/kit/{id}/friction', name: 'kit_friction', requirements: ['id' => Id::PATTERN], methods: 'POST')]
    public function friction(string $id, Account $account, Request $request, ReturnAddress $back): Response
    {
        $tool = $this->kit->tool($account->firm, $id) ?? throw $this->createNotFoundException();
        $value = filter_var($request->request->getString('friction'), \FILTER_VALIDATE_FLOAT, [
            'options' => ['min_range' => 0, 'max_range' => 2],
        ]);
        if (false !== $value) {
            $details = clone $tool->details();
            $request->request->getBoolean('wet') ? $details->frictionWet = $value : $details->frictionDry = $value;
            $tool->describe($details);
            $this->manager->flush();
        }

        return $this->redirect($back->of($request->request->getString('back'), 'kit'), Response::HTTP_SEE_OTHER);
    }
}
