<?php

declare(strict_types=1);

namespace App\Tests;

use App\Record\Job;
use App\Record\Run;
use App\Support\Database\Id;
use App\Work\HiddenGrounds;
use App\Work\SimulatedLines;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Measure\Length;
use PHPUnit\Framework\Attributes\Group;

/** Readings, recordings and practice, by the addresses that the bench uses. */
#[Group('any-database')]
final class PracticeTest extends ApplicationTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testPracticeScoresAPerfectLogAsPerfectAndShowsWhatIsWrongWithAnotherOne(): void
    {
        foreach ([true, false] as $isPerfect) {
            $run = $this->practice(5, 'easy');
            $line = self::getContainer()->get(SimulatedLines::class)->lineOf($run);
            foreach ($line->perfectRecord($line->length, Length::millimetres(29))->findings as $i => $finding) {
                if (!$isPerfect && 0 === $i) {
                    continue;
                }
                $this->send($this->findingAddress($run), [
                    'kind' => $finding->kind->value, 'reading_from' => (string) $finding->from->metres,
                    'reading_to' => (string) $finding->to?->metres,
                    'reading_deepest' => (string) $finding->deepest?->metres,
                    'size' => null === $finding->size ? '' : $finding->size->value.('percent' === $finding->size->unit->value ? ' %' : ''),
                    'clock_from' => (string) $finding->clockFrom?->hours, 'at_joint' => $finding->atJoint ? '1' : '',
                    'facts' => array_map(strval(...), $finding->facts),
                ]);
                self::assertSame(201, $this->statusCode(), $this->page());
                $isPerfect && $this->markBothEnds($run, $finding);
            }
            $this->send('/jobs/'.$run->job->id.'/look/runs/'.$run->id.'/end', [
                'run_end_form' => ['reason' => 'main_reached', 'reachedM' => (string) $line->length->metres, 'note' => ''],
            ]);
            $page = $this->get('/jobs/'.$run->job->id.'/practice');
            self::assertCount(2, $page->filter('.ribbon'), 'one above the other');
            self::assertGreaterThan(
                0,
                $page->filter('.ribbon')->first()->filter('.pool')->count(),
                'the truth with the water that its invert holds',
            );
            if ($isPerfect) {
                self::assertStringContainsString('100 of 100', $page->filter('h1')->text());
                self::assertStringContainsString('100 of 100 for the marks', $page->filter('.result')->text());
                self::assertStringContainsString('marked well', $page->filter('.practice-marks')->text());
            } else {
                self::assertMatchesRegularExpression(
                    '/0 of 100 for the marks.*not marked \(the pipe is [\d.]+ m deep there\)/s', $page->filter('.result')->text(),
                );
                self::assertStringNotContainsString('100 of 100', $page->filter('h1')->text());
                self::assertStringContainsString(
                    $line->record->findings[0]->from->metres.' m',
                    str_replace('.0 m', ' m', $page->filter('.result')->text()),
                );
            }
        }
        self::assertCount(2, $this->get('/practice')->filter('.entries li'));
        self::assertStringNotContainsString('Practice line', $this->get('/')->filter('main')->text(), 'practice is no work');
        $this->send('/practice/begin', ['difficulty' => 'easy', 'seed' => 'x']);
        self::assertSame(422, $this->statusCode());
    }

    /** As a careful trainee would: as deep as it is, and what is over it is said. */
    private function markBothEnds(Run $run, Finding $finding): void
    {
        $ground = self::getContainer()->get(HiddenGrounds::class)->of($run);
        foreach (array_unique([$finding->from->metres, $finding->end()->metres]) as $at) {
            $depth = (string) round($ground->depthAt($at), 2);
            $this->send('/jobs/'.$run->job->id.'/mark/'.Id::fresh(), ['mark_form' => [
                'atM' => (string) $at, 'depthsM' => [$depth, $depth, $depth], 'paint' => 'flag',
                'overHead' => $ground->hasMetal($at) ? 'metal' : ($ground->isWet($at) ? 'water' : 'nothing'),
            ]]);
            self::assertLessThan(400, $this->statusCode());
        }
    }

    private function practice(int $seed, string $difficulty): Run
    {
        $this->send('/practice/begin', ['difficulty' => $difficulty, 'seed' => (string) $seed]);
        preg_match('~/jobs/([0-9a-f-]{36})/~', $this->browser->getResponse()->headers->get('Location') ?? '', $found);
        $this->manager()->clear();
        $job = $this->manager()->find(Job::class, $found[1] ?? '') ?? self::fail('No practice.');

        return $this->lastRun($job);
    }
}
