<?php

declare(strict_types=1);

namespace App\Tests;

use App\Firm\ToolKind;
use App\Firm\Wear;
use App\Record\Cleared;
use App\Record\Felt;
use App\Record\FlowResult;
use App\Record\Ground;
use App\Record\Leave;
use App\Record\OpeningKind;
use App\Record\OpeningState;
use App\Record\OverHead;
use App\Record\Paint;
use App\Record\Supports;
use App\Record\Tool;
use App\Record\WaterAtOpening;
use App\Record\Why;
use App\Record\Zero;
use App\Screen\Stage;
use App\Support\Wording\FactWords;
use Jurvex\Core\Calc\Catalogue;
use Jurvex\Core\Clear\Blockage;
use Jurvex\Core\Clear\Gauge;
use Jurvex\Core\Clear\Head;
use Jurvex\Core\Clear\Machine;
use Jurvex\Core\Clear\NextTry;
use Jurvex\Core\Clear\Planner;
use Jurvex\Core\Clear\Progress;
use Jurvex\Core\Clear\Reason;
use Jurvex\Core\Clear\Situation;
use Jurvex\Core\Clear\Step;
use Jurvex\Core\Clear\Trouble;
use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Finding\Measure;
use Jurvex\Core\Finding\Sureness;
use Jurvex\Core\Judge\HouseRules;
use Jurvex\Core\Judge\Need;
use Jurvex\Core\Judge\Remedy;
use Jurvex\Core\Judge\RuleBook;
use Jurvex\Core\Judge\School;
use Jurvex\Core\Judge\Verdict;
use Jurvex\Core\LineMap\Faces;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reach\Stopped;
use Jurvex\Core\Run\Boundary;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Run\Sight;
use Jurvex\Core\Run\Travel;
use Jurvex\Core\Sketch\Building;
use Jurvex\Core\Sketch\FixtureKind;
use Jurvex\Core\Sketch\Joins;
use Jurvex\Core\Sketch\Source;
use Jurvex\Core\Triage\DangerSign;
use Jurvex\Core\Triage\Tables;
use PHPUnit\Framework\Attributes\Group;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Translation\TranslatorBagInterface;

/** The core speaks in codes; every code has its words. */
#[Group('any-database')]
final class WordsTest extends KernelTestCase
{
    public function testEveryCodeHasItsWords(): void
    {
        $lists = [
            'why' => Why::class, 'cleared' => Cleared::class, 'felt' => Felt::class, 'flow' => FlowResult::class,
            'tool' => Tool::class, 'water_at' => WaterAtOpening::class, 'ground' => Ground::class,
            'over_head' => OverHead::class, 'paint' => Paint::class, 'stage' => Stage::class, 'faces' => Faces::class,
            'opening' => OpeningKind::class, 'opening_state' => OpeningState::class, 'zero' => Zero::class,
            'fact' => Fact::class, 'family' => Family::class, 'family_holds' => Family::class, 'kind' => Kind::class,
            'material' => Material::class, 'measure' => Measure::class, 'sureness' => Sureness::class,
            'need' => Need::class, 'need_means' => Need::class, 'remedy' => Remedy::class, 'school' => School::class,
            'verdict' => Verdict::class, 'verdict_short' => Verdict::class, 'verdict_means' => Verdict::class,
            'source' => Source::class, 'fixture' => FixtureKind::class, 'joins' => Joins::class,
            'tied' => Source::class, 'building' => Building::class, 'building_holds' => Building::class,
            'leave' => Leave::class, 'tool_kind' => ToolKind::class, 'wear' => Wear::class,
            'danger' => DangerSign::class, 'danger_do' => DangerSign::class, 'blockage' => Blockage::class,
            'clear_head' => Head::class, 'trouble' => Trouble::class, 'gauge' => Gauge::class,
            'progress' => Progress::class, 'gate' => Machine::class, 'stopped' => Stopped::class,
            'end' => EndReason::class, 'sight' => Sight::class, 'travel' => Travel::class, 'boundary' => Boundary::class,
            'supports' => Supports::class,
        ];
        $keys = [];
        foreach ($lists as $prefix => $enum) {
            foreach ($enum::cases() as $case) {
                $keys[] = $prefix.'.'.$case->value;
            }
        }
        foreach (RuleBook::rules() as $rule) {
            array_push(
                $keys,
                'rule.'.$rule->code,
                'change.'.explode('.', $rule->code)[0],
                ...array_map(static fn (string $name) => 'value.'.$name, $rule->uses),
            );
        }
        foreach (Fact::cases() as $fact) {
            array_push($keys, ...array_map(static fn (string $choice) => FactWords::key($fact, $choice), $fact->choices()));
        }
        array_push(
            $keys,
            ...array_map(static fn (string $name) => 'limit.'.$name, array_keys(HouseRules::LIMITS)),
            ...array_map(static fn (string $name) => 'calc.'.$name, Catalogue::complete()->names()),
        );
        foreach (Machine::cases() as $machine) {
            array_push($keys, ...array_map(static fn (string $line) => 'gate_line.'.$line, $machine->gate()));
        }
        foreach (Blockage::cases() as $blockage) {
            foreach ([false, true] as $so) {
                $situation = new Situation(
                    $blockage, Length::metres(1), Length::metres(2), Length::metres(6), Length::millimetres(100),
                    Material::Clay, 20.0, $so, false, $so, $so, frost: $so,
                );
                foreach (Planner::plans($situation, Machine::Cable) as $plan) {
                    array_push(
                        $keys,
                        ...array_map(static fn (Reason $reason) => 'plan_reason.'.$reason->code, $plan->reasons),
                        ...array_map(static fn (Step $step) => 'plan_why.'.$step->why, $plan->steps),
                    );
                }
            }
        }
        foreach (NextTry::codes() as $try) {
            array_push($keys, 'try.'.$try, 'try_limit.'.$try);
        }
        foreach (['cross_bore_stop', 'gas_stop', 'chemicals_first', 'no_water_indoors'] as $refusal) {
            $keys[] = 'plan_reason.'.$refusal;
        }
        foreach (Tables::ROWS as $row => $answers) {
            array_push($keys, 'house_row.'.$row, ...array_map(static fn (string $answer) => 'seen.'.$answer, array_keys($answers)));
        }
        foreach ([
            'no_opening', 'too_small', 'faces_upstream', 'own_branch_only', 'not_ready', 'ask_leave', 'trap', 'too_far',
            'turns_too_much',
        ] as $rule) {
            array_push($keys, 'advice.'.$rule, 'advice_why.'.$rule);
        }
        array_push($keys, ...array_map(static fn (string $material) => 'house_material.'.$material, array_keys(Tables::MATERIALS)));
        $translator = self::getContainer()->get('translator');
        self::assertInstanceOf(TranslatorBagInterface::class, $translator);
        $words = $translator->getCatalogue('en');
        self::assertSame([], array_values(array_filter($keys, static fn (string $key) => !$words->has($key))));
        self::assertGreaterThan(300, \count($keys));
    }
}
