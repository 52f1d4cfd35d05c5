<?php

declare(strict_types=1);

namespace App\Tests;

use App\Record\Mark;
use App\Record\Paint;
use App\Support\Database\Id;
use Jurvex\Core\Mark\DepthDoubt;
use Symfony\Component\DomCrawler\Crawler;

/** Marks on the ground: of which run they are, whether anybody may dig by them, and if not, why. */
final class MarkTest extends ApplicationTestCase
{
    public function testAFlagIsAMarkAndBelongsToTheRunOnTheRibbon(): void
    {
        $this->signIn();
        $job = $this->job();
        [$first] = $job->runs();
        $mark = '/jobs/'.$job->id.'/mark';
        $page = $this->get($mark.'?run='.$first->id.'&at=9.4');
        self::assertSame('', $page->filter('[data-from-ribbon]')->attr('data-from-ribbon'), 'a press on the ribbon writes here');
        $form = $page->selectButton('Save the mark')->form([
            'mark_form[depthsM][0]' => '1.20', 'mark_form[depthsM][1]' => '1.22', 'mark_form[depthsM][2]' => '1.21',
            'mark_form[paint]' => 'flag', 'mark_form[note]' => 'Under the fig',
        ]);
        self::assertSame('9.4 m', $form->getValues()['mark_form[atM]']);
        $this->browser->submit($form);
        $told = self::entry($this->browser->followRedirect(), 'Under the fig');
        self::assertStringContainsString('1.21 m deep, spread 0.02 m · good enough to dig by', $told);
        self::assertStringContainsString('Flag in the ground', $told);
        $stored = $this->manager()->getRepository(Mark::class)->findOneBy([], ['id' => 'DESC']);
        self::assertSame([$first->id, Paint::Flag], [$stored?->run->id, $stored?->details()->paint]);
        // On the ribbon of the other run it does not stand.
        $flags = fn (string $run) => $this->get($mark.'?run='.$run)->filter('#ribbon .flag')->count();
        self::assertSame([1, 3], [$flags($first->id), $flags($job->runs()[1]->id)]);
    }

    public function testTwoMarksTellTheFallBetweenThemOnceTheGroundWasMeasured(): void
    {
        $this->signIn();
        $story = (new StoryBuilder('Marks, Story Row'))->opening('Yard')->look('Yard', [], 30.0);
        $this->get('/import');
        $this->send('/import', [], ['file' => $this->upload($story->json(), 'story.json')]);
        $mark = function (string $at, string $depth, string $ground, array $more = []) use ($story): void {
            $this->send('/jobs/'.$story->id.'/mark/'.Id::fresh(), ['mark_form' => [
                'atM' => $at, 'depthsM' => [$depth, $depth, $depth], 'overHead' => 'nothing', 'paint' => 'cross', 'ground' => 'lawn',
                'note' => 'at '.$at, 'groundM' => $ground, ...$more,
            ]]);
            self::assertLessThan(400, $this->statusCode());
        };
        $mark('5', '1.2', '');
        $mark('15', '1.2', '0');
        self::assertSame(
            ['From 5.0 m to 15.0 m: without the height of the ground at both marks two depths say nothing of the fall.'],
            $this->falls($story->id),
        );
        $mark('25', '1.2', '0');
        self::assertSame(
            'From 15.0 m to 25.0 m the pipe falls 0 mm/m, 1 mm/m either way: short of the 10 mm/m that it needs.',
            $this->falls($story->id)[1] ?? '',
            'equal depths on level ground are no fall',
        );
        $mark('29', '1.2', '-0.2', ['liftM' => '0.3', 'liftReadingM' => '1.6']);
        self::assertSame(
            'From 25.0 m to 29.0 m the pipe falls 50 mm/m, 4 mm/m either way: at least the 10 mm/m that it needs.',
            $this->falls($story->id)[2] ?? '',
        );
        self::assertStringContainsString(
            'raised the locator did not read deeper by as much', self::entry($this->get('/jobs/'.$story->id.'/mark'), 'at 29'),
        );
        $report = $this->get('/jobs/'.$story->id.'/report')->filter('.report')->text();
        self::assertStringContainsString($this->falls($story->id)[2] ?? '?', $report);
        $this->browser->request('GET', '/jobs/'.$story->id.'/job.json');
        $file = str_replace(' ', '', (string) $this->browser->getInternalResponse()->getContent());
        self::assertStringContainsString('"ground_m":-0.2', $file);
    }

    /** @return list<string> */
    private function falls(string $job): array
    {
        $falls = [];
        foreach ($this->get('/jobs/'.$job.'/mark')->filter('.mark-fall') as $fall) {
            $falls[] = trim($fall->textContent);
        }

        return $falls;
    }

