<?php

declare(strict_types=1);

namespace Jurvex\Core\Reach;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Length;

/** The way of a tool from its opening: straight pieces and bends in order. */
final readonly class Path
{
    /** @param list<Straight|Bend> $pieces */
    public function __construct(public array $pieces)
    {
    }

    /**
     * Reads a list of {`length_m`, `pipe_id_mm`, `down_deg`} and {`bend_deg`, `bend_radius_mm`, `pipe_id_mm`}.
     *
     * @throws BadInput
     */
    public static function read(Input $input, string $key): self
    {
        return new self(array_map(
            static fn (Input $piece) => $piece->has('bend_deg') ? self::readBend($piece, $piece->positive('pipe_id_mm')) : new Straight(
                Length::metres($piece->number('length_m', 0)), Length::millimetres(
                    $piece->positive('pipe_id_mm'),
                ), $piece->number('down_deg', -90, 90)),
            $input->objects($key),
        ));
    }

    /**
     * @param float $bore in mm
     *
     * @throws BadInput
     */
    public static function readBend(Input $piece, float $bore): Bend
    {
        return new Bend(
            $piece->number('bend_deg', 0, 180),
            Length::millimetres($piece->number('bend_radius_mm', $bore / 2)),
            Length::millimetres($bore),
        );
    }

    public function then(Straight|Bend ...$pieces): self
    {
        return new self([...$this->pieces, ...array_values($pieces)]);
    }

    public function metres(): float
    {
        return array_sum(
            array_map(static fn (Straight|Bend $piece) => $piece instanceof Straight ? $piece->length->metres : 0.0, $this->pieces),
        );
    }
}
