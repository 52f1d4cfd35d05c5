<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Say;

use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Say\Lexicon;
use Jurvex\Core\Say\Narration;
use Jurvex\Core\Say\OfRun;
use Jurvex\Core\Say\Reading;
use Jurvex\Core\Say\Reel;
use Jurvex\Core\Say\RunTalk;
use Jurvex\Core\Say\Speech;
use Jurvex\Core\Say\TimedText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RunTalkTest extends TestCase
{
    /** @param list<string> $expected */
    #[DataProvider('spoken')]
    public function testWhatIsSaidOfTheRun(string $spoken, array $expected): void
    {
        self::assertSame($expected, array_map(
            static fn (OfRun $said) => trim($said->what.' '.$said->value.' '.($said->travel->value ?? '').($said->isOther ? ' other' : ''))
                .(null === $said->fromM ? '' : \sprintf(' %.2f', $said->fromM)),
            self::read($spoken, new Reel([[0.0, 0.0], [100.0, 20.0]])),
        ));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function spoken(): iterable
    {
        yield 'all of it' => [
            "0:01 okay we're in four inch cast iron here and the water is on\n0:10 roots at 9 metres\n0:50 water is off now\n"
            .'0:59 at 30 metres we hit the city main',
            ['material cast_iron', 'bore 101.6', 'water on', 'water off', 'end main_reached 30.00'],
        ];
        yield 'all of it in one breath' => [
            "0:01 okay starting out in four inch cast iron pipe's pretty scaly around three metres there's a wye coming in from the left "
            ."and we don't see any cracks at nine metres there's roots and at 22 metres we're at the city main",
            ['material cast_iron', 'bore 101.6', 'end main_reached 22.00'],
        ];
        yield 'in millimetres' => ['0:01 this is one fifty clay', ['material clay', 'bore 150']];
        yield 'said once is enough' => [
            "0:01 this is clay\n0:05 this is clay pipe\n0:09 water's off\n0:12 water's off", ['material clay', 'water off']];
        yield 'what it becomes is not what it is at zero' => ["0:01 at 9 metres it goes to clay\n0:05 this is all clay", []];
        yield 'what begins where another pipe ends is not at zero' => [
            "0:01 I'm going in the front cleanout and it's cast iron for the first eleven metres\n"
            ."0:08 and then there's a no hub and it's clay",
            ['begin cleanout', 'material cast_iron'],
        ];
        yield 'a fitting of it' => ["0:01 there's a cast iron wye on the left at 3 metres", []];
        yield 'denied' => ["0:01 this is not clay\n0:05 the rod is not coiling up on me", []];
        yield 'asked' => ["0:01 is this clay?\n0:05 do we have the water off?", []];
        yield 'asked without a sign' => ["0:01 is this clay\n0:05 did you go in through the roof vent", []];
        yield 'asked by the sign alone' => ["0:01 this is clay?\n0:05 we're going in through the roof vent?", []];
        yield 'asked for' => ["0:01 go ahead and turn the water off\n0:05 once the water is off we look again", []];
        yield 'no way past it, and then there was' => [
            "0:01 I can't get past 10 metres\n0:20 at 15 metres there's a tie in", [],
        ];
        yield 'the rod by the reel' => ["0:50 that's all the cable I have", ['end rod_out 10.00']];
        yield 'the rod by what is said' => ["0:50 at 18 metres that's all the cable I've got", ['end rod_out 18.00']];
        yield 'the rod jams' => ['0:25 coiling up on me', ['end jammed 5.00']];
        yield 'the last of two' => [
            "0:10 at 8 metres I can't go any further\n0:30 at 12 metres there's the main", ['end main_reached 12.00'],
        ];
        yield 'the main is reached, whatever is said of it' => [
            "0:10 at 22 metres we're at the city main I can't get the camera to turn", ['end main_reached 22.00'],
        ];
        yield 'no farther than the main' => [
            "0:10 at 2.1 metres there's the main\n0:11 so that's as far as we go", ['end main_reached 2.10'],
        ];
        yield 'another run is another matter' => [
            "0:01 this is clay\n0:05 roots at 3 metres\n0:30 at 12 metres there's the main\n0:40 second run now from the other cleanout\n"
            ."0:50 at 2 metres I can't go any further",
            ['material clay', 'end main_reached 12.00', 'begin cleanout  other', 'end cannot_pass 2.00'],
        ];
        yield 'where it goes in and counts from' => [
            "0:01 okay we're going in through the roof vent heading downstream\n0:08 zeroed out at the bottom of the stack\n"
            .'0:20 roots at 9 metres',
            ['begin roof_vent downstream', 'zero foot'],
        ];
        yield 'the rim' => ["0:01 I zeroed the counter at the top of the cleanout\n0:09 roots at 3 metres", ['begin cleanout', 'zero rim']];
        yield 'a toilet that was pulled' => [
            "0:01 we pulled the toilet and we're going in through the flange\n0:09 roots at 3 metres", ['begin pulled_toilet'],
        ];
        yield 'the other way, said in pieces' => [
            "0:05 roots at 3 metres\n0:20 alright turning around\n0:24 going upstream now toward the house\n0:31 a crack at 2 metres\n"
            .'0:39 this is all clay', ['begin  upstream', 'material clay'],
        ];
        yield 'nothing but a name' => ["0:01 there's the cleanout at 3 metres\n0:09 roots at 4 metres", []];
        yield 'what will be' => ["0:01 I'm going to go in through the roof vent later\n0:09 roots at 4 metres", []];
        yield 'nothing is seen any more' => [
            "0:05 roots at 3 metres\n0:50 it's all under water from here", ['end under_water 10.08'],
        ];
    }

    /** @return list<OfRun> */
    private static function read(string $spoken, Reel $reel): array
    {
        $lexicon = Lexicon::of('en');
        $reading = Reading::of(Speech::timed(TimedText::read($spoken), $lexicon), $lexicon);
        $entries = Narration::read($reading, UnitSystem::Metric, $reel);

        return RunTalk::read($reading, UnitSystem::Metric, $entries, $reel);
    }
}
