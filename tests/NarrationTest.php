<?php

declare(strict_types=1);

namespace App\Tests;

use App\HandOver\JobFile\JobFileWriter;
use App\Record\Job;
use App\Record\LoggedFinding;
use App\Record\Mark;
use App\Record\Narrated;
use App\Record\Paint;
use App\Record\Run;
use App\Support\Database\Id;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Run\EndReason;
use Symfony\Component\DomCrawler\Crawler;

/** What is said becomes the record: line by line on the Look screen, or from the timed text of a recording. */
final class NarrationTest extends ApplicationTestCase
{
    use Narrates;

    private const SPOKEN = "WEBVTT\n\n00:02.000 --> 00:05.000\nat 11 feet there's a wye on the left\n\n"
        ."00:20.000 --> 00:23.000\na few hair roots right here\n\n00:50.000 --> 00:53.000\nsome kind of peculiar noise in the attic\n\n"
        ."01:10.000 --> 01:12.000\nnot seeing any cracks at 30 feet\n\n01:30.000 --> 01:34.000\nat 40 feet, it's five feet deep\n";

    public function testALineIsShownAsWhatItWouldBecomeAndKeptOnce(): void
    {
        $run = $this->ropeStore();
        $base = $this->look($run);
        $said = 'looks like an offset at 22 feet, half an inch, with gubbins';
        $read = $this->get($base.'/say?said='.urlencode($said).'&reading=10');
        $told = $read->filter('.said-entry')->text(normalizeWhitespace: true);
        self::assertStringContainsString('Likely offset joint 22\' 0" as said 1/2 in', $told);
        self::assertSame('gubbins', $read->filter('u')->text());
        self::assertSame([], $this->found($run), 'Nothing is stored before somebody keeps it.');

        $id = Id::fresh();
        foreach ([1, 2] as $_) {
            $this->send($base.'/say/'.$id, ['said' => $said, 'reading' => '10']);
            self::assertSame(201, $this->statusCode());
        }
        $found = $this->found($run);
        self::assertCount(1, $found);
        self::assertSame(['offset_joint', 'likely', 12.7, 'gubbins'], [
            $found[0]->kind->value, $found[0]->sureness->value, $found[0]->size, $found[0]->note,
        ]);
        self::assertEqualsWithDelta(22 * 0.3048, $found[0]->fromM, 0.001);
        $hits = $this->get('/?find=gubbins')->filter('.said-hits')->text(normalizeWhitespace: true);
        self::assertStringContainsString('22\' 0"', $hits, 'It is found where it was said to be, not where the counter stood.');
    }

    public function testLinesAreReadInTheLightOfThoseBefore(): void
    {
        $run = $this->ropeStore();
        $base = $this->look($run);
        $now = time();
        $said = [
            'some roots here' => '12', '49 feet' => '12', 'right here a crack' => '12', 'maybe half the pipe' => '12',
            'the belly starts at 52 feet' => '12', 'an inch of water in it' => '12', 'it ends at 58 feet' => '12',
            'located here at 60 feet, 5 foot 4 deep' => '12', 'same again' => '66', 'that was at 67' => '66', 'a hole at 70 feet' => '12',
            'undo' => '12', 'there is a hole at 70 feet' => '12', 'yes, a hole at 70 feet' => '12',
        ];
        $i = 0;
        foreach ($said as $line => $reading) {
            $this->send($base.'/say/'.Id::fresh(), [
                'said' => $line, 'reading' => $reading, 'entered_at' => (string) (1000 * ($now - 60 + 3 * $i++)),
            ]);
            self::assertSame(201, $this->statusCode(), $line);
        }
        self::assertEquals([
            ['root_cords', 12.0, null], ['crack', 49.0, null], ['low_spot', 52.0, 58.0], ['low_spot', 67.0, 73.0], ['hole', 70.0, null],
        ], array_map(static fn (LoggedFinding $each) => [
            $each->kind->value, round($each->fromM / 0.3048, 1), null === $each->toM ? null : round($each->toM / 0.3048, 1),
        ], $this->found($run)));
        self::assertStringContainsString('Said already', $this->get($base.'/say?said='.urlencode('a hole at 70 feet'))->text());
        self::assertSame(25.4, $this->found($run)[2]->size);
        $mark = $this->manager()->getRepository(Mark::class)->findOneBy(['run' => $run->id]) ?? self::fail();
        self::assertEqualsWithDelta(1.6256, $mark->details()->depthsM[0], 1e-3);
        self::assertSame(Paint::NotSaid, $mark->details()->paint);
        self::assertEqualsWithDelta(18.288, (float) $mark->details()->atM, 1e-3);
    }

