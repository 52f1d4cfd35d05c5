<?php

declare(strict_types=1);

namespace App\Tests;

use App\Record\LoggedFinding;
use App\Record\Mark;
use App\Record\Run;
use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\DomCrawler\Crawler;

/** One recording that talks through several looks. */
#[Group('any-database')]
final class NarratedLooksTest extends ApplicationTestCase
{
    use Narrates;

    public function testOneRecordingOfTwoLooksBecomesTwo(): void
    {
        $run = $this->ropeStore();
        $page = $this->attach(
            $run, "0:02 we're going in through the roof vent and I zeroed at the rim\n0:20 roots at 30 feet\n"
            ."1:00 alright now we're in the other cleanout\n1:05 heading upstream toward the house and this is all clay\n"
            ."1:20 a crack at 8 feet\n1:40 located here, it's five feet deep\n2:00 at 12 feet I can't go any further\n",
        );
        self::assertSame([
            'The camera went in: Roof vent', 'Zero: Rim of the opening', 'Root cords', 'Another look begins: Cleanout, Upstream',
            'Pipe at zero: Clay', 'Crack', 'Mark', 'Cannot go further', 'The run ended: Cannot pass',
        ], $page->filter('.narration-read strong')->each(static fn (Crawler $each) => $each->text()));
        $address = $page->filter('.narration-accept')->attr('action') ?? '';
        $keys = $page->filter('.narration-proposal')->extract(['data-key']);
        $this->send($address, ['key' => $keys[5]]);
        self::assertStringContainsString('Above it another look begins.', $this->page());
        foreach ([0, 1, 2, 3, 4, 5, 6, 8] as $i) {
            $this->send($address, ['key' => $keys[$i]]);
            self::assertSame(303, $this->statusCode());
        }
        $runs = $this->job('Rope store')->runs();
        self::assertSame([
            ['roof_vent', 'rim', 'downstream', 'unknown', null, ['root_cords']],
            ['cleanout', 'rim', 'upstream', 'clay', 'cannot_pass', ['crack']],
        ], array_map(fn (Run $each) => [
            $each->opening->details()->kind->value, $each->details()->zero->value, $each->details()->travel->value,
            $each->details()->material->value, $each->endReason()?->value,
            array_map(static fn (LoggedFinding $finding) => $finding->kind->value, $this->found($each)),
        ], $runs));
        self::assertStringContainsString('the other cleanout', $runs[1]->opening->details()->place);
        self::assertNotNull($this->manager()->getRepository(Mark::class)->findOneBy(['run' => $runs[1]->id]));

        $again = str_replace('accept', 'again', $address);
        $this->send($again, ['key' => $keys[3]]);
        self::assertStringContainsString('Something was logged on that look by now', $this->page());
        $this->send($again, ['key' => $keys[0]]);
        self::assertSame('cleanout', $this->job('Rope store')->runs()[0]->opening->details()->kind->value);
    }

    public function testThroughWhatIsAskedWhereNobodySaidIt(): void
    {
        $run = $this->ropeStore();
        $page = $this->attach($run, "0:20 roots at 30 feet\n1:00 okay starting over from the other end\n1:20 a crack at 8 feet\n");
        $address = $page->filter('.narration-accept')->attr('action') ?? '';
        self::assertStringContainsString('Through what?', $page->filter('.narration-proposal')->eq(1)->text());
        $key = (string) $page->filter('.narration-proposal')->eq(1)->attr('data-key');
        $this->send($address, ['key' => $key, 'from' => 'something']);
        self::assertStringContainsString('Say what it is: a cleanout', $this->page());
        $this->send($address, ['key' => $key, 'from' => 'manhole in the lane']);
        $opening = $this->job('Rope store')->runs()[1]->opening->details();
        self::assertSame(['chamber', 'manhole in the lane'], [$opening->kind->value, $opening->place]);
    }

    public function testALookThatWasNoneIsTheLookBefore(): void
    {
        $run = $this->ropeStore();
        $page = $this->attach($run, "0:20 roots at 30 feet\n1:00 okay zeroed it again\n1:20 a crack at 8 feet\n");
        $address = $page->filter('.narration-accept')->attr('action') ?? '';
        [$roots, $another, $crack] = $page->filter('.narration-proposal')->extract(['data-key']);
        $this->send($address, ['key' => $another]);
        self::assertCount(2, $this->job('Rope store')->runs());
        $this->send(str_replace('accept', 'again', $address), ['key' => $another]);
        self::assertCount(1, $this->job('Rope store')->runs());
        $this->send(str_replace('accept', 'down', $address), ['key' => $another]);
        $this->send($address, ['key' => $crack]);
        $this->send($address, ['key' => $roots]);
        self::assertEqualsCanonicalizing(
            ['crack', 'root_cords'], array_map(static fn (LoggedFinding $each) => $each->kind->value, $this->found($run)),
        );
    }
}
