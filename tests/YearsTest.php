<?php

declare(strict_types=1);

namespace App\Tests;

use App\Record\Job;
use App\Record\Property;
use App\Record\UpkeepPlan;
use App\Support\Database\Id;
use PHPUnit\Framework\Attributes\DataProvider;

/** A property over the years: what grows and when it is at its limit, upkeep on a cycle, the next visit. */
final class YearsTest extends ApplicationTestCase
{
    public function testThreeYearlyLooksAtOneJointTellWhenItIsFull(): void
    {
        $this->signIn();
        $story = null;
        foreach ([['2024-03-02', 10.0, 0.0], ['2025-03-02', 20.0, 0.7], ['2026-03-02', 30.0, 0.0]] as [$day, $share, $zero]) {
            $story = (new StoryBuilder('Yearly, Story Row'))->opening('Yard')->look('Yard', [
                ...array_map(static fn (int $i) => ['kind' => 'sound_joint', 'from_m' => 1.2 + 1.5 * $i + $zero], range(0, 14)),
                ['kind' => 'bend', 'from_m' => 9.6 + $zero, 'size' => 45.0, 'unit' => 'degrees'],
                ['kind' => 'tie_in', 'from_m' => 4.9 + $zero],
                ['kind' => 'root_cords', 'from_m' => 14.7 + $zero, 'size' => $share, 'unit' => 'percent', 'at_joint' => true],
            ], 23.0 + $zero, more: ['started_at' => $day.'T09:00:00+00:00', 'ended_at' => $day.'T09:40:00+00:00']);
            $this->take($story);
        }
        // Ten percent a year; 5 % either way over three years is 3.5 % a year: 28 months at the most likely, 50 % in March 2028.
        $told = $this->property('Yearly, Story Row');
        self::assertStringContainsString('2 Mar 2024: 10 % · 2 Mar 2025: 20 % · 2 Mar 2026: 30 %', $told);
        self::assertStringContainsString(
            'it grows by 10 % of the bore a year, give or take 4 %, and takes 50 % of it in March 2028, between May 2027 and', $told,
        );
        $report = $this->get('/jobs/'.($story->id ?? '').'/report')->filter('.first-page')->text();
        self::assertStringContainsString('takes 50 % of it in March 2028', $report);
    }

    public function testWhatWasCutInBetweenBeginsAnewAndOneLookGoesByTheHousesCycle(): void
    {
        $roots = static fn (float $share) => [
            ['kind' => 'root_cords', 'from_m' => 14.7, 'size' => $share, 'unit' => 'percent', 'at_joint' => true],
        ];
        $this->signIn();
        $this->take((new StoryBuilder('Cut anew, Story Row'))->opening('Yard')->look('Yard', $roots(40.0), 23.0)
            ->look('Yard', $roots(12.0), 23.0, more: [
                'started_at' => '2026-08-02T09:00:00+00:00', 'ended_at' => '2026-08-02T09:40:00+00:00',
            ])
            ->pass('Yard', [
                'tool' => 'cable', 'head' => 'Large blade', 'in_m' => 20.0, 'out_m' => 0.0, 'logged_at' => '2026-08-01T09:00:00+00:00',
            ]));
        $told = $this->property('Cut anew, Story Row');

        self::assertStringContainsString('Not two looks with a size since it was worked on (1 Aug 2026): nothing is known', $told);
        self::assertStringContainsString('Cutting between May 2027 and August 2027. By the house\'s cycle for root cords, 14.7 m', $told);
    }

    public function testUpkeepIsPlannedSeenToBookedAndEnded(): void
    {
        $this->signIn();
        $property = $this->at('Smokehouse, 3 Kiln Close');
        $address = '/properties/'.$property->id;
        // The form comes when it is opened, by script or by its link.
        $page = $this->get($address);
        self::assertCount(0, $page->filter('[name="plan_form[note]"]'));
        $opener = $page->filter('[hx-get*="/plans/"]');
        $opened = [(string) $opener->attr('hx-get'), $address.$opener->filter('a')->attr('href')];
        foreach ($opened as $each) {
            self::assertCount(1, $this->get($each)->filter('[name="plan_form[note]"]'), $each);
        }
        $id = Id::fresh();
        $plan = ['work' => 'jetting', 'everyMonths' => '', 'dueOn' => '2031-05-04', 'note' => 'By the gate'];
        $this->send($address.'/plans/'.$id, ['plan_form' => $plan]);
        self::assertSame(422, $this->statusCode());
        self::assertStringContainsString('By the gate', $this->page());
        foreach ([1, 2] as $ignored) {
            $this->send($address.'/plans/'.$id, ['plan_form' => ['everyMonths' => '6'] + $plan]);
        }
        self::assertStringContainsString('every 6 months · due 4 May 2031', $this->get($address)->text(normalizeWhitespace: true));

        $booked = Id::fresh();
        $this->send($address.'/book/'.$booked, ['plan' => $id]);
        $job = $this->manager()->find(Job::class, $booked) ?? self::fail();
        self::assertSame(
            [$property->id, 'Kiln Close Smokers', '2031-05-04', 'Jetting. By the gate'],
            [$job->property()->id, $job->call()->customer, $job->call()->plannedOn?->format('Y-m-d'), $job->call()->ordered],
        );
        self::assertStringContainsString('takes 50 % of it', $job->call()->notes);
        self::assertSame('2031-11-04', $this->manager()->find(UpkeepPlan::class, $id)?->dueOn()->format('Y-m-d'));
        $this->send($address.'/plans/'.$id.'/end', []);
        self::assertStringNotContainsString('By the gate', $this->get($address)->text());
    }

