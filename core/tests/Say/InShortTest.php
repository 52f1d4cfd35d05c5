<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Say;

use Jurvex\Core\Calc\SayCalculation;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Say\Lexicon;
use Jurvex\Core\Say\Speech;
use Jurvex\Core\Say\Word;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class InShortTest extends TestCase
{
    use TellsNarrations;

    private const ONES = [
        'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve', 'thirteen', 'fourteen',
        'fifteen', 'sixteen', 'seventeen', 'eighteen', 'nineteen',
    ];
    private const TENS = ['twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety'];
    private const SHORT = ['feet' => 'ft', 'foot' => 'ft', 'inch' => 'in', 'inches' => 'in'];

    /** @return list<array{string, string}> as it is written, and as it is said */
    public static function shorts(): array
    {
        return [
            ['at 26 ft roots', 'at 26 feet roots'], ['26ft roots', '26 feet roots'], ['a 6 ft belly', 'a 6 foot belly'],
            ['an 8 and a half ft belly', 'an 8 and a half foot belly'], ['6 ft 3', '6 foot 3'], ['6 ft 3 in', '6 foot 3 inch'],
            ['12.4 m roots', '12.4 metres roots'],
            // Where feet are written in short, or the inches are of a pipe, "in" is inches …
            ['at 20 ft a 2 in gap', 'at 20 feet a 2 inch gap'], ['4 in clay', '4 inch clay'], ['a 4-in line', 'a 4 inch line'],
            ['20 feet of 4in clay', '20 feet of 4 inch clay'], ['holding 2 in of water', 'holding 2 inch of water'],
            ["the break's 44 in deep", "the break's 44 inch deep"], ['a 1/2 in offset', 'a half inch offset'],
            ['a 1 1/2 in offset', 'a 1 and half inch offset'], ['a 1¾ in offset', 'a 1 and three quarters inch offset'],
            // … and not where the tool has gone so far in.
            ["at 20 ft, then 25 in and there's roots", "at 20 feet , then 25 in and there's roots"], ['roots at 45 in', 'roots at 45 in'],
            ['at 12 in the clay', 'at 12 in the clay'], ['roots at 20 feet, 30 in', 'roots at 20 feet , 30 in'],
            ['a crack at 3:00', "a crack at 3 o'clock"], ['from 9:00 to 4:30', "from 9 o'clock to 4.5 o'clock"],
            ['until 9:00 tonight', 'until 9 : 00 tonight'], ['at 9:15', 'at 9 : 15'], ['two 45s', 'two forty fives'],
            ['a 2x4 at 12', 'a 2 by 4 at 12'],
        ];
    }

    #[DataProvider('shorts')]
    public function testItIsReadAsItIsSaid(string $written, string $said): void
    {
        $words = Speech::written($written, Lexicon::of('en'))->words;
        self::assertSame($said, implode(' ', array_map(static fn (Word $word) => $word->text, $words)));
        self::assertSame($written, substr($written, $words[0]->from, $words[\count($words) - 1]->to));
    }

    public function testANarrationWithItsNumbersInDigitsAndItsUnitsInShortIsTheSame(): void
    {
        $calculation = new SayCalculation();
        $read = static function (array $in) use ($calculation): array {
            $told = array_flip(['kind', 'from_m', 'to_m', 'size', 'clock_from', 'depth_m']);

            return array_map(
                static fn (array $entry) => json_encode(array_intersect_key($entry, $told), \JSON_THROW_ON_ERROR),
                $calculation->calculate(new Input($in))['entries'],
            );
        };
        $all = $same = 0;
        foreach (self::cases('along.json') as $case) {
            $words = explode(' ', implode(' ', array_column($case['in']['cues'] ?? [], 'text')));
            [$said, $short] = [$read(['cues' => self::cues(implode(' ', $words))] + $case['in']),
                $read(['cues' => self::cues(implode(' ', self::inShort($words)))] + $case['in'])];
            $all += \count($said);
            $same += \count(array_intersect($said, $short));
        }
        self::assertGreaterThan(0.97 * $all, $same, \sprintf('%d of %d are the same', $same, $all));
    }

    /**
     * As speech-to-text programs write: numbers from ten on, and before a unit all of them.
     *
     * @param list<string> $words
     *
     * @return list<string>
     */
    private static function inShort(array $words): array
    {
        $short = [];
        for ($i = 0; $i < \count($words); ++$i) {
            $tens = array_search($words[$i], self::TENS, true);
            $ones = array_search($words[$i + (false === $tens ? 0 : 1)] ?? '', self::ONES, true);
            $number = (false === $tens ? 0 : 10 * ($tens + 2)) + (false === $ones || false !== $tens && $ones >= 9 ? 0 : $ones + 1);
            $last = $i + (false !== $tens && $number % 10 > 0 ? 1 : 0);
            $unit = self::SHORT[$words[$last + 1] ?? ''] ?? null;
            // "One twenty", "seven point five" and "the first one" stay as they are.
            [$before, $behind] = [$words[$i - 1] ?? '', $words[$last + 1] ?? ''];
            $isPart = \in_array($behind, ['point', 'hundred'], true) || \in_array($before, ['point', 'oh', 'one', 'two'], true);
            if (0 === $number || $isPart || $number < 10 && null === $unit) {
                $short[] = $words[$i];

                continue;
            }
            $short[] = (string) $number;
            $i = $last + (null === $unit ? 0 : 1);
            array_push($short, ...(null === $unit ? [] : [$unit]));
        }

        return $short;
    }
}
