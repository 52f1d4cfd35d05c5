<?php

declare(strict_types=1);

namespace App\Tests;

use App\Record\Mark;
use App\Record\Paint;
use App\Record\Spoiled;
use App\Support\Database\Id;
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

    public function testAMarkThatNobodyMayDigByNamesEachReason(): void
    {
        $this->signIn();
        /** @var list<array{list<string>, string, list<Spoiled>}> $reasons */
        $reasons = [
            [['1.2', '1.21', '1.22'], 'nothing', []],
            [['1.2', '1.21'], 'nothing', [Spoiled::TooFew]],
            [['1.2', '1.21', '1.4'], 'nothing', [Spoiled::Spread]],
            [['1.2', '1.21', '1.22'], 'water', [Spoiled::Water]],
            [['1.2', '1.21', '1.22'], 'metal', [Spoiled::Metal]],
            [['1.2', '2.0'], 'metal', [Spoiled::TooFew, Spoiled::Spread, Spoiled::Metal]],
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
                ][$each->value];
                self::assertStringContainsString($why, $told);
                self::assertStringContainsString($why, $report);
            }
            self::assertSame(0 === \count($spoiled), str_contains($told, 'good enough to dig by'));
        }
    }

    private static function entry(Crawler $page, string $note): string
    {
        return $page->filter('.entries > li')->reduce(static fn (Crawler $each) => str_contains($each->text(), $note))->text();
    }
}
