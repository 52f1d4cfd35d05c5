<?php

declare(strict_types=1);

namespace App\Clear;

use App\Firm\Jetter;
use Jurvex\Core\Calc\JetCalculation;
use Jurvex\Core\Flow\Manning;
use Jurvex\Core\Flow\Water;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Jet\Frost;
use Jurvex\Core\Jet\JetLine;
use Jurvex\Core\Jet\MissingPressure;
use Jurvex\Core\Jet\OrificeWear;
use Jurvex\Core\Jet\Pressure;
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
    /** Under this it is a trap hose, for small lines. */
    private const SMALL_HOSE_MM = 7.0;

    public JetLine $line;

    /** None without a hose. */
    public ?PressureCurve $curve;

    public MissingPressure $missing;

    /** @var list<string> codes of what is wrong */
    public array $warnings;

    /** @var list<array{Length, Length}> bore and length of each hose */
    private array $hoses;

    public ?PullBack $back;
    public Tank $tank;

    /** What a measured flow says of the orifices; none while nothing was measured. */
    public ?OrificeWear $wear;

    /** Tonight, in °C; none while nobody says. */
    public ?float $night;
    public ?Manning $drain;

    /**
     * @param Length $bore of the line
     * @param ?float $slope of the line, as a tangent; none where nobody knows it
     * @param float $solids share of the flow that may be solids
     * @param float $work minutes that the plan works and washes for
     *
     * @throws BadInput
     */
    public function __construct(Jetter $jetter, public Length $bore, public ?float $slope, float $solids, private float $work = 0.0)
    {
        $input = $jetter->input();
        $this->line = JetCalculation::line($input);
        $this->hoses = array_map(
            static fn (Input $hose) => [Length::millimetres($hose->positive('bore_mm')), Length::metres($hose->number('length_m', 0))],
            $input->objects('hoses'),
        );
        $this->curve = $this->curve($jetter);
        $this->missing = $this->missing($input);
        $deposit = $input->optionalNumber('deposit_mm', 0);
        if (null !== $deposit && $deposit >= $bore->inMillimetres() / 2) {
            throw BadInput::outOfRange('deposit_mm', 0, $bore->inMillimetres() / 2);
        }
        $this->back = null === $deposit || 0.0 === $deposit
            ? null
            : new PullBack($bore, Length::millimetres($deposit), $this->line->flow, $solids);
        $this->tank = $jetter->tank();
        $this->drain = null === $slope || $slope <= 0 ? null : new Manning($bore, $slope, Manning::USUAL_ROUGHNESS);
        $this->night = $input->optionalNumber('night_c', -60, 40);
        $this->wear = $this->measured($input);
        $this->warnings = $this->warn($input);
    }

    public function refills(): int
    {
        return $this->tank->refills($this->work);
    }

    /** @return ?float share of antifreeze for the night; none where no mixture stands so cold */
    public function antifreeze(): ?float
    {
        return null === $this->night ? null : (new Frost(self::PUMP_L))->share($this->night);
    }

    private function measured(Input $input): ?OrificeWear
    {
        if (!$this->isMeasured($input)) {
            return null;
        }
        $flow = Water::perSecond($input->positive('measured_l_min'));
        $pressure = $this->line->atNozzle(Pressure::bar($input->positive('gauge_bar')), $flow);
        if (0.0 === $pressure->pascal) {
            throw BadInput::outOfRange('gauge_bar', 0, 1000);
        }

        return OrificeWear::measured($this->line->nozzle, $flow, $pressure);
    }

    /** @return array<string, bool> what a hose cannot stand, small trap hoses by themselves */
    private function overHoses(Input $input): array
    {
        $over = ['hose_rating' => false, 'small_hose' => false, 'too_hot' => false];
        $water = $input->optionalNumber('water_c', 0, 120);
        foreach ($input->objects('hoses') as $i => $hose) {
            $isSmall = $hose->positive('bore_mm') < self::SMALL_HOSE_MM;
            $isOver = $hose->has('rated_bar') && $this->line->inlets()[$i]->inBar() > $hose->positive('rated_bar') + 1e-9;
            $over[$isSmall ? 'small_hose' : 'hose_rating'] = $over[$isSmall ? 'small_hose' : 'hose_rating'] || $isOver;
            $over['too_hot'] = $over['too_hot'] || ($hose->has('most_c') && null !== $water && $water > $hose->positive('most_c'));
        }

        return $over;
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

    /**
     * The jet's own water in the line, depth in mm; none where it has no fall or runs full.
     *
     * @return ?array{depth: float, velocity: float, carries: bool}
     */
    public function runs(): ?array
    {
        if (null === $this->drain || $this->line->flow > $this->drain->capacity()) {
            return null;
        }
        $depth = $this->drain->depth($this->line->flow);
        $velocity = $this->drain->velocity($depth);

        return ['depth' => $depth->inMillimetres(), 'velocity' => $velocity, 'carries' => $velocity >= Manning::CARRYING];
    }

    /** @return list<string> */
    private function warn(Input $input): array
    {
        $setting = $input->object('pump')->positive('max_pressure_bar');
        $pump = $input->object('pump')->positive('flow_l_min');
        $warnings = [
            'low_nozzle' => $this->line->nozzlePressure()->inBar() < $setting / 2,
            'bypass' => Water::perMinute($this->line->bypass()) > self::MUCH_BYPASS * $pump,
            ...$this->overHoses($input),
            'front_stronger' => $this->thrust() <= 0,
            'carries_not' => false === ($this->runs()['carries'] ?? null),
            'runs_dry' => $this->refills() > 0,
            'blocked' => $this->wear?->isBlocked() ?? false,
            'worn' => $this->wear?->isWorn() ?? false,
            'no_fall' => null !== $this->slope && $this->slope <= 0,
        ];

        return array_keys(array_filter($warnings));
    }

    private function missing(Input $input): MissingPressure
    {
        return $this->isMeasured($input)
            ? new MissingPressure(
                $this->line, Water::perSecond($input->positive('measured_l_min')), Pressure::bar($input->positive('gauge_bar')),
            )
            : new MissingPressure($this->line);
    }

    private function isMeasured(Input $input): bool
    {
        return $input->has('measured_l_min') && $input->has('gauge_bar');
    }

    private function curve(Jetter $jetter): ?PressureCurve
    {
        $today = $jetter->firstHose();
        if ([] === $this->hoses) {
            return null;
        }
        $longest = max(10.0, 2 * $today);
        $points = [];
        for ($i = 0; $i <= self::CURVE_POINTS; ++$i) {
            $length = $longest * $i / self::CURVE_POINTS;
            $line = $this->line->withFirstHose(Length::metres($length));
            $points[] = ['length' => $length, 'pump' => $line->pumpPressure()->inBar(), 'nozzle' => $line->nozzlePressure()->inBar()];
        }

        return new PressureCurve($points, $this->line->setting()->inBar(), $today);
    }
}
