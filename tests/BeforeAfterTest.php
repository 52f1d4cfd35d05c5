<?php

declare(strict_types=1);

namespace App\Tests;

use App\HandOver\JobFile\JobFileWriter;
use App\Record\Job;
use App\Support\Database\Id;
use PHPUnit\Framework\Attributes\Group;

/** Two looks over each other, as the page and the report tell it. */
#[Group('any-database')]
final class BeforeAfterTest extends ApplicationTestCase
{
    private const PASS = ['head' => 'Spinning nozzle', 'out_m' => 0.0, 'logged_at' => '2026-03-02T14:00:00+00:00'];
    private const JOINTS = [1.2, 2.7, 4.2, 5.7, 7.2, 8.7, 10.2, 11.7, 13.2, 14.7, 16.2, 17.7, 19.2, 20.7, 22.2];

    public function testJettingBetweenTwoLooksWithDifferentZerosIsToldPlaceByPlace(): void
    {
        $roots = static fn (float $at, float $size) => self::roots($at, $size);
        $story = (new StoryBuilder('Jetted, Story Row'))->opening('Yard', ['size_mm' => 100.0])
            ->look('Yard', [
                ...self::line(), $roots(7.2, 30.0), $roots(11.7, 40.0), $roots(16.2, 50.0), $roots(19.2, 20.0),
            ], 23.0)
            ->look('Yard', [
                ...self::line(0.8, 1.01), $roots(0.8 + 1.01 * 16.2, 15.0), ['kind' => 'crack', 'from_m' => 0.8 + 1.01 * 11.75],
                $roots(0.8 + 1.01 * 20.7, 8.0),
            ], 24.0)
            ->pass('Yard', ['tool' => 'jet', 'in_m' => 23.0] + self::PASS);
        [$report, $page] = $this->told($story);

        foreach ([$report, $page] as $told) {
            self::assertStringContainsString(
                '3 of 4 root joints gone, 1 less than before; root cords of 15 % left at 17.16 m; root cords of 8 % at 21.71 m that'
                    .' the look before did not show.', $told,
            );
            self::assertStringContainsString('Crack, 12.67 m The earlier look had roots, a deposit or water there, which may', $told);
            self::assertStringContainsString('What the earlier look has at zero the later one has at 0.8 m.', $told);
            self::assertStringContainsString('Its counter counts 1 % more over the same length.', $told);
        }
        self::assertStringNotContainsString('widest cutter', $report);
        // The united line goes by what stays, too: nothing that moved with the counter is said to be gone.
        self::assertStringNotContainsString('Root cords, 16.2 m down from Yard, seen 2 Mar 2026: not there', $report);
        self::assertStringNotContainsString('joint, 1.2 m down from Yard, seen', $report);
        $sightings = 'Seen: 2 Mar 2026: Root cords, 16.2 m down from Yard, 50 % · 3 Mar 2026: Root cords, 17.16 m';
        self::assertStringContainsString($sightings, $report);
    }

    public function testPicturesOfOnePlaceStandSideBySide(): void
    {
        $this->signIn();
        $job = $this->manager()->getRepository(Job::class)->findOneBy(['call.number' => '26-0398']) ?? self::fail();
        $page = $this->get('/jobs/'.$job->id.'/hand-over/before-after');
        $pictures = $page->filter('.fate:contains("Root cords") .fate-photos img');
        self::assertCount(2, $pictures);
        foreach ($pictures->extract(['src']) as $address) {
            $this->browser->request('GET', \is_string($address) ? $address : '');
            self::assertSame('image/jpeg', $this->browser->getResponse()->headers->get('Content-Type'));
        }
    }

    public function testACutterThatTheOpeningBoundsIsSaidToHaveLeftTheRest(): void
    {
        $story = (new StoryBuilder('Cut, Story Row', 'feet'))->opening('Yard', ['size_mm' => 80.0])
            ->look('Yard', [...self::line(), self::roots(16.2, 50.0)], 23.0, 'main_reached', ['bore_mm' => 150.0])
            ->look('Yard', [...self::line(), self::roots(16.2, 15.0)], 23.0, 'main_reached', ['bore_mm' => 150.0])
            ->pass('Yard', ['tool' => 'cable', 'head' => 'Large blade', 'in_m' => 23.0] + self::PASS);
        $report = $this->told($story)[0];

        self::assertStringContainsString('The root joint is less than before; root cords of 15 % left at 53\' 2".', $report);
        self::assertStringContainsString(
            'was 3 in in a bore of 5 7/8 in, which sweeps 25 % of it, because the opening is only 3 1/8 in wide.',
            $report,
        );
    }

