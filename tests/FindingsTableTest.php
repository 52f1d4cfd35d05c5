<?php

declare(strict_types=1);

namespace App\Tests;

use App\HandOver\FindingsCsv;
use App\Record\FindingRepository;
use App\Record\LoggedFinding;
use App\Support\Files\Csv;
use App\Support\Files\RefusedFile;
use PHPUnit\Framework\Attributes\DataProvider;

final class FindingsTableTest extends ApplicationTestCase
{
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
                self::stream("kind;from_m;size\r\nroot_cords;3,5;12\r\n\r\ncrack;4;\r\n"),
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

    public function testLengthsMayBeInFeetAndWhatIsTakenInTwiceIsThereOnce(): void
    {
        $run = $this->lastRun($this->job());
        $before = $this->manager()->getRepository(LoggedFinding::class)->count(['run' => $run]);
        $table = "distance_ft,kind,size\n10,root_cords,12\n10,root_cords,12\n20,crack,\n";
        $take = static fn () => self::getContainer()->get(FindingsCsv::class)->import(self::stream($table), $run, new \DateTimeImmutable());
        self::assertSame([3, 0], [$take(), $take()]);
        $places = array_map(
            static fn (LoggedFinding $finding) => round($finding->fromM, 3),
            $this->manager()->getRepository(LoggedFinding::class)->findBy(['run' => $run], ['fromM' => 'ASC']),
        );
        self::assertCount($before + 3, $places);
        self::assertSame([3.048, 3.048, 6.096], array_values(array_intersect($places, [3.048, 6.096])));
    }

    /** @return list<array{string, string, string}> */
    public static function badTables(): array
    {
        return [
            ['', '1', 'csv.empty'],
            ["kind\ncrack\n", '1', 'csv.column_missing'],
            ["kind,from_m,colour\n", '1', 'csv.column_unknown'],
            ["kind,from_m,from_ft\n", '1', 'csv.column_twice'],
            ["kind,from_m\ncrack\n", '2', 'csv.cells'],
            ["kind,from_m\ncrack,2\ngremlin,3\n", '3, kind', 'unknown_value'],
            ["kind,from_m\ncrack,far\n", '2, from_m', 'not_a_number'],
            ["kind,from_m,size\nroot_cords,2,120\n", '2, size', 'out_of_range'],
            ["id,kind,from_m\nmine,crack,2\n", '2, id', 'csv.bad_id'],
            ["kind,from_m,wear\nworn_invert,2,bit\n", '2, wear', 'unknown_value'],
            ["kind,from_m,at_joint\ncrack,2,perhaps\n", '2, at_joint', 'not_yes_or_no'],
            ["kind,from_m,note\ncrack,2,\xff\n", '2', 'csv.encoding'],
            ["kind,from_m,note\ncrack,2,\"".str_repeat('x', 50_000), '2', 'csv.too_long'],
            ["kind,from_m\n".str_repeat("crack,2\n", 5001), '5000', 'csv.too_many'],
            ["kind,from_m\n\ncrack,2\n,3\n", '4, kind', 'missing'],
        ];
    }

    #[DataProvider('badTables')]
    public function testABadTableIsRefusedByLineAndNothingOfItIsStored(string $csv, string $at, string $code): void
    {
        $run = $this->lastRun($this->job());
        $before = $this->manager()->getRepository(LoggedFinding::class)->count([]);
        try {
            self::getContainer()->get(FindingsCsv::class)->import(self::stream($csv), $run, new \DateTimeImmutable());
            self::fail('It was taken.');
        } catch (RefusedFile $refused) {
            self::assertSame([$at, $code], [$refused->errors[0]->at, $refused->errors[0]->code]);
        }
        self::assertSame($before, $this->manager()->getRepository(LoggedFinding::class)->count([]));
    }

    public function testNoCellOfATableIsAFormulaForASpreadsheetAndItComesBackAsItWas(): void
    {
        $this->signIn();
        $job = $this->job('Terraced');
        $run = $this->lastRun($job);
        foreach (['=HYPERLINK("http://x")', '+1+1', '-2+3', '@SUM(A1)', "'quoted"] as $note) {
            $this->send($this->findingAddress($run), [
                'kind' => 'crack',
                'reading_from' => '1',
                'facts' => ['crack_state' => 'closed'],
                'note' => $note,
            ]);
            self::assertSame(201, $this->statusCode(), $this->page());
        }
        $this->get('/jobs/'.$job->id.'/findings.csv');
        $csv = $this->page();
        foreach (Csv::read(self::stream($csv), 1000) as $cells) {
            self::assertNotContains("'=HYPERLINK", $cells);
        }
        self::assertDoesNotMatchRegularExpression('/(^|[,"\n])[=+@-](?![\d.])/', $csv);
        $this->manager()->createQuery('DELETE FROM '.LoggedFinding::class.' f WHERE f.run = :run')->execute(['run' => $run->id]);
        $this->send('/jobs/'.$job->id.'/hand-over/findings', ['run' => $run->id], ['file' => $this->upload($csv, 'findings.csv')]);
        $this->get('/jobs/'.$job->id.'/findings.csv');
        self::assertSame($csv, $this->page());
    }
}
