<?php

declare(strict_types=1);

namespace App\Tests;

use App\Demo\DemoWorld;
use App\Firm\Account;
use App\Firm\Firm;
use App\HandOver\Reports;
use App\Record\FindingRepository;
use App\Record\JobRepository;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Exception\InvalidArgumentException;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\DomCrawler\Crawler;

/** The home page, and the demo that it shows. */
final class DayTest extends ApplicationTestCase
{
    public function testHomeIsTheDayWithWhatIsUnfinishedAndWhatIsDue(): void
    {
        $this->signIn();
        $page = $this->get('/');
        self::assertSame(
            ['Pottery studio, 4 Quay Lane', 'Wash block, Gannet Point camp-site', 'Lighthouse tea room, Upper Mole'],
            $page->filter('.day-today .day-job a strong')->each(static fn (Crawler $place) => $place->text()),
        );
        self::assertStringContainsString('Load 13 mm cable', $page->filter('.day-today')->text());
        $side = $page->filter('.day-side')->text();
        foreach ([
            'Stopped at 26.9 m: cannot pass', 'Boat shed', 'Terraced house', 'Bakery, 2 Mill Steps',
            'Jet the bakehouse line', 'was due', 'Animal clinic',
        ] as $words) {
            self::assertStringContainsString($words, $side);
        }
    }

    public function testAnUnfinishedLookIsDoneWithWhenSomebodySaysWhyItIsEnough(): void
    {
        $this->signIn();
        $hand = '/jobs/'.$this->job('Boat')->id.'/hand-over';
        $this->fill($this->get($hand), 'Save', ['advice_form[lookClosedBecause]' => 'The owner renews the line.']);
        self::assertStringNotContainsString('Boat shed', $this->get('/')->filter('.day-side section')->first()->text());
        self::assertStringContainsString('The owner renews the line.', $this->get(str_replace('hand-over', 'report', $hand))->text());
    }

    public function testUpkeepIsListedWhenItsDayComesNear(): void
    {
        $this->signIn();
        $job = $this->job('Wash block');
        $today = $job->firm->today(new \DateTimeImmutable());
        foreach (['+29 days' => true, '+31 days' => false] as $when => $listed) {
            $this->fill($this->get('/jobs/'.$job->id.'/hand-over'), 'Save', [
                'advice_form[upkeep]' => 'Jet the wash block',
                'advice_form[upkeepDueOn]' => $today->modify($when)->format('Y-m-d'),
            ]);
            self::assertSame($listed, str_contains($this->get('/')->text(), 'Jet the wash block'), $when);
        }
    }

    public function testAJobIsFoundByPlaceCustomerAndEitherNumber(): void
    {
        $this->signIn();
        foreach (['quay lane', 'Varga', '26-0412', 'PO 77'] as $words) {
            self::assertStringContainsString(
                'Pottery studio',
                $this->get('/?find='.urlencode($words))->filter('.day-list')->first()->text(),
                $words,
            );
        }
        self::assertStringContainsString(
            'No job has these words',
            $this->get('/?find=100%25')->filter('.day-list')->first()->text(),
            'a percent sign is no wildcard',
        );
    }

    public function testTheDayIsTheOneWhereTheFirmWorks(): void
    {
        $late = new \DateTimeImmutable('2031-05-14 23:30:00 UTC');
        self::assertSame('2031-05-15', (new Firm('East', 'Asia/Tokyo'))->today($late)->format('Y-m-d'));
        self::assertSame('2031-05-14', (new Firm('West', 'America/Lima'))->today($late)->format('Y-m-d'));
    }

    /** @return list<array{string}> */
    public static function places(): array
    {
        return [['Pottery'], ['Wash block'], ['tea room'], ['Animal'], ['Bakery'], ['Terraced'], ['Boat'], ['Sail'], ['Net store']];
    }

    #[DataProvider('places')]
    public function testTheNumbersOfADemoJobAgreeWithEachOther(string $place): void
    {
        $job = $this->job($place);
        foreach ($job->runs() as $run) {
            $record = self::getContainer()->get(FindingRepository::class)->record($run);
            self::assertSame($record->reached->metres, $run->reachedM(), 'nothing lies beyond the end of the run');
            self::assertTrue(null === $record->expected || $record->expected->metres >= $record->reached->metres);
            self::assertNotNull($run->endReason());
            self::assertGreaterThan($record->reached->metres, $run->details()->cableLengthM);
        }
        foreach ($job->passes() as $pass) {
            self::assertLessThanOrEqual(60, $pass->details()->inM);
        }
        $report = self::getContainer()->get(Reports::class)->of($job);
        foreach ($report->marked->marks ?? [] as $on) {
            $mark = $on->mark;
            self::assertLessThanOrEqual($mark->run->reachedM(), $mark->details()->atM);
            self::assertTrue($mark->isGoodEnoughToDig());
        }
        self::assertSame([] === $job->runs(), null === $report->verdict());
        self::assertSame(null !== $job->outcome()->handedOverAt(), str_contains($place, 'Animal') || str_contains($place, 'Bakery'));
    }

    public function testTheDemoIsLoadedIntoAnEmptyDatabaseOnly(): void
    {
        $before = self::getContainer()->get(JobRepository::class)->count([]);
        self::assertSame(0, $this->command('jurvex:demo:load')->execute([]));
        self::assertSame($before, self::getContainer()->get(JobRepository::class)->count([]));
    }

    public function testAFirmAndItsFirstPersonAreAddedAndCanSignIn(): void
    {
        self::assertSame(0, $this->command('jurvex:firm:create')->execute(['name' => 'Breakwater Drains', 'time-zone' => 'Europe/Lisbon']));
        $account = $this->command('jurvex:account:create');
        $account->setInputs(['a-long-password']);
        self::assertSame(
            0,
            $account->execute([
                'firm' => 'Breakwater Drains',
                'email' => 'kit@breakwater.example',
                'role' => 'office',
                'name' => 'Kit Aldous',
            ]),
        );
        $this->get('/sign-in');
        $this->browser->submitForm('Sign in', ['email' => 'kit@breakwater.example', 'password' => 'a-long-password']);
        self::assertStringContainsString('Breakwater Drains', $this->browser->followRedirect()->filter('.bar-what')->text());
    }

    /** @return list<array{array<string, string>, string}> */
    public static function badPeople(): array
    {
        return [
            [['firm' => 'Nobody'], 'no firm of this name'],
            [['role' => 'boss'], 'technician, office or owner'],
            [['email' => 'kit'], 'no e-mail address'],
            [['email' => self::TECHNICIAN], 'signs in with this address already'],
            [['password' => 'short'], 'at least 10'],
        ];
    }

    /** @param array<string, string> $change */
    #[DataProvider('badPeople')]
    public function testSomebodyWhoCannotBeAddedIsRefusedWithTheReason(array $change, string $words): void
    {
        $given = $change + [
            'firm' => 'Tideway Drains', 'email' => 'new@tideway.example', 'role' => 'technician', 'name' => 'New',
            'password' => DemoWorld::PASSWORD,
        ];
        $command = $this->command('jurvex:account:create');
        $command->setInputs([$given['password']]);
        unset($given['password']);
        try {
            $command->execute($given);
            self::fail('It was taken.');
        } catch (InvalidArgumentException $refused) {
            self::assertStringContainsString($words, $refused->getMessage());
        }
        self::assertNull($this->manager()->getRepository(Account::class)->findOneBy(['email' => 'new@tideway.example']));
    }

    private function command(string $name): CommandTester
    {
        return new CommandTester((new Application($this->browser->getKernel()))->find($name));
    }
}
