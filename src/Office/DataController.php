<?php

declare(strict_types=1);

namespace App\Office;

use App\Firm\Account;
use App\Firm\AuditEntry;
use App\Firm\Right;
use App\Firm\SignedIn;
use App\Support\Logging\Audit;
use App\Support\Web\Download;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** What is kept of a person, to take away; and the end of a firm. */
final class DataController extends AbstractController
{
    public function __construct(private readonly EntityManagerInterface $manager, private readonly Audit $audit)
    {
    }

    #[Route('/settings/mine.json', name: 'my_data', methods: 'GET')]
    public function mine(Account $account): Response
    {
        $this->audit->note('exported', ['what' => 'person']);
        $time = static fn (\DateTimeImmutable $at) => $at->format('Y-m-d\TH:i:s\Z');
        $sessions = $this->manager->getRepository(SignedIn::class)->findBy(['account' => $account], ['since' => 'ASC']);
        $theirs = ['firmId' => $account->firm->id, 'who' => $account->email];
        $done = $this->manager->getRepository(AuditEntry::class)->findBy($theirs, ['at' => 'ASC']);
        $data = [
            'name' => $account->name(), 'email' => $account->email, 'role' => $account->role()->value, 'firm' => $account->firm->name,
            'units' => $account->units()->value, 'theme' => $account->theme()->value, 'hand' => $account->hand()->value,
            'language' => $account->language(),
            'sessions' => array_map(static fn (SignedIn $each) => [
                'since' => $time($each->since), 'last_seen' => $time($each->seenAt), 'device' => $each->device, 'from' => $each->origin,
            ], $sessions),
            'done' => array_map(static fn (AuditEntry $each) => [
                'at' => $time($each->at), 'what' => $each->what, 'from' => $each->origin, 'about' => $each->about,
            ], $done),
        ];
        $json = json_encode($data, \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES);

        return Download::file($json, 'application/json', 'my-data.json');
    }

    /** Nobody of the firm signs in any more and no link of it opens; its data stay until the installation's keeper removes them. */
    #[Route('/settings/close', name: 'close_firm', methods: 'POST'), IsGranted(Right::WholeFirm->value)]
    public function close(Account $account, Request $request, ClockInterface $clock): Response
    {
        if (trim($request->request->getString('firm')) !== $account->firm->name) {
            $this->addFlash('told', 'error.close_name');

            return $this->redirectToRoute('settings', [], Response::HTTP_SEE_OTHER);
        }
        $this->audit->note('firm_closed');
        $account->firm->access()->close($clock->now());
        $this->manager->flush();
        $request->getSession()->invalidate();

        return $this->redirectToRoute('sign_in', [], Response::HTTP_SEE_OTHER);
    }
}
