<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Flow\Water;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Jet\Hose;
use Jurvex\Core\Jet\JetLine;
use Jurvex\Core\Jet\Nozzle;
use Jurvex\Core\Jet\Orifices;
use Jurvex\Core\Jet\Pressure;
use Jurvex\Core\Jet\Pump;
use Jurvex\Core\Measure\Length;

/** Flow, pressures, thrust and power of a jetter with these hoses and this nozzle. */
final class JetCalculation implements Calculation
{
    public function name(): string
    {
        return 'jet';
    }

    public function calculate(Input $input): array
    {
        $line = self::line($input);
        $pressure = $line->nozzlePressure();

        return [
            'flow_l_min' => Water::perMinute($line->flow),
            'bypass_l_min' => Water::perMinute($line->bypass()),
            'pump_pressure_bar' => $line->pumpPressure()->inBar(),
            'hose_loss_bar' => $line->hoseLoss()->inBar(),
            'nozzle_pressure_bar' => $pressure->inBar(),
            'net_thrust_n' => $line->nozzle->thrust($pressure),
            'nozzle_power_kw' => $line->nozzle->power($line->flow) / 1000,
            'on_relief' => $line->onRelief,
            'matched_orifice_mm' => $line->matchedOrifice()?->inMillimetres(),
            'hose_losses_bar' => array_map(static fn (Pressure $loss) => $loss->inBar(), $line->losses()),
        ];
    }

    /** @throws BadInput */
    public static function line(Input $input): JetLine
    {
        $pump = $input->object('pump');

        return new JetLine(
            new Pump(Water::perSecond($pump->positive('flow_l_min')), Pressure::bar($pump->positive('max_pressure_bar'))),
            array_map(static fn (Input $hose) => new Hose(
                Length::millimetres($hose->positive('bore_mm')),
                Length::metres($hose->number('length_m', 0)),
                Length::millimetres($hose->optionalNumber('roughness_mm', 0) ?? 0.0015),
                $hose->optionalNumber('minor_k', 0) ?? 0.0,
            ), $input->objects('hoses')),
            self::nozzle($input->object('nozzle')),
        );
    }

    private static function nozzle(Input $nozzle): Nozzle
    {
        $orifices = array_map(static fn (Input $each) => new Orifices(
            $each->positive('count'),
            Length::millimetres($each->positive('diameter_mm')),
            $each->number('angle_deg', 0, 180),
            $each->has('cd') ? $each->positive('cd') : 0.95,
        ), $nozzle->objects('orifices'));
        if ([] === $orifices) {
            throw BadInput::missing($nozzle->at('orifices.0'));
        }
        $leak = $nozzle->optionalNumber('leak_fraction', 0, 1) ?? 0.0;
        if ($leak >= 1) {
            throw BadInput::outOfRange($nozzle->at('leak_fraction'), 0, 1);
        }

        return new Nozzle($orifices, $leak);
    }
}
