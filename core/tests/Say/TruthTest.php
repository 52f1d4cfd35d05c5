<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Say;

use Jurvex\Core\Calc\SayCalculation;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Say\Command;
use Jurvex\Core\Say\Lexicon;
use Jurvex\Core\Say\Reading;
use Jurvex\Core\Say\Speech;
use Jurvex\Core\Say\SpokenCommand;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is there, and what is only talked about. */
final class TruthTest extends TestCase
{
    /** @return list<array{string, string}> words and the kinds that are there, a space apart */
    public static function sayings(): array
    {
        return [
            // Denied.
            ['no roots at 30 feet', ''],
            ['no roots, cracks or bellies in here', ''],
            ['no roots, no cracks, an offset at 30 feet', 'offset_joint'],
            ['no roots but a crack at 30 feet', 'crack'],
            ["I don't see any cracks at 30 feet, there's an offset at 40", 'offset_joint'],
            ['that is not a crack at 30 feet', ''],
            ['the line is free of grease', ''],
            ['not much grease at 30 feet', 'grease'],
            ['not a lot of scale here', 'scale'],
            ['not a bad offset at 30 feet', 'offset_joint'],
            ['no defects to the main at 60 feet', 'tap'],
            // Gone.
            ['the grease at 30 feet has been cleaned out', ''],
            ['we jetted the roots out at 30 feet', ''],
            ['the rag is gone at 30 feet', ''],
            ['there were roots here last time', ''],
            ['there was a crack at 30 feet', 'crack'],
            ['there are still some roots left behind at 30 feet', 'root_cords'],
            ['the water at 30 feet is gone', ''],
            ['the bottom of the pipe is gone at 30 feet', 'worn_invert'],
            ['the top of the pipe is gone at 30 feet', 'broken_pipe'],
            ['the gasket is gone at 30 feet', 'failed_seal'],
            ['a piece of the pipe is gone at 30 feet', 'broken_pipe'],
            ['I was stuck at 30 feet', ''],
            // Asked.
            ['are there any roots', ''],
            ['is there a belly at 30 feet', ''],
            ['could there be a crack in it', ''],
            ['we are looking for a hole', ''],
            ['she asked whether we have roots', ''],
            ['see that crack at 30 feet?', 'crack'],
            ['can you see the roots right there?', 'root_cords'],
            // In general.
            ['roots usually get in at the joints', ''],
            ['grease causes most stoppages', ''],
            ['if you have a belly it holds water', ''],
            ['this cutter takes out roots', ''],
            ['our jetter would get that scale off', ''],
            ['I recommend cutting the roots', ''],
            ['I recommend cutting the roots at 30 feet', 'root_cords'],
            ['usually it would not matter but there is a crack at 30 feet', 'crack'],
            // Names and ways.
            ['we went in through the yard cleanout', ''],
            ['this is the cleanout', ''],
            ["there's a cleanout at 30 feet", 'opening_seen'],
            ['heading for the main', ''],
            ['out to the city main', ''],
            ['we are at the main at 60 feet', 'tap'],
            ["that's our main problem", ''],
            ['the main line is clay', ''],
            ['this is a six inch clay lateral', ''],
            ['a six inch lateral at 30 feet', 'tie_in'],
            ["I'll push as far as I can go", ''],
            ["that's as far as I can go, 60 feet", 'cannot_go_further'],
            ['the clay connection', ''],
            ['turn on the water', ''],
            ['past the tee at 30 feet there is a crack', 'crack'],
            ['wipe the lens', ''],
            // Beside each other.
            ['a rag stuck at 30 feet', 'rag'],
            ["a rag at 30 feet and I can't get past it", 'rag cannot_go_further'],
            ['some buildup, looks like grease, at 30 feet', 'grease'],
            ['some buildup at 30 feet', 'scale'],
            ['roots, an offset and a crack at 30 feet', 'root_cords offset_joint crack'],
        ];
    }

