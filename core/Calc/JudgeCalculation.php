<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Judge\HouseRules;
use Jurvex\Core\Judge\Judge;
use Jurvex\Core\Judge\Judgement;
use Jurvex\Core\Judge\School;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Run\Travel;

/** The class of each finding of a run under the house's schools and limits. */
final class JudgeCalculation implements Calculation
{
    private const LOOK_AGAIN = 'look_again';

    public function name(): string
    {
        return 'judge';
    }

    public function calculate(Input $input): array
    {
        $rules = HouseRules::of(
            $input->choice('water', School::class), $input->choice('roots', School::class),
            $input->has('limits') ? self::limits($input->object('limits')) : [],
        );
        $judged = (new Judge($rules))->judgeAll(self::run($input->object('run')));

        return [
            // An object also where the identifiers count from nought.
            'classes' => (object) array_map(static fn (Judgement $each) => $each->counts()->value ?? self::LOOK_AGAIN, $judged),
        ];
    }

    /** @return array<string, float> */
    private static function limits(Input $limits): array
    {
        $values = [];
        foreach (array_keys(HouseRules::LIMITS) as $name) {
            if ($limits->has($name)) {
                $values[$name] = $limits->number($name, 0);
            }
        }

        return $values;
    }

    private static function run(Input $run): RunRecord
    {
        $findings = [];
        foreach ($run->objects('findings') as $given) {
            $finding = Finding::read($given);
            if (isset($findings[$finding->id])) {
                throw new BadInput('unknown_value', $given->at('id'));
            }
            $findings[$finding->id] = $finding;
        }
        $bore = $run->optionalNumber('bore_mm', 0);
        $reached = $run->optionalNumber('reached_m', 0);

        return new RunRecord(
            array_values($findings), $run->optionalChoice('material', Material::class) ?? Material::Unknown,
            null === $bore ? null : Length::millimetres($bore), $run->optionalChoice('travel', Travel::class) ?? Travel::Downstream, null,
            null === $reached ? null : Length::metres($reached),
        );
    }
}
