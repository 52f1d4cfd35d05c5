<?php

declare(strict_types=1);

namespace App\Office;

use App\Firm\Account;
use App\Firm\AuditEntry;
use App\Firm\AuditEntryRepository;
use App\Firm\Right;
use App\Support\Files\Csv;
use App\Support\Logging\Audit;
use App\Support\Web\Download;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** What was done with the firm's data and by whom, for its owner. */
#[Route('/settings/audit'), IsGranted(Right::Audit->value)]
final class AuditController extends AbstractController
{
    private const COLUMNS = ['at', 'what', 'who', 'from', 'about'];

    public function __construct(private readonly AuditEntryRepository $entries)
    {
    }

    #[Route('', name: 'audit', methods: 'GET')]
    public function audit(Account $account, Request $request): Response
    {
        $page = max(1, $request->query->getInt('page', 1));
        $entries = $this->entries->page($account->firm, $page);

        return $this->render('account/audit.html.twig', [
            'entries' => $entries, 'page' => $page, 'hasMore' => AuditEntryRepository::PAGE === \count($entries),
        ]);
    }

    #[Route('.csv', name: 'audit_csv', methods: 'GET')]
    public function csv(Account $account, Audit $audit): Response
    {
        $audit->note('exported', ['what' => 'audit']);
        $rows = (function () use ($account): iterable {
            yield self::COLUMNS;
            foreach ($this->entries->all($account->firm) as $entry) {
                yield self::row($entry);
            }
        })();

        return Download::file(Csv::write($rows), 'text/csv; charset=UTF-8', 'audit.csv');
    }

    /** @return list<string> */
    private static function row(AuditEntry $entry): array
    {
        $about = array_map(static fn (string $of, ?string $said) => $of.': '.$said, array_keys($entry->about), array_values($entry->about));

        return [$entry->at->format('Y-m-d\TH:i:s\Z'), $entry->what, $entry->who, $entry->origin, implode('; ', $about)];
    }
}
