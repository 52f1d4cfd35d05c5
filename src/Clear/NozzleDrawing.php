<?php

declare(strict_types=1);

namespace App\Clear;

use Jurvex\Core\Jet\Nozzle;
use Jurvex\Core\Jet\Orifices;

/** A nozzle seen from its end and from its side, with every jet at its angle. */
final readonly class NozzleDrawing
{
    private const MIDDLE = 60.0;
    private const JET = 70.0;
    private const MOST_DOTS = 24;

    public function __construct(private Nozzle $nozzle)
    {
    }

    /** @return list<array{x: float, y: float, r: float, front: bool}> in a square of 120 */
    public function dots(): array
    {
        $dots = [];
        foreach ($this->nozzle->orifices as $each) {
            $around = self::isFront($each) ? ($each->count > 1 ? 12.0 : 0.0) : 32.0;
            $count = min(self::MOST_DOTS, (int) $each->count);
            for ($i = 0; $i < $count; ++$i) {
                $turn = 2 * \M_PI * $i / $count;
                $dots[] = [
                    'x' => round(self::MIDDLE + $around * cos($turn), 1),
                    'y' => round(self::MIDDLE + $around * sin($turn), 1),
                    'r' => round(1.5 + 1.6 * min(4.0, $each->diameter->inMillimetres()), 1),
                    'front' => self::isFront($each),
                ];
            }
        }

        return $dots;
    }

    /** @return list<array{line: string, front: bool}> in a drawing of 240 by 120, the hose coming from the left */
    public function jets(): array
    {
        $jets = [];
        foreach ($this->nozzle->orifices as $each) {
            $angle = deg2rad($each->degrees);
            foreach ([-1, 1] as $side) {
                $y = self::MIDDLE + $side * (self::isFront($each) ? 2 : 15);
                $jets[] = [
                    'line' => 'M'.(self::isFront($each) ? 146 : 100).' '.$y.'l'.round(-self::JET * cos($angle), 1).' '.round(
                        $side * self::JET * sin($angle),
                        1,
                    ),
                    'front' => self::isFront($each),
                ];
            }
        }

        return $jets;
    }

    private static function isFront(Orifices $each): bool
    {
        return $each->degrees > 90;
    }
}
