<?php

declare(strict_types=1);

namespace App\Office;

use App\Firm\Account;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Authentication\AuthenticationUtils;

final class SignInController extends AbstractController
{
    /** Shows the page; the firewall answers when it is sent. */
    #[Route('/sign-in', name: 'sign_in', methods: ['GET', 'POST'])]
    public function signIn(AuthenticationUtils $attempts, EntityManagerInterface $manager): Response
    {
        if (null !== $this->getUser()) {
            return $this->redirectToRoute('day');
        }
        if (0 === $manager->getRepository(Account::class)->count()) {
            return $this->redirectToRoute('first_run');
        }
        $error = $attempts->getLastAuthenticationError();

        return $this->render(
            'account/sign_in.html.twig',
            ['email' => $attempts->getLastUsername(), 'error' => $error],
            new Response(status: null === $error ? 200 : 422),
        );
    }
}
