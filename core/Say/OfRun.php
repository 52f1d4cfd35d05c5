<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Run\Travel;

/** What is said of a run as a whole: where it goes in, its zero, the pipe there, whether water runs, why it ended. */
final readonly class OfRun
{
    public const BEGIN = 'begin';
    public const ZERO = 'zero';
    public const MATERIAL = 'material';
    public const BORE = 'bore';
    public const WATER = 'water';
    public const END = 'end';

    /**
     * @param string $value of a begin what it goes in through, empty where nobody said; of a zero `rim`, `foot` or `outside_wall`;
     *                      a material; a bore in mm as it was said; `on` or `off`; the reason of an end
     * @param ?float $atS when it was said, in seconds
     * @param string $said the words that it is from
     * @param ?float $fromM where it ended, in metres from zero, as far as that is known
     * @param int $run of those that were talked through, as the entries have it
     * @param ?Travel $travel of a begin; none where nobody said
     * @param bool $isOther of a begin: whether it goes in through another opening than the run before
     */
    public function __construct(
        public string $what, public string $value, public ?float $atS, public string $said, public ?float $fromM = null,
        public ?PlaceBy $placeBy = null, public int $run = 0, public ?Travel $travel = null, public bool $isOther = false,
    ) {
    }

    /** By which it is known again. */
    public function key(): string
    {
        return \sprintf('%.2f %s', $this->atS ?? 0.0, $this->what);
    }
}
