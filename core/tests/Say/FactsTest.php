<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Say;

use Jurvex\Core\Tests\Lines;
use PHPUnit\Framework\TestCase;

/** What is said of a finding is said of that one, and of nothing that is named before or behind it: how much, on which side, how sure. */
final class FactsTest extends TestCase
{
    use TellsNarrations;

    private const FOOT_M = 0.3048;
    private const BEFORE = 'okay so we have it zeroed and we go down the line here now ';

    public function testEachSizeSideAndDoubtIsOfWhatItIsSaidOf(): void
    {
        $told = $wanted = [];
        foreach (Lines::of('facts.txt') as $line) {
            [$said, $wanted[]] = explode(' | ', $line, 2);
            $isMetric = str_starts_with($said, 'm: ');
            $text = self::BEFORE.str_replace('m: ', '', $said).' and then we keep on going';
            $entries = self::read(['units' => $isMetric ? 'metric' : 'feet', 'cues' => self::cues($text)]);
            $told[] = implode('; ', array_map(static fn (array $entry) => self::inShort($entry, $isMetric ? 1.0 : self::FOOT_M), $entries));
        }

        self::assertSame($wanted, $told);
    }

    /** @param array<mixed> $entry */
    private static function inShort(array $entry, float $one): string
    {
        $short = [$entry['kind'], isset($entry['from_m']) ? round($entry['from_m'] / $one, 2) : 'nowhere'];
        $short[1] .= isset($entry['to_m']) ? '-'.round($entry['to_m'] / $one, 2) : '';
        $short[] = isset($entry['size']) ? round($entry['size'], 1).$entry['unit'] : '';
        $short[] = isset($entry['clock_from']) ? $entry['clock_from'].(isset($entry['clock_to']) ? '-'.$entry['clock_to'] : '').'h' : '';
        $short[] = $entry['sureness'] ?? '';
        foreach ($entry['facts'] ?? [] as $fact => $value) {
            $short[] = $fact.'='.$value;
        }

        return implode(' ', array_filter($short, static fn (mixed $part) => '' !== $part));
    }
}
