<?php

declare(strict_types=1);

namespace App\Tests;

use App\HandOver\FindingsCsv;
use App\HandOver\JobFile\JobFileSchema;
use App\HandOver\JobFile\JobFileWriter;
use App\Record\FindingRepository;
use App\Record\Job;
use App\Record\LoggedFinding;
use App\Record\Run;
use App\Support\Database\Id;
use Jurvex\Core\Finding\Extent;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Sureness;

/** Whatever can be logged goes all the way: into the list, the judgement, the report and the files. */
final class EveryKindTest extends ApplicationTestCase
{
    public function testEveryKindIsLoggedWithAllThatIsAskedOfItAndComesBackAsItWas(): void
    {
        $this->signIn();
        $run = $this->emptyRun();
        $sent = [];
        foreach (Kind::cases() as $i => $kind) {
            $id = Id::fresh();
            $fields = self::everythingAbout($kind, $i);
            $this->send($this->findingAddress($run, $id), $fields);
            self::assertSame(201, $this->statusCode(), $kind->value.': '.$this->page());
            $sent[$id] = $fields;
        }
        foreach ($this->stored($run) as $finding) {
            $fields = $sent[$finding->id];
            self::assertSame($fields['kind'], $finding->kind->value);
            self::assertEqualsWithDelta((float) $fields['reading_from'], $finding->from->metres, 1e-9);
            self::assertSame(isset($fields['size']) ? (float) $fields['size'] : null, $finding->size?->value, $finding->kind->value);
            self::assertSame(array_keys($fields['facts']), array_keys($finding->facts), $finding->kind->value);
            self::assertSame($fields['sureness'], $finding->sureness->value);
            self::assertSame($fields['note'], $finding->note);
        }
        self::assertCount(\count(Kind::cases()), $this->stored($run));
    }

    public function testEveryKindIsShownInWordsOnEveryPageThatListsIt(): void
    {
        $this->signIn();
        $run = $this->emptyRun();
        foreach (Kind::cases() as $i => $kind) {
            $this->send($this->findingAddress($run), self::everythingAbout($kind, $i));
        }
        $job = '/jobs/'.$run->job->id;
        foreach ([
            $job.'/look?all=1&run='.$run->id => '#findings li',
            $job.'/judge?all=1&run='.$run->id => '.judgements > li',
            $job.'/report' => '.raw table:last-of-type tr',
        ] as $address => $rows) {
            $page = $this->get($address);
            self::assertGreaterThanOrEqual(\count(Kind::cases()) - 1, $page->filter($rows)->count(), $address);
            // An untranslated key is a list's name, a dot and a code.
            self::assertDoesNotMatchRegularExpression(
                '/\b(kind|rule|fact|fact_[a-z_]+|need|measure|value|limit|remedy|change|school|sureness|answer|material|sight|boundary)'
                    .'\.[a-z_.]+\b/',
                $page->filter('main')->text(),
                $address,
            );
        }
    }

    public function testEveryKindGoesThroughTheTableAndTheJobFile(): void
    {
        $this->signIn();
        $run = $this->emptyRun();
        foreach (Kind::cases() as $i => $kind) {
            $this->send($this->findingAddress($run), self::everythingAbout($kind, $i));
        }
        $job = $this->manager()->find(Job::class, $run->job->id);
        self::assertNotNull($job);
        $csv = self::getContainer()->get(FindingsCsv::class);
        $before = $csv->export($job);
        $this->manager()->createQuery('DELETE FROM '.LoggedFinding::class.' f WHERE f.run = :run')->execute(['run' => $run->id]);
        $this->manager()->clear();
        $run = $this->manager()->find(Run::class, $run->id);
        self::assertNotNull($run);
        $job = $run->job;
        self::assertSame(\count(Kind::cases()), $csv->import(self::stream($before), $run, new \DateTimeImmutable()));
        self::assertSame($before, $csv->export($job));
        $document = self::getContainer()->get(JobFileSchema::class)->check(
            (string) stream_get_contents(self::getContainer()->get(JobFileWriter::class)->write($job)),
        );
        self::assertIsArray($document['runs']);
        self::assertNotEmpty($document['runs']);
    }

    /**
     * @return array{
     *     kind: string, reading_from: string, sureness: string, note: string, facts: array<string, string>,
     *     size?: string, reading_to?: string, clock_from: string, clock_to: string,
     * }
     */
    private static function everythingAbout(Kind $kind, int $number): array
    {
        $from = 1 + $number / 2;
        $facts = [];
        foreach ($kind->facts() as $fact) {
            $choices = $fact->choices();
            $facts[$fact->value] = [] !== $choices
                ? $choices[$number % \count($choices)]
                : ($fact->isNumber() ? '12' : 'the kiln sink');
        }
        $fields = [
            'kind' => $kind->value,
            'reading_from' => (string) $from,
            'sureness' => Sureness::cases()[$number % 3]->value,
            'note' => 'Seen; "twice", and = once',
            'facts' => $facts,
            'clock_from' => '10:30',
            'clock_to' => '2',
        ];
        if ([] !== $kind->units()) {
            $fields['size'] = '40';
        }
        if (Extent::Stretch === $kind->extent()) {
            $fields['reading_to'] = (string) ($from + 2);
        }

        return $fields;
    }

    private function emptyRun(): Run
    {
        $job = $this->job('Wash block');
        $this->fill($this->get('/jobs/'.$job->id.'/look?start=1'), 'Zero the counter and start', [
            'run_form[boreMm]' => '100',
            'run_form[material]' => 'clay',
        ]);

        return $this->lastRun($this->job('Wash block'));
    }

    /** @return list<Finding> */
    private function stored(Run $run): array
    {
        return self::getContainer()->get(FindingRepository::class)->record($run)->findings;
    }
}
