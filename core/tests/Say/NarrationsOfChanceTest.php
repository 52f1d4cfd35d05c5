<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Say;

use Jurvex\Core\Tests\Lines;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Whole narrations without punctuation, put together by chance of places, what is there and talk: nearly all of each is read. */
final class NarrationsOfChanceTest extends TestCase
{
    use TellsNarrations;

    private const NARRATIONS = 150;
    private const FOUND = 0.97;
    private const FOOT_M = 0.3048;
    /** Every so many of the sayings are followed by talk, and every so many tell that nothing is there. */
    private const TALK = 3;
    private const NOTHING = 5;
    private const LOW = 8;
    private const JOINED = ['and ', 'and then ', 'okay ', 'so ', 'alright ', 'uh ', 'um and ', 'okay so '];
    private const SAID = [
        'at {at} feet {it}', 'at {at} {it}', '{at} feet {it}', 'right here at {at} {it}', "we're at {at} feet now and {it}",
        'okay {at} feet {it}', 'at about {at} feet {it}', 'coming up on {at} feet {it}', 'at the {at} foot mark {it}',
        '{it} at {at} feet', '{it} at {at}',
    ];
    private const CLEAR = ['{at} feet looks good', '{at} feet clean', 'nothing at {at}', '{at} feet nothing', 'okay {at} feet still good'];
    /** Of what is where something ends nothing more is told behind it. */
    private const LAST = ['end_of_line', 'tap', 'cannot_go_further', 'opening_seen', 'transition', 'short_fall', 'low_spot'];
    private const NUMBERED = '/\b(\w+ty|\w+teen|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|feet|foot|first)\b/';

    private Randomizer $chance;
    /** @var list<array{string, list<list<string>>}> kinds with the lists of their parts */
    private array $things;
    /** @var list<string> */
    private array $talk;
    /** @var list<string> */
    private array $lowBegins;
    /** @var list<string> */
    private array $lowEnds;

    protected function setUp(): void
    {
        $this->lowBegins = Lines::under('low begins', 'frames.txt');
        $this->lowEnds = Lines::under('low ends', 'frames.txt');
        $this->things = array_values(array_filter(
            self::things(), static fn (array $thing) => !\in_array($thing[0], self::LAST, true),
        ));
        $this->talk = array_values(array_filter(
            Lines::of('talk.txt'), static fn (string $talk) => 1 !== preg_match(self::NUMBERED, $talk),
        ));
    }

    #[DataProvider('seeds')]
    public function testNearlyAllThatIsToldIsReadAndHardlyMore(int $seed): void
    {
        $this->chance = new Randomizer(new Mt19937($seed));
        $wanted = $found = $read = 0;
        for ($i = 0; $i < self::NARRATIONS; ++$i) {
            [$said, $there] = $this->narration();
            $told = $this->told($said);
            $wanted += \count($there);
            $found += \count(array_intersect($there, $told));
            $read += \count($told);
        }
        self::assertGreaterThan(self::FOUND, $found / $wanted);
        self::assertGreaterThan(self::FOUND, $found / $read);
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach ([15, 16, 17] as $seed) {
            yield 'seed '.$seed => [$seed];
        }
    }

    /** @return array{string, list<string>} what is said, and what is told to be there, by kind and feet */
    private function narration(): array
    {
        $said = [];
        $there = [];
        for ($i = 0, $at = $this->chance->getInt(5, 9); $i < 7; ++$i, $at += $this->chance->getInt(3, 8)) {
            $isLow = 1 === $this->chance->getInt(1, self::LOW);
            $to = $at + $this->chance->getInt(4, 9);
            [$kind, $it] = $this->thing();
            [$kind, $saying] = match (true) {
                $isLow => ['low_spot', $this->one($this->lowBegins).' '.$this->one($this->lowEnds)],
                1 === $this->chance->getInt(1, self::NOTHING) => ['', $this->one(self::CLEAR)],
                default => [$kind, $this->one(self::SAID)],
            };
            $said[] = $this->one(self::JOINED).strtr($saying, ['{at}' => (string) $at, '{to}' => (string) $to, '{it}' => $it]);
            $there = [...$there, ...('' === $kind ? [] : [$kind.'@'.$at])];
            $said = [...$said, ...(1 === $this->chance->getInt(1, self::TALK) ? [$this->one($this->talk)] : [])];
            $at = $isLow ? $to : $at;
        }

        return [implode(' ', $said)." and then $at feet is the main", [...$there, 'tap@'.$at]];
    }

    /** @return array{string, string} its kind, and how it is called */
    private function thing(): array
    {
        [$kind, $lists] = $this->things[$this->chance->getInt(0, \count($this->things) - 1)];
        $it = '';
        foreach ($lists as $list) {
            $it = self::joined($it, $this->one($list));
        }

        return [$kind, $it];
    }

    /** @return list<string> kinds at feet */
    private function told(string $said): array
    {
        $told = [];
        foreach (self::read(['units' => 'feet', 'cues' => self::cues($said)]) as $entry) {
            $kind = str_starts_with((string) $entry['kind'], 'root_') ? 'root' : $entry['kind'];
            $at = isset($entry['from_m']) ? (string) round($entry['from_m'] / self::FOOT_M) : '';
            $told = [...$told, ...('reached' === $kind ? [] : [$kind.'@'.$at])];
        }

        return $told;
    }

    /** @param list<string> $of */
    private function one(array $of): string
    {
        return $of[$this->chance->getInt(0, \count($of) - 1)];
    }
}
