<?php

declare(strict_types=1);

namespace App\Clear;

use App\Record\Pass;
use Jurvex\Core\Clear\Machine;
use Jurvex\Core\Clear\RunLog;
use Jurvex\Core\Clear\Step;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Practice\MachineState;

/** A tool in the line as its screen shows it. */
final readonly class RunView
{
    /** Faster than the step by more than this is told. */
    private const TOO_FAST = 1.05;
    private const MOST_PLACES = 60;

    /**
     * @param Length $along where the head is, from the foot of the drop
     * @param float $seconds since the tool went in
     * @param ?float $tank seconds until the tank is at its reserve; none for a cable, or where it never runs dry
     * @param ?MachineState $standIn where no real machine runs
     * @param ?Step $back the plan's step that it is drawn back by here; none where it has none, or where it goes in
     * @param ?float $hottest that the hoses take, in °C; none for a cable
     */
    public function __construct(
        public Pass $pass, public Machine $machine, public RunLog $log, public Length $along, public float $seconds,
        public ?float $tank, public ?MachineState $standIn, public ?Step $back, public ?float $hottest,
    ) {
    }

    /** @return list<float> metres from the head of what can be counted on the tool, as far as it is sensible */
    public function places(): array
    {
        $places = [];
        for ($number = 1; \count($places) < self::MOST_PLACES; ++$number) {
            $place = $this->log->marks->place($number);
            if (null === $place) {
                break;
            }
            $places[] = $place;
        }

        return $places;
    }

    public function isTooFast(): bool
    {
        return null !== $this->back && ($this->log->rate() ?? 0.0) > self::TOO_FAST * ($this->back->speed ?? \INF);
    }

    public function isTooHot(): bool
    {
        return null !== $this->hottest && ($this->log->degrees() ?? 0.0) > $this->hottest;
    }

    /** What is minded now: how it goes in, what it rubs on, how it is laid when it comes back. */
    public function care(): string
    {
        return match (true) {
            Machine::Cable === $this->machine => $this->log->isOn() ? 'cable_on' : 'cable_in',
            $this->log->isAtMouth() => 'curl',
            $this->log->goesBack() => 'loops',
            default => 'sleeve',
        };
    }
}
