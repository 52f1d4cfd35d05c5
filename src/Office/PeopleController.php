<?php

declare(strict_types=1);

namespace App\Office;

use App\Firm\Account;
use App\Support\Logging\Audit;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Who works for the firm; a device that was lost is signed out from here. */
#[Route('/settings/people'), IsGranted('ROLE_OFFICE')]
final class PeopleController extends AbstractController
{
    public function __construct(private readonly EntityManagerInterface $manager, private readonly Audit $audit)
    {
    }

    #[Route('', name: 'people', methods: 'GET')]
    public function people(Account $account): Response
    {
        return $this->render('account/people.html.twig', [
            'people' => $this->manager->getRepository(Account::class)->findBy(['firm' => $account->firm], ['name' => 'ASC']),
        ]);
    }

    /** Ends every session of a person; what waits on their devices is sent when they have signed in again. */
    #[Route('/{id}/sign-out', name: 'people_sign_out', methods: 'POST')]
    public function signOut(Account $account, string $id): Response
    {
        $person = $this->manager->getRepository(Account::class)->findOneBy(['id' => $id, 'firm' => $account->firm]);
        if (null === $person || $person === $account) {
            throw $this->createNotFoundException();
        }
        $person->signOutEverywhere();
        $this->manager->flush();
        $this->audit->note('signed_out_by_the_office', ['whom' => $person->email]);
        $this->addFlash('signed_out', $person->name);

        return $this->redirectToRoute('people', [], Response::HTTP_SEE_OTHER);
    }
}
