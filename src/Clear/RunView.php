<?php

declare(strict_types=1);

namespace App\Clear;

use App\Record\Pass;
use Jurvex\Core\Clear\Machine;
use Jurvex\Core\Clear\RunLog;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Practice\MachineState;

/** A tool in the line as its screen shows it. */
final readonly class RunView
{
    /**
     * @param Length $step from one hose mark, or section, to the next
     * @param float $seconds since the tool went in
     * @param ?float $tank seconds until the tank is at its reserve; none for a cable, or where it never runs dry
     * @param ?MachineState $standIn where no real machine runs
     */
    public function __construct(
        public Pass $pass, public Machine $machine, public RunLog $log, public Length $step, public float $seconds,
        public ?float $tank, public ?MachineState $standIn,
    ) {
    }
}
