<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Triage;

use Jurvex\Core\LineMap\Segment;
use Jurvex\Core\LineMap\Tree;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Triage\Checks;
use Jurvex\Core\Triage\MadeTest;
use Jurvex\Core\Triage\Point;
use Jurvex\Core\Triage\Tables;
use PHPUnit\Framework\TestCase;

/** A bath and a kitchen run together into the low line and the street; an opening stands on the kitchen's own pipe. */
final class ChecksTest extends TestCase
{
    public function testWaterThatCannotComeByIsSeenByChanceOnlyAndWhatRisesKeepsItsWeight(): void
    {
        $segment = static fn (string $id, string $from, string $to) => new Segment($id, $from, $to, Length::metres(5), null, 0.0, []);
        $tree = new Tree([
            $segment('kitchen', 'k', 'join'), $segment('bath', 'b', 'join'), $segment('low', 'join', 'y'), $segment('street', 'y', 'main'),
        ]);
        [$bath, $opening] = [new Point('bath', 'b', 0.3, null), new Point('mouth', 'k', null, null)];
        $check = (new Checks($tree, [$bath, $opening], Tables::usual()))->test(new MadeTest($bath, $opening));
        $rows = Tables::usual()->rows;
        $expected = ['street' => 'test_common', 'low' => 'test_common', 'kitchen' => 'test_elsewhere', 'bath' => 'test_elsewhere'];
        foreach ($expected as $at => $row) {
            self::assertEqualsWithDelta(
                [$rows[$row]['rises'] * 0.99, 0.01, $rows[$row]['nothing'] * 0.99],
                array_map(static fn (string $answer) => $check->likelihood($at, $answer), ['rises', 'runs_by', 'nothing']), 1e-9, $at,
            );
        }
    }
}