    public function testOfARecordingOnlyWhatIsAcceptedIsStored(): void
    {
        $run = $this->ropeStore();
        $page = $this->attach($run, self::SPOKEN);
        $read = $page->filter('.narration-read')->each(static fn (Crawler $each) => $each->text(normalizeWhitespace: true));
        self::assertSame([
            'Tie-in 11\' 0" as said 9 o\'clock', 'Root threads 11\' 0" the place before', 'Mark 40\' 0" as said 5\' 0" deep',
        ], $read);
        self::assertSame([], $this->found($run));

        $keys = $page->filter('.narration-proposal')->extract(['data-key']);
        $address = $page->filter('.narration-accept')->attr('action') ?? '';
        foreach ([['accept', 0], ['accept', 0], ['down', 1], ['accept', 2]] as [$act, $i]) {
            $this->send(str_replace('accept', $act, $address), ['key' => $keys[$i]]);
            self::assertSame(303, $this->statusCode());
        }
        $found = $this->found($run);
        self::assertSame([['tie_in', 9.0]], array_map(static fn (LoggedFinding $each) => [$each->kind->value, $each->clockFrom], $found));
        self::assertEqualsWithDelta(3.5, $found[0]->recordedS ?? 0, 1.5);
        self::assertSame(1, $this->manager()->getRepository(Mark::class)->count(['run' => $run->id, 'withdrawnAt' => null]));
        $page = $this->get($this->look($run).'/narration');
        self::assertStringContainsString('All is gone through.', $page->text());
        foreach ([0, 2] as $i) {
            $this->send(str_replace('accept', 'again', $address), ['key' => $keys[$i]]);
        }
        self::assertSame([], $this->found($run));
        self::assertStringContainsString('2 are left to go through.', $this->get($this->look($run).'/narration')->text());
    }

    public function testWhatWasSaidWithoutAPlaceIsAskedForItsPlace(): void
    {
        $run = $this->ropeStore();
        $page = $this->attach($run, "0:05 there are some roots right here\n0:30 okay the belly starts at 31 feet\n");
        $address = $page->filter('.narration-accept')->attr('action') ?? '';
        [$roots, $belly] = $page->filter('.narration-proposal')->extract(['data-key']);
        $this->send($address, ['key' => $roots]);
        self::assertSame(422, $this->statusCode());
        self::assertSame('Say where that was.', (new Crawler($this->page()))->filter('.narration-read em')->text());
        $this->send($address, ['key' => $roots, 'from' => '14 6']);
        $this->send($address, ['key' => $belly, 'to' => '36']);
        self::assertEquals([[14.5, null], [31.0, 36.0]], array_map(static fn (LoggedFinding $each) => [
            round($each->fromM / 0.3048, 2), null === $each->toM ? null : round($each->toM / 0.3048, 2),
        ], $this->found($run)));
    }

    public function testWhatIsSaidOfTheRunGoesIntoTheRunAndOutAgain(): void
    {
        $run = $this->ropeStore();
        $page = $this->attach(
            $run, "0:02 okay this is clay pipe and the water's running\n0:20 roots at 30 feet\n0:50 that's all the cable I have\n",
        );
        $told = $page->filter('.narration-read strong')->each(static fn (Crawler $each) => $each->text());
        self::assertSame(['Pipe at zero: Clay', 'Water is turned on', 'Root cords', 'The run ended: Rod is out'], $told);
        $address = $page->filter('.narration-accept')->attr('action') ?? '';
        [$material, $water, , $end] = $page->filter('.narration-proposal')->extract(['data-key']);
        $this->send($address, ['key' => $end]);
        self::assertStringContainsString('Say where that was.', $this->page());
        $this->send($address, ['key' => $end, 'from' => 'far']);
        self::assertStringContainsString('"far" cannot be read.', html_entity_decode($this->page()));
        self::assertSame('far', (new Crawler($this->page()))->filter('.narration-accept [name=from]')->attr('value'));
        $this->send($address, ['key' => $end, 'from' => '68']);
        $this->send($address, ['key' => $material]);
        $this->send($address, ['key' => $water]);
        self::assertEquals([Material::Clay, true, EndReason::RodOut, 20.73], $this->told($run));
        foreach ([$material, $water, $end] as $key) {
            $this->send(str_replace('accept', 'again', $address), ['key' => $key]);
        }
        self::assertSame([Material::Unknown, false, null], \array_slice($this->told($run), 0, 3));
    }

