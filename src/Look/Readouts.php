<?php

declare(strict_types=1);

namespace App\Look;

use App\Record\FindingRepository;
use App\Record\Run;
use App\Work\Cameras;
use Jurvex\Core\Camera\MinimumFall;
use Jurvex\Core\Measure\DistanceReader;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Measure\UnreadableMeasure;
use Psr\Clock\ClockInterface;
use Twig\Extension\RuntimeExtensionInterface;

/** What the counter's reading and the tilt on the screen come to. */
final readonly class Readouts implements RuntimeExtensionInterface
{
    /** Beyond this a camera does not lie in a drain. */
    private const STEEPEST_DEG = 60.0;

    public function __construct(
        private FindingRepository $findings, private Ahead $ahead, private Cameras $cameras, private ClockInterface $clock,
    ) {
    }

    /** Before anything was read. */
    public function blank(Run $run): Readout
    {
        return new Readout($run, $this->clock->now());
    }

    /**
     * @param string $reading of the counter, as it was typed
     * @param string $tilt nose up positive, in degrees; empty where nobody read it
     */
    public function of(Run $run, string $reading, string $tilt, UnitSystem $units): Readout
    {
        try {
            $read = DistanceReader::read($reading, $units);
        } catch (UnreadableMeasure $problem) {
            return new Readout($run, $this->clock->now(), problem: $problem);
        }
        $at = $run->counter()->distance($read);
        $degrees = self::degrees($tilt);

        return new Readout(
            $run, $this->clock->now(), $read, null, $at, $this->ahead->of($run, $at),
            null === $degrees ? null : $this->fall($run, $at, $degrees), null === $degrees && '' !== trim($tilt),
        );
    }

    private function fall(Run $run, Length $at, float $degrees): FallHere
    {
        $camera = $this->cameras->on($run);
        $pipe = $this->findings->record($run)->pipeAt($at);

        return new FallHere($camera->fall($degrees, $run->details()->travel), $camera->tiltStep, MinimumFall::of($pipe->bore));
    }

    private static function degrees(string $typed): ?float
    {
        $number = filter_var(strtr(trim($typed, " °\t"), [',' => '.', '−' => '-']), \FILTER_VALIDATE_FLOAT);

        return false === $number || abs($number) > self::STEEPEST_DEG ? null : $number;
    }
}