    public function testALookFromTheMainBackIsLaidOverTheOneThatWentDown(): void
    {
        $story = (new StoryBuilder('From the main, Story Row'))->opening('Yard')->opening('Main chamber', ['faces' => 'upstream'])
            ->look('Yard', [...self::line(), self::roots(16.2, 50.0), ['kind' => 'crack', 'from_m' => 4.0]], 23.0)
            ->look('Main chamber', [
                ...self::line(24.0, -1.0), self::roots(7.8, 48.0), ['kind' => 'hole', 'from_m' => 4.0],
            ], 24.0, 'end_of_line', ['travel' => 'upstream']);
        [$report, $page] = $this->told($story);

        foreach ([$report, $page] as $told) {
            self::assertStringContainsString('The cameras came from opposite ends.', $told);
            self::assertStringContainsString('1 gone, 1 the same, 1 new', mb_strtolower($told));
            self::assertStringContainsString('Root cords, 7.8 m up from Main chamber 50 % before, 48 % now', $told);
            self::assertStringContainsString('Crack, 4.0 m down from Yard The later look saw the place and did not find it.', $told);
            self::assertStringContainsString('Hole, 4.0 m up from Main chamber The earlier look saw the place and did not find it.', $told);
        }
    }

    public function testWhatAShorterSecondLookDidNotReachIsNotGone(): void
    {
        $story = (new StoryBuilder('Shorter, Story Row'))->opening('Yard')
            ->look('Yard', [...self::line(), self::roots(5.7, 20.0), self::roots(19.2, 40.0)], 23.0)
            ->look('Yard', [...\array_slice(self::line(), 0, 9)], 13.5, 'cannot_pass')
            ->pass('Yard', ['tool' => 'jet', 'in_m' => 12.0] + self::PASS);
        [$report, $page] = $this->told($story);

        foreach ([$report, $page] as $told) {
            self::assertStringContainsString('1 gone, 1 not seen', mb_strtolower($told));
            self::assertStringContainsString('The root joint is gone, 1 not seen again.', $told);
            self::assertStringContainsString('Root cords, 19.2 m 40 % before; the later look did not see the place well.', $told);
        }
    }

    public function testAPairPutRightByHandIsKeptAndGoesWithTheJobFile(): void
    {
        $story = (new StoryBuilder('By hand, Story Row'))->opening('Yard')
            ->look('Yard', [...self::line(), ['id' => $before = Id::fresh()] + self::roots(7.2, 30.0)], 23.0)
            ->look('Yard', [...self::line(), ['id' => $after = Id::fresh()] + self::roots(8.7, 30.0)], 23.0);
        [, $page] = $this->told($story);
        self::assertStringContainsString('1 gone, 1 new', $page);

        $job = $this->manager()->find(Job::class, $story->id) ?? self::fail();
        [$first, $last] = $job->runs();
        $say = fn (string $same, string $of = '') => $this->send("/jobs/$story->id/hand-over/before-after/pairs/$before/".($of ?: $after), [
            'look_before' => $first->id, 'look_after' => $last->id, 'same' => $same,
        ]);
        $say('yes');
        self::assertStringContainsString('1 the same', $this->get("/jobs/$story->id/hand-over/before-after")->filter('#bench')->text());
        self::assertStringContainsString('1 the same', mb_strtolower($this->get("/jobs/$story->id/report")->text()));
        $file = (string) stream_get_contents(self::getContainer()->get(JobFileWriter::class)->write($job));
        self::assertMatchesRegularExpression('/"before_id": "'.$before.'",\s+"after_id": "'.$after.'",\s+"is_same": true/', $file);
        $say('no');
        self::assertStringContainsString('1 gone, 1 new', $this->get("/jobs/$story->id/hand-over/before-after")->filter('#bench')->text());
        $say('yes', Id::fresh());
        self::assertSame(404, $this->statusCode());
    }

    public function testAnyTwoLooksCanBeChosenAndTheOtherWayRoundEveryFateIsTurned(): void
    {
        $story = (new StoryBuilder('Chosen, Story Row'))->opening('Yard')
            ->look('Yard', [...self::line(), self::roots(7.2, 60.0)], 23.0)
            ->look('Yard', [...self::line(), self::roots(7.2, 20.0), ['kind' => 'hole', 'from_m' => 20.0]], 23.0)
            ->look('Yard', [...self::line(), self::roots(7.2, 20.0), ['kind' => 'hole', 'from_m' => 20.0]], 23.0);
        [, $page] = $this->told($story);
        self::assertStringContainsString('2 the same', $page, 'the last two, where nobody chooses');

        [$first, $second] = ($this->manager()->find(Job::class, $story->id) ?? self::fail())->runs();
        $chosen = fn (string $before, string $after) => $this->get(
            '/jobs/'.$story->id.'/hand-over/before-after?before='.$before.'&after='.$after,
        )->filter('#bench')->text(normalizeWhitespace: true);
        self::assertStringContainsString('1 less, 1 new', $chosen($first->id, $second->id));
        self::assertStringContainsString('1 gone, 1 more', $chosen($second->id, $first->id));
        self::assertStringContainsString('2 the same', $chosen($second->id, $second->id), 'a look is not laid over itself');
        self::assertStringContainsString('2 the same', $chosen('nonsense', $second->id));
    }

