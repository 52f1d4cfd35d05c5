<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Finding;

use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Length;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FindingTest extends TestCase
{
    public function testALowSpotHasAStartADeepestPointAndAnEnd(): void
    {
        $spot = Finding::read(
            new Input([
                'id' => 'a', 'kind' => 'low_spot', 'from_m' => 9.4, 'deepest_m' => 11, 'to_m' => 13.1, 'size' => 31,
                'facts' => ['water' => 'off', 'minutes_off' => 0.5],
            ]),
        );
        self::assertSame([9.4, 11.0, 13.1, 31.0, 0.5], [
            $spot->from->metres, $spot->deepest?->metres, $spot->to?->metres, $spot->size?->value,
            $spot->facts['minutes_off'],
        ]);
    }

    public function testWhatIsMovedIsAsLongAsItWasAndElseTheSame(): void
    {
        $spot = Finding::read(new Input(['id' => 'a', 'kind' => 'low_spot', 'from_m' => 9.0, 'deepest_m' => 11.0, 'to_m' => 13.5]));
        $moved = $spot->movedTo('b', Length::metres(2.0))->plain();
        self::assertSame(['b', 2.0, 4.0, 6.5], [$moved['id'], $moved['from_m'], $moved['deepest_m'], $moved['to_m']]);
        $crack = Finding::read(new Input(['id' => 'a', 'kind' => 'crack', 'from_m' => 9.0, 'clock_from' => 2.0, 'note' => 'n']));
        $moved = $crack->movedTo('c', Length::metres(8.0));
        self::assertSame(['id' => 'a', 'from_m' => 9.0] + $crack->plain(), ['id' => 'a', 'from_m' => 9.0] + $moved->plain());
        self::assertNull($moved->to);
    }

    /** @return list<array{array<string, mixed>, string, string}> */
    public static function refused(): array
    {
        return [
            [['kind' => 'gremlin'], 'unknown_value', 'kind'],
            [['from_m' => null], 'missing', 'from_m'],
            [['from_m' => -1], 'out_of_range', 'from_m'],
            [['from_m' => 'far'], 'not_a_number', 'from_m'],
            [['kind' => 'low_spot'], 'missing', 'to_m'],
            [['kind' => 'low_spot', 'to_m' => 4.9], 'end_before_start', 'to_m'],
            [['kind' => 'low_spot', 'to_m' => 7, 'deepest_m' => 7.5], 'deepest_outside', 'deepest_m'],
            [['kind' => 'tap', 'to_m' => 7], 'not_for_this_kind', 'to_m'],
            [['kind' => 'crack', 'size' => 5], 'not_for_this_kind', 'size'],
            [['size' => 101], 'out_of_range', 'size'],
            [['size' => 5, 'unit' => 'mm'], 'unknown_value', 'unit'],
            [['clock_from' => 13], 'out_of_range', 'clock_from'],
            [['sureness' => 'perhaps'], 'unknown_value', 'sureness'],
            [['facts' => ['wear' => 'gone']], 'not_for_this_kind', 'facts.wear'],
            [['kind' => 'worn_invert', 'facts' => ['wear' => 'a bit']], 'unknown_value', 'facts.wear'],
            [['at_joint' => 'yes'], 'not_yes_or_no', 'at_joint'],
            [['note' => str_repeat('x', 4001)], 'too_long', 'note'],
        ];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('refused')]
    public function testWhatCannotBeIsRefusedWhereItStands(array $change, string $reason, string $at): void
    {
        try {
            Finding::read(new Input([...['id' => 'a', 'kind' => 'root_cords', 'from_m' => 5.0], ...$change]));
            self::fail('It was taken.');
        } catch (BadInput $refused) {
            self::assertSame([$reason, $at], [$refused->reason, $refused->at]);
        }
    }
}
