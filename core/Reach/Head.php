<?php

declare(strict_types=1);

namespace Jurvex\Core\Reach;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Length;

/** The stiff end of a tool, and the room that it needs beside it. */
final readonly class Head
{
    private const HAIR_M = 1e-9;

    public function __construct(public Length $width, public Length $stiffLength, public Length $clearance)
    {
    }

    /** @throws BadInput */
    public static function read(Input $input, string $widthKey): self
    {
        return new self(
            Length::millimetres($input->number($widthKey, 0)),
            Length::millimetres($input->number('rigid_length_mm', 0)),
            Length::millimetres($input->number('clearance_mm', 0)),
        );
    }

    public function fits(Length $bore): bool
    {
        // 99 mm and 3 mm are 102 mm, and no hair more.
        return $this->width->metres + $this->clearance->metres <= $bore->metres + self::HAIR_M;
    }

    /** Why its size stops it at the beginning of a piece; none when it passes. */
    public function stopAt(Straight|Bend $piece): ?Stopped
    {
        return match (true) {
            !$this->fits($piece->bore) => Stopped::TooNarrow,
            $piece instanceof Bend && $this->stiffLength->metres > $piece->longestStiffHead($this->width)->metres => Stopped::BendTooTight,
            default => null,
        };
    }
}
