<?php

declare(strict_types=1);

namespace App\Office;

use App\Firm\AccessFor;
use App\Firm\AccessLink;
use App\Firm\AccessLinks;
use App\Firm\Account;
use App\Firm\Passwords;
use App\Support\Logging\Audit;
use App\Support\Web\AfterAnswer;
use App\Support\Web\Download;
use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\RateLimiter\RateLimiterFactory;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;

/** For whoever cannot sign in yet, or no longer: joining by an invitation, and another password by a link that was sent. */
final class AccessController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $manager, private readonly AccessLinks $links, private readonly Passwords $passwords,
        private readonly Audit $audit, private readonly ClockInterface $clock, private readonly Security $security,
    ) {
    }

    #[Route('/join/{key}', name: 'join', methods: ['GET', 'POST'])]
    public function join(string $key, Request $request): Response
    {
        $link = $this->links->find($key, AccessFor::Join) ?? throw $this->createNotFoundException('error.no_such_link');
        $wrong = $request->isMethod('POST') ? $this->passwords->wrong($request->request->getString('password')) : null;
        if ($request->isMethod('GET') || null !== $wrong) {
            return $this->asked($link, $wrong);
        }
        \assert('' !== $link->email);
        $account = new Account($link->firm, $link->email, $link->name, $link->role);
        $this->passwords->give($account, $request->request->getString('password'));
        $link->end($this->clock->now());
        $this->manager->persist($account);
        try {
            $this->manager->flush();
        } catch (UniqueConstraintViolationException) {
            // Pressed twice at once: the other press has made it.
            return $this->redirectToRoute('sign_in', [], Response::HTTP_SEE_OTHER);
        }
        $this->security->login($account, 'form_login', 'main');
        $this->audit->note('joined', ['role' => $account->role()->value]);

        return $this->redirectToRoute('day', [], Response::HTTP_SEE_OTHER);
    }

    /** The same answer, as soon, for a known address and for one that nobody has: the letter goes when it has been given. */
    #[Route('/forgotten', name: 'forgotten', methods: ['GET', 'POST'])]
    public function forgotten(
        Request $request, RateLimiterFactory $forgottenLimiter, AfterAnswer $after, AccessLetters $letters,
    ): Response {
        $email = trim($request->request->getString('email'));
        if ($request->isMethod('GET') || '' === $email) {
            return $this->render('account/forgotten.html.twig', ['isAsked' => false, 'error' => null]);
        }
        $isMany = !$forgottenLimiter->create($request->getClientIp())->consume()->isAccepted();
        if ($isMany || !$forgottenLimiter->create(mb_strtolower($email))->consume()->isAccepted()) {
            return $this->render(
                'account/forgotten.html.twig', ['isAsked' => false, 'error' => 'error.too_many_tries'], new Response(status: 429),
            );
        }
        $after->do(fn () => $this->sendLink($email, $letters));

        return $this->render('account/forgotten.html.twig', ['isAsked' => true, 'error' => null]);
    }

    /** Works once within the hour; every session of the person ends. */
    #[Route('/new-password/{key}', name: 'new_password', methods: ['GET', 'POST'])]
    public function newPassword(string $key, Request $request): Response
    {
        $link = $this->links->find($key, AccessFor::NewPassword) ?? throw $this->createNotFoundException('error.no_such_link');
        $account = $this->manager->getRepository(Account::class)->findOneBy(['email' => $link->email])
            ?? throw $this->createNotFoundException();
        $wrong = $request->isMethod('POST') ? $this->passwords->wrong($request->request->getString('password')) : null;
        if ($request->isMethod('GET') || null !== $wrong) {
            return $this->asked($link, $wrong);
        }
        $this->passwords->give($account, $request->request->getString('password'));
        $account->signOutEverywhere();
        $link->end($this->clock->now());
        $this->manager->flush();
        $this->audit->note('password_reset', ['who' => $account->email], $account);
        $this->addFlash('told', 'sign_in.changed');

        return $this->redirectToRoute('sign_in', [], Response::HTTP_SEE_OTHER);
    }

    private function sendLink(string $email, AccessLetters $letters): void
    {
        $account = $this->manager->getRepository(Account::class)->findOneBy(['email' => $email]);
        if (null === $account || $account->isShut()) {
            return;
        }
        $key = $this->links->newPassword($account);
        $this->audit->note('password_reset_asked', ['who' => $email], $account);
        $letters->newPassword($account, $this->generateUrl('new_password', ['key' => $key], UrlGeneratorInterface::ABSOLUTE_URL));
    }

    private function asked(AccessLink $link, ?string $wrong): Response
    {
        $status = null === $wrong ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY;

        return Download::unlisted($this->render('account/choose_password.html.twig', [
            'link' => $link, 'error' => null === $wrong ? null : 'error.'.$wrong,
        ], new Response(status: $status)));
    }
}
