<?php

declare(strict_types=1);

namespace App\Office;

use App\Firm\Account;
use App\Firm\Right;
use App\Record\PictureReader;
use App\Record\RefusedPicture;
use App\Support\Database\Id;
use App\Support\Logging\Audit;
use App\Support\Wording\Languages;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Measure\UnitSystem;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** How the firm stands on its reports, and how long it answers for a clearing. */
final class FirmController extends AbstractController
{
    private const LONGEST_ADDRESS = 500;
    private const MOST_MONTHS = 120;

    #[Route('/settings/firm', name: 'settings_firm', methods: 'POST')]
    public function firm(Account $account, Request $request, EntityManagerInterface $manager, Languages $languages, Audit $audit): Response
    {
        $this->denyAccessUnlessGranted(Right::HouseRules->value);
        $firm = $account->firm;
        $said = static fn () => [
            'address' => $firm->address(), 'guarantee' => $firm->guaranteeMonths(), 'language' => $firm->reportLanguage() ?? '',
            'units' => $firm->reportUnits()->value ?? '', 'logo' => '' === $firm->logo() ? '' : substr(hash('sha256', $firm->logo()), 0, 8),
        ];
        $before = $said();
        $file = $request->files->get('logo');
        try {
            $logo = $file instanceof UploadedFile ? PictureReader::fromUpload(Id::fresh(), $file)->jpeg : $firm->logo();
        } catch (RefusedPicture $refused) {
            $this->addFlash('told', 'error.'.$refused->reason);
            $logo = $firm->logo();
        }
        $logo = 'yes' === $request->request->getString('no_logo') ? '' : $logo;
        $firm->standOnReports(mb_substr(trim($request->request->getString('address')), 0, self::LONGEST_ADDRESS), $logo);
        $firm->report(
            $languages->spoken($request->request->getString('report_language')),
            UnitSystem::tryFrom($request->request->getString('report_units')),
        );
        $months = $request->request->getInt('guarantee');
        $firm->guarantee(max(0, min(self::MOST_MONTHS, $months)));
        $manager->flush();
        $audit->changed('firm_changed', $before, $said());

        return $this->redirectToRoute('settings', [], Response::HTTP_SEE_OTHER);
    }

    /** How long anybody of the firm stays signed in. */
    #[Route('/settings/sessions', name: 'settings_sessions', methods: 'POST'), IsGranted(Right::Sessions->value)]
    public function sessions(Account $account, Request $request, EntityManagerInterface $manager, Audit $audit): Response
    {
        $access = $account->firm->access();
        $before = ['idle_hours' => $access->sessionIdleHours(), 'days' => $access->sessionDays()];
        try {
            $access->endSessions($request->request->getInt('idle_hours'), $request->request->getInt('days'));
            $manager->flush();
            $audit->changed('sessions_changed', $before, ['idle_hours' => $access->sessionIdleHours(), 'days' => $access->sessionDays()]);
        } catch (\DomainException) {
            $this->addFlash('told', 'error.sessions');
        }

        return $this->redirectToRoute('settings', [], Response::HTTP_SEE_OTHER);
    }
}
