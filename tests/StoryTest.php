<?php

declare(strict_types=1);

namespace App\Tests;

use PHPUnit\Framework\Attributes\Group;

/** Jobs as technicians live them, taken in as job files: what the Judge screen and the report say of the line must be true. */
#[Group('any-database')]
final class StoryTest extends ApplicationTestCase
{
    private const FEET = 'Feet of nothing, Story Row';

    public function testAShortSecondLookDoesNotTakeAwayWhatTheFirstFoundBeyondIt(): void
    {
        $said = $this->told((new StoryBuilder('First and second, Story Row'))->opening('Yard')
            ->look('Yard', [
                ['kind' => 'root_clump', 'from_m' => 6.0, 'size' => 30.0, 'unit' => 'percent', 'at_joint' => true],
                ['kind' => 'hole', 'from_m' => 22.0, 'facts' => ['void_seen' => 'yes']],
            ], 25.0)
            ->look('Yard', [['kind' => 'sound_joint', 'from_m' => 6.0]], 9.0, 'rod_out'));
        foreach ($said as $page) {
            self::assertStringContainsString('The line does not pass', $page);
            self::assertStringContainsString('Hole', $page);
            self::assertStringContainsString('Root clump, 6.0 m down from Yard, seen 2 Mar 2026: not there any more', $page);
            self::assertStringContainsString('on 3 Mar 2026, a sound joint was logged there.', $page);
        }
        self::assertStringContainsString('Hole at 22.0 m: needs work before the line is used.', $said['report']);
        self::assertStringContainsString('We saw all of the line that was ordered.', $said['report'], 'the first look saw the rest');
    }

    public function testTwoWaysFromOneOpeningAreToldApart(): void
    {
        $said = $this->told((new StoryBuilder('Two ways, Story Row'))->opening('Yard', ['faces' => 'both'])
            ->look('Yard', [], 18.0)
            ->look('Yard', [['kind' => 'broken_pipe', 'from_m' => 4.0]], 7.0, 'end_of_line', ['travel' => 'upstream']));
        self::assertStringContainsString('Break at 4.0 m up from Yard: needs repair.', $said['report']);
        self::assertMatchesRegularExpression('/Down from Yard 18\.0 m passes .*Up from Yard 7\.0 m does not pass/', $said['judge']);
        self::assertStringContainsString('nobody noted all of void, soil and crown', $said['report']);
    }

    public function testWhatNobodyAnsweredIsNotAnswered(): void
    {
        $said = $this->told((new StoryBuilder('Not said, Story Row'))->opening('Yard')->look('Yard', [
            ['kind' => 'failed_seal', 'from_m' => 3.0],
            ['kind' => 'tie_in', 'from_m' => 8.0],
            ['kind' => 'low_spot', 'from_m' => 10.0, 'to_m' => 12.0, 'size' => 30.0, 'unit' => 'mm'],
            ['kind' => 'offset_joint', 'from_m' => 15.0, 'size' => 20.0, 'unit' => 'percent'],
        ], 20.0));
        foreach ($said as $page) {
            self::assertStringNotContainsString('No soil is seen', $page);
            self::assertStringContainsString('Nobody said whether soil is seen.', $page);
            self::assertStringContainsString('nobody noted whether it is sound', $page);
            self::assertStringContainsString('Nobody said whether water was running', $page);
            self::assertStringContainsString('nobody noted which way it faces', $page);
        }
        self::assertStringContainsString('Failed seal at 3.0 m: must be looked at again', $said['report']);
    }

