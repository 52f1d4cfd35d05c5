<?php

declare(strict_types=1);

namespace App\Work;

use App\Firm\ClearTables;
use App\Firm\Jetter;
use App\Firm\Kit;
use App\Firm\KitTool;
use App\Firm\ToolHead;
use App\Firm\ToolKind;
use App\Record\ClearingDetails;
use App\Record\Job;
use App\Record\OpeningKind;
use App\Record\PassRepository;
use Jurvex\Core\Cable\CablePlan;
use Jurvex\Core\Clear\Blockage;
use Jurvex\Core\Clear\Head;
use Jurvex\Core\Clear\Pieces;
use Jurvex\Core\Clear\Planner;
use Jurvex\Core\Clear\Situation;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Bore;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reach\Reached;
use Jurvex\Core\Run\Travel;
use Jurvex\Core\Sketch\ExpectedRun;
use Jurvex\Core\Sketch\Lies;
use Jurvex\Core\Sketch\NodeKind;
use Jurvex\Core\Sketch\Pipe;
use Jurvex\Core\Sketch\PipePart;
use Jurvex\Core\Sketch\ReachFinder;
use Jurvex\Core\Triage\DangerSign;

/** Puts a job's clearing plans together from what is known: triage, line map, opening, kit. */
final readonly class ClearingPlans
{
    private const FAR_M = 10.0;
    /** Stoppages that line the wall. */
    private const RINGS = [Blockage::SoftGrease, Blockage::HardGrease, Blockage::PackedSoap, Blockage::Scale];

    public function __construct(private Stoppages $stoppages, private Kit $kit, private PassRepository $passes)
    {
    }

    public function of(Job $job, bool $hasCrossBore): ClearingPlan
    {
        [$near, $far, $fromTriage] = $this->place($job, $job->clearing());
        $way = $this->pipes($job, $far);
        $tables = $job->firm->clearTables();
        $bore = Bore::orUsual($job->clearing()->boreMm ?? ($way[\count($way) - 1] ?? null)?->bore->value);
        $cable = $this->cable($job, $near, $far);
        $opening = $job->chosenOpening()?->details();
        $bores = [
            Bore::orUsual($opening?->mouth()->size->value),
            $bore,
            ...array_map(static fn (Pipe $pipe) => Length::millimetres($pipe->bore->value), $way),
        ];
        $cutter = CablePlan::largestCutter(
            $bores,
            Length::millimetres((new Input($tables->cable))->number('clearance_mm', 0)),
            array_map(Length::millimetres(...), $tables->cutters),
        );
        $narrowest = Length::metres(min(array_map(static fn (Length $bore) => $bore->metres, $bores)));
        $tools = $this->kit->of($job->firm);
        $pieces = self::pieces($tools, $tables, $narrowest, $bore, $cable->needed());
        $situation = $this->situation($job, $hasCrossBore, $near, $far, $way, $bore, self::heads($tools, array_keys($pieces)));

        return new ClearingPlan(
            $situation, Planner::plans($situation, $tables->first), $fromTriage, $cable, $bore, $cutter, $tables->sizes->of($bore),
            $pieces,
        );
    }

    /**
     * @param list<Pipe> $way
     * @param ?list<Head> $heads at hand
     */
    private function situation(Job $job, bool $hasCrossBore, float $near, float $far, array $way, Length $bore, ?array $heads): Situation
    {
        $details = $job->clearing();
        $tables = $job->firm->clearTables();
        $opening = $job->chosenOpening()?->details();
        $dangers = $job->site()->presentDangers();
        $at = $way[\count($way) - 1] ?? null;
        $faced = null === $opening ? Travel::Downstream : MappedRuns::travelFrom($opening->faces);

        return new Situation(
            $details->blockage, Length::metres($near), Length::metres($far),
            $this->overrun($job, $far, (new Input($tables->cable))->number('overrun_m')), $bore,
            $details->material ?? $at->material ?? Material::Unknown, Jetter::of($job->firm->jetter())->flow(),
            OpeningKind::RoofVent === $opening?->kind, $details->noWater, $details->fragile, $details->weakFar, $hasCrossBore,
            \in_array(DangerSign::GasSmell, $dangers, true), \in_array(DangerSign::ChemicalPoured, $dangers, true),
            $details->frost, $tables->rates->learntFrom($this->passes->worked($job->firm)),
            $details->direction ?? $faced, self::passesTrap($job, $way), self::end($job), self::deposit($job, $details->blockage, $bore),
            $heads, $tables->solids,
        );
    }

    /** Where the map has the tap or the tank; none where nobody knows it. */
    private static function end(Job $job): ?Length
    {
        $end = MappedRuns::wayFrom($job->chosenOpening())?->end() ?? 0.0;

        return $end > 0 ? Length::metres($end) : null;
    }

    /** The ring that the bench reckons with, where the stoppage is one. */
    private static function deposit(Job $job, Blockage $blockage, Length $bore): ?Length
    {
        $millimetres = Jetter::of($job->firm->jetter())->input()->optionalNumber('deposit_mm', 0);

        $isRing = null !== $millimetres && $millimetres > 0 && $millimetres < $bore->inMillimetres() / 2;

        return $isRing && \in_array($blockage, self::RINGS, true) ? Length::millimetres($millimetres) : null;
    }

    /**
     * @param list<KitTool> $tools
     * @param list<string> $passing classes of what the kit has and what passes the way
     *
     * @return ?list<Head> none where the kit names no heads at all
     */
    private static function heads(array $tools, array $passing): ?array
    {
        foreach ($tools as $tool) {
            if ([] !== $tool->pieces()) {
                return array_map(Head::from(...), $passing);
            }
        }

        return null;
    }

    private function cable(Job $job, float $near, float $far): CablePlan
    {
        $cable = new Input($job->firm->clearTables()->cable);
        $metres = static fn (string $key) => Length::metres($cable->number($key, 0));

        return new CablePlan(
            Length::metres($job->chosenOpening()?->details()->dropM ?? 0.0), Length::metres($near), Length::metres($far),
            $this->overrun($job, $far, $cable->number('overrun_m')), $metres('tail_m'), $metres('drum_m'), $metres('section_m'),
            $cable->wholeNumber('sections_on_hand', 0), $metres('hand_margin_m'),
        );
    }

    /** How far a tool should come: past the far estimate by the house rule. */
    public function past(Job $job): Length
    {
        $far = $this->place($job, $job->clearing())[1];

        return Length::metres($far + $this->overrun($job, $far, $job->firm->clearTables()->cable['overrun_m'])->metres);
    }

    /**
     * @param list<KitTool> $tools
     *
     * @return array<string, string> what of the firm's kit is each head, by its class; none for what the kit has not
     */
    private static function pieces(array $tools, ClearTables $tables, Length $narrowest, Length $bore, Length $needed): array
    {
        $names = $pieces = [];
        foreach ($tools as $tool) {
            foreach ($tool->pieces() as $piece) {
                $pieces[] = $piece;
                $names[$piece->id] = $tool->details()
                    ->getHeads()[(int) substr($piece->id, \strlen($tool->id) + 1)]->name.' · '.$tool
                    ->details()->name;
            }
        }
        $kit = new Pieces($pieces, $tables->sizes);
        $of = [];
        foreach (Head::cases() as $head) {
            $best = $kit->best($head, $narrowest, $bore, $needed);
            $of[$head->value] = null === $best ? '' : $names[$best->id];
        }

        return array_filter($of);
    }

    /** @param list<Pipe> $way */
    private static function passesTrap(Job $job, array $way): bool
    {
        $nodes = $job->property()->sketch()->nodes;

        return [] !== array_filter($way, static fn (Pipe $pipe) => NodeKind::Trap === ($nodes[$pipe->to]->kind ?? null));
    }

    /**
     * Fall of the line at the stoppage as a tangent, and its bore.
     *
     * @return array{Length, ?float}
     */
    public function lineOf(Job $job): array
    {
        $way = $this->pipes($job, $this->place($job, $job->clearing())[1]);
        $at = $way[\count($way) - 1] ?? null;
        $fall = $at?->fallPercent();

        return [Bore::orUsual($at?->bore->value), null === $fall ? null : $fall / 100];
    }

    /** How far a net thrust pulls the firm's line hose from the chosen opening; none without a map, an opening or a hose. */
    public function pulls(Job $job, float $thrust): ?Reached
    {
        $sketch = $job->property()->sketch();
        $hoses = array_values(
            array_filter(
                $this->kit->of($job->firm),
                static fn (KitTool $tool) => ToolKind::JetHose === $tool->details()->kind && !$tool->details()->passesTraps,
            ),
        );
        $way = MappedRuns::wayFrom($job->chosenOpening())->spans ?? [];
        $path = [] === $way
            ? null
            : ReachFinder::path($sketch, $sketch->nodes[$job->chosenOpening()?->node() ?? ''], $way[\count($way) - 1]->pipe->id);
        if (null === $path || [] === $hoses) {
            return null;
        }
        $head = $hoses[0]->details()->getHeads()[0] ?? new ToolHead();
        $head->forceN = max(0.0, $thrust);

        return $hoses[0]->fitted($head, $hoses[0]->friction(true))->reach($path);
    }

    /** The ribbon with the hose on it. */
    public function expectation(Job $job, ?Reached $pulls): ?Expectation
    {
        $opening = $job->chosenOpening();
        $way = MappedRuns::wayFrom($opening);
        if (null === $pulls || null === $opening || null === $way) {
            return null;
        }
        $record = ExpectedRun::on($job->property()->sketch(), $way);

        return null === $record
            ? null
            : new Expectation($opening->details()->place, $record, Length::metres(max(0.0, $pulls->metres - $opening->details()->dropM)));
    }

    /** @return array{float, float, bool} near, far, and whether they are triage's */
    private function place(Job $job, ClearingDetails $details): array
    {
        if (null !== $details->farM) {
            return [$details->nearM ?? $details->farM, $details->farM, false];
        }
        $likeliest = array_values($this->stoppages->of($job)->likeliest ?? [])[0] ?? null;
        $apart = $likeliest?->apart;
        if (Lies::Down === $apart?->way) {
            return [$details->nearM ?? $apart->near, max($details->nearM ?? 0.0, $apart->far), true];
        }

        return [$details->nearM ?? 0.0, max($details->nearM ?? 0.0, self::FAR_M), false];
    }

    /** Past the stoppage by the house rule, but not into the main: where the map knows the line's end, that is the end. */
    private function overrun(Job $job, float $far, float $wanted): Length
    {
        $end = self::end($job)->metres ?? 0.0;

        return Length::metres($end >= $far && $end > 0 ? min($wanted, $end - $far) : $wanted);
    }

    /** @return list<Pipe> from the chosen opening to the far estimate */
    private function pipes(Job $job, float $far): array
    {
        return array_map(
            static fn (PipePart $part) => $part->pipe,
            MappedRuns::wayFrom($job->chosenOpening())?->within(0.0, max(0.01, $far)) ?? [],
        );
    }
}
