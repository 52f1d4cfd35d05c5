<?php

declare(strict_types=1);

namespace App\Office;

use App\Firm\Account;
use App\Firm\Firm;
use App\Firm\Passwords;
use App\Firm\Role;
use App\Firm\StartingKit;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Measure\UnitSystem;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Lock\LockFactory;
use Symfony\Component\Routing\Attribute\Route;

/** The first firm and its owner, on a new installation. It is gone as soon as anybody can sign in. */
final class FirstRunController extends AbstractController
{
    private const LONGEST = 120;

    public function __construct(private readonly EntityManagerInterface $manager, private readonly Passwords $passwords)
    {
    }

    #[Route('/first', name: 'first_run', methods: ['GET', 'POST'])]
    public function first(Request $request, LockFactory $locks, Security $security): Response
    {
        $turn = $locks->createLock('first-run');
        $turn->acquire(true);
        if (0 !== $this->manager->getRepository(Account::class)->count()) {
            throw $this->createNotFoundException();
        }
        $typed = array_map(static fn (mixed $each) => \is_string($each) ? trim($each) : '', $request->request->all());
        $errors = $request->isMethod('GET') ? [] : $this->errors($typed, $request->request->getString('password'));
        if ($request->isMethod('GET') || [] !== $errors) {
            return $this->render('account/first.html.twig', [
                'typed' => $typed, 'errors' => $errors, 'zones' => \DateTimeZone::listIdentifiers(),
            ], new Response(status: [] === $errors ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY));
        }
        $firm = new Firm($typed['firm'], $typed['zone']);
        \assert('' !== $typed['email']);
        $account = new Account($firm, $typed['email'], $typed['name'], Role::Owner);
        $account->prefer(UnitSystem::tryFrom($typed['units'] ?? '') ?? $account->units(), $account->theme());
        $this->passwords->give($account, $request->request->getString('password'));
        array_map($this->manager->persist(...), [$firm, ...StartingKit::of($firm), $account]);
        $this->manager->flush();
        $turn->release();
        $security->login($account, 'form_login', 'main');

        return $this->redirectToRoute('day', [], Response::HTTP_SEE_OTHER);
    }

    /**
     * @param array<string, string> $typed
     *
     * @return array<string, string> by field
     */
    private function errors(array $typed, #[\SensitiveParameter] string $password): array
    {
        $wrong = $this->passwords->wrong($password);
        $isName = static fn (string $field) => '' !== ($typed[$field] ?? '') && mb_strlen($typed[$field]) <= self::LONGEST;

        return array_filter([
            'firm' => $isName('firm') ? null : 'error.firm_name', 'name' => $isName('name') ? null : 'error.person_name',
            'zone' => \in_array($typed['zone'] ?? '', \DateTimeZone::listIdentifiers(), true) ? null : 'error.zone',
            'email' => false === filter_var($typed['email'] ?? '', \FILTER_VALIDATE_EMAIL) ? 'error.mail_to_person' : null,
            'password' => null === $wrong ? null : 'error.'.$wrong,
        ]);
    }
}
