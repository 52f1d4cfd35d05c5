<?php

declare(strict_types=1);

namespace App\Tests;

use App\Firm\Firm;
use App\HandOver\JobFile\JobFileReader;
use App\HandOver\JobFile\JobFileSchema;
use App\HandOver\JobFile\JobFileWriter;
use App\Record\FindingRepository;
use App\Record\Job;
use App\Record\Paint;
use App\Support\Database\Id;
use App\Support\Files\RefusedFile;
use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;

final class JobFileTest extends ApplicationTestCase
{
    public function testAJobFileComesOutOfAnotherDatabaseAsItWentIn(): void
    {
        $this->signIn();
        $job = $this->job();
        $this->fill($this->get('/jobs/'.$job->id), 'Save the call', ['call_form[notes]' => 'Dog in the yard']);
        $finding = self::getContainer()->get(FindingRepository::class)->record($this->lastRun($this->job()))->findings[0]->id;
        $this->send('/jobs/'.$job->id.'/judge/findings/'.$finding.'/opinions/'.Id::fresh(), ['need' => 'watch', 'reason' => 'soft']);
        foreach (['Pottery', 'Animal', 'Bakery', 'Terraced', 'Boat', 'tea room'] as $place) {
            $job = $this->job($place);
            $written = $this->export($job->id);
            $this->forget($job);
            self::assertNull($this->manager()->find(Job::class, $job->id));
            $file = (string) tempnam(sys_get_temp_dir(), 'jurvex');
            file_put_contents($file, $written);
            $command = $this->command('jurvex:job:import');
            self::assertSame(0, $command->execute(['file' => $file]), $command->getDisplay());
            self::assertSame($written, $this->export($job->id), $place);
            self::assertSame(0, $command->execute(['file' => $file]), 'the same file again changes nothing');
        }
    }

    /** Written by the first release: it lacks what was not kept then. */
    public function testAFileOfVersionOneIsTakenForGood(): void
    {
        $file = __DIR__.'/fixtures/job-version-1.json';
        $command = $this->command('jurvex:job:import');
        self::assertSame(0, $command->execute(['file' => $file, '--firm' => 'Tideway Drains']), $command->getDisplay());
        $job = $this->job('Old mill');
        self::assertSame(['drain_gloves'], array_map(static fn ($line) => $line->line, $job->site()->confirmedLines()));
        self::assertSame('rises', $job->site()->tests()[0]->answer()->value);
        self::assertNotEmpty($job->site()->seen());
        self::assertCount(5, self::getContainer()->get(FindingRepository::class)->record($this->lastRun($job))->findings);
        self::assertSame(0, $command->execute(['file' => $file, '--firm' => 'Tideway Drains']), 'the same file again changes nothing');
    }

    public function testAJobFileIsTakenByThePage(): void
    {
        $this->signIn();
        $job = $this->job('Boat');
        $written = $this->export($job->id);
        $this->forget($job);
        $this->send('/import', [], ['file' => $this->upload($written, 'job.json')]);
        self::assertResponseRedirects('/jobs/'.$job->id);
        $this->get('/jobs/'.$job->id.'/job.json');
        self::assertSame($written, $this->page());
    }

    public function testPicturesGoWithTheJobFile(): void
    {
        $this->signIn();
        $job = $this->job();
        $this->get('/jobs/'.$job->id);
        foreach (['' => 'The yard', $job->openings()[0]->id => 'Lid'] as $of => $note) {
            $address = '/jobs/'.$job->id.'/pictures/'.Id::fresh();
            $this->send($address, ['opening' => $of, 'note' => $note], ['photo' => $this->upload($this->jpeg(90))]);
        }
        $written = $this->export($job->id);
        $file = (array) json_decode($written, true);
        self::assertIsArray($file['pictures']);
        self::assertSame(['The yard', 'Lid'], array_column($file['pictures'], 'note'));
        $this->forget($job);
        $this->send('/import', [], ['file' => $this->upload($written, 'job.json')]);
        self::assertSame($written, $this->export($job->id));
        self::assertCount(2, $this->get('/jobs/'.$job->id)->filter('.pictures img'));
    }