    /** @return array<string, array{list<array<string, mixed>>, string}> what was found, and when to come again */
    public static function cycles(): array
    {
        $percent = static fn (float $share) => ['size' => $share, 'unit' => 'percent'];

        return [
            'grease is jetted after three to six months' => [
                [['kind' => 'grease', 'from_m' => 3.0, 'to_m' => 6.0] + $percent(15.0)], 'Jetting between June 2026 and September 2026.',
            ],
            'roots are cut after nine to twelve' => [
                [['kind' => 'root_cords', 'from_m' => 3.0, 'at_joint' => true] + $percent(20.0)],
                'Cutting between December 2026 and March 2027.',
            ],
            'what is watched is looked at after a year' => [
                [['kind' => 'offset_joint', 'from_m' => 3.0] + $percent(5.0)], 'A look in March 2027.',
            ],
            'the soonest counts' => [
                [
                    ['kind' => 'offset_joint', 'from_m' => 3.0] + $percent(5.0), ['kind' => 'root_cords', 'from_m' => 9.0] + $percent(20.0),
                    ['kind' => 'grease', 'from_m' => 12.0, 'to_m' => 13.0] + $percent(15.0),
                ],
                'Jetting between June 2026 and September 2026.',
            ],
            'a sound line asks for nothing' => [
                [['kind' => 'sound_joint', 'from_m' => 3.0]], 'Nothing that was seen asks for a next time.',
            ],
            'what is to be mended waits for no cycle' => [
                [['kind' => 'hole', 'from_m' => 3.0]], 'What is to be mended or looked at again comes first; it waits for no cycle.',
            ],
        ];
    }

    /** @param list<array<string, mixed>> $found */
    #[DataProvider('cycles')]
    public function testUntilTwoLooksTellAGrowthTheHousesCycleDoes(array $found, string $next): void
    {
        $this->signIn();
        $this->take((new StoryBuilder('By the cycle, Story Row'))->opening('Yard')->look('Yard', $found, 23.0));
        self::assertStringContainsString($next, $this->property('By the cycle, Story Row'));
    }

    /** @return array<string, array{list<float>, string}> shares a year apart, and what is said of them */
    public static function growths(): array
    {
        return [
            'as before' => [[20.0, 20.0], 'By the looks it does not grow.'],
            'less than before' => [[20.0, 12.0], 'By the looks it does not grow.'],
            'slowly' => [[20.0, 20.4], 'too slowly to take 50 % within any plan.'],
            'within the error' => [[20.0, 25.0], 'it takes 50 % of the bore in March 2030, in '],
            'for certain' => [[20.0, 35.0], 'takes 50 % of it in March 2026, between'],
            'over the limit already' => [[20.0, 60.0], 'It takes 50 % of the bore or more already.'],
        ];
    }

    /** @param list<float> $shares */
    #[DataProvider('growths')]
    public function testWhatIsSaidOfAGrowthIsWhatTheLooksProve(array $shares, string $said): void
    {
        $story = (new StoryBuilder('Growing, Story Row'))->opening('Yard');
        foreach ($shares as $i => $share) {
            $day = (2024 + $i).'-03-02T09:';
            $story->look('Yard', [
                ['kind' => 'root_cords', 'from_m' => 14.7, 'size' => $share, 'unit' => 'percent', 'at_joint' => true],
            ], 23.0, more: ['started_at' => $day.'00:00+00:00', 'ended_at' => $day.'40:00+00:00']);
        }
        $this->signIn();
        $this->take($story);
        self::assertStringContainsString($said, $this->property('Growing, Story Row'));
    }

    private function at(string $place): Property
    {
        return $this->manager()->getRepository(Property::class)->findOneBy(['placeKey' => Property::key($place)]) ?? self::fail();
    }

    private function property(string $place): string
    {
        return $this->get('/properties/'.$this->at($place)->id)->filter('#bench')->text(normalizeWhitespace: true);
    }
}
