<?php

declare(strict_types=1);

namespace App\Office;

use App\Firm\Account;
use App\Firm\Right;
use App\Support\Logging\Audit;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Input\BadInput;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The firm's price book. */
final class PricesController extends AbstractController
{
    #[Route('/settings/prices', name: 'prices', methods: ['GET', 'POST'])]
    public function prices(Account $account, Request $request, EntityManagerInterface $manager, Audit $audit): Response
    {
        $firm = $account->firm;
        if ($request->isMethod('GET')) {
            $groups = PriceFields::shown($firm->ownPrices(), $account->units());

            return $this->render('account/prices.html.twig', ['groups' => $groups, 'currency' => $firm->currency(), 'bad' => null]);
        }
        $this->denyAccessUnlessGranted(Right::HouseRules->value);
        $typed = $request->request->all('prices');
        $currency = $request->request->getString('currency');
        $before = [$firm->ownPrices(), $firm->currency()];
        try {
            $firm->price(PriceFields::read($typed, $account->units()), $currency);
        } catch (BadInput $error) {
            $groups = PriceFields::shown($firm->ownPrices(), $account->units(), $typed);
            $refused = ['groups' => $groups, 'currency' => $currency, 'bad' => $error];

            return $this->render('account/prices.html.twig', $refused, new Response(status: 422));
        }
        $manager->flush();
        $audit->changed('prices_changed', $before, [$firm->ownPrices(), $firm->currency()]);

        return $this->redirectToRoute('prices', [], Response::HTTP_SEE_OTHER);
    }
}
