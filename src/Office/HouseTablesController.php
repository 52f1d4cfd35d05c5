<?php

declare(strict_types=1);

namespace App\Office;

use App\Firm\Account;
use App\Firm\Right;
use App\Support\Form\TypedNumbers;
use App\Support\Logging\Audit;
use App\Support\Units\FieldValues;
use App\Support\Units\Quantity;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Clear\Machine;
use Jurvex\Core\Clear\WorkRates;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Measure\UnitSystem;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The firm's numbers for clearing, for the office. */
final class HouseTablesController extends AbstractController
{
    #[Route('/settings/clearing', name: 'house_clearing', methods: ['GET', 'POST'])]
    public function tables(Account $account, Request $request, EntityManagerInterface $manager, Audit $audit): Response
    {
        $units = $account->units();
        $shown = [
            'tables' => $account->firm->clearTables(), 'blockages' => array_keys(WorkRates::USUAL), 'typed' => [], 'bad' => null,
            'units' => $units,
        ];
        if ($request->isMethod('GET')) {
            return $this->render('clear/house_tables.html.twig', $shown);
        }
        $this->denyAccessUnlessGranted(Right::HouseRules->value);
        $typed = $request->request->all();
        $cutters = \is_string($typed['cutters_mm'] ?? null)
            ? array_values(array_filter(preg_split('/[\s;]+/', $typed['cutters_mm']) ?: [], static fn (string $cutter) => '' !== $cutter))
            : [];
        $before = $account->firm->ownClearTables();
        try {
            $account->firm->keepClearTables(
                FieldValues::read(TypedNumbers::read([
                    'cable' => $typed['cable'] ?? [], 'rates' => self::rates($typed['rates'] ?? [], $units),
                    'solids_fraction' => $typed['solids_fraction'] ?? '', 'cutters_mm' => $cutters,
                    'first' => $typed['first'] ?? Machine::Cable->value,
                    'cable_by_bore' => array_values(\is_array($typed['cable_by_bore'] ?? null) ? $typed['cable_by_bore'] : []),
                ]), $units),
            );
        } catch (BadInput $error) {
            return $this->render(
                'clear/house_tables.html.twig',
                [...$shown, 'typed' => $typed, 'bad' => $error],
                new Response(status: 422),
            );
        }
        $manager->flush();
        $audit->changed('rules_changed', $before, $account->firm->ownClearTables());

        return $this->redirectToRoute('house_clearing', [], Response::HTTP_SEE_OTHER);
    }

    /**
     * Speeds by blockage: their names carry no unit.
     *
     * @return array<mixed>
     */
    private static function rates(mixed $typed, UnitSystem $units): array
    {
        return array_map(
            static fn (mixed $rate) => \is_float($rate) ? Quantity::Speed->read($rate, $units) : $rate,
            TypedNumbers::read(\is_array($typed) ? $typed : []),
        );
    }
}
