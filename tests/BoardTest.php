<?php

declare(strict_types=1);

namespace App\Tests;

use App\Day\Board;
use App\Firm\Account;
use App\Record\Job;
use App\Record\Week;
use PHPUnit\Framework\Attributes\TestWith;

/** The office's week: who goes where, in which order. */
final class BoardTest extends ApplicationTestCase
{
    public function testAJobIsMovedToADayAPersonAndAPlaceInTheirOrder(): void
    {
        $this->signIn(self::OFFICE);
        $day = $this->monday()->modify('+2 days')->format('Y-m-d');
        $ana = $this->account(self::TECHNICIAN)->id;
        $this->move('Pottery', ['day' => $day, 'person' => $ana]);
        $this->move('Wash block', ['day' => $day, 'person' => $ana]);
        $this->move('tea room', ['day' => $day, 'person' => $ana, 'place' => '2']);
        self::assertSame(['Pottery', 'Lighthouse', 'Wash'], $this->placesOf($ana, $day));
        $this->move('Wash block', ['day' => $day, 'person' => $ana, 'place' => '1']);
        self::assertSame(['Wash', 'Pottery', 'Lighthouse'], $this->placesOf($ana, $day));
        $this->move('Pottery', ['day' => '', 'person' => '']);
        self::assertNull($this->job()->call()->plannedOn);
        self::assertStringContainsString('Pottery', $this->get('/board')->filter('.board-side')->text());
    }

    public function testTwoWhoMoveOneJobAreToldAndNothingIsLost(): void
    {
        $this->signIn(self::OFFICE);
        $ana = $this->account(self::TECHNICIAN)->id;
        $seen = Board::seen($this->job());
        [$wednesday, $friday] = array_map(fn (int $days) => $this->monday()->modify("+$days days")->format('Y-m-d'), [2, 4]);
        $this->move('Pottery', ['day' => $wednesday, 'person' => $ana]);
        $this->move('Pottery', ['day' => $friday, 'person' => '', 'seen' => $seen]);
        self::assertSame(422, $this->statusCode());
        self::assertMatchesRegularExpression('/Somebody else has moved &quot;Pottery.*Wednesday.*Ana Terek/s', $this->page());
        self::assertSame($wednesday, $this->job()->call()->plannedOn?->format('Y-m-d'));
    }

    public function testATechnicianReadsTheWeekAndMovesNothing(): void
    {
        $this->signIn();
        self::assertCount(0, $this->get('/board')->filter('[draggable], form[action*="/board/jobs"]'));
        $this->move('Pottery', ['day' => '', 'person' => '']);
        self::assertSame(403, $this->statusCode());
    }

    #[TestWith(['soon', ''])]
    #[TestWith(['', 'nobody'])]
    public function testWhatCannotBeChangesNothing(string $day, string $person): void
    {
        $this->signIn(self::OFFICE);
        $before = Board::seen($this->job());
        $this->move('Pottery', ['day' => $day, 'person' => $person]);
        self::assertSame(422, $this->statusCode());
        self::assertStringContainsString('Nothing was changed', $this->page());
        self::assertSame($before, Board::seen($this->job()));
    }

    public function testOpenJobsOfSomebodyWhoGoesAreHandedOverAtOnce(): void
    {
        $this->signIn(self::OFFICE);
        [$ana, $ruben] = [$this->account(self::TECHNICIAN), $this->account(self::OFFICE)];
        foreach (['Pottery', 'tea room'] as $place) {
            $this->move($place, ['day' => $this->monday()->format('Y-m-d'), 'person' => $ana->id]);
        }
        $page = $this->get('/settings/people/'.$ana->id);
        self::assertStringContainsString('2 open jobs are theirs', $page->filter('main')->text());
        $this->fill($page, 'Hand them over', ['to' => $ruben->id]);
        self::assertSame([$ruben->id, $ruben->id], [$this->job()->assignee()?->id, $this->job('tea room')->assignee()?->id]);
    }

    public function testUpkeepThatIsDueIsBookedOnTheDayItIsDroppedOn(): void
    {
        $this->signIn(self::OFFICE);
        $card = $this->get('/board')->filter('.board-card[data-plan]:contains("Smokehouse")');
        $day = $this->monday()->modify('+3 days')->format('Y-m-d');
        $ana = $this->account(self::TECHNICIAN);
        $address = (string) $card->attr('data-move');
        $this->send($address, ['plan' => $card->attr('data-plan'), 'day' => $day, 'person' => $ana->id, 'to' => 'board', 'week' => '']);
        self::assertResponseRedirects('/board?week=');
        $job = $this->manager()->find(Job::class, basename($address)) ?? self::fail();
        self::assertSame([$day, $ana->id], [$job->call()->plannedOn?->format('Y-m-d'), $job->assignee()?->id]);
    }

    public function testWhatToLoadComesOutOfThePlan(): void
    {
        $this->signIn(self::OFFICE);
        $load = $this->get('/board/jobs/'.$this->job()->id.'/load')->filter('.board-load')->text();
        // The drop of 0.6 m, 28.2 m to the far end, what goes past it and the tail at the machine.
        self::assertMatchesRegularExpression('/^Load [\d.]+ m of cable, .* and 13 mm cable with small and large blade/', $load);
        // Nothing to clear there: what somebody typed is all.
        $typed = $this->get('/board/jobs/'.$this->job('tea room')->id.'/load')->filter('.board-load')->text(normalizeWhitespace: true);
        self::assertSame('Load 30 m rod, locator, small skid', $typed);
    }

    public function testAWeekIsSevenDaysFromAMondayWhateverTheYear(): void
    {
        $named = ['2026-12-31' => '2026-W53', '2027-01-03' => '2026-W53', '2027-01-04' => '2027-W01', '2026-11-27' => '2026-W48'];
        foreach ($named as $day => $name) {
            $week = Week::of(new \DateTimeImmutable($day));
            self::assertSame([$name, '1', '7'], [$week->name(), $week->monday->format('N'), $week->sunday()->format('N')], $day);
            self::assertEquals($week->monday->format('Y-m-d'), Week::named($name)?->monday->format('Y-m-d'));
        }
        self::assertSame('2027-W01', Week::named('2026-W53')?->next(1)->name());
        foreach (['', '2026-W54', '2026-W00', 'W48', '2026-48'] as $none) {
            self::assertNull(Week::named($none), $none);
        }
    }

    /** @param array<string, string> $fields */
    private function move(string $place, array $fields): void
    {
        $job = $this->job($place);
        $this->send('/board/jobs/'.$job->id, $fields + ['seen' => Board::seen($job)]);
    }

    /** @return list<string> first words of the places */
    private function placesOf(string $person, string $day): array
    {
        $cell = $this->get('/board?week='.Week::of(new \DateTimeImmutable($day))->name())
            ->filter('.board-cell[data-day="'.$day.'"][data-person="'.$person.'"]');

        $places = [];
        foreach ($cell->filter('.board-card > a') as $each) {
            $places[] = explode(' ', trim((string) $each->textContent))[0];
        }

        return $places;
    }

    private function monday(): \DateTimeImmutable
    {
        return Week::of(new \DateTimeImmutable('today'))->next(1)->monday;
    }

    private function account(string $email): Account
    {
        return $this->manager()->getRepository(Account::class)->findOneBy(['email' => $email]) ?? self::fail($email);
    }
}
