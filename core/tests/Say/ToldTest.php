<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Say;

use Jurvex\Core\Say\Score;
use Jurvex\Core\Tests\Lines;
use PHPUnit\Framework\TestCase;

/** What is told in the midst of a recording, in a thousand ways: it is read, whatever is said before and behind it. */
final class ToldTest extends TestCase
{
    use TellsNarrations;

    private const FOUND = 0.95;
    private const RIGHT = 0.97;
    /** Each is told with so many of the contexts … */
    private const CONTEXTS = 5;
    /** … and of all these readings such a share is as it is without any. */
    private const KEPT = 0.99;
    private const FOOT_M = 0.3048;
    private const BEFORE = [
        'feet' => 'okay so we have it zeroed and we are pushing down the line here now ',
        'metric' => 'right it is set to nought and we go on now ',
    ];
    private const BEHIND = ' and then we keep on going';

    public function testNearlyAllThatIsToldIsRead(): void
    {
        $score = Score::none();
        foreach (self::told() as [$said, $units, $wanted]) {
            $score = $score->with($wanted, self::readOf($said, $units));
        }
        self::assertGreaterThan(self::FOUND, $score->recall());
        self::assertGreaterThan(self::RIGHT, $score->precision());
    }

    public function testWhatIsSaidAroundItChangesNothing(): void
    {
        $around = [
            ...array_map(static fn (string $said) => [$said.' ', ''], Lines::under('before', 'around.txt')),
            ...array_map(static fn (string $said) => ['', ' '.$said], Lines::under('behind', 'around.txt')),
        ];
        $told = $kept = 0;
        $changed = [];
        foreach (self::told() as $i => [$said, $units]) {
            $alone = self::placesOf(self::readOf($said, $units));
            for ($many = 0; $many < self::CONTEXTS; ++$many) {
                [$before, $behind] = $around[($i * self::CONTEXTS + $many * 17) % \count($around)];
                $isSame = self::placesOf(self::readOf($before.$said.$behind, $units)) === $alone;
                ++$told;
                $kept += $isSame ? 1 : 0;
                $changed = [...$changed, ...($isSame ? [] : [$before.$said.$behind])];
            }
        }
        self::assertGreaterThan(self::KEPT, $kept / $told, implode("\n", \array_slice($changed, 0, 50)));
    }

    /** @return list<array{string, string, list<array<string, float|string>>}> what is said, in which units, and what is to be read */
    private static function told(): array
    {
        return array_map(static function (string $line): array {
            [$said, $wanted] = explode(' |', $line, 2);
            $units = str_starts_with($said, 'm: ') ? 'metric' : 'feet';
            $one = 'metric' === $units ? 1.0 : self::FOOT_M;
            $entries = array_map(static function (string $entry) use ($one): array {
                [$kind, $place] = [...explode(' ', $entry), ''];
                $ends = '' === $place ? [] : array_map(static fn (string $end) => $one * (float) $end, explode('-', $place));

                return ['kind' => $kind, ...array_combine(\array_slice(['from_m', 'to_m'], 0, \count($ends)), $ends)];
            }, array_filter(array_map(trim(...), explode(';', $wanted))));

            return [str_replace('m: ', '', $said), $units, array_values($entries)];
        }, Lines::of('told.txt'));
    }

    /** @return list<array<mixed>> */
    private static function readOf(string $said, string $units): array
    {
        return self::read(['units' => $units, 'cues' => self::cues(self::BEFORE[$units].$said.self::BEHIND)]);
    }

    /**
     * @param list<array<mixed>> $entries
     *
     * @return list<string>
     */
    private static function placesOf(array $entries): array
    {
        $places = array_map(static fn (array $entry) => json_encode(
            [$entry['kind'], $entry['from_m'] ?? null, $entry['to_m'] ?? null], \JSON_THROW_ON_ERROR,
        ), $entries);
        sort($places);

        return $places;
    }
}
