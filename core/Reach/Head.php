<?php

declare(strict_types=1);

namespace Jurvex\Core\Reach;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Length;

/** The stiff end of a tool, and the room that it needs beside it. */
final readonly class Head
{
    public function __construct(public Length $width, public Length $stiffLength, public Length $clearance)
    {
    }

    /** @throws BadInput */
    public static function read(Input $input, string $widthKey): self
    {
        return new self(Length::millimetres($input->number($widthKey, 0)), Length::millimetres($input->number('rigid_length_mm', 0)), Length::millimetres($input->number('clearance_mm', 0)));
    }

    public function fits(Length $bore): bool
    {
        return $this->width->metres + $this->clearance->metres <= $bore->metres;
    }

    /** Where size stops it on a path, and why; none when it passes everywhere. */
    public function stopOn(Path $path): ?Stop
    {
        $at = 0.0;
        foreach ($path->pieces as $piece) {
            if (!$this->fits($piece->bore)) {
                return new Stop($at, Stopped::TooNarrow);
            }
            if ($piece instanceof Bend && $this->stiffLength->metres > $piece->longestStiffHead($this->width)->metres) {
                return new Stop($at, Stopped::BendTooTight);
            }
            $at += $piece instanceof Straight ? $piece->length->metres : 0.0;
        }

        return null;
    }
}