    /**
     * How the file is spoiled, where it says so, the code.
     *
     * @return array<string, array{\Closure(array<mixed>): array<mixed>, string, string}>
     */
    public static function spoiled(): array
    {
        $set = static fn (string $path, mixed $value) => static function (array $file) use ($path, $value): array {
            $place = &$file;
            foreach (explode('.', $path) as $key) {
                \assert(\is_array($place));
                $place = &$place[$key];
            }
            $place = $value;
            \assert(\is_array($file));

            return $file;
        };

        return [
            'another format' => [$set('format', 'else'), 'format', 'job_file.value'],
            'a missing key' => [static function (array $file): array {
                \assert(\is_array($file['job']));
                unset($file['job']['zero']);

                return $file;
            }, 'job.zero', 'missing'],
            'an unknown key' => [$set('job.colour', 'red'), 'job.colour', 'job_file.unknown_key'],
            'a word for a number' => [$set('runs.1.findings.0.from_m', 'far'), 'runs.1.findings.0.from_m', 'job_file.type'],
            'a length under zero' => [$set('runs.1.findings.0.from_m', -1), 'runs.1.findings.0.from_m', 'out_of_range'],
            'an unknown kind' => [$set('runs.1.findings.0.kind', 'gremlin'), 'runs.1.findings.0.kind', 'job_file.value'],
            'a stretch that ends before it starts' => [$set('runs.0.findings.15.to_m', 0.1), 'runs.0.findings.15.to_m', 'end_before_start'],
            'a fact of another kind' => [
                $set('runs.0.findings.0.facts', ['wear' => 'gone']),
                'runs.0.findings.0.facts.wear',
                'not_for_this_kind',
            ],
            'an opening that is not there' => [
                $set('runs.0.opening', '01a20728-7e36-7875-ac7b-43862e1698ca'),
                'runs.0.opening',
                'job_file.not_in_file',
            ],
            'a bore that cannot be' => [$set('runs.0.bore_mm', 3), 'runs.0.boreMm', 'said'],
            'a picture that is none' => [$set('runs.0.findings.0.photo', 'bm8='), 'runs.0.findings.0.photo', 'picture.wrong_type'],
            'a line map that goes in a circle' => [$set('line_map.pipes.0.to', 'toilet'), 'line_map.pipes.0', 'bad_map.loop'],
            'a pipe shorter than nothing' => [
                $set('line_map.pipes.1.length_m.value', -2),
                'line_map.pipes.1.length_m.value',
                'out_of_range',
            ],
            'an identifier twice' => [static function (array $file): array {
                \assert(\is_array($file['openings']) && \is_array($file['openings'][0]) && \is_array($file['openings'][1]));
                $file['openings'][1]['id'] = $file['openings'][0]['id'];

                return $file;
            }, 'openings.1.id', 'job_file.twice'],
        ];
    }

    /** @param \Closure(array<mixed>): array<mixed> $spoil */
    #[DataProvider('spoiled')]
    public function testASpoiledJobFileIsRefusedWhereItIsWrongAndNothingOfItIsStored(\Closure $spoil, string $at, string $code): void
    {
        $job = $this->job();
        $firm = $job->firm;
        /** @var array<mixed> $file */
        $file = json_decode($this->export($job->id), true, 64, \JSON_THROW_ON_ERROR);
        $this->forget($job);
        $firm = $this->manager()->find(Firm::class, $firm->id);
        self::assertNotNull($firm);
        $counts = fn () => array_map(
            fn (string $table) => $this->manager()->getConnection()->fetchOne('SELECT COUNT(*) FROM '.$table),
            ['job', 'opening', 'pass', 'run', 'logged_finding', 'mark', 'photo', 'correction'],
        );
        $before = $counts();
        try {
            // Empty maps stay maps: {} and not [].
            $json = str_replace('"facts": []', '"facts": {}', json_encode($spoil($file), \JSON_PRETTY_PRINT | \JSON_THROW_ON_ERROR));
            self::getContainer()->get(JobFileReader::class)->read(
                self::stream(str_replace('"changes": []', '"changes": {}', $json)),
                $firm,
            );
            self::fail('It was taken.');
        } catch (RefusedFile $refused) {
            self::assertContains(
                [$at, $code],
                array_map(static fn ($error) => [$error->at, $error->code], $refused->errors),
                $refused->getMessage(),
            );
        }
        self::assertSame($before, $counts());
    }

    public function testARefusedFileNamesWhatIsWrongAndNothingElse(): void
    {
        $json = str_replace('"from_m": 24.9', '"from_m": "far"', $this->export($this->job()->id), $count);
        self::assertSame(1, $count);
        try {
            self::getContainer()->get(JobFileSchema::class)->check($json);
            self::fail('It was taken.');
        } catch (RefusedFile $refused) {
            self::assertCount(1, $refused->errors, $refused->getMessage());
            self::assertMatchesRegularExpression('/^runs\.0\.findings\.\d+\.from_m$/', $refused->errors[0]->at);
        }
    }

