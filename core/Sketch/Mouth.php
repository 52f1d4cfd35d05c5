<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\LineMap\Faces;

/** What a tool meets where it enters: the size of the opening, its drop, the bend at the bottom. */
final readonly class Mouth
{
    /**
     * @param Known $size in mm
     * @param Known $drop in metres
     * @param float $radius of the bend's centre line, in mm
     * @param bool $trap whether a trap stands in it
     * @param bool $ready whether it can be opened at all
     * @param bool $leave whether nobody has to be asked any more
     */
    public function __construct(
        public Known $size,
        public Faces $faces = Faces::Downstream,
        public Known $drop = new Known(0.0),
        public float $bendDegrees = 0.0,
        public float $radius = 0.0,
        public bool $trap = false,
        public bool $ready = true,
        public bool $leave = true,
    ) {
    }

    /** @throws BadInput */
    public static function read(Input $input): self
    {
        return new self(
            Known::read($input, 'size_mm', 20, 3000),
            $input->choice('faces', Faces::class),
            Known::read($input, 'drop_m', 0, 100),
            $input->number('bend_deg', 0, 180),
            $input->number('bend_radius_mm', 0, 5000),
            $input->flag('trap'),
            $input->flag('ready'),
            $input->flag('leave'),
        );
    }

    /** @return array<string, mixed> */
    public function plain(): array
    {
        return [
            'size_mm' => $this->size->plain(), 'faces' => $this->faces->value, 'drop_m' => $this->drop->plain(),
            'bend_deg' => $this->bendDegrees, 'bend_radius_mm' => $this->radius, 'trap' => $this->trap,
            'ready' => $this->ready, 'leave' => $this->leave,
        ];
    }
}
