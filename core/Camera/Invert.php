<?php

declare(strict_types=1);

namespace Jurvex\Core\Camera;

use Jurvex\Core\Flow\Circle;
use Jurvex\Core\Measure\Length;

/** The invert as tilts on the way downstream make it, straight between readings; in linear time. */
final readonly class Invert
{
    private const HAIR = 1e-12;

    /** @var list<float> heights over the first reading's, in metres */
    public array $heights;

    /** @param non-empty-list<array{float, float}> $readings distance in metres, ascending, and tilt in degrees, nose up positive */
    public function __construct(public array $readings)
    {
        $heights = [0.0];
        for ($i = 1, $count = \count($readings); $i < $count; ++$i) {
            [$before, $tiltBefore] = $readings[$i - 1];
            [$at, $tilt] = $readings[$i];
            $heights[] = $heights[$i - 1] + sin(deg2rad(($tiltBefore + $tilt) / 2)) * ($at - $before);
        }
        $this->heights = $heights;
    }

    /** How much lower the end is than the beginning, in metres. */
    public function totalFall(): float
    {
        return -$this->heights[\count($this->heights) - 1];
    }

    /**
     * Water stands at a place up to the highest invert anywhere downstream of it; the far end is free. Walked from there up.
     *
     * @return list<Pool> from the beginning on
     */
    public function pools(Length $bore): array
    {
        $pools = [];
        $circle = new Circle($bore);
        $last = \count($this->heights) - 1;
        $level = $this->heights[$last];
        $open = null;
        for ($i = $last - 1; $i >= 0; --$i) {
            [$lower, $upper] = [$this->heights[$i + 1], $this->heights[$i]];
            [$to, $from] = [$this->readings[$i + 1][0], $this->readings[$i][0]];
            if (null === $open && $upper >= $lower) {
                $level = max($level, $upper);
                continue;
            }
            if (null === $open) {
                // The invert falls away upstream of a sill: water begins at the sill.
                $open = ['to' => $to, 'deepest' => 0.0, 'volume' => 0.0];
                $level = $lower;
            }
            $open['deepest'] = max($open['deepest'], $level - min($lower, $upper));
            if ($upper < $level - self::HAIR) {
                $open['volume'] += $circle->volume($to - $from, $level - $upper, $level - $lower);
                continue;
            }
            $start = $upper - $lower > self::HAIR ? $to - ($to - $from) * ($level - $lower) / ($upper - $lower) : $from;
            $open['volume'] += $circle->volume($to - $start, 0.0, $level - $lower);
            $pools[] = new Pool($start, $open['to'], $open['deepest'], $open['volume']);
            $open = null;
            $level = $upper;
        }
        if (null !== $open) {
            $pools[] = new Pool($this->readings[0][0], $open['to'], $open['deepest'], $open['volume']);
        }

        return array_reverse($pools);
    }
}