    public function testHowLongTheWaterHadBeenOffIsCountedWhenItWasSaid(): void
    {
        $run = $this->ropeStore();
        $page = $this->attach($run, "0:02 the water's running\n0:59 roots at 12 feet\n5:00 a belly from 30 feet to 36 feet\n");
        $address = $page->filter('.narration-accept')->attr('action') ?? '';
        $keys = $page->filter('.narration-proposal')->extract(['data-key']);
        $this->send($address, ['key' => $keys[0]]);
        $offMs = 1000 * ($run->startedAt->getTimestamp() + 60);
        $this->send($this->look($run).'/water', ['water' => 'off', 'entered_at' => (string) $offMs]);
        $this->send($address, ['key' => $keys[2]]);
        self::assertEquals(['water' => 'off', 'minutes_off' => 4], $this->found($run)[0]->facts);
    }

    public function testWhatIsNoTimedTextIsRefusedAtItsLineAndTheWordsBeforeStay(): void
    {
        $run = $this->ropeStore();
        $before = $this->get($this->look($run).'/narration')->filter('.narration-words')->count();
        $page = $this->attach($run, "Dear customer,\nall is well.");
        self::assertSame(422, $this->statusCode());
        self::assertStringContainsString('Line 1 is no timed text.', $page->text());
        self::assertCount($before, $page->filter('.narration-words'));
    }

    public function testEverythingSaidIsFoundAgainByTheFirmAlone(): void
    {
        $run = $this->ropeStore();
        $this->attach($run, self::SPOKEN);
        $hits = $this->get('/?find=peculiar+attic')->filter('.said-hits li');
        self::assertCount(1, $hits);
        self::assertStringContainsString('Rope store, 6 Hawser Lane', $hits->text());
        self::assertStringContainsString('0:50', $hits->text());
        $there = $this->get('/properties/'.$run->job->property()->id.'?said=root')->filter('.said-hits')->text();
        self::assertStringContainsString('hair roots', $there);
        self::assertStringContainsString('11\' 0"', $this->get('/?find=wye')->filter('.said-hits')->text());
        $this->signIn();
        self::assertCount(0, $this->get('/?find=peculiar+attic')->filter('.said-hits'));
    }

