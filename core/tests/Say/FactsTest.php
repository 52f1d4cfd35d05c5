<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Say;

use Jurvex\Core\Say\Entry;
use Jurvex\Core\Tests\Lines;
use PHPUnit\Framework\TestCase;

/**
 * What is said of a finding is said of that one, and of nothing that is named before or behind it: how much, on which side, how sure.
 *
 * @phpstan-import-type Plain from Entry
 */
final class FactsTest extends TestCase
{
    use TellsNarrations;

    private const FOOT_M = 0.3048;
    private const BEFORE = 'okay so we have it zeroed and we go down the line here now ';
    private const BEHIND = ' and then we keep on going';
    /** So many rows of findings are put together by chance, of which no more than one of so many may be read otherwise. */
    private const ROWS = 400;
    private const OTHERWISE_OF = 50;
    /** What is found, with how much of it there may be. */
    private const THINGS = [
        'a root' => ['about twenty percent', 'maybe a third of the pipe', ''], 'roots' => ['maybe ten percent', 'about half the pipe', ''],
        'an offset' => ['about half an inch', 'a quarter inch', ''], 'a gap' => ['about an inch', 'half an inch', ''],
        'scale' => ['about a quarter inch', ''], 'grease' => ['about an inch thick', ''], 'mud in the bottom' => ['about two inches', ''],
        'a belly' => ['holding about two inches', 'about an inch of water', ''],
        'a crack' => [''], 'a wye' => [''], 'a hole' => [''], 'a broken piece' => [''], 'a rock' => [''], 'a rag' => [''], 'a bend' => [''],
        'a transition from cast iron to clay' => [''], 'a change to plastic' => [''], 'a hard ninety' => [''], 'another forty five' => [''],
        'a wye that\'s capped' => [''], 'a hole in the top you can see the dirt' => [''], 'a rock that won\'t move' => [''],
    ];
    private const SIDES = ['on the left', 'on the right', 'on the top', 'at the bottom', 'at three o\'clock', '', '', ''];
    private const WITHOUT_SIDE = [
        'a belly', 'mud in the bottom', 'scale', 'a rock', 'a rag', 'grease', 'a transition from cast iron to clay', 'a change to plastic',
        'a wye that\'s capped', 'a hole in the top you can see the dirt', 'a rock that won\'t move',
    ];
    private const WAYS = [
        'at %1$d there\'s %2$s %3$s %4$s', '%2$s at %1$d %3$s %4$s', '%1$d feet %2$s %3$s %4$s', 'I see %2$s %3$s at %1$d %4$s',
        '%1$d feet we\'ve got %2$s %4$s %3$s', 'at %1$d feet %2$s %4$s %3$s',
    ];
    private const JOINED = [' and ', ' ', ' and then ', ' okay '];

    public function testEachSizeSideAndDoubtIsOfWhatItIsSaidOf(): void
    {
        $told = $wanted = [];
        foreach (Lines::of('facts.txt') as $line) {
            [$said, $wanted[]] = explode(' | ', $line, 2);
            $told[] = implode('; ', self::readOf(str_replace('m: ', '', $said), str_starts_with($said, 'm: ')));
        }

        self::assertSame($wanted, $told);
    }

    public function testFindingsInARowKeepTheirOwn(): void
    {
        mt_srand(20);
        $otherwise = [];
        for ($row = 0; $row < self::ROWS; ++$row) {
            $told = $alone = [];
            for ($feet = mt_rand(5, 12); \count($told) < 3; $feet += mt_rand(3, 9)) {
                $told[] = $one = self::byChance($feet);
                array_push($alone, ...self::readOf($one, false));
            }
            $said = implode(self::oneOf(self::JOINED), $told);
            $read = self::readOf($said, false);
            sort($alone);
            sort($read);
            $otherwise = [...$otherwise, ...($read === $alone ? [] : [$said])];
        }

        self::assertLessThan(self::ROWS / self::OTHERWISE_OF, \count($otherwise), implode("\n", $otherwise));
    }

    private static function byChance(int $feet): string
    {
        $thing = self::oneOf(array_keys(self::THINGS));
        $side = \in_array($thing, self::WITHOUT_SIDE, true) ? '' : self::oneOf(self::SIDES);
        $said = \sprintf(self::oneOf(self::WAYS), $feet, $thing, $side, self::oneOf(self::THINGS[$thing]));

        return trim((string) preg_replace('/ +/', ' ', $said));
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $all
     *
     * @return T
     */
    private static function oneOf(array $all): mixed
    {
        return $all[mt_rand(0, \count($all) - 1)];
    }

    /** @return list<string> each entry in short, with all that is known of it */
    private static function readOf(string $said, bool $isMetric): array
    {
        $entries = self::read([
            'units' => $isMetric ? 'metric' : 'feet', 'cues' => self::cues(self::BEFORE.$said.self::BEHIND),
        ]);

        return array_map(static fn (array $entry) => self::inShort($entry, $isMetric ? 1.0 : self::FOOT_M), $entries);
    }

    /** @param Plain $entry */
    private static function inShort(array $entry, float $one): string
    {
        $short = [$entry['kind'], isset($entry['from_m']) ? round($entry['from_m'] / $one, 2) : 'nowhere'];
        $short[1] .= isset($entry['to_m']) ? '-'.round($entry['to_m'] / $one, 2) : '';
        $short[] = isset($entry['size'], $entry['unit']) ? round($entry['size'], 1).$entry['unit'] : '';
        $short[] = isset($entry['clock_from']) ? $entry['clock_from'].(isset($entry['clock_to']) ? '-'.$entry['clock_to'] : '').'h' : '';
        $short[] = $entry['sureness'] ?? '';
        $short[] = isset($entry['depth_m']) ? 'deep='.round($entry['depth_m'], 2) : '';
        $short[] = isset($entry['depth_to_m']) ? 'to='.round($entry['depth_to_m'], 2) : '';
        foreach ($entry['facts'] ?? [] as $fact => $value) {
            $short[] = $fact.'='.$value;
        }

        return implode(' ', array_filter($short, static fn (mixed $part) => '' !== $part));
    }
}
