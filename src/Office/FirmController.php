<?php

declare(strict_types=1);

namespace App\Office;

use App\Firm\Account;
use App\Record\PictureReader;
use App\Record\RefusedPicture;
use App\Support\Database\Id;
use App\Support\Wording\Languages;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Measure\UnitSystem;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** How the firm stands on its reports, and how long it answers for a clearing. */
final class FirmController extends AbstractController
{
    private const LONGEST_ADDRESS = 500;
    private const MOST_MONTHS = 120;

    #[Route('/settings/firm', name: 'settings_firm', methods: 'POST')]
    public function firm(Account $account, Request $request, EntityManagerInterface $manager, Languages $languages): Response
    {
        $this->denyAccessUnlessGranted('ROLE_OFFICE');
        $firm = $account->firm;
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

        return $this->redirectToRoute('settings', [], Response::HTTP_SEE_OTHER);
    }
}
