<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Say;

use Jurvex\Core\Clear\EntryKind;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Say\Lexicon;
use Jurvex\Core\Say\Pressed;
use Jurvex\Core\Say\ToolTalk;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ToolTalkTest extends TestCase
{
    private const FOOT_M = 0.3048;

    /** @param list<string> $pressed */
    #[DataProvider('said')]
    public function testWhatIsSaidIsWhatAPressWouldEnter(string $said, array $pressed, UnitSystem $units = UnitSystem::FeetAndInches): void
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

    /** @return iterable<string, array{0: string, 1: list<string>, 2?: UnitSystem}> */
    public static function said(): iterable
    {
        $metric = UnitSystem::Metric;
        $cases = [
            ['at 32 feet it grabs', ['at 32.00 ft', 'felt grabs']],
            ['it grabs at 32 feet', ['at 32.00 ft', 'felt grabs']],
            ['stopped dead at 12.4', ['at 40.68 ft', 'felt stops_dead'], $metric],
            ['we got to sixty feet and it is running free', ['at 60.00 ft', 'felt free']],
            ['uh we are at, let me see, 41 foot 6', ['at 41.50 ft']],
            ['32', ['at 32.00 ft']],
            ['at 30, sorry, 32 feet', ['at 32.00 ft']],
            ["okay water's on, two turns to the left", ['power_on', 'turn_left 2']],
            ['twisted it right twice', ['turn_right 2']],
            ['a turn left', ['turn_left']],
            ['one turn left', ['turn_left 1']],
            ['twelve turns to the left', ['turn_left 12']],
            ['turn it left', ['turn_left']],
            ['shut the water off', ['power_off']],
            ['pulse on', ['pulse_on']],
            ['stop pulsing', ['pulse_off']],
            ['next mark', ['mark_in']],
            ['coupling out', ['mark_out']],
            ['roots and wipes on the blade', ['came_back roots', 'came_back wipes']],
            ['nothing came back', ['came_back nothing']],
            ['just scale on the cutter, no roots', ['came_back scale']],
            ['the level is dropping', ['water dropping']],
            ['running the kitchen tap upstairs, water rising at the cleanout', ['water rising']],
            ['it drained, broke through at 48 feet', ['water gone', 'at 48.00 ft']],
            ['the water is four inches below the rim', ['level 0.33 ft']],
            ['water at 12 centimetres below the rim', ['level 0.39 ft'], $metric],
            ['it moved two inches', ['moved 0.17 ft']],
            ['put a mark on the hose', ['watch']],
            ['hot water, 140 degrees', ['heat 60']],
            ['hot water, 60 degrees', ['heat 60'], $metric],
            ["won't go past 33 feet", ['at 33.00 ft', 'felt stops_dead']],
            ['it spins free', ['felt spins']],
            ['heavy going at twelve metres, something soft', ['at 39.37 ft', 'felt drag']],
            // What is no entry.
            ['no roots came back', []],
            ["it's not grabbing any more", []],
            ['is it grabbing?', []],
            ['going to turn the water on', []],
            ['once the water is on', []],
            ['there are roots in here', []],
            ['three feet of slack', []],
            ['another two feet', []],
            ['at 400 degrees', []],
            ['the customer came home', []],
            ['', []],
        ];
        foreach ($cases as $case) {
            yield $case[0] => $case;
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