    public function testALineThatEndsAtABlockageDoesNotPass(): void
    {
        $said = $this->told((new StoryBuilder('Blocked, Story Row'))->opening('Yard', ['state' => 'too_small'])->look('Yard', [
            ['kind' => 'bend', 'from_m' => 2.0, 'size' => 90.0, 'unit' => 'degrees'],
            ['kind' => 'bend', 'from_m' => 7.0, 'size' => 45.0, 'unit' => 'degrees'],
            ['kind' => 'cannot_go_further', 'from_m' => 11.2, 'facts' => ['cause' => 'rod_jammed']],
        ], 11.2, 'cannot_pass'));
        foreach ($said as $page) {
            self::assertStringContainsString('The line was not fully seen', $page);
            self::assertStringNotContainsString('11.2 m passes', $page);
        }
        self::assertStringContainsString('What lies beyond 11.2 m from Yard, and how far it goes on.', $said['report']);
        self::assertStringContainsString('could not go on at 11.2 m: the rod jams after 135° of turn.', $said['report']);
        self::assertStringContainsString('Access at Yard: too small.', $said['report']);
    }

    public function testWaterOnThenOffIsJudgedByTheReadingWithTheWaterOff(): void
    {
        $spot = ['kind' => 'low_spot', 'from_m' => 10.0, 'to_m' => 13.0, 'unit' => 'mm'];
        $said = $this->told((new StoryBuilder('On and off, Story Row'))->opening('Yard')
            ->look('Yard', [['size' => 60.0, 'facts' => ['water' => 'on']] + $spot], 20.0)
            ->look('Yard', [['size' => 12.0, 'from_m' => 10.3, 'facts' => ['water' => 'off']] + $spot], 20.0)
            ->look('Yard', [['size' => 70.0, 'facts' => ['water' => 'on']] + $spot], 20.0));
        foreach ($said as $page) {
            self::assertStringContainsString('12 mm deep', $page);
            self::assertStringContainsString('4 Mar 2026: Low spot, 10.0 m down from Yard, 70 mm', $page, 'kept as a sighting');
            self::assertStringNotContainsString('Measured with water running: not judged', $page);
        }
    }

    public function testWhatWasClearedBetweenTwoLooksIsToldAsGoneAndTheLinePasses(): void
    {
        $said = $this->told((new StoryBuilder('Cleared, Story Row'))->opening('Yard')
            ->look('Yard', [
                ['kind' => 'grease', 'from_m' => 9.0, 'to_m' => 11.0, 'size' => 60.0, 'unit' => 'percent'],
                ['kind' => 'cannot_go_further', 'from_m' => 11.0, 'facts' => ['cause' => 'debris']],
            ], 11.0, 'cannot_pass')
            ->look('Yard', [['kind' => 'tap', 'from_m' => 24.0]], 24.0));
        foreach ($said as $page) {
            self::assertStringContainsString('The line passes', $page);
            self::assertStringContainsString('Grease, 9.0 m down from Yard, seen 2 Mar 2026: not there any more on 3 Mar 2026.', $page);
        }
        self::assertStringContainsString('Nothing that needs work or watching.', $said['report']);
        self::assertStringContainsString('We saw all of the line', $said['report']);
    }

    public function testWhatNobodyMeasuredIsToBeMeasuredWhereAllWasSeen(): void
    {
        $said = $this->told((new StoryBuilder('Not measured, Story Row'))->opening('Yard')->look('Yard', [
            ['kind' => 'transition', 'from_m' => 6.5, 'facts' => ['material_after' => 'clay']],
            ['kind' => 'offset_joint', 'from_m' => 6.5],
            ['kind' => 'tap', 'from_m' => 21.7],
        ], 21.7));
        foreach ($said as $page) {
            self::assertStringContainsString('Offset joint with transition', $page);
        }
        self::assertStringContainsString('The camera came through all of the line that was ordered;', $said['report']);
        self::assertStringContainsString('Have what waits for another look seen again or measured', $said['report']);
        self::assertStringNotContainsString('Have what could not be seen', $said['report']);
    }

    public function testADepthUnderWaterIsAtLeastThat(): void
    {
        $said = $this->told((new StoryBuilder('Under, Story Row'))->opening('Yard')->look('Yard', [[
            'kind' => 'low_spot', 'from_m' => 5.0, 'to_m' => 8.0, 'size' => 40.0, 'unit' => 'mm',
            'facts' => ['water' => 'off', 'lens_under' => 'yes'],
        ]], 20.0));
        foreach ($said as $page) {
            self::assertStringContainsString('at least 40 mm deep', $page);
        }
        self::assertStringContainsString('5.0 m to 8.0 m from Yard: under water.', $said['report']);
    }

