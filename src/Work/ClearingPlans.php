<?php

declare(strict_types=1);

namespace App\Work;

use App\Firm\Jetter;
use App\Firm\Kit;
use App\Firm\KitTool;
use App\Firm\ToolHead;
use App\Firm\ToolKind;
use App\Record\Job;
use App\Record\OpeningKind;
use App\Record\PassRepository;
use Jurvex\Core\Cable\CablePlan;
use Jurvex\Core\Calc\JetCalculation;
use Jurvex\Core\Clear\Blockage;
use Jurvex\Core\Clear\Head;
use Jurvex\Core\Clear\Planner;
use Jurvex\Core\Clear\Situation;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Flow\Water;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Bore;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reach\Reached;
use Jurvex\Core\Sketch\ExpectedRun;
use Jurvex\Core\Sketch\NodeKind;
use Jurvex\Core\Sketch\Pipe;
use Jurvex\Core\Sketch\ReachFinder;
use Jurvex\Core\Triage\DangerSign;

/** Puts a job's clearing plans together from what is known: where it is, what the pipe is like, what the kit reaches. */
final readonly class ClearingPlans
{
    /** Stoppages that line the wall. */
    private const RINGS = [Blockage::SoftGrease, Blockage::HardGrease, Blockage::PackedSoap, Blockage::Scale];

    public function __construct(private PlanGrounds $grounds, private Kit $kit, private PassRepository $passes)
    {
    }

    /**
     * @param ?LineRecord $record what all looks say, where that was put together already
     * @param ?Jetter $jetter in place of the firm's own
     *
     * @throws BadInput when the jetter is none
     */
    public function of(Job $job, ?LineRecord $record = null, ?Jetter $jetter = null): ClearingPlan
    {
        $jetter ??= Jetter::of($job->firm->jetter());
        $ground = $this->grounds->of($job, $record);
        $tables = $job->firm->clearTables();
        $bore = Bore::orUsual($job->clearing()->boreMm ?? $ground->pipeAt($ground->place->far)?->bore->value);
        $bores = self::bores($ground, $bore);
        $narrowest = Length::metres(min(array_map(static fn (Length $each) => $each->metres, $bores)));
        $past = $this->pastOn($job, $ground);
        $tools = $this->kit->of($job->firm);
        $reaches = KitReaches::of($job, $ground, $tools, $past);
        $cable = $this->cable($job, $ground);
        $pieces = KitPieces::chosen($tools, $tables->sizes, $reaches, $narrowest, $cable->needed(), Length::metres($ground->place->far));
        $situation = $this->situation($job, $ground, $jetter, $bore, $pieces);
        $cutter = CablePlan::largestCutter(
            $bores, Length::millimetres((new Input($tables->cable))->number('clearance_mm', 0)),
            array_map(Length::millimetres(...), $tables->cutters),
        );

        $plans = Planner::plans($situation, $tables->first);
        $waysOut = [];
        foreach ($plans as $name => $plan) {
            if ([] !== $plan->hindrances) {
                $waysOut[$name] = WaysOut::of($job, $ground, $tools, $plan->hindrances, Length::metres($ground->place->far));
            }
        }

        return new ClearingPlan(
            $situation, $plans, $ground, $cable, $bore, $cutter, $tables->sizes->of($narrowest),
            $narrowest, $pieces->names, $waysOut, $jetter->tank(),
        );
    }

    private function situation(Job $job, PlanGround $ground, Jetter $jetter, Length $bore, KitPieces $pieces): Situation
    {
        $details = $job->clearing();
        $tables = $job->firm->clearTables();
        $dangers = $job->site()->presentDangers();
        $at = $ground->pipeAt($ground->place->far);
        $fall = $at?->fallPercent();

        return new Situation(
            $details->blockage, Length::metres($ground->place->near), Length::metres($ground->place->far),
            $this->overrun($job, $ground), $bore, $details->material ?? $at->material ?? Material::Unknown,
            Water::perMinute(JetCalculation::line($jetter->input())->flow),
            OpeningKind::RoofVent === $ground->opening?->details()->kind, $details->noWater, $details->fragile, $details->weakFar,
            $ground->hasCrossBore, \in_array(DangerSign::GasSmell, $dangers, true), \in_array(DangerSign::ChemicalPoured, $dangers, true),
            $details->frost, $tables->rates->learntFrom($this->passes->worked($job->firm)), $ground->travel,
            self::passesTrap($job, $ground), $ground->end(), self::deposit($jetter, $details->blockage, $bore), $pieces->heads,
            $tables->solids, $ground->weakSpots, $pieces->reaches, null === $fall ? null : $fall / 100,
            $ground->steepest($ground->place->far), $tables->cable['test_min'],
        );
    }

    /** @return non-empty-list<Length> of the opening, of all on the way, and where the work is */
    private static function bores(PlanGround $ground, Length $bore): array
    {
        return [
            Bore::orUsual($ground->opening?->details()->mouth()->size->value), $bore,
            ...array_map(static fn (Pipe $pipe) => Length::millimetres($pipe->bore->value), $ground->pipes($ground->place->far)),
        ];
    }

    /** The ring that the bench reckons with, where the stoppage is one. */
    private static function deposit(Jetter $jetter, Blockage $blockage, Length $bore): ?Length
    {
        $millimetres = $jetter->input()->optionalNumber('deposit_mm', 0);
        $isRing = null !== $millimetres && $millimetres > 0 && $millimetres < $bore->inMillimetres() / 2;

        return $isRing && \in_array($blockage, self::RINGS, true) ? Length::millimetres($millimetres) : null;
    }

    private function cable(Job $job, PlanGround $ground): CablePlan
    {
        $cable = new Input($job->firm->clearTables()->cable);
        $metres = static fn (string $key) => Length::metres($cable->number($key, 0));

        $loose = $job->clearing()->looseM;

        return new CablePlan(
            $ground->drop(), Length::metres($ground->place->near), Length::metres($ground->place->far),
            $this->overrun($job, $ground), $metres('tail_m'), $metres('drum_m'),
            null === $loose ? $metres('section_m') : Length::metres($loose),
            null === $loose ? $cable->wholeNumber('sections_on_hand', 0) : 1, $metres('hand_margin_m'),
        );
    }

    /** What of "cleared" is done: by tools that, with this kit on this map, could have been there. */
    public function proof(Job $job, ?LineRecord $record = null): ClearedProof
    {
        $ground = $this->grounds->of($job, $record);
        $past = $this->pastOn($job, $ground);
        $known = null;

        return new ClearedProof($job, $past, function (Head $head) use ($job, $ground, $past, &$known): ?float {
            // Only where a pass says its class is the kit tried on the map.
            $known ??= [$tools = $this->kit->of($job->firm), KitReaches::of($job, $ground, $tools, $past)];

            return KitReaches::farthest($head, ...$known);
        });
    }

    private function pastOn(Job $job, PlanGround $ground): Length
    {
        return Length::metres($ground->place->far + $this->overrun($job, $ground)->metres);
    }

    private static function passesTrap(Job $job, PlanGround $ground): bool
    {
        $nodes = $job->property()->sketch()->nodes;

        return [] !== array_filter(
            $ground->pipes($ground->place->far), static fn (Pipe $pipe) => NodeKind::Trap === ($nodes[$pipe->to]->kind ?? null),
        );
    }

    /**
     * Fall of the line at the stoppage as a tangent, and its bore.
     *
     * @return array{Length, ?float}
     */
    public static function lineOf(PlanGround $ground): array
    {
        $at = $ground->pipeAt($ground->place->far);
        $fall = $at?->fallPercent();

        return [Bore::orUsual($at?->bore->value), null === $fall ? null : $fall / 100];
    }

    /** Past the stoppage by the house rule, but not into the main: where the map knows the line's end, that is the end. */
    private function overrun(Job $job, PlanGround $ground): Length
    {
        $wanted = $job->firm->clearTables()->cable['overrun_m'];
        $end = $ground->end()->metres ?? 0.0;

        return Length::metres($end >= $ground->place->far && $end > 0 ? min($wanted, $end - $ground->place->far) : $wanted);
    }

    /** How far a net thrust pulls the firm's line hose on the way of the plan; none without a map, an opening or a hose. */
    public function pulls(Job $job, PlanGround $ground, float $thrust): ?Reached
    {
        $sketch = $job->property()->sketch();
        $hoses = array_values(
            array_filter(
                $this->kit->of($job->firm),
                static fn (KitTool $tool) => ToolKind::JetHose === $tool->details()->kind && !$tool->details()->passesTraps,
            ),
        );
        $way = $ground->way->spans ?? [];
        $path = [] === $way
            ? null
            : ReachFinder::path($sketch, $sketch->nodes[$ground->opening?->node() ?? ''], $way[\count($way) - 1]->pipe->id);
        if (null === $path || [] === $hoses) {
            return null;
        }
        $head = $hoses[0]->details()->getHeads()[0] ?? new ToolHead();
        $head->forceN = max(0.0, $thrust);

        return $hoses[0]->fitted($head, $hoses[0]->friction(true))->reach($path);
    }

    /** The ribbon with the hose on it. */
    public static function expectation(Job $job, PlanGround $ground, ?Reached $pulls): ?Expectation
    {
        $opening = $ground->opening;
        if (null === $pulls || null === $opening || null === $ground->way) {
            return null;
        }
        $record = ExpectedRun::on($job->property()->sketch(), $ground->way);

        return null === $record
            ? null
            : new Expectation($opening->details()->place, $record, Length::metres(max(0.0, $pulls->metres - $opening->details()->dropM)));
    }

    public function ground(Job $job): PlanGround
    {
        return $this->grounds->of($job);
    }
}