    public function testAFileOfAJobThatSaysOtherwiseIsRefusedAndTheJobStays(): void
    {
        $this->signIn();
        $job = $this->job();
        $this->send('/import', [], [
            'file' => $this->upload(str_replace('Ilse Varga', 'Somebody Else', $this->export($job->id)), 'job.json'),
        ]);
        self::assertSame(422, $this->statusCode());
        self::assertStringContainsString('is here already and says something else', $this->page());
        $this->manager()->clear();
        self::assertSame('Ilse Varga', $this->job()->call()->customer);
        $this->signIn(self::OTHER_FIRM);
        $this->send('/import', [], ['file' => $this->upload($this->export($job->id), 'job.json')]);
        self::assertSame(422, $this->statusCode(), 'another firm does not get it');
        foreach (['', '{', '[]', '"x"'] as $nonsense) {
            $this->send('/import', [], ['file' => $this->upload($nonsense, 'job.json')]);
            self::assertSame(422, $this->statusCode());
        }
    }

    public function testTheSchemaKnowsEveryKindFactAndMaterial(): void
    {
        /** @var array<string, array<string, array<string, array<string, array{enum?: list<string>}>>>> $schema */
        $schema = json_decode((string) file_get_contents(__DIR__.'/../public/schema/job.schema.json'), true, 64, \JSON_THROW_ON_ERROR);
        self::assertSame(array_column(Kind::cases(), 'value'), $schema['$defs']['finding']['properties']['kind']['enum'] ?? []);
        self::assertSame(array_column(Material::cases(), 'value'), $schema['$defs']['run']['properties']['material']['enum'] ?? []);
        self::assertSame(array_column(Paint::cases(), 'value'), $schema['$defs']['mark']['properties']['paint']['enum'] ?? []);
        foreach (Fact::cases() as $fact) {
            self::assertSame($fact->choices(), $schema['$defs']['facts']['properties'][$fact->value]['enum'] ?? [], $fact->value);
        }
    }

    private function export(string $id): string
    {
        $this->manager()->clear();
        $job = $this->manager()->find(Job::class, $id);
        self::assertNotNull($job);

        return (string) stream_get_contents(self::getContainer()->get(JobFileWriter::class)->write($job));
    }

    private function command(string $name): CommandTester
    {
        return new CommandTester((new Application($this->browser->getKernel()))->find($name));
    }

    /** As if the job had never been in this database. */
    private function forget(Job $job): void
    {
        $connection = $this->manager()->getConnection();
        $runs = "(SELECT id FROM run WHERE job_id = '{$job->id}')";
        $findings = "(SELECT id FROM logged_finding WHERE run_id IN $runs)";
        foreach ([
            "UPDATE job SET chosen_opening_id = NULL WHERE id = '{$job->id}'",
            "DELETE FROM photo WHERE finding_id IN $findings",
            "DELETE FROM own_opinion WHERE finding_id IN $findings",
            "DELETE FROM logged_finding WHERE run_id IN $runs", "DELETE FROM mark WHERE run_id IN $runs",
            "DELETE FROM reading_batch WHERE run_id IN $runs", "DELETE FROM run_track WHERE run_id IN $runs",
            "DELETE FROM run WHERE job_id = '{$job->id}'", "DELETE FROM pass WHERE job_id = '{$job->id}'",
            "DELETE FROM seen_place WHERE job_id = '{$job->id}'", "DELETE FROM test_made WHERE job_id = '{$job->id}'",
            "DELETE FROM danger_said WHERE job_id = '{$job->id}'", "DELETE FROM gate_line WHERE job_id = '{$job->id}'",
            "DELETE FROM height_measured WHERE job_id = '{$job->id}'",
            "DELETE FROM repair_said WHERE job_id = '{$job->id}'", "DELETE FROM second_opinion WHERE job_id = '{$job->id}'",
            "DELETE FROM photo WHERE finding_id IN (SELECT id FROM job_picture WHERE job_id = '{$job->id}')",
            "DELETE FROM job_picture WHERE job_id = '{$job->id}'",
            "DELETE FROM flow_test WHERE job_id = '{$job->id}'", "DELETE FROM opening WHERE job_id = '{$job->id}'",
            "DELETE FROM correction WHERE job_id = '{$job->id}'", "DELETE FROM outside_pipe WHERE job_id = '{$job->id}'",
            "DELETE FROM job WHERE id = '{$job->id}'"] as $statement) {
            $connection->executeStatement($statement);
        }
        $this->manager()->clear();
    }
}
