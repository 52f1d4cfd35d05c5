<?php

declare(strict_types=1);

namespace App\Office;

use App\Firm\AccessLink;
use App\Firm\AccessLinks;
use App\Firm\Account;
use App\Firm\Right;
use App\Firm\Role;
use App\Firm\SignedIn;
use App\Firm\SignedIns;
use App\Record\JobRepository;
use App\Support\Logging\Audit;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Who works for the firm: asked in by a link, given a role, signed out of a lost device, disabled. */
#[Route('/settings/people'), IsGranted(Right::People->value)]
final class PeopleController extends AbstractController
{
    private const LONGEST_NAME = 120;
    private const LONGEST_EMAIL = 180;

    public function __construct(
        private readonly EntityManagerInterface $manager, private readonly Audit $audit, private readonly ClockInterface $clock,
        private readonly AccessLinks $links, private readonly SignedIns $signedIn, private readonly JobRepository $jobs,
    ) {
    }

    #[Route('', name: 'people', methods: 'GET')]
    public function people(Account $account): Response
    {
        return $this->page($account);
    }

    /** Whoever opens the link chooses a password and is of the firm; it goes by letter, and stands on the page once. */
    #[Route('/invite', name: 'people_invite', methods: 'POST')]
    public function invite(Account $account, Request $request, AccessLetters $letters): Response
    {
        $typed = ['email' => trim($request->request->getString('email')), 'name' => trim($request->request->getString('name'))];
        $role = Role::tryFrom($request->request->getString('role')) ?? Role::Technician;
        if (!$account->role()->isOver($role)) {
            throw $this->createAccessDeniedException();
        }
        $error = match (true) {
            '' === $typed['name'] || mb_strlen($typed['name']) > self::LONGEST_NAME => 'error.person_name',
            false === filter_var($typed['email'], \FILTER_VALIDATE_EMAIL) => 'error.mail_to_person',
            \strlen($typed['email']) > self::LONGEST_EMAIL => 'error.mail_to_person',
            null !== $this->manager->getRepository(Account::class)->findOneBy(['email' => $typed['email']]) => 'error.person_known',
            default => null,
        };
        if (null !== $error) {
            $typed['role'] = $role->value;

            return $this->page($account, ['error' => $error, 'typed' => $typed], Response::HTTP_UNPROCESSABLE_ENTITY);
        }
        $key = $this->links->invite($account->firm, $typed['email'], $typed['name'], $role);
        $address = $this->generateUrl('join', ['key' => $key], UrlGeneratorInterface::ABSOLUTE_URL);
        $this->audit->note('invited', ['whom' => $typed['email'], 'role' => $role->value]);
        $isSent = $letters->invite($account->firm, $typed['email'], $typed['name'], $account->name(), $address);

        return $this->page($account, ['invited' => $address, 'isSent' => $isSent, 'invitedName' => $typed['name']]);
    }

    #[Route('/invitations/{id}/revoke', name: 'people_uninvite', methods: 'POST')]
    public function revoke(Account $account, string $id): Response
    {
        $link = $this->manager->getRepository(AccessLink::class)->findOneBy(['id' => $id, 'firm' => $account->firm])
            ?? throw $this->createNotFoundException();
        $link->end($this->clock->now());
        $this->manager->flush();
        $this->audit->note('invitation_revoked', ['whom' => $link->email]);

        return $this->redirectToRoute('people', [], Response::HTTP_SEE_OTHER);
    }

    #[Route('/{id}', name: 'person', methods: 'GET')]
    public function person(Account $account, string $id): Response
    {
        $person = $this->under($account, $id);

        return $this->render('account/person.html.twig', [
            'person' => $person, 'sessions' => $this->signedIn->of($person), 'jobs' => $this->jobs->openOf($person),
            'others' => array_values(array_filter(
                $this->manager->getRepository(Account::class)->findBy(['firm' => $account->firm], ['name' => 'ASC']),
                static fn (Account $each) => $each !== $person && null === $each->disabledAt(),
            )),
        ]);
    }

