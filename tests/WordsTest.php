<?php

declare(strict_types=1);

namespace App\Tests;

use App\Call\Why;
use App\Clear\Cleared;
use App\Clear\Felt;
use App\Clear\FlowResult;
use App\Clear\Tool;
use App\Clear\WaterAtOpening;
use App\Look\FactWords;
use App\Mark\Ground;
use App\Mark\OverHead;
use App\Mark\Paint;
use App\Shared\Job\Stage;
use App\WayIn\Faces;
use App\WayIn\OpeningKind;
use App\WayIn\OpeningState;
use App\WayIn\Zero;
use Jurvex\Core\Calc\Catalogue;
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
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Run\Sight;
use Jurvex\Core\Run\Travel;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Translation\TranslatorBagInterface;

/** The core speaks in codes; every code has its words. */
final class WordsTest extends KernelTestCase
{
    public function testEveryCodeHasItsWords(): void
    {
        $lists = ['why' => Why::class, 'cleared' => Cleared::class, 'felt' => Felt::class, 'flow' => FlowResult::class, 'tool' => Tool::class, 'water_at' => WaterAtOpening::class, 'ground' => Ground::class,
            'over_head' => OverHead::class, 'paint' => Paint::class, 'stage' => Stage::class, 'faces' => Faces::class, 'opening' => OpeningKind::class, 'opening_state' => OpeningState::class, 'zero' => Zero::class,
            'fact' => Fact::class, 'family' => Family::class, 'family_holds' => Family::class, 'kind' => Kind::class, 'material' => Material::class, 'measure' => Measure::class, 'sureness' => Sureness::class,
            'need' => Need::class, 'need_means' => Need::class, 'remedy' => Remedy::class, 'school' => School::class, 'verdict' => Verdict::class, 'verdict_short' => Verdict::class, 'verdict_means' => Verdict::class,
            'end' => EndReason::class, 'sight' => Sight::class, 'travel' => Travel::class];
        $keys = [];
        foreach ($lists as $prefix => $enum) {
            foreach ($enum::cases() as $case) {
                $keys[] = $prefix.'.'.$case->value;
            }
        }
        foreach (RuleBook::rules() as $rule) {
            array_push($keys, 'rule.'.$rule->code, 'change.'.explode('.', $rule->code)[0], ...array_map(static fn (string $name) => 'value.'.$name, $rule->uses));
        }
        foreach (Fact::cases() as $fact) {
            array_push($keys, ...array_map(static fn (string $choice) => FactWords::key($fact, $choice), $fact->choices()));
        }
        array_push($keys, ...array_map(static fn (string $name) => 'limit.'.$name, array_keys(HouseRules::LIMITS)), ...array_map(static fn (string $name) => 'calc.'.$name, Catalogue::complete()->names()));
        $translator = self::getContainer()->get('translator');
        self::assertInstanceOf(TranslatorBagInterface::class, $translator);
        $words = $translator->getCatalogue('en');
        self::assertSame([], array_values(array_filter($keys, static fn (string $key) => !$words->has($key))));
        self::assertGreaterThan(300, \count($keys));
    }
}
