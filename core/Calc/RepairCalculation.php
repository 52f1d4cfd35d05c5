<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Mend\Ground;
use Jurvex\Core\Mend\Line;
use Jurvex\Core\Mend\Option;
use Jurvex\Core\Mend\Options;
use Jurvex\Core\Mend\PriceBook;
use Jurvex\Core\Mend\Repair;
use Jurvex\Core\Mend\Work;

/** The cheapest ways to mend a line: by digs, by liners, by renewing, and by any mix. */
final class RepairCalculation implements Calculation
{
    public function name(): string
    {
        return 'repair';
    }

    public function calculate(Input $input): array
    {
        $length = $input->positive('length_m');
        $repairs = array_map(static fn (Input $each) => self::repair($each, $length), $input->objects('repairs'));
        $prices = $input->object('prices');
        $ground = self::ground($input, $length, $prices);
        $order = array_flip(array_map(static fn (Repair $repair) => $repair->id, $repairs));
        if (\count($order) < \count($repairs)) {
            throw new BadInput('unknown_value', $input->at('repairs'));
        }
        $line = new Line($length, $ground, self::places($input, 'tie_ins_m', $length), self::places($input, 'cuts_m', $length));
        $options = new Options($repairs, $line, PriceBook::read($prices));

        return ['options' => array_map(static fn (Option $option) => self::plain($option, $order), [
            'digs' => $options->digs(), 'lining' => $options->lining(), 'renewing' => $options->renewing(), 'any' => $options->any(),
        ])];
    }

    /**
     * @param array<string, int> $order of the repairs as they were given
     *
     * @return array<string, mixed>
     */
    private static function plain(Option $option, array $order): array
    {
        return ['low' => $option->price->low, 'high' => $option->price->high, 'works' => array_map(
            static function (Work $work) use ($order): array {
                $ids = array_map(static fn (Repair $repair) => $repair->id, $work->repairs);
                usort($ids, static fn (string $a, string $b) => $order[$a] <=> $order[$b]);

                return ['method' => $work->method->value, 'from_m' => $work->from, 'to_m' => $work->to, 'repairs' => $ids];
            }, $option->works,
        )];
    }

    private static function repair(Input $each, float $length): Repair
    {
        $from = $each->number('from_m', 0, $length);

        return new Repair($each->text('id', 64), $from, $each->number('to_m', $from, $length), $each->flag('can_line'));
    }

    /** @return list<Ground> */
    private static function ground(Input $input, float $length, Input $prices): array
    {
        $ground = [];
        $at = 0.0;
        foreach ($input->objects('ground') as $each) {
            $surface = $each->text('surface', 64);
            foreach (['dig', 'renew'] as $method) {
                $known = $prices->object($method)->map('surface_per_m');
                if (!isset($known[$surface])) {
                    throw BadInput::unknownValue($each->at('surface'), array_map('strval', array_keys($known)));
                }
            }
            $from = $each->number('from_m', 0, $length);
            $ground[] = new Ground($from, $each->number('to_m', $from, $length), $surface, $each->number('depth_m', 0));
        }
        usort($ground, static fn (Ground $a, Ground $b) => $a->from <=> $b->from);
        foreach ($ground as $each) {
            if (abs($each->from - $at) > 1e-6) {
                break;
            }
            $at = $each->to;
        }
        if (abs($at - $length) > 1e-6) {
            // What lies over a metre that nobody named has no price.
            throw BadInput::missing($input->at('ground'));
        }

        return $ground;
    }

    /** @return list<float> */
    private static function places(Input $input, string $key, float $length): array
    {
        $places = new Input($input->map($key), $input->at($key));

        return array_map(
            static fn (int|string $place) => $places->number((string) $place, 0, $length), array_keys($input->map($key)),
        );
    }
}