    /** Their open jobs go to somebody else, or to nobody yet. */
    #[Route('/{id}/jobs', name: 'people_jobs', methods: 'POST')]
    public function handOver(Account $account, string $id, Request $request): Response
    {
        $person = $this->under($account, $id);
        $to = $request->request->getString('to');
        $other = '' === $to ? null : $this->manager->getRepository(Account::class)->findOneBy(['id' => $to, 'firm' => $account->firm])
            ?? throw $this->createNotFoundException();
        $jobs = $this->jobs->openOf($person);
        foreach ($jobs as $job) {
            $job->assign($other);
        }
        $this->manager->flush();
        $this->audit->note('jobs_handed_over', ['whom' => $person->email, 'after' => $other?->email, 'what' => (string) \count($jobs)]);

        return $this->redirectToRoute('person', ['id' => $id], Response::HTTP_SEE_OTHER);
    }

    /** Ends every session of a person; what waits on their devices is sent when they have signed in again. */
    #[Route('/{id}/sign-out', name: 'people_sign_out', methods: 'POST')]
    public function signOut(Account $account, string $id): Response
    {
        $person = $this->under($account, $id);
        $person->signOutEverywhere();
        $this->signedIn->endOthers($person, null);
        $this->audit->note('signed_out_by_the_office', ['whom' => $person->email]);
        $this->addFlash('signed_out', $person->name());

        return $this->redirectToRoute('people', [], Response::HTTP_SEE_OTHER);
    }

    #[Route('/{id}/sessions/{session}/end', name: 'people_end_session', methods: 'POST')]
    public function endSession(Account $account, string $id, string $session): Response
    {
        $person = $this->under($account, $id);
        $signedIn = $this->manager->getRepository(SignedIn::class)->findOneBy(['id' => $session, 'account' => $person])
            ?? throw $this->createNotFoundException();
        $signedIn->end($this->clock->now());
        $this->manager->flush();
        $this->audit->note('session_ended', ['whom' => $person->email]);

        return $this->redirectToRoute('person', ['id' => $id], Response::HTTP_SEE_OTHER);
    }

    #[Route('/{id}/role', name: 'people_role', methods: 'POST'), IsGranted(Right::Roles->value)]
    public function role(Account $account, string $id, Request $request): Response
    {
        $person = $this->under($account, $id);
        $role = Role::tryFrom($request->request->getString('role')) ?? $person->role();
        if ($role !== $person->role()) {
            $this->audit->note('role_changed', ['whom' => $person->email, 'before' => $person->role()->value, 'after' => $role->value]);
            $person->become($role);
            $this->manager->flush();
        }

        return $this->redirectToRoute('person', ['id' => $id], Response::HTTP_SEE_OTHER);
    }

    #[Route('/{id}/{act}', name: 'people_disable', requirements: ['act' => 'disable|enable'], methods: 'POST')]
    public function disable(Account $account, string $id, string $act): Response
    {
        $person = $this->under($account, $id);
        'disable' === $act ? $person->disable($this->clock->now()) : $person->enable();
        $this->manager->flush();
        $this->audit->note($act.'d', ['whom' => $person->email]);

        return $this->redirectToRoute('person', ['id' => $id], Response::HTTP_SEE_OTHER);
    }

    /** Another person of the firm, over whom this one is. So nobody takes the last owner's role away. */
    private function under(Account $account, string $id): Account
    {
        $person = $this->manager->getRepository(Account::class)->findOneBy(['id' => $id, 'firm' => $account->firm]);
        if (null === $person || $person === $account) {
            throw $this->createNotFoundException();
        }

        return $account->role()->isOver($person->role()) ? $person : throw $this->createAccessDeniedException();
    }

    /** @param array<string, mixed> $more */
    private function page(Account $account, array $more = [], int $status = Response::HTTP_OK): Response
    {
        return $this->render('account/people.html.twig', $more + [
            'people' => $this->manager->getRepository(Account::class)->findBy(['firm' => $account->firm], ['name' => 'ASC']),
            'invitations' => $this->links->open($account->firm), 'error' => null, 'typed' => [], 'invited' => null,
            'roles' => array_values(array_filter(Role::cases(), $account->role()->isOver(...))),
        ], new Response(status: $status));
    }
}
