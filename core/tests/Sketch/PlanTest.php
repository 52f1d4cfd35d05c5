<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Sketch;

use Jurvex\Core\Plan\Plan;
use Jurvex\Core\Plan\PlanNode;
use Jurvex\Core\Plan\PlanPipe;
use Jurvex\Core\Sketch\Building;
use Jurvex\Core\Sketch\Sketch;
use Jurvex\Core\Tests\Kept;
use Jurvex\Core\Tests\SketchBuilder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What must hold of the drawing, whatever the property. */
final class PlanTest extends TestCase
{
    private const CHARACTER = 7.4;

    /** @return iterable<string, array{Sketch, float}> */
    public static function drawings(): iterable
    {
        foreach (array_filter(Building::cases(), static fn (Building $building) => Building::Bare !== $building) as $building) {
            foreach ([344.0, 820.0] as $width) {
                yield $building->value.' '.$width => [$building->sketch(1938), $width];
            }
        }
        for ($seed = 0; $seed < 40; ++$seed) {
            yield 'by chance '.$seed => [SketchBuilder::byChance($seed, 4 + $seed), 820.0];
        }
    }

    #[DataProvider('drawings')]
    public function testNothingCrossesNoLabelsMeetAndAllOfItIsOnTheDrawing(Sketch $sketch, float $width): void
    {
        $plan = self::plan($sketch, $width);
        $strokes = [];
        foreach ($plan->pipes as $pipe) {
            self::assertGreaterThan($pipe->left, $pipe->right + 1e-6, 'it flows to the right');
            $places = [$pipe->left, ($pipe->left + $pipe->right) / 2, $pipe->right];
            self::assertEqualsWithDelta($places, array_map(static fn (float $at) => $pipe->x($at, 8.0), [0.0, 4.0, 8.0]), 0.06);
            array_push($strokes, ...self::strokes($pipe));
        }
        foreach ($strokes as $i => [$one, $a]) {
            foreach (\array_slice($strokes, $i + 1) as [$other, $b]) {
                if ($one !== $other) {
                    self::assertFalse(self::crosses($a, $b), $one.' crosses '.$other);
                }
            }
        }
        $boxes = array_values(array_filter(array_map(self::labelBox(...), $plan->nodes)));
        foreach ($boxes as $i => [$id, $left, $right, $y]) {
            self::assertGreaterThanOrEqual(0, $left, $id);
            self::assertLessThan($plan->height, $y);
            foreach (\array_slice($boxes, $i + 1) as [$other, $otherLeft, $otherRight, $otherY]) {
                self::assertFalse(abs($y - $otherY) < 16 && $left < $otherRight && $otherLeft < $right, $id.' meets '.$other);
            }
            foreach ($strokes as [$pipe, $stroke]) {
                self::assertFalse(self::crosses($stroke, [$left, $y, $right, $y]), $pipe.' runs through the label of '.$id);
            }
        }
    }

    #[DataProvider('drawings')]
    public function testLengthsAreToScaleUnlessTheyWouldNotBeSeen(Sketch $sketch, float $width): void
    {
        $plan = self::plan($sketch, $width);
        $x = array_column(array_map(static fn (PlanNode $node) => [$node->id, $node->x], $plan->nodes), 1, 0);
        foreach ($plan->pipes as $pipe) {
            $length = $sketch->pipes[$pipe->id]->length->value;
            $drawn = $x[$sketch->pipes[$pipe->id]->to] - $x[$sketch->pipes[$pipe->id]->from];
            $pipe->stretched
                ? self::assertGreaterThan($length * $plan->perMetre, $drawn + 0.2)
                : self::assertEqualsWithDelta($length * $plan->perMetre, $drawn, 0.21);
        }
    }

    private static function plan(Sketch $sketch, float $width): Plan
    {
        return new Plan($sketch, $width, array_map(static fn () => 'Thirteen char', $sketch->nodes), []);
    }

    /** @return ?array{string, float, float, float} identifier, left, right, height */
    private static function labelBox(PlanNode $node): ?array
    {
        if (null === $node->footY && !$node->isTop || '' === $node->label) {
            return null;
        }

        return [$node->id, $node->x - 13 - self::CHARACTER * mb_strlen($node->label), $node->x - 13, $node->y];
    }

    /**
     * @return list<array{string, array{float, float, float, float}}> level and upright strokes of a pipe, its last slanting bit left out
     */
    private static function strokes(PlanPipe $pipe): array
    {
        $strokes = [[$pipe->id, [$pipe->left, $pipe->y, $pipe->right, $pipe->y]]];
        if (preg_match('/V([0-9.-]+)/', $pipe->line, $found)) {
            $strokes[] = [$pipe->id, [$pipe->right, $pipe->y, $pipe->right, (float) $found[1]]];
        }

        return $strokes;
    }

    /**
     * Whether the insides of a level and an upright stroke meet, or two level ones lie on each other.
     *
     * @param array{float, float, float, float} $a
     * @param array{float, float, float, float} $b
     */
    private static function crosses(array $a, array $b): bool
    {
        $isLevel = static fn (array $stroke) => $stroke[1] === $stroke[3];
        if ($isLevel($a) === $isLevel($b)) {
            return $isLevel($a) && $a[1] === $b[1] && min($a[2], $b[2]) - max($a[0], $b[0]) > 0.01;
        }
        [$level, $upright] = $isLevel($a) ? [$a, $b] : [$b, $a];
        $inside = static fn (float $value, float $one, float $other) => $value > min($one, $other) + 0.01
            && $value < max($one, $other) - 0.01;

        return $inside($upright[0], $level[0], $level[2]) && $inside($level[1], $upright[1], $upright[3]);
    }

    public function testTheStartingPointsAndTheirPlansAreThoseOfYesterday(): void
    {
        $kept = [];
        foreach (Building::cases() as $building) {
            foreach ([null, 1955, 1995] as $year) {
                $sketch = $building->sketch($year);
                $kept[$building->value.' '.$year] = $sketch->plain();
                if (null === $year) {
                    $plan = self::plan($sketch, 1000.0);
                    $kept[$building->value.' plan'] = [$plan->nodes, $plan->pipes, $plan->height, $plan->perMetre];
                }
            }
        }
        foreach ([3, 9] as $seed) {
            $plan = self::plan(SketchBuilder::byChance($seed, 14), 344.0);
            $kept['chance '.$seed] = [$plan->nodes, $plan->pipes, $plan->height, $plan->perMetre];
        }
        Kept::assertSame('plans', $kept);
    }
}