    public function testALeaningRiserIsToldThoughItCanBeUsed(): void
    {
        $said = $this->told((new StoryBuilder('Leaning, Story Row'))->opening('Yard', ['leaning' => true])->look('Yard', [], 20.0));
        self::assertStringContainsString('Access at Yard: the riser leans or is displaced.', $said['report']);
        self::assertMatchesRegularExpression('/Watch ?Yard the riser leans or is displaced Access to the line/', $said['judge']);
        self::assertStringContainsString('The line passes', $said['judge']);
    }

    public function testTwoMaterialsFromOneOpeningAreTwoPipes(): void
    {
        $said = $this->told((new StoryBuilder('Two pipes, Story Row'))->opening('Yard')->look('Yard', [
            ['kind' => 'transition', 'from_m' => 8.0, 'size' => 100.0, 'unit' => 'mm', 'facts' => ['material_after' => 'pvc_welded']],
            ['kind' => 'root_threads', 'from_m' => 4.0, 'size' => 5.0, 'unit' => 'percent'],
            ['kind' => 'root_threads', 'from_m' => 12.0, 'size' => 5.0, 'unit' => 'percent'],
        ], 20.0));
        self::assertStringContainsString('Root threads at 12.0 m: needs repair.', $said['report'], 'the plastic joint has failed');
        self::assertStringContainsString('Root threads at 4.0 m: needs cleaning on a cycle', $said['report'], 'in clay');
    }

    public function testTheSameRootFromBothEndsIsOneThing(): void
    {
        $said = $this->told((new StoryBuilder('Both ends, Story Row'))
            ->measuredLine('yard', 'lane', 20.0)
            ->opening('Yard', ['node' => 'yard'])->opening('Lane', ['node' => 'lane', 'faces' => 'upstream'])
            ->look('Yard', [['kind' => 'root_cords', 'from_m' => 8.0, 'size' => 20.0, 'unit' => 'percent']], 9.0, 'cannot_pass')
            ->look('Lane', [['kind' => 'root_clump', 'from_m' => 12.4, 'size' => 35.0, 'unit' => 'percent']], 13.0, 'cannot_pass', [
                'travel' => 'upstream',
            ]));
        self::assertSame(1, preg_match_all('/Root (clump|cords) at /', $said['report']));
        self::assertStringContainsString('Root clump at 12.4 m up from Lane', $said['report']);
        self::assertStringContainsString('2 Mar 2026: Root cords, 8.0 m down from Yard, 20 %', $said['report']);
        self::assertStringContainsString('We saw all of the line that was ordered.', $said['report'], 'both looks together');
        $unfinished = $this->get('/')->filter('section:contains("Unfinished looks")')->text();
        self::assertStringNotContainsString('Both ends, Story Row', $unfinished);
    }

    public function testAJointsSeveralTroublesAreToldOnce(): void
    {
        $said = $this->told((new StoryBuilder('One joint, Story Row'))->opening('Yard')->look('Yard', [
            ['kind' => 'transition', 'from_m' => 9.0, 'size' => 100.0, 'unit' => 'mm', 'facts' => ['material_after' => 'pvc_gasketed']],
            ['kind' => 'failed_seal', 'from_m' => 9.0, 'facts' => ['soil_seen' => 'no']],
            ['kind' => 'root_threads', 'from_m' => 9.1, 'size' => 60.0, 'unit' => 'percent', 'at_joint' => true],
        ], 20.0));
        self::assertSame(1, preg_match_all('/ at 9\.[01] m: /', $said['report']));
        self::assertStringContainsString('Root threads with transition, failed seal at 9.1 m: needs work', $said['report']);
    }