    #[DataProvider('sayings')]
    public function testOnlyWhatIsThereIsRead(string $said, string $kinds): void
    {
        $read = (new SayCalculation())->calculate(new Input(['text' => $said, 'units' => 'feet']))['entries'];
        $found = array_values(array_diff(array_column($read, 'kind'), ['reached']));
        self::assertSame('' === $kinds ? [] : explode(' ', $kinds), $found);
    }

    /** @return list<array{string, string}> words and how sure the one thing in them is */
    public static function doubts(): array
    {
        return [
            ['a crack at 30 feet', ''],
            ['looks like a crack at 30 feet', 'likely'],
            ['I think there is a bad crack at 30 feet', 'likely'],
            ['possibly a crack at 30 feet', 'likely'],
            ['a crack at 30 feet, maybe an inch wide', ''],
            ['probably about 30 feet, a crack', ''],
            ['looks like we are at 30 feet, there is a crack', ''],
            ["can't tell if that's a crack at 30 feet", 'cannot_say'],
            ['hard to say but it looks like a crack at 30 feet', 'cannot_say'],
            ["a crack at 30 feet, can't tell how long it is", ''],
            ['a crack at 30 feet, not sure', 'cannot_say'],
        ];
    }

    #[DataProvider('doubts')]
    public function testADoubtIsOfTheThingBehindIt(string $said, string $sureness): void
    {
        $read = (new SayCalculation())->calculate(new Input(['text' => $said, 'units' => 'feet']))['entries'];
        self::assertSame(['crack'], array_column($read, 'kind'));
        self::assertSame($sureness, $read[0]['sureness'] ?? '');
    }

    public function testALaterPlainSayingLiftsADoubtAndALaterDoubtBringsIt(): void
    {
        $stories = [
            ['looks like a crack at 20 feet', 'a crack at 20 feet', ''], ['a crack at 20 feet', 'maybe a crack at 20 feet', 'likely'],
        ];
        foreach ($stories as $said) {
            $cues = [['from_s' => 1, 'to_s' => 3, 'text' => $said[0]], ['from_s' => 9, 'to_s' => 11, 'text' => $said[1]]];
            $read = (new SayCalculation())->calculate(new Input(['cues' => $cues, 'units' => 'feet']))['entries'];
            self::assertCount(1, $read);
            self::assertSame($said[2], $read[0]['sureness'] ?? '');
        }
    }

    /** @return list<array{string, ?SpokenCommand, ?float}> */
    public static function commands(): array
    {
        return [
            ['undo', SpokenCommand::Undo, null], ['Take that back.', SpokenCommand::Undo, null],
            ['scratch that', SpokenCommand::Undo, null],
            ['same again', SpokenCommand::Again, null], ['repeat that', SpokenCommand::Again, null],
            ['that was at 32', SpokenCommand::Place, 32 * 0.3048], ['make that 12.5 metres', SpokenCommand::Place, 12.5],
            ['that was at 32 roots', null, null], ['that was at three inches', null, null], ['undo the cleanout cap', null, null],
            ['roots at 32', null, null], ['', null, null],
        ];
    }

    #[DataProvider('commands')]
    public function testACommandIsAllOfWhatIsSaid(string $said, ?SpokenCommand $what, ?float $atM): void
    {
        $command = Command::in($said, Lexicon::of('en'), UnitSystem::FeetAndInches);
        self::assertSame($what, $command?->what);
        self::assertEqualsWithDelta($atM ?? 0.0, $command->atM ?? 0.0, 1e-9);
    }

    public function testWhatNoTableKnowsIsTold(): void
    {
        $lexicon = Lexicon::of('en');
        foreach ([
            'roots at 30 feet' => [], 'wobbly roots with purple gubbins at 30 feet' => ['wobbly', 'purple gubbins'],
            'der Hund at 30 feet' => ['der Hund'], '' => [],
        ] as $said => $unread) {
            $reading = Reading::of(Speech::written($said, $lexicon), $lexicon);
            $spans = $reading->unread();
            self::assertSame(implode(' … ', $unread), Reading::unknown($reading->pieces()));
            self::assertSame($unread, array_map(static fn (array $span) => substr($said, $span[0], $span[1] - $span[0]), $spans));
        }
    }
}
