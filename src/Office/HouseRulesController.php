<?php

declare(strict_types=1);

namespace App\Office;

use App\Firm\Account;
use App\Firm\Right;
use App\Support\Form\TypedNumbers;
use App\Support\Logging\Audit;
use App\Support\Units\FieldValues;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Triage\Tables;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The firm's rules for openings and its tables of triage, for the office. */
final class HouseRulesController extends AbstractController
{
    #[Route('/settings/way-in', name: 'house_way_in', methods: ['GET', 'POST'])]
    public function rules(Account $account, Request $request, EntityManagerInterface $manager, Audit $audit): Response
    {
        $firm = $account->firm;
        $shown = ['access' => $firm->accessRules()->plain(), 'tables' => $firm->triageTables(), 'typed' => [], 'badAt' => null];
        if ($request->isMethod('GET')) {
            return $this->render('way_in/house_rules.html.twig', $shown);
        }
        $this->denyAccessUnlessGranted(Right::HouseRules->value);
        $before = $firm->ownWayIn();
        try {
            $firm->adoptWayIn(
                FieldValues::read(TypedNumbers::read($request->request->all('access')), $account->units()),
                TypedNumbers::read($request->request->all('triage')),
            );
        } catch (BadInput $error) {
            return $this->render(
                'way_in/house_rules.html.twig',
                [...$shown, 'typed' => $request->request->all(), 'badAt' => $error->at, 'bad' => $error],
                new Response(status: 422),
            );
        }
        $manager->flush();
        $audit->changed('rules_changed', $before, $firm->ownWayIn());

        return $this->redirectToRoute('house_way_in', [], Response::HTTP_SEE_OTHER);
    }
}
