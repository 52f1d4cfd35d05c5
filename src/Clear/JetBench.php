<?php

declare(strict_types=1);

namespace App\Clear;

use Jurvex\Core\Calc\JetCalculation;
use Jurvex\Core\Flow\Manning;
use Jurvex\Core\Flow\Water;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Jet\Frost;
use Jurvex\Core\Jet\JetLine;
use Jurvex\Core\Jet\PullBack;
use Jurvex\Core\Jet\Tank;
use Jurvex\Core\Measure\Length;

/** What a jetter does with these hoses and this nozzle, in this line: all of it from the core, put together for the screen. */
final readonly class JetBench
{
    private const CURVE_POINTS = 24;
    private const MUCH_BYPASS = 0.2;
    /** What a pump and its fittings usually hold. */
    private const PUMP_L = 1.5;
    private const ROUGHNESS = 0.013;

    public JetLine $line;

    /** @var list<array{length: float, bar: float, thrust: float}> nozzle pressure and thrust by length of the first hose */
    public array $curve;

    /** @var list<string> codes of what is wrong */
    public array $warnings;

    /** @var list<array{Length, Length}> bore and length of each hose */
    private array $hoses;

    public ?PullBack $back;
    public ?Tank $tank;
    public ?Manning $drain;

    /**
     * @param Length $bore   of the line
     * @param ?float $slope  of the line, as a tangent; none where nobody knows it
     * @param float  $solids share of the flow that may be solids
     *
     * @throws BadInput
     */
    public function __construct(Jetter $jetter, public Length $bore, public ?float $slope, float $solids)
    {
        $input = $jetter->input();
        $this->line = JetCalculation::line($input);
        $this->hoses = array_map(static fn (Input $hose) => [Length::millimetres($hose->positive('bore_mm')), Length::metres($hose->number('length_m', 0))], $input->objects('hoses'));
        $this->curve = self::curve($input);
        $deposit = $input->optionalNumber('deposit_mm', 0);
        if (null !== $deposit && $deposit >= $bore->inMillimetres() / 2) {
            throw BadInput::outOfRange('deposit_mm', 0, $bore->inMillimetres() / 2);
        }
        $this->back = null === $deposit || 0.0 === $deposit ? null : new PullBack($bore, Length::millimetres($deposit), $this->line->flow, $solids);
        $tank = $input->object('tank');
        $litres = $tank->positive('tank_l');
        $this->tank = new Tank($litres, $tank->number('reserve_l', 0, $litres), Water::perMinute($this->line->flow), $tank->number('refill_l_min', 0));
        $this->drain = null === $slope || $slope <= 0 ? null : new Manning($bore, $slope, self::ROUGHNESS);
        $this->warnings = $this->warn($input);
    }

    /** Water that stands in pump and hoses and must not freeze, in litres. */
    public function standing(): float
    {
        return (new Frost(self::PUMP_L))->litres($this->hoses);
    }

    public function drawing(): NozzleDrawing
    {
        return new NozzleDrawing($this->line->nozzle);
    }

    public function thrust(): float
    {
        return $this->line->nozzle->thrust($this->line->nozzlePressure());
    }

    /** @return ?array{depth: float, velocity: float, carries: bool} the jet's own water in the line, depth in mm; none where it has no fall or runs full */
    public function runs(): ?array
    {
        if (null === $this->drain || $this->line->flow > $this->drain->capacity()) {
            return null;
        }
        $depth = $this->drain->depth($this->line->flow);
        $velocity = $this->drain->velocity($depth);

        return ['depth' => $depth->inMillimetres(), 'velocity' => $velocity, 'carries' => $velocity >= 0.6];
    }

    /** @return list<string> */
    private function warn(Input $input): array
    {
        $setting = $input->object('pump')->positive('max_pressure_bar');
        $pump = $input->object('pump')->positive('flow_l_min');
        $warnings = [
            'low_nozzle' => $this->line->nozzlePressure()->inBar() < $setting / 2,
            'bypass' => Water::perMinute($this->line->bypass()) > self::MUCH_BYPASS * $pump,
            'hose_rating' => $this->line->pumpPressure()->inBar() > $input->positive('rated_bar'),
            'front_stronger' => $this->thrust() <= 0,
            'carries_not' => false === ($this->runs()['carries'] ?? null),
            'no_fall' => null !== $this->slope && $this->slope <= 0,
        ];

        return array_keys(array_filter($warnings));
    }

    /** @return list<array{length: float, bar: float, thrust: float}> */
    private static function curve(Input $input): array
    {
        $values = ['pump' => $input->map('pump'), 'nozzle' => $input->map('nozzle'), 'hoses' => array_values($input->map('hoses'))];
        $first = \is_array($values['hoses'][0] ?? null) ? $values['hoses'][0] : null;
        if (null === $first || !is_numeric($first['length_m'] ?? null)) {
            return [];
        }
        $longest = max(10.0, 2 * (float) $first['length_m']);
        $curve = [];
        for ($i = 0; $i <= self::CURVE_POINTS; ++$i) {
            $length = $longest * $i / self::CURVE_POINTS;
            $values['hoses'][0] = ['length_m' => $length] + $first;
            $line = JetCalculation::line(new Input($values));
            $pressure = $line->nozzlePressure();
            $curve[] = ['length' => $length, 'bar' => $pressure->inBar(), 'thrust' => $line->nozzle->thrust($pressure)];
        }

        return $curve;
    }
}
