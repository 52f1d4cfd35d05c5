<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Judge;

use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Judge\HouseRules;
use Jurvex\Core\Judge\Judge;
use Jurvex\Core\Judge\LineVerdict;
use Jurvex\Core\Judge\Stretch;
use Jurvex\Core\Judge\Verdict;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Run\Sight;
use Jurvex\Core\Tests\RunBuilder;
use PHPUnit\Framework\TestCase;

final class LineVerdictTest extends TestCase
{
    public function testTheLineIsDividedAtTieInsTransitionsAndOpeningsAndTheWholeIsTheWorst(): void
    {
        $verdict = self::verdict(RunBuilder::run([
            RunBuilder::finding(Kind::Transition, 6), RunBuilder::finding(Kind::TieIn, 9), RunBuilder::finding(Kind::Bend, 12),
            RunBuilder::finding(Kind::Grease, 7, [
                'size' => 15,
            ]), RunBuilder::finding(Kind::OldPatch, 20), RunBuilder::finding(Kind::Tap, 30),
        ]));
        self::assertSame(
            [[0.0, 6.0, Verdict::Passes], [6.0, 9.0, Verdict::PassesWithUpkeep], [9.0, 30.0, Verdict::DoesNotPass]],
            array_map(
                static fn (Stretch $stretch) => [$stretch->starts->at->metres, $stretch->to?->metres, $stretch->verdict],
                $verdict->stretches,
            ),
        );
        self::assertSame(Verdict::DoesNotPass, $verdict->whole());
    }

    public function testTheWorseOfTwoVerdictsIsTheLaterInThisOrder(): void
    {
        $order = [Verdict::Passes, Verdict::PassesWithUpkeep, Verdict::NotFullySeen, Verdict::DoesNotPass];
        foreach ($order as $i => $one) {
            foreach ($order as $j => $other) {
                self::assertSame($order[max($i, $j)], $one->worse($other));
            }
        }
    }

    public function testWhatIsUnseenOrUnderWaterCannotPass(): void
    {
        self::assertSame(Verdict::Passes, self::verdict(RunBuilder::run([]))->whole());
        self::assertSame(Verdict::NotFullySeen, self::verdict(RunBuilder::run([], expected: 40, ended: EndReason::RodOut))->whole());
        self::assertSame(
            Verdict::NotFullySeen,
            self::verdict(RunBuilder::run([], ended: EndReason::RodOut))->whole(),
            'nobody knows how far it goes on',
        );
        self::assertSame(
            Verdict::NotFullySeen,
            self::verdict(RunBuilder::run([RunBuilder::finding(Kind::SightLimited, 3, ['to_m' => 4])]))->whole(),
        );
        $submerged = self::verdict(
            RunBuilder::run([
                RunBuilder::finding(Kind::LowSpot, 3, ['to_m' => 4, 'size' => 5, 'facts' => ['water' => 'off', 'lens_under' => 'yes']]),
            ]),
        );
        self::assertSame([Verdict::NotFullySeen, 1.0], [$submerged->whole(), $submerged->stretches[0]->submergedMetres]);
    }

    public function testTheLineEndsWhereTheMainWasReachedWhateverWasExpected(): void
    {
        $run = RunBuilder::run([], expected: 40, reached: 30, ended: EndReason::MainReached);
        self::assertSame([30.0, true], [$run->length()->metres, self::verdict($run)->coverage->isComplete()]);
    }

    public function testStretchesAndSightAlwaysCoverTheWholeLineOnce(): void
    {
        for ($seed = 0; $seed < 300; ++$seed) {
            $run = RunBuilder::random($seed);
            $verdict = self::verdict($run);
            $at = $seen = 0.0;
            foreach ($verdict->stretches as $stretch) {
                self::assertEqualsWithDelta($at, $stretch->starts->at->metres, 1e-9, 'seed '.$seed);
                $at = $stretch->to->metres ?? $at;
                if (Verdict::Passes === $stretch->verdict || Verdict::PassesWithUpkeep === $stretch->verdict) {
                    self::assertEqualsWithDelta(
                        0,
                        $stretch->submergedMetres + $stretch->dimMetres + (float) $stretch->unreachedMetres,
                        1e-9,
                    );
                }
            }
            self::assertEqualsWithDelta($run->length()->metres, $at, 1e-9, 'seed '.$seed);
            foreach (Sight::cases() as $sight) {
                $seen += $verdict->coverage->metres($sight);
            }
            self::assertEqualsWithDelta($run->length()->metres, $seen, 1e-9, 'seed '.$seed);
            self::assertEqualsWithDelta($run->length()->metres, $run->pipes[\count($run->pipes) - 1]->to->metres, 1e-9);
        }
    }

    private static function verdict(RunRecord $run): LineVerdict
    {
        return LineVerdict::of($run, (new Judge(HouseRules::starting()))->judgeAll($run));
    }
}