    public function testACrossBoreAtAJointStopsTheWorkWhateverElseIsThere(): void
    {
        $said = $this->told((new StoryBuilder('Cross-bore, Story Row'))->opening('Yard')->look('Yard', [
            ['kind' => 'root_clump', 'from_m' => 9.0, 'size' => 60.0, 'unit' => 'percent', 'at_joint' => true],
            ['kind' => 'cross_bore', 'from_m' => 9.1, 'at_joint' => true],
        ], 20.0));
        foreach ($said as $page) {
            self::assertStringContainsString('No cutting, no jetting', $page);
        }
        self::assertStringContainsString('Cross-bore at 9.1 m', $said['report']);
    }

    public function testLikelyAndFeetAreCarriedIntoEverySentence(): void
    {
        $said = $this->told((new StoryBuilder(self::FEET, 'feet'))->opening('Yard')->look('Yard', [
            ['kind' => 'root_clump', 'from_m' => 6.096, 'size' => 60.0, 'unit' => 'percent', 'sureness' => 'likely'],
            ['kind' => 'low_spot', 'from_m' => 9.144, 'to_m' => 10.668, 'size' => 50.8, 'unit' => 'mm', 'facts' => ['water' => 'off']],
        ], 15.24));
        self::assertStringContainsString("Likely root clump at 20' 0\": needs work before the line is used.", $said['report']);
        self::assertStringContainsString('2 in deep', $said['report']);
        self::assertDoesNotMatchRegularExpression('/\d (m|mm)\b/', preg_replace('/\d+ min\b/', '', $said['report']) ?? '');
    }

    public function testAPipeSeenFromOutsideIsHeldAgainstTheFallItNeeds(): void
    {
        $short = ['length_m' => 4.0, 'material' => 'cast_iron', 'bore_mm' => 100.0, 'fall_mm' => 30.0, 'supports' => 'loose'];
        $level = ['length_m' => 3.0, 'bore_mm' => 50.0, 'level_deg' => 1.0, 'level_step_deg' => 1.0];
        $story = static fn (string $place, string $units) => (new StoryBuilder($place, $units))->opening('Yard')->look('Yard', [], 20.0)
            ->outside('Under the kitchen', $short)->outside('Under the bath', $level)->outside('Beside the stair', ['length_m' => 2.0]);
        $said = $this->told($story('Crawl space, Story Row', 'metric'));
        foreach ($said as $page) {
            self::assertStringContainsString('4.0 m, cast iron, 100 mm. Needs 42 mm of fall, found 30 mm (8 mm/m).', $page);
            self::assertStringContainsString('Its supports are loose.', $page);
            self::assertStringContainsString('Short of the least fall for this bore', $page);
            self::assertStringContainsString('3.0 m, 50 mm. Needs 62 mm of fall, found 52 mm (17 mm/m).', $page);
            self::assertStringContainsString('Too near to the least fall for this bore to tell.', $page);
            self::assertStringContainsString('Its fall was not measured.', $page);
            self::assertStringNotContainsString('supports are sound', $page, 'nobody said so');
        }
        $feet = $this->told($story('Crawl space in feet, Story Row', 'feet'))['report'];
        self::assertStringContainsString("13' 1\", cast iron, 3 7/8 in. Needs 1 5/8 in of fall, found 1 1/8 in (1/16 in/ft).", $feet);
        self::assertStringContainsString('Pipe seen from outside, under the kitchen: no work now; look again by a date.', $feet);
        self::assertStringNotContainsString('Nothing that needs work or watching', $feet);
    }

    public function testWhatIsAlikeButTooFarApartFromTwoEndsIsAsked(): void
    {
        $clump = ['kind' => 'root_clump', 'size' => 35.0, 'unit' => 'percent'];
        $said = $this->told((new StoryBuilder('A metre apart, Story Row'))
            ->measuredLine('yard', 'lane', 20.0)
            ->opening('Yard', ['node' => 'yard'])->opening('Lane', ['node' => 'lane', 'faces' => 'upstream'])
            ->look('Yard', [['from_m' => 8.0] + $clump], 9.0, 'cannot_pass')
            ->look('Lane', [['from_m' => 12.9] + $clump], 13.0, 'cannot_pass', ['travel' => 'upstream']));
        self::assertStringContainsString('Root clump, 8.0 m down from Yard, 35 % and 3 Mar 2026: Root clump, 12.9 m up from Lane, 35 %'
            .' lie 0.9 m apart.', $said['judge']);
    }

