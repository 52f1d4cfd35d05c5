<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Say;

use Jurvex\Core\Clear\EntryKind;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Say\Lexicon;
use Jurvex\Core\Say\Pressed;
use Jurvex\Core\Say\ToolTalk;
use Jurvex\Core\Tests\Lines;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ToolTalkTest extends TestCase
{
    private const FOOT_M = 0.3048;

    /** @param list<string> $pressed */
    #[DataProvider('said')]
    public function testWhatIsSaidIsWhatAPressWouldEnter(string $said, array $pressed, UnitSystem $units): void
    {
        self::assertSame($pressed, self::read($said, $units));
    }

    public function testWhatIsSaidInAnotherLanguageIsTheSamePress(): void
    {
        foreach ([
            'a 12.4 agarra, volvieron raíces' => ['at 40.68 ft', 'felt grabs', 'came_back roots'],
            'se paró en seco a 12.4, quedan dos vueltas' => ['at 40.68 ft', 'felt stops_dead'],
            'entra otra señal' => ['mark_in'], 'cierro el agua' => ['power_off'], 'se fue el agua' => ['water gone'],
            'dos vueltas a la izquierda' => ['turn_left 2'], 'avanzó diez centímetros' => ['moved 0.33 ft'],
            'no volvió nada' => ['came_back nothing'], 'no hay agua abierta' => [],
        ] as $said => $pressed) {
            self::assertSame($pressed, self::read($said, UnitSystem::Metric, 'es'), $said);
        }
    }

    public function testWhatIsSaidOfNothingPressesNothing(): void
    {
        self::assertSame([], self::read('', UnitSystem::Metric));
    }

    /** @return iterable<string, array{string, list<string>, UnitSystem}> units, what is said and what it presses, if anything */
    public static function said(): iterable
    {
        foreach (Lines::of('tool-talk.txt') as $line) {
            [$units, $said, $pressed] = array_map(trim(...), explode('|', $line));
            $units = 'm' === $units ? UnitSystem::Metric : UnitSystem::FeetAndInches;
            yield $said => [$said, '' === $pressed ? [] : explode(', ', $pressed), $units];
        }
    }

    public function testMetresAndFeetTellTheSamePlaceAndWhatIsDeniedIsNoEntry(): void
    {
        foreach (['free', 'drag', 'grabs', 'spins'] as $felt) {
            for ($feet = 5; $feet <= 200; $feet += 13) {
                $inFeet = self::read("at $feet feet $felt", UnitSystem::Metric);
                $inMetres = \sprintf('at %.4f metres it %s', $feet * self::FOOT_M, $felt);
                self::assertSame($inFeet, self::read($inMetres, UnitSystem::FeetAndInches));
                self::assertCount(2, $inFeet);
                self::assertSame([$inFeet[0]], self::read("at $feet feet it is not $felt", UnitSystem::FeetAndInches));
            }
        }
    }

    /** @return list<string> */
    private static function read(string $said, UnitSystem $units, string $language = 'en'): array
    {
        return array_map(static fn (Pressed $each) => trim($each->kind->value.' '.match (true) {
            null === $each->value => $each->said,
            EntryKind::Heat === $each->kind => round($each->value),
            default => \sprintf('%.2f ft', $each->value / self::FOOT_M),
        }), ToolTalk::read($said, Lexicon::withATool($language), $units));
    }
}
