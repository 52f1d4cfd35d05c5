<?php

declare(strict_types=1);

namespace Jurvex\Core\Triage;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;

/** The house rules of triage: how likely each answer is, by where the place stands to the stoppage; and how prone a pipe is to stop. */
final readonly class Tables
{
    /** Rows of answers, each of which sums to one. Those of made tests are Jurvex's own; the others the handbook's. */
    public const ROWS = [
        'lowest' => ['backs_up' => 0.75, 'slow' => 0.17, 'drains' => 0.08],
        'upstream' => ['backs_up' => 0.35, 'slow' => 0.40, 'drains' => 0.25],
        'elsewhere' => ['backs_up' => 0.01, 'slow' => 0.04, 'drains' => 0.95],
        'opening_upstream' => ['standing' => 0.93, 'dry' => 0.07],
        'opening_elsewhere' => ['standing' => 0.02, 'dry' => 0.98],
        'test_common' => ['rises' => 0.75, 'nothing' => 0.25],
        'test_elsewhere' => ['rises' => 0.02, 'nothing' => 0.98],
        'passing_common' => ['rises' => 0.88, 'runs_by' => 0.07, 'nothing' => 0.05],
        'passing_between' => ['rises' => 0.03, 'runs_by' => 0.07, 'nothing' => 0.90],
        'passing_elsewhere' => ['rises' => 0.02, 'runs_by' => 0.90, 'nothing' => 0.08],
    ];
    public const MATERIALS = [
        'plastic' => 1.0, 'copper' => 1.0, 'cast_iron' => 2.0, 'unknown' => 2.0, 'concrete' => 2.5, 'clay' => 3.0,
        'fibre' => 4.0,
    ];
    private const METRES_PER_BEND = 1.0;
    private const PER_PAST_STOPPAGE = 2.0;
    private const SUM_TOLERANCE = 0.001;

    /**
     * @param array<string, array<string, float>> $rows
     * @param array<string, float> $materials
     */
    private function __construct(public array $rows, public array $materials)
    {
    }

    public static function usual(): self
    {
        return new self(self::ROWS, self::MATERIALS);
    }

    /**
     * The usual tables with what the firm has changed: {`rows`: {row: {answer: chance}}, `materials`: {material: factor}}.
     *
     * @throws BadInput when a chance is not between 0 and 1, a row does not sum to one, or a factor is not over zero
     */
    public static function changed(Input $input): self
    {
        $rows = self::ROWS;
        $given = $input->has('rows') ? $input->object('rows') : new Input([]);
        foreach ($rows as $name => $row) {
            if (!$given->has($name)) {
                continue;
            }
            $answers = $given->object($name);
            foreach (array_keys($row) as $answer) {
                // Nothing is impossible: one slip would rule the true place out for good.
                $rows[$name][$answer] = $answers->number($answer, 0.001, 0.999);
            }
            if (abs(array_sum($rows[$name]) - 1) > self::SUM_TOLERANCE) {
                throw new BadInput('not_one_in_sum', $given->at($name));
            }
        }
        $materials = self::MATERIALS;
        $factors = $input->has('materials') ? $input->object('materials') : new Input([]);
        foreach (array_keys($materials) as $material) {
            $materials[$material] = $factors->optionalNumber($material, 0.01, 100) ?? $materials[$material];
        }

        return new self($rows, $materials);
    }

    /** Weight of a segment before anything is seen: (length + 1 m a bend) × material factor × (1 + 2 × past stoppages). */
    public function prior(float $metres, float $bends, string $material, float $pastStoppages): float
    {
        return ($metres + self::METRES_PER_BEND * $bends) * $this->materials[$material] * (1 + self::PER_PAST_STOPPAGE * $pastStoppages);
    }
}
