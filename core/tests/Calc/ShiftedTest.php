<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Calc;

use Jurvex\Core\Calc\Catalogue;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Tests\Kept;
use PHPUnit\Framework\TestCase;

/** What comes of every worked case when any one of its numbers is a little or much otherwise. */
final class ShiftedTest extends TestCase
{
    private const TIMES = [0.6, 1.001, 1.9];
    /** Instead of nothing. */
    private const SOME = [0.001, 0.1, 1.0];
    /** Of one case so many numbers, and so many cases of one calculation. */
    private const MOST_NUMBERS = 24;
    private const MOST_CASES = 10;

    public function testEveryNumberOfEveryCaseCounts(): void
    {
        $kept = [];
        $catalogue = Catalogue::complete();
        foreach (CatalogueTest::workedCases() as $case => [$name, $in]) {
            if ('say' === $name || (int) substr(strrchr($case, ' ') ?: '', 1) >= self::MOST_CASES) {
                continue;
            }
            $told = [];
            foreach (\array_slice(self::numbers($in), 0, self::MOST_NUMBERS) as [$path, $value]) {
                $others = 0.0 === $value ? self::SOME : array_map(static fn (float $times) => round($value * $times, 9), self::TIMES);
                foreach ($others as $other) {
                    $told[] = self::outcome($catalogue, $name, self::with($in, $path, $other));
                }
            }
            $kept[$case] = hash('crc32b', implode("\n", $told));
        }
        self::assertGreaterThan(150, \count($kept));
        Kept::assertSame('shifted', $kept);
    }

    /**
     * @param array<mixed> $values
     *
     * @return list<array{non-empty-list<int|string>, float}> where each number stands, and which it is
     */
    private static function numbers(array $values): array
    {
        $numbers = [];
        foreach ($values as $key => $value) {
            if (\is_int($value) || \is_float($value)) {
                $numbers[] = [[$key], (float) $value];
            } elseif (\is_array($value)) {
                foreach (self::numbers($value) as [$path, $number]) {
                    $numbers[] = [[$key, ...$path], $number];
                }
            }
        }

        return $numbers;
    }

    /**
     * @template T of int|string
     *
     * @param array<T, mixed> $values
     * @param non-empty-list<int|string> $path
     *
     * @return array<T, mixed>
     */
    private static function with(array $values, array $path, float $value): array
    {
        foreach ($values as $key => $below) {
            if ($key === $path[0]) {
                $rest = \array_slice($path, 1);
                $values[$key] = [] === $rest || !\is_array($below) ? $value : self::with($below, $rest, $value);
            }
        }

        return $values;
    }

    /** @param array<string, mixed> $in */
    private static function outcome(Catalogue $catalogue, string $name, array $in): string
    {
        try {
            $result = $catalogue->calculate($name, $in);
        } catch (BadInput $refused) {
            return $refused->reason.' '.$refused->at;
        }
        array_walk_recursive($result, static function (mixed &$value): void {
            $value = \is_float($value) ? \sprintf('%.6g', round($value, 6) + 0.0) : $value;
        });

        return (string) json_encode($result);
    }
}
