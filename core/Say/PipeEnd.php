<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** A pipe that is said to go so far: "pvc from zero to fourteen". */
final readonly class PipeEnd
{
    /**
     * @param string $material what it is made of
     * @param Place $place where the next begins
     * @param ?Place $begin where it begins itself, if that is not where the line does
     * @param int $word where it is named
     * @param int $last the last word of what is said of it
     */
    public function __construct(
        public string $material, public Place $place, public ?Place $begin, public int $word, public int $last,
    ) {
    }
}
