<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Run;

use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\Coverage;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Run\PipeSpan;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Run\SightSpan;
use Jurvex\Core\Tests\RunBuilder;
use PHPUnit\Framework\TestCase;

final class CoverageTest extends TestCase
{
    public function testTheWorseSightWinsWhereTwoLimitsMeet(): void
    {
        $run = RunBuilder::run([
            RunBuilder::finding(Kind::SightLimited, 5, ['to_m' => 12]),
            RunBuilder::finding(Kind::LowSpot, 10, ['to_m' => 14, 'size' => 80, 'facts' => ['lens_under' => 'yes', 'water' => 'off']]),
            RunBuilder::finding(Kind::LowSpot, 16, ['to_m' => 18, 'size' => 10, 'facts' => ['lens_under' => 'no', 'water' => 'off']]),
        ], expected: 40, reached: 30, ended: EndReason::RodOut);
        self::assertSame(
            [[0.0, 5.0, 'seen'], [5.0, 10.0, 'dim'], [10.0, 14.0, 'submerged'], [14.0, 30.0, 'seen'], [30.0, 40.0, 'unreached']],
            array_map(
                static fn (SightSpan $span) => [$span->from->metres, $span->to->metres, $span->sight->value],
                Coverage::of($run)->spans,
            ),
        );
    }

    public function testAPlaceIsInThePipeThatBeganBeforeIt(): void
    {
        $changes = [[6.0, 'clay'], [6.4, 'cast_iron'], [15.0, 'abs']];
        $run = RunBuilder::run(array_map(
            static fn (array $at) => RunBuilder::finding(Kind::Transition, $at[0], ['facts' => ['material_after' => $at[1]]]), $changes,
        ), reached: 30);
        $lies = [[6.0, 'clay'], [6.2, 'clay'], [6.4, 'cast_iron'], [14.5, 'cast_iron'], [15.0, 'abs'], [40.0, 'abs']];
        foreach ($lies as [$at, $material]) {
            self::assertSame($material, $run->pipeAt(Length::metres($at))->material->value, (string) $at);
        }
        self::assertSame($run->material, $run->pipeAt(Length::metres(5.5))->material);
        [$first, $last] = $run->pipesAround(Length::metres(6.2), Length::metres(0.5));
        self::assertSame([$run->material, Material::CastIron], [$first->material, $last->material]);
    }

    public function testARunThatWentFartherThanExpectedWithoutMeetingTheMainHasAnOpenEnd(): void
    {
        self::assertTrue(Coverage::of(RunBuilder::run([], expected: 25, reached: 30, ended: EndReason::CannotPass))->openEnded);
        self::assertFalse(Coverage::of(RunBuilder::run([], expected: 35, reached: 30, ended: EndReason::CannotPass))->openEnded);
        self::assertFalse(Coverage::of(RunBuilder::run([], expected: null, reached: 30, ended: EndReason::EndOfLine))->openEnded);
    }

    public function testUntilARunHasEndedItReachesAsFarAsItsFarthestFinding(): void
    {
        $run = RunBuilder::run(
            [RunBuilder::finding(Kind::Crack, 7), RunBuilder::finding(Kind::Grease, 3, ['to_m' => 9])],
            reached: null,
            ended: null,
        );
        self::assertSame(9.0, $run->reached->metres);
    }

    public function testPipesFollowTheTransitionsWithTheirBores(): void
    {
        $run = RunBuilder::run([
            RunBuilder::finding(Kind::Transition, 14, ['facts' => ['material_after' => 'clay']]),
            RunBuilder::finding(Kind::Transition, 6, ['size' => 150, 'facts' => ['material_after' => 'pvc_welded']]),
        ], Material::CastIron);
        self::assertSame(
            [[0.0, 6.0, 'cast_iron', 100.0], [6.0, 14.0, 'pvc_welded', 150.0], [14.0, 30.0, 'clay', 150.0]],
            array_map(
                static fn (PipeSpan $pipe) => [
                    $pipe->from->metres,
                    $pipe->to->metres,
                    $pipe->material->value,
                    $pipe->bore?->inMillimetres(),
                ],
                $run->pipes,
            ),
        );
        $around = static fn (float $place, RunRecord $of) => array_map(
            static fn (PipeSpan $pipe) => $pipe->material->value,
            $of->pipesAround(Length::metres($place), Length::metres(0.3)),
        );
        self::assertSame(['cast_iron', 'pvc_welded'], $around(5.8, $run));
        self::assertSame(['pvc_welded', 'pvc_welded'], $around(10, $run));
        self::assertSame(['clay', 'clay'], $around(35, $run), 'beyond the end the last pipe is taken to go on');
    }

    public function testFindingsStandInTheOrderOfTheLineWhateverTheOrderOfEntry(): void
    {
        $run = RunBuilder::run(array_map(static fn (float $at) => RunBuilder::finding(Kind::Crack, $at), [9.0, 2.0, 5.5]));
        self::assertSame([2.0, 5.5, 9.0], array_map(static fn ($finding) => $finding->from->metres, $run->findings));
    }
}
