<?php

declare(strict_types=1);

namespace App\Office;

use App\Firm\Account;
use App\Firm\Hand;
use App\Firm\Right;
use App\Firm\SignedIns;
use App\Firm\Theme;
use App\Support\Logging\Audit;
use App\Support\Units\Quantity;
use App\Support\Web\ReturnAddress;
use App\Support\Wording\Languages;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Judge\HouseRules;
use Jurvex\Core\Judge\School;
use Jurvex\Core\Measure\UnitSystem;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** A person's own preferences, and the house rules for the office. */
final class SettingsController extends AbstractController
{
    private const DECIMALS = 2;
    private const LONGEST_NAME = 120;

    public function __construct(private readonly Languages $languages, private readonly SignedIns $signedIn)
    {
    }

    #[Route('/settings', name: 'settings', methods: 'GET')]
    public function settings(Account $account, Request $request): Response
    {
        return $this->render('account/settings.html.twig', [
            'rules' => $account->firm->rules(),
            'typed' => [],
            'errors' => [],
            'passwordError' => null,
            'sessions' => $this->signedIn->of($account), 'session' => SignedIns::idOf($request),
        ]);
    }

    #[Route('/settings/mine', name: 'settings_mine', methods: 'POST')]
    public function mine(Account $account, Request $request, EntityManagerInterface $manager, ReturnAddress $back): Response
    {
        $account->prefer(
            UnitSystem::tryFrom($request->request->getString('units')) ?? $account->units(),
            Theme::tryFrom($request->request->getString('theme')) ?? $account->theme(),
            Hand::tryFrom($request->request->getString('hand')) ?? $account->hand(),
        );
        // The bar's own button gives the theme alone.
        if ($request->request->has('language')) {
            $account->speak($this->languages->spoken($request->request->getString('language')));
            $name = mb_substr(trim($request->request->getString('name')), 0, self::LONGEST_NAME);
            $account->rename('' === $name ? $account->name() : $name);
        }
        $manager->flush();

        return $this->redirect($back->of($request->request->getString('back'), 'settings'), Response::HTTP_SEE_OTHER);
    }

    #[Route('/settings/house', name: 'settings_house', methods: 'POST')]
    public function house(Account $account, Request $request, EntityManagerInterface $manager, Audit $audit): Response
    {
        $this->denyAccessUnlessGranted(Right::HouseRules->value);
        $typed = $request->request->all('limits');
        [$limits, $errors] = self::limits($typed, $account->units());
        $water = School::tryFrom($request->request->getString('water')) ?? School::Carrying;
        $roots = School::tryFrom($request->request->getString('roots')) ?? School::Upkeep;
        if ([] === $errors) {
            try {
                $before = $account->firm->ownRules();
                $account->firm->adopt($water, $roots, $limits);
                $manager->flush();
                $audit->changed('rules_changed', $before, $account->firm->ownRules());

                return $this->redirectToRoute('settings', [], Response::HTTP_SEE_OTHER);
            } catch (BadInput $error) {
                $errors[str_replace('limits.', '', $error->at)] = true;
            }
        }

        return $this->render(
            'account/settings.html.twig',
            [
                'rules' => $account->firm->rules(), 'typed' => $typed, 'errors' => $errors, 'passwordError' => null,
                'sessions' => $this->signedIn->of($account), 'session' => SignedIns::idOf($request),
            ],
            new Response(status: 422),
        );
    }

    /**
     * @param array<mixed> $typed
     *
     * @return array{array<string, float>, array<string, true>} what differs from the starting values, and what cannot be
     */
    private static function limits(array $typed, UnitSystem $units): array
    {
        $limits = $errors = [];
        foreach (HouseRules::LIMITS as $name => [$start, $most]) {
            $value = $typed[$name] ?? '';
            $value = \is_string($value) ? str_replace(',', '.', trim($value)) : '';
            if ('' === $value) {
                continue;
            }
            $number = is_numeric($value) ? (float) $value : -1.0;
            // Typed in inches or feet, it is what it was before it was shown so.
            $limit = round(Quantity::ofField($name)?->read($number, $units) ?? $number, self::DECIMALS);
            if ($limit < 0 || $limit > $most) {
                $errors[$name] = true;
            } elseif ($limit !== (float) $start) {
                $limits[$name] = $limit;
            }
        }

        return [$limits, $errors];
    }
}
