<?php

declare(strict_types=1);

namespace App\Firm;

use App\Support\Form\TypedNumbers;
use App\Support\Units\FieldValues;
use Jurvex\Core\Calc\JetCalculation;
use Jurvex\Core\Clear\Head;
use Jurvex\Core\Flow\Water;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Jet\Orifices;
use Jurvex\Core\Jet\Tank;
use Jurvex\Core\Jet\UsualNozzle;
use Jurvex\Core\Measure\UnitSystem;

/** A firm's jetter and tank as plain values: what the plan and the bench begin with. */
final readonly class Jetter
{
    /** Usual values, to be put right by the firm. */
    public const USUAL = [
        'pump' => ['flow_l_min' => 45.0, 'max_pressure_bar' => 180.0],
        'hoses' => [['bore_mm' => 12.7, 'length_m' => 60.0, 'rated_bar' => 250.0, 'most_c' => 70.0], [
            'bore_mm' => 9.5,
            'length_m' => 3.0,
            'rated_bar' => 250.0,
            'most_c' => 70.0,
        ]],
        'nozzle' => [
            'leak_fraction' => 0.0,
            'orifices' => [['count' => 6.0, 'diameter_mm' => 0.95, 'angle_deg' => 25.0], [
                'count' => 1.0,
                'diameter_mm' => 0.8,
                'angle_deg' => 180.0,
            ]],
        ],
        'tank' => ['tank_l' => 500.0, 'reserve_l' => 50.0, 'refill_l_min' => 10.0],
        'deposit_mm' => 10.0,
        'water_c' => 15.0,
    ];

    /** @param array<mixed> $values of USUAL's keys */
    private function __construct(public array $values)
    {
    }

    /** @param array<mixed> $kept what the firm has put right; nothing is the usual one */
    public static function of(array $kept): self
    {
        return new self([] === $kept ? self::USUAL : self::ratedByHose($kept));
    }

    /** @return array<mixed> without what was measured today and what is said of tonight */
    public function toKeep(): array
    {
        return array_diff_key($this->values, ['measured_l_min' => 0, 'gauge_bar' => 0, 'night_c' => 0]);
    }

    /**
     * Jetters kept before each hose had its own rating say one for all.
     *
     * @param array<mixed> $kept
     *
     * @return array<mixed>
     */
    private static function ratedByHose(array $kept): array
    {
        $hoses = \is_array($kept['hoses'] ?? null) ? $kept['hoses'] : [];
        $kept['hoses'] = array_map(
            static fn (mixed $hose) => \is_array($hose) ? $hose + ['rated_bar' => $kept['rated_bar'] ?? 250.0] : $hose,
            $hoses,
        );
        unset($kept['rated_bar']);

        return $kept;
    }

    /**
     * @param array<mixed> $typed
     *
     * @throws BadInput for what cannot be, at its place
     */
    public static function typed(array $typed, UnitSystem $units): self
    {
        $rows = static fn (mixed $rows, string $first) => array_values(
            array_filter(
                \is_array($rows) ? $rows : [],
                static fn (mixed $row) => \is_array($row) && '' !== trim(\is_string($row[$first] ?? null) ? $row[$first] : ''),
            ),
        );
        $typed['hoses'] = $rows($typed['hoses'] ?? [], 'bore_mm');
        $nozzle = \is_array($typed['nozzle'] ?? null) ? $typed['nozzle'] : [];
        $nozzle['orifices'] = $rows($nozzle['orifices'] ?? [], 'count');
        $typed['nozzle'] = $nozzle;

        return new self(FieldValues::read(TypedNumbers::read($typed), $units));
    }

    /**
     * With the nozzle that a class usually is, drilled for this pump and these hoses.
     *
     * @throws BadInput while pump or hoses cannot be
     */
    public function withUsualNozzle(Head $class): self
    {
        $nozzle = UsualNozzle::fitting($class, JetCalculation::line(new Input([...$this->values, 'nozzle' => self::USUAL['nozzle']])));

        return null === $nozzle ? $this : new self([...$this->values, 'nozzle' => [
            'leak_fraction' => $nozzle->leak(), 'orifices' => array_map(static fn (Orifices $each) => [
                'count' => $each->count, 'diameter_mm' => $each->diameter->inMillimetres(), 'angle_deg' => $each->degrees,
            ], $nozzle->orifices),
        ]]);
    }

    public function input(): Input
    {
        return new Input($this->values);
    }

    /** Length in metres of the hose at the pump; nothing where none is said. */
    public function firstHose(): float
    {
        $hoses = $this->values['hoses'] ?? [];
        $first = \is_array($hoses) ? array_values($hoses)[0] ?? [] : [];
        $length = \is_array($first) ? $first['length_m'] ?? 0.0 : 0.0;

        return \is_float($length) || \is_int($length) ? (float) $length : 0.0;
    }

    /** @return ?float how warm its water may be for every hose, in °C; none where no hose says */
    public function hottest(): ?float
    {
        $limits = array_filter(array_map(
            static fn (Input $hose) => $hose->optionalNumber('most_c', 0), $this->input()->objects('hoses'),
        ), static fn (?float $limit) => null !== $limit);

        return [] === $limits ? null : min($limits);
    }

    /** In L/min. */
    public function flow(): float
    {
        return $this->input()->object('pump')->positive('flow_l_min');
    }

    /**
     * Its water, drawn as the pump, its hoses and its nozzle take it.
     *
     * @throws BadInput
     */
    public function tank(): Tank
    {
        $tank = $this->input()->object('tank');
        $litres = $tank->positive('tank_l');

        return new Tank(
            $litres, $tank->number('reserve_l', 0, $litres), Water::perMinute(JetCalculation::line($this->input())->flow),
            $tank->number('refill_l_min', 0),
        );
    }
}