    public function testAnOldJobIsBegunFromTheWordsOfItsRecording(): void
    {
        $this->signIn(self::OTHER_FIRM);
        $job = $this->job('Net store');
        $this->get('/jobs/'.$job->id.'/look');
        $address = '/jobs/'.$job->id.'/look/narrated/'.$id = Id::fresh();
        $this->send($address, ['place' => ''], ['text' => $this->upload(self::SPOKEN, 'words.vtt')]);
        self::assertStringContainsString('Say where that was.', $this->page());
        $this->send($address, ['place' => 'The blue one'], ['text' => $this->upload(self::SPOKEN, 'words.vtt')]);
        self::assertStringContainsString('Say what it is: a cleanout', $this->page());
        $this->send($address, ['place' => 'Gully at the gate'], ['text' => $this->upload('nothing of it', 'words.txt')]);
        self::assertStringContainsString('Line 1 is no timed text.', $this->page());
        self::assertStringContainsString('value="Gully at the gate"', $this->page());
        $typed = ['place' => 'Gully', 'when' => '2999-01-01T10:00'];
        $this->send($address, $typed, ['text' => $this->upload(self::SPOKEN, 'words.vtt')]);
        self::assertStringContainsString('That time is still to come', $this->page());
        self::assertNull($this->manager()->find(Run::class, $id));
        foreach ([1, 2] as $_) {
            $typed = ['place' => 'Gully at the gate', 'when' => '2026-03-02T10:15'];
            $this->send($address, $typed, ['text' => $this->upload(self::SPOKEN, 'words.vtt')]);
            self::assertSame(303, $this->statusCode());
        }
        $page = $this->get('/jobs/'.$job->id.'/look/runs/'.$id.'/narration');
        self::assertStringContainsString('3 are left to go through.', $page->text());
        $ribbon = $page->filter('#ribbon svg[data-metre]');
        $width = (float) explode(' ', (string) $ribbon->attr('viewBox'))[2];
        $farthest = (float) $ribbon->attr('data-zero') + 40 * 0.3048 * (float) $ribbon->attr('data-metre');
        self::assertGreaterThan($farthest, $width, 'All that is proposed has its room on the ribbon, though nothing was measured yet.');
        $opening = $this->job('Net store')->chosenOpening()?->details();
        self::assertSame(['Gully at the gate', 'yard_trap'], [$opening?->place, $opening?->kind->value]);
        $runs = $this->job('Net store')->runs();
        self::assertSame(['2026-03-02'], array_map(static fn (Run $run) => $run->startedAt->format('Y-m-d'), $runs));
        // Whoever corrects how it was set up leaves what nobody said as it is.
        $this->fill($this->get('/jobs/'.$job->id.'/look/runs/'.$id), 'Save', ['run_form[zeroNote]' => 'At the grate']);
        self::assertSame(303, $this->statusCode());
        self::assertNull($this->told($runs[0])[1]);
        // Whether water ran is as it was said, and before that nobody knows.
        $page = $this->attach($runs[0], "0:02 okay the water's off\n0:05 this is four inch clay\n0:10 a belly from 30 feet to 36 feet\n");
        self::assertStringContainsString('Bore at zero: 4 in', $page->text());
        [$water, $material, $bore, $low] = $page->filter('.narration-proposal')->extract(['data-key']);
        $accept = $page->filter('.narration-proposal form')->attr('action') ?? '';
        foreach ([[$low, null, []], [$water, false, []]] as [$key, $isOn, $facts]) {
            $this->send($accept, ['key' => $key]);
            self::assertSame($isOn, $this->told($runs[0])[1]);
            self::assertSame($facts, $this->found($runs[0])[0]->facts);
            $words = null === $isOn ? 'Nobody noted whether water was running.' : 'Water was off.';
            self::assertStringContainsString($words, $this->get('/jobs/'.$job->id.'/report')->filter('#limits')->text());
        }
        // Whoever accepts what it is made of and how wide it is has it on the run, and takes it back.
        $this->send($accept, ['key' => $material]);
        foreach (['accept' => [100.0, false], 'again' => [null, null]] as $act => $said) {
            foreach ([$bore, $water] as $key) {
                $this->send(str_replace('accept', $act, $accept), ['key' => $key]);
            }
            $isOn = $this->told($runs[0])[1];
            self::assertSame($said, [$this->manager()->find(Run::class, $id)?->details()->boreMm, $isOn]);
        }
    }

    public function testTheWordsGoWithTheJobFile(): void
    {
        $run = $this->ropeStore();
        $this->attach($run, self::SPOKEN);
        $this->send($this->look($run).'/say/'.Id::fresh(), ['said' => 'located here at 60 feet, 5 foot 4 deep', 'reading' => '12']);
        $run = $this->manager()->find(Run::class, $run->id) ?? self::fail();
        $details = clone $run->details();
        $details->waterOn = null;
        $run->describe($details);
        $this->manager()->flush();
        $file = (string) stream_get_contents(self::getContainer()->get(JobFileWriter::class)->write($run->job));
        $renamed = self::underOtherIdentifiers($file);
        $this->get('/import');
        $this->send('/import', [], ['file' => $this->upload(str_replace('"26-0047"', '"Z-9"', $renamed), 'job.json')]);
        self::assertSame(303, $this->statusCode(), strip_tags(strstr($this->page(), '<main') ?: ''));
        $taken = $this->manager()->getRepository(Job::class)->findOneBy(['call.number' => 'Z-9']) ?? self::fail();
        $words = $this->manager()->getRepository(Narrated::class)->findBy(['run' => $taken->runs()[0]->id], ['saidAt' => 'ASC']);
        self::assertStringContainsString('a few hair roots right here', $words[\count($words) - 2]->text());
        self::assertCount(2, $this->get('/?find=peculiar+attic')->filter('.said-hits li'));
        $mark = $this->manager()->getRepository(Mark::class)->findOneBy(['run' => $taken->runs()[0]->id]);
        self::assertSame([null, Paint::NotSaid], [$taken->runs()[0]->details()->waterOn, $mark?->details()->paint]);
    }
}