    public function testAMarkHasAPictureThatIsInTheJobFileAndWhatIsNoneIsRefused(): void
    {
        $this->signIn();
        $job = $this->job();
        $mark = $this->manager()->getRepository(Mark::class)->findOneBy(['run' => $this->lastRun($job)], ['id' => 'ASC']);
        self::assertNotNull($mark);
        $address = '/jobs/'.$job->id.'/mark/'.$mark->id;
        $this->get($address);
        $this->send($address.'/photo', [], ['photo' => $this->upload('no picture at all')]);
        self::assertNotSame('', $this->get($address)->filter('.file-in .error')->text());
        foreach ([40, 60] as $width) {
            $this->send($address.'/photo', [], ['photo' => $this->upload(self::picture($width))]);
        }
        self::assertCount(1, $this->get('/jobs/'.$job->id.'/mark')->filter('.mark-photo'));
        $this->browser->request('GET', $address.'/photo');
        $size = getimagesizefromstring((string) $this->browser->getInternalResponse()->getContent());
        self::assertSame(60, $size[0] ?? 0, 'the new one took the place of the one before');
        $this->browser->request('GET', '/jobs/'.$job->id.'/job.json');
        $file = (array) json_decode((string) $this->browser->getInternalResponse()->getContent(), true, 64, \JSON_THROW_ON_ERROR);
        /** @var list<array{marks: list<array{id: string, photo: ?string}>}> $runs */
        $runs = $file['runs'];
        $photos = array_column(array_merge(...array_column($runs, 'marks')), 'photo', 'id');
        self::assertStringStartsWith('/9j/', (string) $photos[$mark->id]);
    }

    private static function picture(int $width): string
    {
        $image = imagecreatetruecolor(max(1, $width), 30);
        ob_start();
        imagejpeg($image);

        return (string) ob_get_clean();
    }

    public function testWhatTheReadingsShowIsToldBeforeTheMarkIsKept(): void
    {
        $this->signIn();
        $job = $this->job();
        $this->get('/jobs/'.$job->id.'/mark');
        $before = $this->manager()->getRepository(Mark::class)->count([]);
        $check = function (array $fields) use ($job): string {
            $this->send('/jobs/'.$job->id.'/mark/'.Id::fresh().'/check', ['mark_form' => $fields]);

            return $this->page();
        };
        self::assertSame('', $check(['depthsM' => ['', '']]));
        self::assertStringContainsString(
            '1.21 m deep, spread 0.02 m · not good enough to dig: fewer than', $check(['depthsM' => ['1.2', '1.22']]),
        );
        self::assertStringContainsString('1.2 m deep, read once · not good enough to dig', $check(['depthsM' => ['1.2']]));
        $three = ['depthsM' => ['1.2', '1.22', '1.21'], 'overHead' => 'nothing'];
        self::assertSame('1.21 m deep, spread 0.02 m · good enough to dig by', $check($three));
        self::assertStringContainsString('metal is over the head', $check(['overHead' => 'metal'] + $three));
        self::assertSame($before, $this->manager()->getRepository(Mark::class)->count([]), 'nothing is stored');
    }

    public function testAMarkThatNobodyMayDigByNamesEachReason(): void
    {
        $this->signIn();
        /** @var list<array{list<string>, string, list<DepthDoubt>}> $reasons */
        $reasons = [
            [['1.2', '1.21', '1.22'], 'nothing', []],
            [['1.2', '1.21'], 'nothing', [DepthDoubt::TooFew]],
            [['1.2', '1.21', '1.4'], 'nothing', [DepthDoubt::Spread]],
            [['1.2', '1.21', '1.22'], 'water', [DepthDoubt::Water]],
            [['1.2', '1.21', '1.22'], 'metal', [DepthDoubt::Metal]],
            [['1.2', '2.0'], 'metal', [DepthDoubt::TooFew, DepthDoubt::Spread, DepthDoubt::Metal]],
        ];
        foreach ($reasons as $i => [$depths, $over, $spoiled]) {
            $job = $this->job();
            $this->get('/jobs/'.$job->id.'/mark');
            $id = Id::fresh();
            $this->send('/jobs/'.$job->id.'/mark/'.$id, ['mark_form' => [
                'atM' => '12', 'depthsM' => $depths, 'overHead' => $over, 'paint' => 'cross', 'ground' => 'lawn', 'note' => 'mark '.$i,
            ]]);
            $mark = $this->manager()->find(Mark::class, $id);
            self::assertNotNull($mark, 'mark '.$i);
            self::assertSame($spoiled, $mark->spoiledBy());
            self::assertSame(0 === \count($spoiled), $mark->isGoodEnoughToDig());
            $told = self::entry($this->get('/jobs/'.$job->id.'/mark'), 'mark '.$i);
            $report = $this->get('/jobs/'.$job->id.'/report')->filter('.report')->text();
            foreach ($spoiled as $each) {
                $why = [
                    'too_few' => 'fewer than three readings', 'spread' => 'the readings spread over',
                    'water' => 'water stands over the head', 'metal' => 'metal is over the head',
                    'lift' => 'raised the locator did not read deeper by as much',
                ][$each->value];
                self::assertStringContainsString($why, $told);
                self::assertStringContainsString($why, $report);
            }
            self::assertSame(0 === \count($spoiled), str_contains($told, 'good enough to dig by'));
        }
    }

    private static function entry(Crawler $page, string $note): string
    {
        return $page->filter('.mark')->reduce(static fn (Crawler $each) => str_contains($each->text(), $note))->text();
    }
}
