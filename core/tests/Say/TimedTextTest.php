<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Say;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Say\Cue;
use Jurvex\Core\Say\TimedText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TimedTextTest extends TestCase
{
    /** @return iterable<string, array{string, list<array{float, float, string}>}> */
    public static function texts(): iterable
    {
        $cues = [[4.0, 8.5, 'at 18 feet a heavy root mass'], [3725.25, 3727.0, 'the main & done']];
        yield 'WebVTT' => [
            "\u{feff}WEBVTT - a run\n\nNOTE made by hand\n\n1\n00:04.000 --> 00:08.500 align:start\n"
                ."<v Speaker>at 18 feet a <b>heavy</b> root mass\n\n"
                ."01:02:05.250 --> 01:02:07.000\nthe main\n&amp; done\n", $cues,
        ];
        yield 'SRT' => [
            "1\r\n00:00:04,000 --> 00:00:08,500\r\nat 18 feet a heavy root mass\r\n\r\n"
                ."2\r\n01:02:05,250 --> 01:02:07,000\r\nthe main & done\r\n", $cues,
        ];
        yield 'SRT without empty lines' => [
            "1\n00:00:04,000 --> 00:00:08,500\nat 18 feet a heavy root mass\n"
                ."2\n01:02:05,250 --> 01:02:07,000\nthe main & done\n", $cues,
        ];
        yield 'WebVTT without empty lines' => [
            "WEBVTT\n00:04.000 --> 00:08.500\nat 18 feet a heavy\n  \n\n00:08.500 --> 00:09.000\n18\n"
                ."01:02:05.250 --> 01:02:07.000\nthe main\n",
            [[4.0, 8.5, 'at 18 feet a heavy'], [8.5, 9.0, '18'], [3725.25, 3727.0, 'the main']],
        ];
        yield 'plain lines' => [
            "0:04 at 18 feet\n[0:10] - an offset\nof half an inch\n1:00:00 the main", [
                [4.0, 5.2, 'at 18 feet'], [10.0, 12.4, 'an offset of half an inch'], [3600.0, 3600.8, 'the main'],
            ],
        ];
        yield 'said at once' => [
            "WEBVTT\n\n00:04.000 --> 00:04.000\nat 18 feet a heavy root mass\n", [[4.0, 4.0, 'at 18 feet a heavy root mass']],
        ];
        yield 'captions that roll' => [
            "WEBVTT\n\n00:01.000 --> 00:03.000\nat 18 feet\n\n00:03.000 --> 00:05.000\nat 18 feet\na root mass\n\n"
                ."00:05.000 --> 00:06.000\na root mass\n",
            [[1.0, 3.0, 'at 18 feet'], [3.0, 5.0, 'a root mass']],
        ];
        yield 'captions that roll, word by word' => [
            "WEBVTT\n\n00:01.000 --> 00:03.000 align:start position:0%\n \nat<00:01.500><c> 18</c><00:02.000><c> feet</c>\n\n"
                ."00:03.000 --> 00:03.010 align:start position:0%\nat 18 feet\n \n\n"
                ."00:03.010 --> 00:05.000 align:start position:0%\nat 18 feet\na<00:04.000><c> root</c>\n",
            [[1.0, 3.0, 'at 18 feet'], [3.01, 5.0, 'a root']],
        ];
    }

    /** @param list<array{float, float, string}> $cues */
    #[DataProvider('texts')]
    public function testEachFormatIsReadForWhatItIs(string $text, array $cues): void
    {
        self::assertEquals($cues, array_map(static fn (Cue $cue) => [$cue->fromS, $cue->toS, $cue->text], TimedText::read($text)));
    }

    /** @return list<array{string, string, string}> */
    public static function others(): array
    {
        return [
            ['', 'no_timed_text', 'line 1'], ["Dear customer,\nthe line is clear.", 'no_timed_text', 'line 1'],
            ["WEBVTT\n\n00:04 -> 00:08\nat 18 feet", 'no_timed_text', 'line 1'],
            ["WEBVTT\n\nsoon --> later\nat 18 feet", 'not_a_time', 'line 3'],
            ["WEBVTT\n\n00:08.000 --> 00:04.000\nat 18 feet", 'end_before_start', 'line 3'],
            ["WEBVTT\n\n00:04.000 --> 00:08.000\nat 18 feet\n\nsomething else\n", 'no_timed_text', 'line 6'],
        ];
    }

    #[DataProvider('others')]
    public function testWhatIsNoneIsRefusedAtItsLine(string $text, string $reason, string $at): void
    {
        try {
            TimedText::read($text);
            self::fail('It was taken.');
        } catch (BadInput $refused) {
            self::assertSame([$reason, $at], [$refused->reason, $refused->at]);
        }
    }
}
