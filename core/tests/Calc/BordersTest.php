<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Calc;

use Jurvex\Core\Calc\Catalogue;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Grade;
use Jurvex\Core\Reel\ReadingFormat;
use Jurvex\Core\Sketch\Sketch;
use Jurvex\Core\Tests\Kept;
use Jurvex\Core\Tests\Sketch\RedrawTest;
use PHPUnit\Framework\TestCase;

/** Where each number of each calculation stops being possible, and what comes of it on the way there. */
final class BordersTest extends TestCase
{
    private const TRIED = [
        -1000.0, -360.5, -91.0, -90.0, -89.0, -1.0, 0.0, 1e-9, 0.5, 1.0, 2.0, 12.0, 13.0, 19.0, 20.0, 89.0, 90.0, 91.0, 99.0,
        100.0, 101.0, 180.0, 181.0, 200.0, 201.0, 360.0, 361.0, 500.0, 501.0, 1000.0, 1001.0, 3000.0, 3001.0, 5000.0, 5001.0,
        10_000.0, 10_001.0, 1e6, 1e7,
    ];
    /** Lengths of texts on either side of what a name or a note may have. */
    private const LETTERS = [0, 1, 20, 21, 40, 41, 64, 65, 80, 81, 200, 201, 400, 401, 4000, 4001];
    /** What no worked case gives: a way to it, by calculation. */
    private const SELDOM = [
        'carry' => [['carry_velocity_m_s']], 'depth' => [['limit_percent'], ['limit_m'], ['at_least']],
        'jet' => [['hoses', 0, 'roughness_mm'], ['nozzle', 'orifices', 0, 'cd']], 'line-check' => [['tolerance_m']],
        'mark-fall' => [['upper', 'ground_error_m']], 'tie-place' => [['tape_error_m']], 'unite' => [['same_place_m']],
    ];
    /** Cases of each calculation whose numbers are tried. */
    private const CASES = 2;

    public function testEveryNumberHasItsBorders(): void
    {
        $kept = $tried = [];
        foreach (CatalogueTest::workedCases() as $case => [$name, $in]) {
            foreach ([...self::numbers($in), ...self::SELDOM[$name] ?? []] as $path) {
                // Of the cases behind these, what none before has.
                $key = $name.' '.implode('.', array_map(static fn (int|string $part) => \is_int($part) ? 0 : $part, $path));
                if (isset($tried[$key]) && (int) substr(strrchr($case, ' ') ?: '', 1) >= self::CASES) {
                    continue;
                }
                $tried[$key] = true;
                $kept[$case.' '.implode('.', $path)] = self::borders(
                    static fn (float $value) => self::outcome($name, self::with($in, $path, $value)),
                );
            }
        }
        self::assertGreaterThan(200, \count($kept));
        Kept::assertSame('borders', $kept);
    }

    public function testEveryNumberOfAMapHasItsBorders(): void
    {
        $map = RedrawTest::bentLine()->plain();
        $kept = [];
        foreach (self::numbers($map) as $path) {
            $kept[implode('.', $path)] = self::borders(static function (float $value) use ($map, $path): string {
                try {
                    $read = Sketch::read(new Input(self::with($map, $path, $value)))->plain();

                    return substr(hash('sha256', (string) json_encode($read)), 0, 8);
                } catch (BadInput $refused) {
                    return self::refused($refused);
                }
            });
        }
        self::assertGreaterThan(15, \count($kept));
        Kept::assertSame('map-borders', $kept);
    }

    public function testEveryNumberOfAFindingHasItsBorders(): void
    {
        $kept = [];
        foreach (Kind::cases() as $kind) {
            $finding = [
                'id' => 'f', 'kind' => $kind->value, 'from_m' => 5.0, 'to_m' => 8.0, 'deepest_m' => 6.0,
                'clock_from' => 3.0, 'clock_to' => 4.0,
            ];
            foreach ($kind->units() as $unit) {
                $finding = ['size' => 20.0, 'unit' => $unit->value] + $finding;
            }
            foreach (self::numbers($finding) as $path) {
                $kept[$kind->value.' '.implode('.', $path)] = self::borders(static function (float $value) use ($finding, $path): string {
                    try {
                        $read = Finding::read(new Input(self::with($finding, $path, $value)))->plain();

                        return substr(hash('sha256', (string) json_encode($read)), 0, 4);
                    } catch (BadInput $refused) {
                        return self::refused($refused);
                    }
                });
            }
        }
        Kept::assertSame('finding-borders', $kept);
    }