    public function testAMarkSaysWhyNobodyMayDigByIt(): void
    {
        $said = $this->told((new StoryBuilder('Marked, Story Row'))->opening('Yard')->look('Yard', [], 20.0)->mark([
            'at_m' => 9.0, 'depths_m' => [1.2, 1.5], 'over_head' => 'water', 'paint' => 'flag', 'note' => 'Under the fig',
        ]));
        self::assertStringContainsString('9.0 m down from Yard · Under the fig', $said['report']);
        self::assertStringContainsString('not good enough to dig: fewer than three readings, the readings spread over 0.14 m,'
            .' water stands over the head; take it again', $said['report']);
        self::assertStringContainsString('Flag in the ground', $said['report']);
    }

    public function testTheReportSaysWhereANewOpeningBelongsAndWhatTheCutterLeft(): void
    {
        $story = (new StoryBuilder('Long, Story Row'))->measuredLine('yard', 'lane', 44.0)
            ->opening('Yard', ['node' => 'yard'])->opening('Lane', ['node' => 'lane'])
            ->look('Yard', [], 44.0, more: ['water_on' => false, 'water_off_at' => '2026-03-02T09:20:00+00:00'])
            ->pass('Yard', ['tool' => 'cable', 'head' => 'Large blade', 'in_m' => 30.0, 'out_m' => 0.0]);
        $said = $this->told($story);
        self::assertStringContainsString('Distance 44.0 m · house rule 30.0 m. A new opening belongs 22.0 m', $said['report']);
        self::assertStringContainsString('Access at Yard: too far to Lane.', $said['report']);
        self::assertStringContainsString(
            '75 mm wide in a bore of 100 mm, it sweeps 56 % of it and leaves up to 25 mm on the wall', $said['report'],
        );
        self::assertStringContainsString('Water was on, and was turned off at', $said['report']);
    }

    public function testTheFirstLookDrawsTheMapAndWhatWasSeenStaysWhereItWas(): void
    {
        $story = (new StoryBuilder('No map, Story Row'))->opening('Yard')->look('Yard', [
            ['kind' => 'bend', 'from_m' => 2.0, 'size' => 45.0, 'unit' => 'degrees'],
            ['kind' => 'transition', 'from_m' => 8.0, 'size' => 100.0, 'unit' => 'mm', 'facts' => ['material_after' => 'pvc_welded']],
            ['kind' => 'root_threads', 'from_m' => 12.0, 'size' => 5.0, 'unit' => 'percent'],
        ], 20.0);
        $said = $this->told($story);
        $page = $this->get('/jobs/'.$story->id.'/way-in');
        $this->browser->submit($page->filter('form[action*=from-look]')->form());
        $map = $this->browser->followRedirect();
        self::assertStringContainsString('Seen: 20.0 m of 20.0 m', $map->filter('#numbers')->text());
        self::assertCount(0, $map->filter('form[action*=from-look]'));
        $again = $this->get('/jobs/'.$story->id.'/report')->filter('.report')->text();
        foreach (['Root threads at 12.0 m: needs repair.', 'We saw all of the line that was ordered.'] as $sentence) {
            self::assertStringContainsString($sentence, $said['report']);
            self::assertStringContainsString($sentence, $again);
        }
    }

    /** @return array{judge: string, report: string} */
    private function told(StoryBuilder $story): array
    {
        $this->signIn();
        $this->take($story);
        $plain = static fn (string $text) => trim((string) preg_replace('/\s+/u', ' ', $text));

        return [
            'judge' => $plain($this->get('/jobs/'.$story->id.'/judge')->filter('#bench')->text(normalizeWhitespace: true)),
            'report' => $plain($this->get('/jobs/'.$story->id.'/report')->filter('.report')->text(normalizeWhitespace: true)),
        ];
    }
}
