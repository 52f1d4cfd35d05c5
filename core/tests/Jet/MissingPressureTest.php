<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Jet;

use Jurvex\Core\Clear\Head;
use Jurvex\Core\Flow\Water;
use Jurvex\Core\Jet\Hose;
use Jurvex\Core\Jet\JetLine;
use Jurvex\Core\Jet\MissingPressure;
use Jurvex\Core\Jet\Nozzle;
use Jurvex\Core\Jet\Orifices;
use Jurvex\Core\Jet\Pressure;
use Jurvex\Core\Jet\Pump;
use Jurvex\Core\Jet\UsualNozzle;
use Jurvex\Core\Measure\Length;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class MissingPressureTest extends TestCase
{
    /** @return iterable<string, array{float, float, float, list<string>}> orifice mm, hose m, leak; what costs the most first */
    public static function causes(): iterable
    {
        yield 'a nozzle that fits on a short hose' => [0.90, 5.0, 0.0, []];
        yield 'drilled for a bigger pump' => [1.60, 5.0, 0.0, ['orifices']];
        yield 'a long hose' => [1.02, 150.0, 0.0, ['hoses']];
        yield 'a head that leaks' => [0.90, 5.0, 1 / 3, ['leak']];
        yield 'all of it' => [1.20, 150.0, 0.3, ['orifices', 'hoses', 'leak']];
    }

    /** @param list<string> $expected */
    #[DataProvider('causes')]
    public function testWhatCostsPressureIsToldApart(float $orifice, float $hose, float $leak, array $expected): void
    {
        self::assertSame($expected, (new MissingPressure(self::line($orifice, $hose, $leak)))->reasons());
    }

    public function testThePartsAddUpToTheSetting(): void
    {
        for ($seed = 1; $seed <= 200; ++$seed) {
            $chance = new Randomizer(new Mt19937($seed));
            $line = self::line($chance->getInt(60, 200) / 100, $chance->getInt(0, 200), $chance->getInt(0, 4) / 10);
            $missing = new MissingPressure($line);
            $sum = array_sum(array_map(static fn (Pressure $part) => $part->pascal, $missing->parts()));
            self::assertEqualsWithDelta($line->setting()->inBar(), $sum / 1e5, 1e-6, (string) $seed);
        }
    }

    public function testWearIsWhatTheDrilledOrificesWouldNeedForTheMeasuredFlow(): void
    {
        $line = self::line(1.0, 5.0, 0.0);
        $flow = Water::perSecond(45);
        $as = static fn (float $gauge) => (new MissingPressure($line, $flow, Pressure::bar($gauge)))->byWear?->inBar();
        self::assertEqualsWithDelta(0.0, $as($line->pumpPressure()->inBar()), 1e-6, 'as drilled');
        self::assertEqualsWithDelta(40.0, $as($line->pumpPressure()->inBar() - 40), 1e-6);
        self::assertContains('wear', (new MissingPressure($line, $flow, Pressure::bar($line->pumpPressure()->inBar() - 40)))->reasons());
        self::assertNull((new MissingPressure($line))->byWear);
    }

    public function testAnotherFirstHoseChangesNoneOfTheOthers(): void
    {
        $hose = static fn (float $length, float $bore) => new Hose(
            Length::millimetres($bore), Length::metres($length), Length::millimetres(0.0015), 0,
        );
        $pump = new Pump(Water::perSecond(45), Pressure::bar(180));
        $line = static fn (float $first) => new JetLine($pump, [$hose($first, 12.7), $hose(30, 9.5), $hose(5, 6.3)], self::nozzle(1, 0));
        self::assertEqualsWithDelta(
            $line(15)->nozzlePressure()->inBar(), $line(60)->withFirstHose(Length::metres(15))->nozzlePressure()->inBar(), 1e-9,
        );
        self::assertGreaterThan($line(60)->nozzlePressure()->inBar(), $line(15)->nozzlePressure()->inBar());
    }

    public function testAUsualNozzleBringsThisPumpCloseToItsSettingAndNeverOverIt(): void
    {
        foreach ([[15.0, 150.0], [45.0, 180.0], [80.0, 250.0]] as [$flow, $setting]) {
            $hoses = [new Hose(Length::millimetres(12.7), Length::metres(40), Length::millimetres(0.0015), 0)];
            $line = new JetLine(new Pump(Water::perSecond($flow), Pressure::bar($setting)), $hoses, self::nozzle(1, 0));
            foreach (UsualNozzle::classes() as $class) {
                $nozzle = UsualNozzle::fitting($class, $line);
                self::assertNotNull($nozzle);
                $with = $line->withNozzle($nozzle);
                self::assertFalse($with->onRelief, $class->value);
                self::assertGreaterThan(0.75 * $setting, $with->pumpPressure()->inBar(), $class->value);
                self::assertGreaterThan(0.0, $nozzle->thrust($with->nozzlePressure()), 'it pulls itself in');
            }
        }
        self::assertNull(UsualNozzle::fitting(Head::Blade, self::line(1, 1, 0)));
    }

    private static function line(float $orifice, float $hose, float $leak): JetLine
    {
        return new JetLine(
            new Pump(Water::perSecond(45), Pressure::bar(180)),
            [new Hose(Length::millimetres(12.7), Length::metres($hose), Length::millimetres(0.0015), 0)], self::nozzle($orifice, $leak),
        );
    }

    private static function nozzle(float $orifice, float $leak): Nozzle
    {
        return new Nozzle([new Orifices(6, Length::millimetres($orifice), 25, 0.95)], $leak);
    }
}
