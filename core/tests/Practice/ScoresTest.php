<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Practice;

use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Judge\HouseRules;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Practice\Comparison;
use Jurvex\Core\Practice\Difficulty;
use Jurvex\Core\Practice\Found;
use Jurvex\Core\Practice\LineMaker;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Tests\Kept;
use Jurvex\Core\Tests\RunBuilder;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** How a log of an unknown line is scored. */
final class ScoresTest extends TestCase
{
    public function testAPerfectLogHasAllAndEachTrueThingIsFoundOrMissed(): void
    {
        $kept = [];
        for ($seed = 1; $seed <= 30; ++$seed) {
            $line = LineMaker::fromSeed($seed, Difficulty::cases()[$seed % 3]);
            $perfect = $line->perfectRecord($line->length, Length::millimetres(29));
            $whole = new Comparison($perfect, $perfect, HouseRules::starting());
            self::assertSame([100, [], [], []], [$whole->score(), $whole->missed, $whole->invented, $whole->judgedOtherwise]);
            foreach ([1, 3, 9] as $mistakes) {
                $compared = new Comparison($perfect, self::spoilt($perfect, $seed, $mistakes), HouseRules::starting());
                self::assertSame(
                    \count($whole->found), \count($compared->found) + \count($compared->missed), 'each true thing is found or missed',
                );
                $kept[$seed.' '.$mistakes] = [$compared->score(), $compared->points, $compared->unseenDeclared, array_map(
                    static fn (Found $found) => [$found->placeOff(), $found->clockOff(), $found->sizeOff(), $found->isOfTheRightKind()],
                    $compared->found,
                ), \count($compared->missed), \count($compared->invented), \count($compared->judgedOtherwise)];
            }
        }
        Kept::assertSame('scores', $kept);
    }

    public function testHowFarOffAFoundThingIs(): void
    {
        $off = self::found(...);
        self::assertEqualsWithDelta(0.2, $off([], [])->placeOff(), 1e-9);
        self::assertNull($off([], ['clock_from' => 3])->clockOff(), 'where it has none');
        self::assertSame(6.0, $off(['clock_from' => 3], [])->clockOff(), 'not said is as far off as can be');
        self::assertSame([1.0, 2.0], [
            $off(['clock_from' => 12], ['clock_from' => 1])->clockOff(), $off(['clock_from' => 1], ['clock_from' => 11])->clockOff(),
        ]);
        self::assertNull($off([], ['size' => 5])->sizeOff());
        self::assertSame(1.0, $off(['size' => 20], [])->sizeOff());
        self::assertNull($off(['size' => 0], ['size' => 5])->sizeOff(), 'nothing has no share of itself');
        self::assertEqualsWithDelta(0.5, $off(['size' => 1], ['size' => 1.5])->sizeOff(), 1e-9);
        self::assertEqualsWithDelta(0.25, $off(['size' => 20], ['size' => 25])->sizeOff(), 1e-9);
        self::assertSame(1.0, $off(['size' => 20], ['size' => 90])->sizeOff(), 'never more than wholly wrong');
    }

    /**
     * @param array<string, mixed> $truth
     * @param array<string, mixed> $logged
     */
    private static function found(array $truth, array $logged): Found
    {
        return new Found(RunBuilder::finding(Kind::RootCords, 8.0, $truth), RunBuilder::finding(Kind::RootCords, 8.2, $logged));
    }

    /** Things left out, moved, sized wrongly or made up. */
    private static function spoilt(RunRecord $perfect, int $seed, int $mistakes): RunRecord
    {
        $chance = new Randomizer(new Mt19937($seed));
        $findings = $perfect->findings;
        for ($i = 0; $i < $mistakes && [] !== $findings; ++$i) {
            $at = $chance->getInt(0, \count($findings) - 1);
            $finding = $findings[$at];
            match ($chance->getInt(0, 3)) {
                0 => array_splice($findings, $at, 1),
                1 => $findings[] = RunBuilder::finding(Kind::Rag, $chance->getInt(0, 90) / 10),
                2 => $findings[$at] = self::moved($finding, $chance->getInt(1, 9) / 10),
                default => $findings[$at] = self::moved($finding, 0.0, 1.5),
            };
        }
        usort($findings, static fn (Finding $a, Finding $b) => $a->from->metres <=> $b->from->metres);

        return new RunRecord(
            $findings, $perfect->pipes[0]->material, $perfect->pipes[0]->bore, $perfect->travel, null, $perfect->reached,
            $perfect->ended,
        );
    }

    private static function moved(Finding $finding, float $metres, float $times = 1.0): Finding
    {
        return RunBuilder::finding($finding->kind, $finding->from->metres + $metres, array_filter([
            'to_m' => null === $finding->to ? null : $finding->to->metres + $metres,
            'size' => null === $finding->size ? null : min(99.0, $finding->size->value * $times), 'unit' => $finding->size?->unit->value,
            'clock_from' => $finding->clockFrom?->hours, 'facts' => $finding->facts,
        ], static fn (mixed $value) => null !== $value));
    }
}
