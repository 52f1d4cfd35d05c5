<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests;

use Jurvex\Core\Finding\Extent;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Run\Travel;

/** Makes runs for tests in a line. */
final class RunBuilder
{
    private static int $count = 0;

    /** @param array<string, mixed> $more */
    public static function finding(Kind $kind, float $from, array $more = []): Finding
    {
        return Finding::read(new Input(['id' => 'f'.++self::$count, 'kind' => $kind->value, 'from_m' => $from, ...$more]));
    }

    /** @param list<Finding> $findings */
    public static function run(
        array $findings, Material $material = Material::Clay, ?float $expected = null, ?float $reached = 30,
        ?EndReason $ended = EndReason::MainReached, Travel $travel = Travel::Downstream, ?float $boreMm = 100,
    ): RunRecord {
        return new RunRecord(
            $findings, $material, null === $boreMm ? null : Length::millimetres($boreMm), $travel,
            null === $expected ? null : Length::metres($expected), null === $reached ? null : Length::metres($reached),
            $ended,
        );
    }

    /** A run of chance, the same for the same seed. */
    public static function random(int $seed): RunRecord
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $findings = [];
        for ($i = $chance->getInt(0, 14); $i > 0; --$i) {
            $kind = Kind::cases()[$chance->getInt(0, \count(Kind::cases()) - 1)];
            $from = $chance->getInt(0, 250) / 10;
            $more = ['id' => 'r'.$seed.'-'.$i] + (Extent::Point === $kind->extent() ? [] : ['to_m' => $from + $chance->getInt(0, 40) / 10]);
            if ([] !== $kind->units()) {
                $more['size'] = $chance->getInt(1, 90);
            }
            foreach ($kind->facts() as $fact) {
                if ([] !== $fact->choices()) {
                    $more['facts'][$fact->value] = $fact->choices()[$chance->getInt(0, \count($fact->choices()) - 1)];
                }
            }
            $findings[] = self::finding($kind, $from, $more);
        }
        $ended = [null, ...EndReason::cases()][$chance->getInt(0, 6)];

        return self::run(
            $findings, Material::cases()[$chance->getInt(0, 9)], [null, 20.0, 40.0][$chance->getInt(0, 2)],
            [null, 12.0, 31.0][$chance->getInt(0, 2)], $ended, Travel::cases()[$chance->getInt(0, 1)],
        );
    }
}