    public function testEveryTextHasItsLongest(): void
    {
        $map = RedrawTest::bentLine()->plain();
        $finding = [
            'id' => 'f', 'kind' => 'tie_in', 'from_m' => 5.0, 'note' => 'n',
            'facts' => ['whose' => 'a neighbour', 'condition' => 'sound', 'known_how' => 'assumed'],
        ];
        $read = [
            'map' => [$map, static fn (array $in) => Sketch::read(new Input($in))],
            'finding' => [$finding, static fn (array $in) => Finding::read(new Input($in))],
        ];
        $kept = [];
        foreach ($read as $what => [$in, $taken]) {
            foreach (self::texts($in) as $path) {
                $kept[$what.' '.implode('.', $path)] = array_map(static function (int $letters) use ($in, $path, $taken): string {
                    try {
                        $taken(self::with($in, $path, str_repeat('x', $letters)));

                        return 'taken';
                    } catch (BadInput $refused) {
                        return $refused->reason;
                    }
                }, self::LETTERS);
            }
        }
        self::assertGreaterThan(25, \count($kept));
        Kept::assertSame('text-borders', $kept);
    }

    public function testAReadingIsWithinAWeekATenKilometreRodAndTheUpright(): void
    {
        $taken = static function (string $line): bool {
            try {
                return [] !== ReadingFormat::read($line);
            } catch (BadInput) {
                return false;
            }
        };
        $lines = [
            '604800,1' => true, '604800.1,1' => false, '-0.1,1' => false, '1,10000' => true, '1,10000.1' => false, '1,1,90' => true,
            '1,1,90.1' => false, '1,1,-90' => true, '1,1,-90.1' => false, '1,1,0,360' => true, '1,1,0,360.1' => false,
            '1,1,0,-360.1' => false,
            '1,1,0,0,lens=1' => true, '1,1,0,0,lens=1.01' => false, '1,1,0,0,lens=-1.01' => false, '1,1,0,0,sonde stop' => true,
        ];
        foreach ($lines as $line => $isTaken) {
            self::assertSame($isTaken, $taken((string) $line), (string) $line);
        }
        foreach (['89.9' => true, '90' => false, '-89.9' => true, '-90' => false, '90.5' => false] as $degrees => $isTaken) {
            try {
                Grade::degrees((float) $degrees);
                self::assertTrue($isTaken, (string) $degrees);
            } catch (\DomainException) {
                self::assertFalse($isTaken, (string) $degrees);
            }
        }
    }

    public function testWhatIsLeftOutIsMissedWhereItIsNeeded(): void
    {
        $kept = [];
        foreach (CatalogueTest::workedCases() as $case => [$name, $in]) {
            if (str_ends_with($case, ' 0')) {
                foreach (array_keys($in) as $key) {
                    $kept[$case.' '.$key] = [
                        self::outcome($name, array_diff_key($in, [$key => true])), self::outcome($name, [$key => 'words'] + $in),
                        self::outcome($name, [$key => []] + $in),
                    ];
                }
            }
        }
        Kept::assertSame('left-out', $kept);
    }

    /**
     * @param array<mixed> $values
     *
     * @return list<list<int|string>> paths to the numbers; of a long list only the first few
     */
    private static function numbers(array $values): array
    {
        return self::paths($values, static fn (mixed $value) => \is_float($value) || \is_int($value));
    }

    /**
     * @param array<mixed> $values
     *
     * @return list<list<int|string>> the same to the texts
     */
    private static function texts(array $values): array
    {
        return self::paths($values, is_string(...));
    }

    /**
     * @param array<mixed> $values
     * @param \Closure(mixed): bool $isWanted
     *
     * @return list<list<int|string>>
     */
    private static function paths(array $values, \Closure $isWanted): array
    {
        $paths = [];
        foreach (array_is_list($values) ? \array_slice($values, 0, 3, true) : $values as $key => $value) {
            if ($isWanted($value)) {
                $paths[] = [$key];
            } elseif (\is_array($value)) {
                array_push($paths, ...array_map(static fn (array $path) => [$key, ...$path], self::paths($value, $isWanted)));
            }
        }

        return $paths;
    }

    /**
     * @param array<mixed> $values
     * @param list<int|string> $path
     *
     * @return array<mixed>
     */
    private static function with(array $values, array $path, float|string $value): array
    {
        $key = $path[0];
        $below = $values[$key] ?? [];
        $values[$key] = 1 === \count($path) || !\is_array($below) ? $value : self::with($below, \array_slice($path, 1), $value);

        return $values;
    }

    /**
     * @param \Closure(float): string $outcome
     *
     * @return array<int|string, string> what comes of the numbers from each one on, where it is another than before
     */
    private static function borders(\Closure $outcome): array
    {
        $borders = [];
        foreach (self::TRIED as $value) {
            $is = $outcome($value);
            if (end($borders) !== $is) {
                $borders[(string) $value] = $is;
            }
        }

        return $borders;
    }

    private static function refused(BadInput $refused): string
    {
        return $refused->reason.' '.$refused->at.' '.substr(hash('sha256', (string) json_encode($refused->allowed)), 0, 4);
    }

    /** @param array<mixed> $in */
    private static function outcome(string $name, array $in): string
    {
        try {
            $result = Catalogue::complete()->calculate($name, $in);
        } catch (BadInput $refused) {
            return self::refused($refused);
        }
        array_walk_recursive($result, static function (mixed &$value): void {
            $value = \is_float($value) ? \sprintf('%.6g', round($value, 6) + 0.0) : $value;
        });

        return substr(hash('sha256', (string) json_encode($result)), 0, 8);
    }
}
