<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Firm\Account;
use App\Firm\Right;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** How the firm's work turns out. */
final class NumbersController extends AbstractController
{
    #[Route('/numbers', name: 'numbers', methods: 'GET')]
    public function numbers(Account $account, FirmNumbers $numbers): Response
    {
        $this->denyAccessUnlessGranted(Right::Numbers->value);

        return $this->render('upkeep/numbers.html.twig', [
            'repeats' => $numbers->repeats($account->firm), 'work' => $numbers->work($account->firm),
            'unfinished' => $numbers->unfinished($account->firm), 'hours' => $numbers->hoursToReport($account->firm),
            'units' => $account->units(),
        ]);
    }
}