    public function testThreeThingsThatStayProveAnotherZeroToTheWholeReport(): void
    {
        $stays = static fn (float $by) => [
            ['kind' => 'tie_in', 'from_m' => 4.0 + $by], ['kind' => 'bend', 'from_m' => 9.5 + $by, 'size' => 45.0, 'unit' => 'degrees'],
            ['kind' => 'tap', 'from_m' => 21.0 + $by],
        ];
        $report = $this->told((new StoryBuilder('Few, Story Row'))->opening('Yard')
            ->look('Yard', [...$stays(0.0), self::roots(7.2, 40.0)], 21.0)
            ->look('Yard', [...$stays(0.7), self::roots(7.9, 10.0)], 21.7))[0];

        self::assertStringContainsString('Root cords, 7.9 m 40 % before, 10 % now.', $report);
        self::assertStringNotContainsString('not there any more', $report);
    }

    /** The second counter was zeroed at the rim, 0.9 m above the foot where the first one was. */
    public function testASaidZeroIsTakenIntoAccountWhereNothingElseTells(): void
    {
        foreach ([false, true] as $isMapped) {
            $story = new StoryBuilder('Said zero, Story Row'.($isMapped ? ' with a map' : ''));
            $story = $isMapped ? $story->measuredLine('yard', 'lane', 20.0) : $story;
            $report = $this->told($story->opening('Yard', ['drop_m' => 0.9] + ($isMapped ? ['node' => 'yard'] : []))
                ->look('Yard', [self::roots(7.2, 40.0)], 20.0, more: ['zero' => 'foot'])
                ->look('Yard', [self::roots(8.1, 10.0)], 20.9, more: ['zero' => 'rim']))[0];

            self::assertStringContainsString('Root cords, 8.1 m 40 % before, 10 % now.', $report);
            self::assertStringNotContainsString('not there any more', $report);
        }
    }

    public function testWithoutAnythingThatStaysOppositeLooksAreNotPaired(): void
    {
        $story = (new StoryBuilder('Blind, Story Row'))->opening('Yard')->opening('Lane', ['faces' => 'upstream'])
            ->look('Yard', [['kind' => 'crack', 'from_m' => 4.0]], 23.0)
            ->look('Lane', [['kind' => 'crack', 'from_m' => 19.0]], 23.0, 'end_of_line', ['travel' => 'upstream']);
        [$report, $page] = $this->told($story);
        self::assertStringNotContainsString('Before and after', $report);
        self::assertStringContainsString('No two looks here go over the same stretch as far as anything shows it.', $page);

        [$first, $second] = ($this->manager()->find(Job::class, $story->id) ?? self::fail())->runs();
        $address = '/jobs/'.$story->id.'/hand-over/before-after';
        $told = $this->get($address.'?before='.$first->id.'&after='.$second->id)->filter('#bench')->text();
        self::assertStringContainsString('what was found cannot be paired', $told);
        self::assertStringNotContainsString('did not find it', $told);
    }

    public function testTheLineMapLaysThemOverEachOtherWhereNothingElseDoes(): void
    {
        $story = (new StoryBuilder('Mapped, Story Row'))->measuredLine('yard', 'lane', 20.0)
            ->opening('Yard', ['node' => 'yard'])->opening('Lane', ['node' => 'lane', 'faces' => 'upstream'])
            ->look('Yard', [['kind' => 'crack', 'from_m' => 8.0], ['kind' => 'hole', 'from_m' => 15.0]], 20.0, 'joins_another_run')
            ->look('Lane', [['kind' => 'crack', 'from_m' => 12.0]], 20.0, 'end_of_line', ['travel' => 'upstream']);
        foreach ($this->told($story) as $told) {
            self::assertStringContainsString('they are laid over each other by the line map', $told);
            self::assertStringContainsString('Crack, 12.0 m up from Lane There in both looks. ', $told);
            self::assertStringContainsString('Hole, 15.0 m down from Yard The later look saw the place and did not find it.', $told);
        }
    }

    /** @return list<array<string, mixed>> what does not move, by a counter with another zero and another step */
    private static function line(float $shift = 0.0, float $stretch = 1.0): array
    {
        $at = static fn (float $metres) => round($shift + $stretch * $metres, 2);

        return [
            ...array_map(static fn (float $joint) => ['kind' => 'sound_joint', 'from_m' => $at($joint)], self::JOINTS),
            ['kind' => 'tie_in', 'from_m' => $at(9.1)], ['kind' => 'bend', 'from_m' => $at(13.8), 'size' => 45.0, 'unit' => 'degrees'],
        ];
    }

    /** @return array<string, mixed> */
    private static function roots(float $at, float $size): array
    {
        return ['kind' => 'root_cords', 'from_m' => round($at, 2), 'size' => $size, 'unit' => 'percent', 'at_joint' => true];
    }

    /** @return array{string, string} the report, and the page with both looks */
    private function told(StoryBuilder $story): array
    {
        $this->signIn();
        $this->take($story);
        $plain = static fn (string $text) => trim((string) preg_replace('/\s+/u', ' ', $text));

        return [
            $plain($this->get('/jobs/'.$story->id.'/report')->filter('.report')->text(normalizeWhitespace: true)),
            $plain($this->get('/jobs/'.$story->id.'/hand-over/before-after')->filter('#bench')->text(normalizeWhitespace: true)),
        ];
    }
}
