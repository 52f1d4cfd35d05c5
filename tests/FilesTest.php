<?php

declare(strict_types=1);

namespace App\Tests;

use App\Firm\Firm;
use App\HandOver\FindingsCsv;
use App\HandOver\JobFile\JobFileReader;
use App\HandOver\JobFile\JobFileSchema;
use App\HandOver\JobFile\JobFileWriter;
use App\Record\FindingRepository;
use App\Record\Job;
use App\Record\LoggedFinding;
use App\Support\Database\Id;
use App\Support\Files\RefusedFile;
use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;

final class FilesTest extends ApplicationTestCase
{
    public function testAJobFileComesOutOfAnotherDatabaseAsItWentIn(): void
    {
        $this->signIn();
        $job = $this->job();
        $this->fill($this->get('/jobs/'.$job->id), 'Save the call', ['call_form[notes]' => 'Dog in the yard']);
        $this->send(
            '/jobs/'.$job->id.'/judge/findings/'.self::getContainer()->get(
                FindingRepository::class,
            )->record($this->lastRun($job))->findings[0]->id.'/opinions/'.Id::fresh(),
            ['need' => 'watch', 'reason' => 'soft'],
        );
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

    public function testAnOlderJobFileWithoutALineMapIsTakenWithWhatItHas(): void
    {
        $job = $this->job('Boat');
        /** @var array<string, array<array<mixed>>> $file */
        $file = json_decode($this->export($job->id), true, 64, \JSON_THROW_ON_ERROR);
        $this->forget($job);
        unset($file['line_map'], $file['job']['seen'], $file['job']['made_tests'], $file['job']['dangers']);
        $file['openings'] = array_map(
            static fn (array $opening) => array_diff_key(
                $opening,
                array_flip(['node', 'source', 'bend_deg', 'trap', 'leaning', 'fragile', 'leave', 'neighbour', 'asked_whom', 'asked_on']),
            ),
            $file['openings'],
        );
        $file['runs'] = array_map(static fn (array $run) => array_diff_key($run, ['rig' => null]), $file['runs']);
        $path = (string) tempnam(sys_get_temp_dir(), 'jurvex');
        file_put_contents(
            $path,
            str_replace(
                '"facts": []',
                '"facts": {}',
                json_encode($file, \JSON_PRETTY_PRINT | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR),
            ),
        );
        $command = $this->command('jurvex:job:import');
        self::assertSame(0, $command->execute(['file' => $path]), $command->getDisplay());
        self::assertSame('not_needed', $this->job('Boat')->openings()[0]->details()->leave->value);
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

    /**
     * @return array<string, array{\Closure(array<mixed>): array<mixed>, string, string}> how the file is spoiled, where it says so, the code
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
            self::getContainer()->get(JobFileReader::class)->read(str_replace('"changes": []', '"changes": {}', $json), $firm);
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
        /**
         * @var array{'$defs': array{finding: array{properties: array{kind: array{enum: list<string>}}}, facts: array{properties: array<string, array{enum?: list<string>}>}, run: array{properties: array{material: array{enum: list<string>}}}}} $schema
         */
        $schema = json_decode((string) file_get_contents(__DIR__.'/../public/schema/job.schema.json'), true, 64, \JSON_THROW_ON_ERROR);
        self::assertSame(array_column(Kind::cases(), 'value'), $schema['$defs']['finding']['properties']['kind']['enum']);
        self::assertSame(array_column(Material::cases(), 'value'), $schema['$defs']['run']['properties']['material']['enum']);
        foreach (Fact::cases() as $fact) {
            self::assertSame($fact->choices(), $schema['$defs']['facts']['properties'][$fact->value]['enum'] ?? [], $fact->value);
        }
    }

    public function testFindingsGoOutAsATableAndComeInAgain(): void
    {
        $this->signIn();
        $job = $this->job('Terraced');
        $this->get('/jobs/'.$job->id.'/findings.csv');
        $csv = $this->page();
        $run = $this->lastRun($job);
        $this->manager()->createQuery('DELETE FROM '.LoggedFinding::class.' f WHERE f.run = :run')->execute(['run' => $run->id]);
        $this->manager()->clear();
        $import = '/jobs/'.$job->id.'/hand-over/findings';
        $this->send($import, ['run' => $run->id], ['file' => $this->upload("\u{feff}".$csv, 'findings.csv')]);
        self::assertResponseRedirects();
        $this->get('/jobs/'.$job->id.'/findings.csv');
        self::assertSame($csv, $this->page());
        $this->send($import, ['run' => $run->id], ['file' => $this->upload($csv, 'findings.csv')]);
        $this->get('/jobs/'.$job->id.'/findings.csv');
        self::assertSame($csv, $this->page(), 'the same table again adds nothing');
    }

    public function testATableMayHaveFewColumnsSemicolonsAndCommaDecimals(): void
    {
        $run = $this->lastRun($this->job());
        self::assertSame(
            2,
            self::getContainer()->get(FindingsCsv::class)->import(
                "kind;from_m;size\r\nroot_cords;3,5;12\r\n\r\ncrack;4;\r\n",
                $run,
                new \DateTimeImmutable(),
            ),
        );
        self::assertContains(
            3.5,
            array_map(
                static fn ($finding) => $finding->from->metres,
                self::getContainer()->get(FindingRepository::class)->record($run)->findings,
            ),
        );
    }

    /** @return list<array{string, string, string}> */
    public static function badTables(): array
    {
        return [
            ['', '1', 'csv.empty'],
            ["kind\ncrack\n", '1', 'csv.column_missing'],
            ["kind,from_m,colour\n", '1', 'csv.column_unknown'],
            ["kind,from_m\ncrack\n", '2', 'csv.cells'],
            ["kind,from_m\ncrack,2\ngremlin,3\n", '3, kind', 'unknown_value'],
            ["kind,from_m\ncrack,far\n", '2, from_m', 'not_a_number'],
            ["kind,from_m,size\nroot_cords,2,120\n", '2, size', 'out_of_range'],
            ["id,kind,from_m\nmine,crack,2\n", '2, id', 'csv.bad_id'],
            ["kind,from_m,wear\nworn_invert,2,bit\n", '2, wear', 'unknown_value'],
            ["kind,from_m,at_joint\ncrack,2,perhaps\n", '2, at_joint', 'not_yes_or_no'],
            ["kind,from_m,note\ncrack,2,\xff\n", '1', 'csv.encoding'],
            ["kind,from_m\n\ncrack,2\n,3\n", '4, kind', 'missing'],
        ];
    }

    #[DataProvider('badTables')]
    public function testABadTableIsRefusedByLineAndNothingOfItIsStored(string $csv, string $at, string $code): void
    {
        $run = $this->lastRun($this->job());
        $before = $this->manager()->getRepository(LoggedFinding::class)->count([]);
        try {
            self::getContainer()->get(FindingsCsv::class)->import($csv, $run, new \DateTimeImmutable());
            self::fail('It was taken.');
        } catch (RefusedFile $refused) {
            self::assertSame([$at, $code], [$refused->errors[0]->at, $refused->errors[0]->code]);
        }
        self::assertSame($before, $this->manager()->getRepository(LoggedFinding::class)->count([]));
    }

    private function export(string $id): string
    {
        $this->manager()->clear();
        $job = $this->manager()->find(Job::class, $id);
        self::assertNotNull($job);

        return self::getContainer()->get(JobFileWriter::class)->write($job);
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
            "DELETE FROM logged_finding WHERE run_id IN $runs", "DELETE FROM mark WHERE run_id IN $runs", "DELETE FROM reading_batch WHERE run_id IN $runs", "DELETE FROM run_track WHERE run_id IN $runs", "DELETE FROM run WHERE job_id = '{$job->id}'", "DELETE FROM pass WHERE job_id = '{$job->id}'",
            "DELETE FROM seen_place WHERE job_id = '{$job->id}'", "DELETE FROM test_made WHERE job_id = '{$job->id}'",
            "DELETE FROM danger_said WHERE job_id = '{$job->id}'", "DELETE FROM gate_line WHERE job_id = '{$job->id}'",
            "DELETE FROM flow_test WHERE job_id = '{$job->id}'", "DELETE FROM opening WHERE job_id = '{$job->id}'", "DELETE FROM correction WHERE job_id = '{$job->id}'", "DELETE FROM job WHERE id = '{$job->id}'"] as $statement) {
            $connection->executeStatement($statement);
        }
        $this->manager()->clear();
    }
}
