<?php

declare(strict_types=1);

namespace App\Office;

use App\Firm\Account;
use App\Firm\Passwords;
use App\Firm\SignedIn;
use App\Firm\SignedIns;
use App\Support\Logging\Audit;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\RateLimiter\RateLimiterFactory;
use Symfony\Component\Routing\Attribute\Route;

/** A person's own password, and signing out on every device. */
final class PasswordController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $manager, private readonly Passwords $passwords, private readonly Audit $audit,
        private readonly SignedIns $signedIn, private readonly ClockInterface $clock,
    ) {
    }

    /** Every other session of this person ends; this one goes on. */
    #[Route('/settings/password', name: 'settings_password', methods: 'POST')]
    public function change(Account $account, Request $request, Security $security, RateLimiterFactory $passwordLimiter): Response
    {
        $new = $request->request->getString('new');
        $limit = $passwordLimiter->create($account->id);
        $error = match (true) {
            null !== $this->passwords->wrong($new) => 'error.'.$this->passwords->wrong($new),
            !$limit->consume()->isAccepted() => 'error.too_many_tries',
            !$this->passwords->isTheirs($account, $request->request->getString('now')) => 'error.password_wrong',
            default => null,
        };
        if (null !== $error) {
            return $this->render('account/settings.html.twig', [
                'rules' => $account->firm->rules(), 'typed' => [], 'errors' => [], 'passwordError' => $error,
                'sessions' => $this->signedIn->of($account), 'session' => SignedIns::idOf($request),
            ], new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY));
        }
        $limit->reset();
        $this->passwords->give($account, $new);
        $this->manager->flush();
        $security->login($account, 'form_login', 'main');
        $this->signedIn->endOthers($account, SignedIns::idOf($request));
        $this->audit->note('password_changed');
        $this->addFlash('told', 'settings.password_changed');

        return $this->redirectToRoute('settings', [], Response::HTTP_SEE_OTHER);
    }

    #[Route('/settings/sign-out-everywhere', name: 'sign_out_everywhere', methods: 'POST')]
    public function signOutEverywhere(Account $account, Security $security): Response
    {
        $account->signOutEverywhere();
        $this->manager->flush();
        $this->audit->note('signed_out_everywhere');

        return $security->logout(false) ?? $this->redirectToRoute('sign_in', [], Response::HTTP_SEE_OTHER);
    }

    /** One session of one's own, on another device. */
    #[Route('/settings/sessions/{id}/end', name: 'settings_end_session', methods: 'POST')]
    public function endSession(Account $account, string $id): Response
    {
        $session = $this->manager->getRepository(SignedIn::class)->findOneBy(['id' => $id, 'account' => $account])
            ?? throw $this->createNotFoundException();
        $session->end($this->clock->now());
        $this->manager->flush();
        $this->audit->note('session_ended');

        return $this->redirectToRoute('settings', [], Response::HTTP_SEE_OTHER);
    }
}
